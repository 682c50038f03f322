/** Where a thermometer belongs: the deepest meat of a part, clear of bone. */
import { type BlockLook, belowAlong, lookInto, mostChange, type Vec3 } from "./sdf";
import type { BirdShape } from "./shape";
import { type BodyPart, CENTRES, type Centre, isBone } from "./solid";

export type CentrePoints = Partial<Record<Centre, Vec3>>;

const SEARCH_STEP_M = 0.008;
/** A tip this near a bone reads the bone. */
const OFF_BONE_M = 0.005;

/** Places of a coarse search along an axis. */
function placesTo(from: number, to: number): readonly number[] {
  const places: number[] = [];
  for (let at = from; at < to; at += SEARCH_STEP_M) places.push(at);
  return places;
}

/** Deepest point of a part under the skin: coarse search over the bounds, then a shrinking compass search. */
function deepest(shape: BirdShape, part: BodyPart): Vec3 {
  const outer = shape.skin?.outer ?? shape.body;
  const bones = shape.parts.filter((each) => isBone(each));
  /** @param above what is not deeper need not be known exactly */
  const depth = ([x, y, z]: Vec3, above = Number.NEGATIVE_INFINITY): number => {
    const inPart = part.field.at(x, y, z);
    if (-inPart <= above) return -inPart;
    // Depth under the skin: the cavity's wall is no way in for heat, and a cook does not measure from it.
    let least = -Math.max(inPart, outer.at(x, y, z));
    // A limit, not a depth: clear of bone is clear enough.
    for (const bone of bones) least = Math.min(least, (bone.field.at(x, y, z) - OFF_BONE_M) * 10);
    return least;
  };
  const { low, high } = shape.bounds;
  let best: Vec3 = low;
  let bestDepth = depth(low);
  const consider = (point: Vec3, gain: number): boolean => {
    const found = depth(point, bestDepth + gain);
    if (found <= bestDepth + gain) return false;
    best = point;
    bestDepth = found;
    return true;
  };
  const [xs, ys, zs] = [placesTo(0, high[0]), placesTo(low[1], high[1]), placesTo(low[2], high[2])];
  const search: BlockLook = (x0, x1, y0, y1, z0, z1) => {
    const [fromX, fromY, fromZ] = [xs[x0] as number, ys[y0] as number, zs[z0] as number];
    const [toX, toY, toZ] = [xs[x1] as number, ys[y1] as number, zs[z1] as number];
    const middle: Vec3 = [(fromX + toX) / 2, (fromY + toY) / 2, (fromZ + toZ) / 2];
    // Nothing as deep is there.
    if (mostChange(toX - fromX, toY - fromY, toZ - fromZ) - part.field.at(...middle) <= bestDepth) return false;
    if (x0 === x1 && y0 === y1 && z0 === z1) consider(middle, 0);
    return true;
  };
  lookInto(search, 0, xs.length - 1, 0, ys.length - 1, 0, zs.length - 1);
  for (let step = 0.004; step > 0.0002; ) {
    const [x, y, z] = best;
    const around: Vec3[] = [
      [x + step, y, z],
      [Math.max(0, x - step), y, z],
      [x, y + step, z],
      [x, y - step, z],
      [x, y, z + step],
      [x, y, z - step],
    ];
    if (!around.some((point) => consider(point, 1e-9))) step /= 2;
  }
  return best;
}

/** The thermal centres of a bird: of breast, thigh and filling, as far as it has them. */
export function thermalCentres(shape: BirdShape): CentrePoints {
  const found: Partial<Record<Centre, Vec3>> = {};
  for (const name of CENTRES) {
    const part = shape.parts.find((each) => each.name === name);
    // Nobody measures aromatics or giblets.
    if (part && part.tissue !== "aromatics" && part.tissue !== "giblets") found[name] = deepest(shape, part);
  }
  return found;
}

const SIGHT_STEP_M = 0.002;
/** Evenly spread directions: the golden-angle spiral. */
const SIGHTS: readonly Vec3[] = Array.from({ length: 60 }, (_, n) => {
  const z = 1 - (2 * n + 1) / 60;
  const angle = n * Math.PI * (3 - Math.sqrt(5));
  const radius = Math.sqrt(1 - z * z);
  return [radius * Math.cos(angle), radius * Math.sin(angle), z];
});

/** From a centre, the shortest way out through the skin: the direction a probe is pushed in from, and slips along. */
export function outwards(shape: BirdShape, from: Vec3): Vec3 {
  const outer = shape.skin?.outer ?? shape.body;
  let best: Vec3 = [0, 0, 1];
  let fewest = Number.POSITIVE_INFINITY;
  for (const [x, y, z] of SIGHTS) {
    const isInside = belowAlong(
      (n) => outer.at(from[0] + x * n * SIGHT_STEP_M, from[1] + y * n * SIGHT_STEP_M, from[2] + z * n * SIGHT_STEP_M),
      0,
      SIGHT_STEP_M,
    );
    let steps = 0;
    while (steps < fewest && isInside(steps)) steps++;
    if (steps < fewest) {
      fewest = steps;
      best = [x, y, z];
    }
  }
  return best;
}
