/**
 * Where a thermometer goes in: of all ways from the skin to the deepest meat of a part the one on which a slip of the hand
 * matters least, clear of bone and cavity, within reach of a stem.
 */

import type { Body } from "./body";
import type { Vec3 } from "./sdf";
import { type BirdShape, extentOf } from "./shape";
import { type Centre, isBone } from "./solid";
import { along, distanceBetween } from "./vector";

export interface ProbePath {
  /** Where the stem goes through the skin, and where its tip comes to lie; metres of the reference bird, x ≥ 0. */
  readonly entry: Vec3;
  readonly tip: Vec3;
  /** Of the bird at its mass, cm: length in the meat; from the tip to the deepest point, and to the nearest bone. */
  readonly depthCm: number;
  readonly offCentreCm: number;
  readonly offBoneCm: number;
  /** How much less deep under the skin a tip is that is a centimetre too far in or out, cm: the larger of the two. */
  readonly lostPerCm: number;
  /** Entry: above the board, beside the middle line, from the neck end, cm. */
  readonly aboveBoardCm: number;
  readonly besideMiddleCm: number;
  readonly fromNeckCm: number;
  /** And how far to one side of its own tip. */
  readonly besideTipCm: number;
  /** From where it comes: the side of the bird that the stem sticks out of. */
  readonly from: "neck" | "tail" | "side" | "above";
  /** Of the stem as it is pushed in: downwards from level, and towards the middle from straight along; degrees. */
  readonly downDeg: number;
  readonly inwardDeg: number;
}

/** A thermometer's stem is so long (common practice), and is held by so much meat. */
const STEM_CM = 12;
const LEAST_IN_CM = 2;
/** A tip this near to a bone reads the bone; the bird's own place may be moved so far for it. */
const OFF_BONE_CM = 0.8;
const OFF_CENTRE_CM = 0.45;
/** The stem itself passes bones by so much. */
const STEM_OFF_BONE_CM = 0.3;
/** Outside, before it meets anything else of the bird. */
const FREE_CM = 8;
const MARCH_CM = 0.2;
/** From under a bird that lies on its tray nothing is pushed in. */
const LOWEST_FROM = -0.15;
/** What a way off the bird's own axes costs, in cm lost: it is harder to say and to aim. */
const OFF_AXIS_COST_CM = 0.15;
const DIRECTIONS: readonly Vec3[] = [
  [1, 0, 0],
  [0, 1, 0],
  [0, -1, 0],
  [0, 0, 1],
  // Evenly spread besides: the golden-angle spiral.
  ...Array.from({ length: 220 }, (_, n): Vec3 => {
    const z = 1 - (2 * n + 1) / 220;
    const angle = n * Math.PI * (3 - Math.sqrt(5));
    const radius = Math.sqrt(1 - z * z);
    return [radius * Math.cos(angle), radius * Math.sin(angle), z];
  }),
];

const degrees = (radians: number): number => (180 / Math.PI) * radians;

/** Distances in a bird at its mass, cm. */
class Measured {
  private readonly bones;
  constructor(
    private readonly shape: BirdShape,
    private readonly cmPerM: number,
  ) {
    this.bones = shape.parts.filter(isBone);
  }
  /** Under the skin. */
  deep([x, y, z]: Vec3): number {
    const outer = this.shape.skin?.outer ?? this.shape.body;
    return -this.cmPerM * outer.at(Math.abs(x), y, z);
  }
  inMeat([x, y, z]: Vec3): boolean {
    return this.shape.body.at(Math.abs(x), y, z) < 0;
  }
  offBone([x, y, z]: Vec3): number {
    return this.cmPerM * Math.min(0.1, ...this.bones.map((bone) => bone.field.at(Math.abs(x), y, z)));
  }
}

