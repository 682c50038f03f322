/** A thermometer pushed in anywhere: from a side of the bird, at a place of it, in a direction, so deep. */
import type { Bounds } from "./look";
import type { ProbePath } from "./probePath";
import type { Vec3 } from "./sdf";
import { type SolidGeometry, skinAlong } from "./solidGeometry";
import { along, distanceBetween, mirrorImage } from "./vector";

/** Left and right as the bird lies breast up, its tail towards the cook. */
export const PLACED_FROM = ["above", "left", "right", "neck", "tail"] as const;
export type PlacedFrom = (typeof PLACED_FROM)[number];

/** Lengths in metres of the reference bird. */
export interface Placing {
  readonly from: PlacedFrom;
  /** From above and the sides: from the neck end. From the ends: to the right of the middle line. */
  readonly alongM: number;
  /** From above: to the right of the middle line. Else above the board. */
  readonly acrossM: number;
  /** Off the straight way in: downwards, or from above towards the tail. */
  readonly downDeg: number;
  /** Towards the middle line; from a side towards the tail. */
  readonly inDeg: number;
  /** In the bird, from the skin on. */
  readonly depthM: number;
  /** What lies before it on that line and is passed by: a drumstick's end before the thigh. */
  readonly behind: number;
}

export const MOST_AIM_DEG = 60;
export const STEM_M = 0.12;

export interface Stem {
  readonly entry: Vec3;
  readonly tip: Vec3;
  /** Unit vector of the push. */
  readonly way: Vec3;
}

const isSide = (from: PlacedFrom): boolean => from === "left" || from === "right";
const tan = (degrees: number): number => Math.tan((Math.PI / 180) * degrees);
const degreesOf = (rise: number, run: number): number => (180 / Math.PI) * Math.atan2(rise, run);
const unit = ([x, y, z]: Vec3): Vec3 => {
  const length = Math.hypot(x, y, z);
  return [x / length, y / length, z / length];
};
/** Towards the middle line; from the middle itself to the left. */
const inwards = (x: number): number => (x > 0 ? -1 : 1);

/** A line square to the side it comes from, far outside at first, and the way a stem then takes from the skin on. */
function linesOf(
  { from, alongM, acrossM, downDeg, inDeg }: Placing,
  { low, high }: Bounds,
): { readonly start: Vec3; readonly square: Vec3; readonly way: Vec3 } {
  const down = tan(downDeg);
  const into = tan(inDeg);
  if (from === "above") {
    return {
      start: [acrossM, high[1] - alongM, high[2]],
      square: [0, 0, -1],
      way: unit([inwards(acrossM) * into, -down, -1]),
    };
  }
  if (isSide(from)) {
    const across = from === "left" ? 1 : -1;
    return {
      start: [from === "left" ? low[0] : high[0], high[1] - alongM, low[2] + acrossM],
      square: [across, 0, 0],
      way: unit([across, -into, -down]),
    };
  }
  const lengthwise = from === "neck" ? -1 : 1;
  return {
    start: [alongM, from === "neck" ? high[1] : low[1], low[2] + acrossM],
    square: [0, lengthwise, 0],
    way: unit([inwards(alongM) * into, lengthwise, -down]),
  };
}

/** Where its line meets skin from outside, time after time. */
function entriesOf(placing: Placing, geometry: SolidGeometry, bounds: Bounds): readonly Vec3[] {
  const { start, square } = linesOf(placing, bounds);
  return skinAlong(geometry, start, square);
}

/** The stem of a placing; null where it passes beside the bird. */
export function stemOf(placing: Placing, geometry: SolidGeometry, bounds: Bounds): Stem | null {
  const { way } = linesOf(placing, bounds);
  const entries = entriesOf(placing, geometry, bounds);
  const entry = entries[Math.min(placing.behind, entries.length - 1)];
  return entry ? { entry, tip: along(entry, way, placing.depthM), way } : null;
}

