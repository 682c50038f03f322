/** Where a knife looks for things on a bird, and the lines it follows: from the anatomy's own sizes. */

import type { Anatomy, Limb } from "../bird/anatomy";
import { shapeOf } from "../bird/body";
import { birdForm, type Cut } from "../bird/form";
import type { Vec3 } from "../bird/sdf";
import type { Species } from "../bird/species";
import { mirrorImage } from "../bird/vector";

export const MARKS = ["cut", "string", "score", "press", "trim", "probe"] as const;
export type Mark = (typeof MARKS)[number];

/** A line or, of one point, a place; in metres of the reference bird. Paired ones are on the other side too. */
export interface GuideLine {
  readonly mark: Mark;
  readonly points: readonly Vec3[];
  readonly paired: boolean;
}

export const line = (mark: Mark, points: readonly Vec3[], paired = true): GuideLine => ({ mark, points, paired });

/** Where a knife looks for things, from the bird's own sizes. */
export interface Places {
  readonly tailY: number;
  readonly neckY: number;
  /** Beside the backbone. */
  readonly backX: number;
  readonly breastBone: readonly Vec3[];
  /** The outer edge of a breast, where it lies on the ribs. */
  readonly breastEdge: readonly Vec3[];
  readonly shoulder: Vec3;
  readonly knee: Vec3;
  readonly ankle: Vec3;
  /** A loop of string round both ankles of a tied bird, and the tail. */
  readonly aroundAnkles: readonly Vec3[];
  /** The crease between thigh and body, from flank to hip. */
  readonly crease: readonly Vec3[];
  readonly elbow: Vec3;
  readonly wingTip: Vec3;
  /** Slices of one breast, across its grain. */
  readonly acrossBreast: readonly (readonly Vec3[])[];
  /** Slices of one breast that stays on its bones, along it. */
  readonly alongBreast: readonly (readonly Vec3[])[];
  /** Across the joints at which drumstick and wing begin, square to them as they are seen from the side. */
  readonly acrossKnee: readonly Vec3[];
  readonly acrossShoulder: readonly Vec3[];
}

/** The line itself and, of a paired one, that on the other side. */
export const sidesOf = ({ points, paired }: GuideLine): readonly (readonly Vec3[])[] =>
  paired ? [points, points.map(mirrorImage)] : [points];

export function placesOf(bird: Anatomy): Places {
  const { ribCage, breast, thigh, keel, upperWing, lowerWing, drumstick, tail, neck } = bird;
  const [thickness, length, width] = breast.radii;
  const [bx, by, bz] = breast.centre;
  const [, thighLong, thighHigh] = thigh.radii;
  const [tx, ty, tz] = thigh.centre;
  const [ankleX, ankleY, ankleZ] = drumstick.to;
  return {
    tailY: tail.to[1],
    neckY: neck.to[1],
    backX: 0.34 * ribCage.radii[0],
    breastBone: [0.62, 0.2, -0.3, -0.8].map((share): Vec3 => [0.006, keel.centre[1] + share * length, bz + thickness]),
    breastEdge: [0.85, 0.4, -0.1, -0.55].map(
      (share): Vec3 => [
        bx + 0.72 * width * Math.sqrt(1 - share * share),
        by + share * length,
        bz - 0.5 * width * Math.sqrt(1 - share * share),
      ],
    ),
    shoulder: upperWing.from,
    elbow: upperWing.to,
    wingTip: lowerWing.to,
    knee: drumstick.from,
    ankle: drumstick.to,
    aroundAnkles: [
      [0, tail.to[1], ankleZ],
      [ankleX * 1.5, ankleY + 0.004, ankleZ],
      [0, ankleY + 0.016, 0.03],
    ],
    acrossBreast: [0.55, 0.25, -0.05, -0.35].map((share): readonly Vec3[] => {
      const half = 0.62 * width * Math.sqrt(1 - share * share);
      return [
        [bx - half, by + share * length, bz + thickness],
        [bx + half, by + (share - 0.06) * length, bz + thickness],
      ];
    }),
    alongBreast: [-0.3, 0.1, 0.5].map((across) =>
      [0.5, 0.1, -0.3].map(
        (share): Vec3 => [
          bx + across * 0.62 * width * Math.sqrt(1 - share * share),
          by + share * length,
          bz + thickness,
        ],
      ),
    ),
    acrossKnee: acrossRoot(drumstick),
    acrossShoulder: acrossRoot(upperWing),
    crease: [-0.9, -0.35, 0.3, 0.85].map(
      (share): Vec3 => [
        tx * (0.75 + 0.3 * (1 - Math.abs(share))),
        ty + thighLong * (0.42 + 0.75 * Math.sqrt(1 - share * share)),
        tz + thighHigh * share * -1.05,
      ],
    ),
  };
}

/** Loops of string around a piece that lies along y, as they are seen from above: as wide as it is there. */
export function pieceLoops(species: Species, cut: Cut, count: number): GuideLine[] {
  const { shape } = shapeOf(birdForm({ species, cut }));
  const { low, high } = shape.bounds;
  const middle = (low[2] + high[2]) / 2;
  return Array.from({ length: count }, (_, n) => {
    const y = low[1] + ((n + 1) / (count + 1)) * (high[1] - low[1]);
    let halfWidth = high[0];
    while (halfWidth > 0 && shape.body.at(halfWidth, y, middle) > 0) halfWidth -= 0.001;
    const points = [-1, -0.5, 0, 0.5, 1].map(
      (share): Vec3 => [share * halfWidth, y - 0.06 * halfWidth * (1 - share * share), high[2]],
    );
    return line("string", points, false);
  });
}

/** Across the joint at which a limb begins, a little wider than it is. */
function acrossRoot({ from: [x, y, z], to: [, endY, endZ], radiusFrom }: Limb): Vec3[] {
  const [dy, dz] = [endY - y, endZ - z];
  const share = (1.15 * radiusFrom) / Math.hypot(dy, dz);
  return [-1, 0, 1].map((side): Vec3 => [x, y - side * share * dz, z + side * share * dy]);
}