/** The tip: the deepest point itself, or where it is clear of bone, not far from it. */
function tipNear(measured: Measured, centre: Vec3, cmPerM: number): Vec3 {
  const clear = (point: Vec3): number => Math.min(OFF_BONE_CM, measured.offBone(point));
  let best = centre;
  const step = OFF_CENTRE_CM / 3 / cmPerM;
  for (let i = -3; i <= 3; i++) {
    for (let j = -3; j <= 3; j++) {
      for (let k = -3; k <= 3; k++) {
        if (Math.hypot(i, j, k) > 3) continue;
        const point: Vec3 = [centre[0] + i * step, centre[1] + j * step, centre[2] + k * step];
        if (point[0] < 0 || !measured.inMeat(point)) continue;
        const more = clear(point) - clear(best);
        if (more > 1e-6 || (more > -1e-6 && measured.deep(point) > measured.deep(best) + 1e-6)) best = point;
      }
    }
  }
  return best;
}

function pathOn(measured: Measured, tip: Vec3, way: Vec3, cmPerM: number) {
  const march = MARCH_CM / cmPerM;
  let out = 0;
  for (;;) {
    const point = along(tip, way, out);
    if (measured.deep(point) <= 0) break;
    // Meat is left for the cavity, or a bone is grazed.
    if (!measured.inMeat(point) || (out > 0 && measured.offBone(point) < STEM_OFF_BONE_CM)) return null;
    out += march;
    if (out * cmPerM > STEM_CM) return null;
  }
  if (out * cmPerM < LEAST_IN_CM) return null;
  // The rest of it, and the hand, have to have room: no wing, no other leg.
  for (let cm = 1; cm <= FREE_CM; cm++) if (measured.deep(along(tip, way, out + cm / cmPerM)) > 0) return null;
  const cm = 1 / cmPerM;
  const here = measured.deep(tip);
  const lost = Math.max(0, ...[-1, 1].map((sign) => here - measured.deep(along(tip, way, sign * cm))));
  const axis = Math.max(Math.abs(way[0]), Math.abs(way[1]), Math.abs(way[2]));
  return { entry: along(tip, way, out), depthCm: out * cmPerM, lost, cost: lost + OFF_AXIS_COST_CM * (1 - axis) * 3 };
}

function fromOf([x, y, z]: Vec3): ProbePath["from"] {
  const largest = Math.max(Math.abs(x), Math.abs(y), z);
  if (z === largest) return "above";
  if (Math.abs(y) === largest) return y > 0 ? "neck" : "tail";
  return "side";
}

/** From between two legs or two halves of a breast no hand aims. */
const isFromMiddle = (way: Vec3): boolean => way[0] < 0 && fromOf(way) === "side";

/** The way to a thermal centre of a body; null for one it has not, or that no stem reaches clear of bone. */
export function probePath({ unit, scale }: Pick<Body, "unit" | "scale">, centre: Centre): ProbePath | null {
  const { shape, centres } = unit;
  const deepest = centres[centre];
  if (!deepest) return null;
  const cmPerM = 100 * scale;
  const measured = new Measured(shape, cmPerM);
  // Stuffing is read in its own middle, through the opening.
  const tip = centre === "filling" ? deepest : tipNear(measured, deepest, cmPerM);
  let best: { readonly way: Vec3; readonly path: NonNullable<ReturnType<typeof pathOn>> } | null = null;
  for (const way of DIRECTIONS) {
    if (way[2] < LOWEST_FROM || isFromMiddle(way)) continue;
    const path = pathOn(measured, tip, way, cmPerM);
    if (path && (!best || path.cost < best.path.cost)) best = { way, path };
  }
  if (!best) return null;
  const { way, path } = best;
  const { low, high } = extentOf(shape);
  const from = fromOf(way);
  const [x, y, z] = way;
  const flat = Math.hypot(x, y);
  return {
    entry: path.entry,
    tip,
    depthCm: path.depthCm,
    offCentreCm: cmPerM * distanceBetween(tip, deepest),
    offBoneCm: measured.offBone(tip),
    lostPerCm: path.lost,
    aboveBoardCm: cmPerM * (path.entry[2] - low[2]),
    besideMiddleCm: cmPerM * Math.abs(path.entry[0]),
    fromNeckCm: cmPerM * (high[1] - path.entry[1]),
    besideTipCm: cmPerM * Math.abs(path.entry[0] - tip[0]),
    from,
    downDeg: degrees(Math.asin(z)),
    inwardDeg: from === "neck" || from === "tail" ? degrees(Math.asin(x / Math.max(flat, 1e-9))) : 0,
  };
}
