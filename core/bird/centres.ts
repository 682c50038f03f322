/** Where a thermometer belongs: the deepest meat of a part, clear of bone. */
import { belowAlong, stepsToSpare, type Vec3 } from "./sdf";
import type { BirdShape } from "./shape";
import { type BodyPart, CENTRES, type Centre, isBone } from "./solid";

export type CentrePoints = Partial<Record<Centre, Vec3>>;

const SEARCH_STEP_M = 0.008;
/** A tip this near a bone reads the bone. */
const OFF_BONE_M = 0.005;

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
  for (let x = 0; x < high[0]; x += SEARCH_STEP_M) {
    for (let y = low[1]; y < high[1]; y += SEARCH_STEP_M) {
      for (let z = low[2]; z < high[2]; z += SEARCH_STEP_M) {
        // So far from the part that nothing as deep can come sooner.
        for (let spare = stepsToSpare(part.field.at(x, y, z) + bestDepth, SEARCH_STEP_M); spare > 0; spare--)
          z += SEARCH_STEP_M;
        if (z < high[2]) consider([x, y, z], 0);
      }
    }
  }
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