/** The same where its line meets the skin nearest to a point. */
function behindWhat(placing: Placing, point: Vec3, geometry: SolidGeometry, bounds: Bounds): Placing {
  const off = entriesOf(placing, geometry, bounds).map((entry) => distanceBetween(entry, point));
  return { ...placing, behind: Math.max(0, off.indexOf(Math.min(...off))) };
}

/** The placing of a computed way in, on the side that is drawn. */
export function placingOf(
  path: Pick<ProbePath, "entry" | "tip" | "from">,
  geometry: SolidGeometry,
  bounds: Bounds,
): Placing {
  return behindWhat(lyingAs(path, bounds), mirrorImage(path.entry), geometry, bounds);
}

function lyingAs({ entry, tip, from }: Pick<ProbePath, "entry" | "tip" | "from">, { low, high }: Bounds): Placing {
  // The left one of a pair: a bird is drawn from there.
  const [ex, tx] = [-entry[0], -tip[0]];
  const [dx, dy, dz] = [tx - ex, tip[1] - entry[1], tip[2] - entry[2]];
  const depthM = Math.hypot(dx, dy, dz);
  const sideways = inwards(ex) * dx;
  switch (from) {
    case "above":
      return {
        from,
        alongM: high[1] - entry[1],
        acrossM: ex,
        downDeg: degreesOf(-dy, -dz),
        inDeg: degreesOf(sideways, -dz),
        depthM,
        behind: 0,
      };
    case "side":
      return {
        from: "left",
        alongM: high[1] - entry[1],
        acrossM: entry[2] - low[2],
        downDeg: degreesOf(-dz, dx),
        inDeg: degreesOf(-dy, dx),
        depthM,
        behind: 0,
      };
    case "neck":
    case "tail":
      return {
        from,
        alongM: ex,
        acrossM: entry[2] - low[2],
        downDeg: degreesOf(-dz, Math.abs(dy)),
        inDeg: degreesOf(sideways, Math.abs(dy)),
        depthM,
        behind: 0,
      };
  }
}

/** Straight in at a place of the skin that was pointed at. @param outward the skin's normal there */
export function placingAt(
  point: Vec3,
  outward: Vec3,
  depthM: number,
  geometry: SolidGeometry,
  bounds: Bounds,
): Placing {
  return behindWhat(squareAt(point, outward, depthM, bounds), point, geometry, bounds);
}

function squareAt(point: Vec3, outward: Vec3, depthM: number, { low, high }: Bounds): Placing {
  const [x, y, z] = outward;
  const straight = { downDeg: 0, inDeg: 0, depthM, behind: 0 };
  const largest = Math.max(Math.abs(x), Math.abs(y), z);
  if (largest === z) return { from: "above", alongM: high[1] - point[1], acrossM: point[0], ...straight };
  if (largest === Math.abs(y)) {
    return { from: y > 0 ? "neck" : "tail", alongM: point[0], acrossM: point[2] - low[2], ...straight };
  }
  return { from: x < 0 ? "left" : "right", alongM: high[1] - point[1], acrossM: point[2] - low[2], ...straight };
}

/** How far the place of a placing goes, each way. */
export function placingRange(
  from: PlacedFrom,
  { low, high }: Bounds,
): {
  readonly along: readonly [number, number];
  readonly across: readonly [number, number];
} {
  const long: readonly [number, number] = [0, high[1] - low[1]];
  const wide: readonly [number, number] = [low[0], high[0]];
  const tall: readonly [number, number] = [0, high[2] - low[2]];
  if (from === "above") return { along: long, across: wide };
  return isSide(from) ? { along: long, across: tall } : { along: wide, across: tall };
}

/** So far across the side it comes from, as shares of its two ranges. */
const FIRST_SHARE = 0.4;

/** Square in from a side, somewhere near the middle of it: where a hand begins to look. */
export function squareFrom(from: PlacedFrom, depthM: number, bounds: Bounds): Placing {
  const { along: long, across } = placingRange(from, bounds);
  const at = ([low, high]: readonly [number, number]): number => low + FIRST_SHARE * (high - low);
  return { from, alongM: at(long), acrossM: at(across), downDeg: 0, inDeg: 0, depthM, behind: 0 };
}
