/**
 * The bird as a solid: named anatomical parts, posed by the cut, as signed distance fields.
 *
 * Axes: x from the mid-plane to the side, y from tail to neck, z upwards; metres of the reference bird. Every
 * paired part is written once, at x > 0. Only proportions matter: the solid is scaled to the bird's own mass.
 */
import { type DistanceField, ellipsoid, roundBox, roundCone, smoothUnion } from "./sdf";

export const SPECIES = ["turkey"] as const;
export type Species = (typeof SPECIES)[number];
export const CUTS = ["whole", "spatchcock"] as const;
export type Cut = (typeof CUTS)[number];

export type PartName = "breast" | "thigh" | "drumstick" | "wing" | "frame";
export const PART_NAMES: readonly PartName[] = ["breast", "thigh", "drumstick", "wing", "frame"];
export const CENTRE_PARTS = ["breast", "thigh"] as const;
export type CentrePart = (typeof CENTRE_PARTS)[number];

export interface BodyPart {
  readonly name: PartName;
  readonly field: DistanceField;
}

/** Any solid the voxels can be made of. */
export interface Solid {
  readonly parts: readonly BodyPart[];
  /** The outer skin with the cavity taken out. */
  readonly body: DistanceField;
  /** Inside of the cavity, negative within; absent where the cut has none. */
  readonly cavity?: DistanceField;
  /** A box that holds the half x ≥ 0: [x, y, z] low and high, metres of the reference bird. */
  readonly bounds: {
    readonly low: readonly [number, number, number];
    readonly high: readonly [number, number, number];
  };
}

export interface BirdShape extends Solid {
  readonly cut: Cut;
}

/** Parts flow into one another over about two centimetres, as under skin. */
const BLEND_M = 0.022;

function joined(parts: readonly BodyPart[]): DistanceField {
  const fields = parts.map((part) => part.field);
  return (x, y, z) => {
    let distance = 1;
    for (const field of fields) distance = smoothUnion(distance, field(x, y, z), BLEND_M);
    return distance;
  };
}

const mirrored =
  (field: DistanceField): DistanceField =>
  (x, y, z) =>
    field(Math.abs(x), y, z);

const both =
  (a: DistanceField, b: DistanceField): DistanceField =>
  (x, y, z) =>
    Math.min(a(x, y, z), b(x, y, z));

/**
 * A turkey, trussed, breast up. Proportions measured against common practice for a 5.8 kg bird: breast about a
 * third of the body, thighs a sixth, drumsticks an eighth, wings a ninth; a cavity of about 1.7 litres.
 */
function wholeTurkey(breastThickness: number): BirdShape {
  const cavity = ellipsoid([0, -0.05, -0.01], [0.048, 0.135, 0.048], { aboutXDeg: 4 });
  const parts: BodyPart[] = [
    {
      name: "breast",
      field: mirrored(
        ellipsoid([0.043, 0.045, 0.038], [0.034 * breastThickness, 0.112, 0.068], { aboutYDeg: -46, aboutXDeg: -4 }),
      ),
    },
    {
      name: "thigh",
      field: mirrored(ellipsoid([0.07, -0.064, -0.026], [0.043, 0.067, 0.054], { aboutXDeg: 24, aboutYDeg: -10 })),
    },
    { name: "drumstick", field: mirrored(roundCone([0.09, -0.024, 0.006], [0.03, -0.182, 0.022], 0.033, 0.014)) },
    {
      name: "wing",
      field: mirrored(
        both(
          roundCone([0.08, 0.1, 0.004], [0.1, 0.02, -0.03], 0.025, 0.018),
          roundCone([0.1, 0.02, -0.03], [0.072, 0.13, -0.034], 0.017, 0.011),
        ),
      ),
    },
    {
      name: "frame",
      field: both(
        both(
          // Rib cage and back around the cavity, and the keel between the breast lobes.
          ellipsoid([0, -0.025, -0.012], [0.066, 0.155, 0.062], { aboutXDeg: 4 }),
          roundBox([0, 0.05, 0.036], [0.004, 0.085, 0.03], 0.003),
        ),
        both(
          roundCone([0, 0.12, -0.01], [0, 0.152, -0.004], 0.036, 0.026),
          roundCone([0, -0.16, -0.014], [0, -0.198, 0.004], 0.026, 0.012),
        ),
      ),
    },
  ];
  const outer = joined(parts);
  return {
    cut: "whole",
    parts,
    cavity,
    body: (x, y, z) => Math.max(outer(x, y, z), -cavity(x, y, z)),
    bounds: { low: [0, -0.22, -0.1], high: [0.15, 0.19, 0.12] },
  };
}

/** The same turkey with backbone and wishbone out, pressed flat, skin up, legs turned out, wing tips tucked. */
function spatchcockTurkey(breastThickness: number): BirdShape {
  const parts: BodyPart[] = [
    {
      name: "breast",
      field: mirrored(
        ellipsoid([0.052, 0.055, 0.034], [0.06, 0.112, 0.034 * breastThickness], { aboutYDeg: 8, aboutXDeg: -2 }),
      ),
    },
    { name: "thigh", field: mirrored(ellipsoid([0.11, -0.072, 0.029], [0.057, 0.062, 0.033], { aboutZDeg: -25 })) },
    { name: "drumstick", field: mirrored(roundCone([0.168, -0.062, 0.03], [0.098, -0.198, 0.02], 0.034, 0.013)) },
    {
      name: "wing",
      field: mirrored(
        both(
          roundCone([0.108, 0.12, 0.026], [0.158, 0.05, 0.022], 0.025, 0.019),
          roundCone([0.158, 0.05, 0.022], [0.136, 0.142, 0.02], 0.018, 0.011),
        ),
      ),
    },
    {
      name: "frame",
      field: both(
        both(
          mirrored(roundBox([0.05, 0.04, 0.008], [0.05, 0.1, 0.0115], 0.009)),
          roundBox([0, 0.055, 0.024], [0.005, 0.09, 0.02], 0.003),
        ),
        mirrored(ellipsoid([0.058, -0.078, 0.018], [0.05, 0.05, 0.016])),
      ),
    },
  ];
  return {
    cut: "spatchcock",
    parts,
    body: joined(parts),
    bounds: { low: [0, -0.22, -0.02], high: [0.215, 0.18, 0.085] },
  };
}

/**
 * The solid of a bird.
 * @param breastThickness thickness of the breast against the usual bird of this mass, 0.8 to 1.25
 */
export function birdShape(cut: Cut, breastThickness = 1): BirdShape {
  return cut === "whole" ? wholeTurkey(breastThickness) : spatchcockTurkey(breastThickness);
}

/** The part a point belongs to: the one it lies deepest in. */
export function partAt(parts: readonly BodyPart[], x: number, y: number, z: number): number {
  let best = 0;
  let bestDistance = Number.POSITIVE_INFINITY;
  for (let n = 0; n < parts.length; n++) {
    const distance = (parts[n] as BodyPart).field(x, y, z);
    if (distance < bestDistance) {
      bestDistance = distance;
      best = n;
    }
  }
  return PART_NAMES.indexOf((parts[best] as BodyPart).name);
}
