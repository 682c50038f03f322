/**
 * Proportions of the three birds, one table each, in metres of a reference bird of the stated oven mass. A turkey is
 * not a big chicken and a duck is neither; only proportions matter, since a body is scaled to its own mass.
 *
 * Axes: x from the mid-plane to the side, y from tail to neck, z upwards, breast up. Paired parts are written once, at
 * x > 0. Sizes follow common practice: the shares of a carcass a butcher's yield chart gives (breast, thigh,
 * drumstick, wing), a breast as thick as a skewer finds it, and a cavity that takes about ¾ cup of stuffing a pound.
 */
import type { Turn, Vec3 } from "./sdf";

export const SPECIES = ["turkey", "chicken", "duck"] as const;
export type Species = (typeof SPECIES)[number];

/** An ellipsoid in place. */
export interface Lobe {
  readonly centre: Vec3;
  /** Half-axes before the turn. */
  readonly radii: Vec3;
  readonly turn: Turn;
}

/** A limb: a cone with round ends. */
export interface Limb {
  readonly from: Vec3;
  readonly to: Vec3;
  readonly radiusFrom: number;
  readonly radiusTo: number;
}

/** The trussed bird, breast up; the other cuts are laid out from the same sizes. */
export interface Anatomy {
  readonly species: Species;
  /** Mass as bought of the bird the sizes are of. */
  readonly referenceKg: number;
  /** Half-axes: thickness, length, width of the lobe. */
  readonly breast: Lobe;
  readonly tenderloin: Lobe;
  /** Half-axes: thickness across, length, height. */
  readonly thigh: Lobe;
  readonly drumstick: Limb;
  readonly upperWing: Limb;
  readonly lowerWing: Limb;
  readonly ribCage: Lobe;
  readonly cavity: Lobe;
  readonly neck: Limb;
  readonly tail: Limb;
  /** Keel plate: centre and half-sizes. */
  readonly keel: { readonly centre: Vec3; readonly halfSizes: Vec3 };
  readonly wishbone: Limb;
  readonly femur: Limb;
  /** Legs left open: the thigh turned and moved outwards by these. */
  readonly openLegs: { readonly outM: number; readonly turnDeg: number };
  /** Skin with the fat under it. */
  readonly skinM: number;
  /** Parts flow into one another over about this length, as under skin. */
  readonly blendM: number;
}

const TURKEY: Anatomy = {
  species: "turkey",
  referenceKg: 5.8,
  breast: { centre: [0.041, 0.045, 0.038], radii: [0.0322, 0.116, 0.068], turn: { aboutYDeg: -46, aboutXDeg: -4 } },
  tenderloin: { centre: [0.022, 0.04, 0.026], radii: [0.014, 0.075, 0.024], turn: { aboutYDeg: -40, aboutXDeg: -4 } },
  thigh: { centre: [0.07, -0.066, -0.026], radii: [0.0468, 0.069, 0.0563], turn: { aboutXDeg: 24, aboutYDeg: -10 } },
  drumstick: { from: [0.092, -0.026, 0.012], to: [0.03, -0.184, 0.024], radiusFrom: 0.034, radiusTo: 0.014 },
  upperWing: { from: [0.08, 0.1, 0.004], to: [0.1, 0.02, -0.03], radiusFrom: 0.025, radiusTo: 0.018 },
  lowerWing: { from: [0.1, 0.02, -0.03], to: [0.072, 0.13, -0.034], radiusFrom: 0.017, radiusTo: 0.011 },
  ribCage: { centre: [0, -0.025, -0.012], radii: [0.066, 0.155, 0.062], turn: { aboutXDeg: 4 } },
  cavity: { centre: [0, -0.05, -0.01], radii: [0.048, 0.135, 0.048], turn: { aboutXDeg: 4 } },
  neck: { from: [0, 0.12, -0.01], to: [0, 0.152, -0.004], radiusFrom: 0.036, radiusTo: 0.026 },
  tail: { from: [0, -0.16, -0.014], to: [0, -0.198, 0.004], radiusFrom: 0.026, radiusTo: 0.012 },
  keel: { centre: [0, 0.05, 0.036], halfSizes: [0.004, 0.085, 0.03] },
  wishbone: { from: [0.003, 0.128, 0.04], to: [0.045, 0.118, 0.012], radiusFrom: 0.0045, radiusTo: 0.0045 },
  femur: { from: [0.05, -0.105, -0.034], to: [0.06, -0.03, -0.01], radiusFrom: 0.0085, radiusTo: 0.009 },
  openLegs: { outM: 0.014, turnDeg: 16 },
  skinM: 0.0028,
  blendM: 0.022,
};

/** Rounder than a turkey: a shorter, plumper body on relatively thick legs. Reference: a roaster of about 1.7 kg. */
const CHICKEN: Anatomy = {
  species: "chicken",
  referenceKg: 1.8,
  breast: { centre: [0.029, 0.026, 0.026], radii: [0.0222, 0.0725, 0.047], turn: { aboutYDeg: -45, aboutXDeg: -5 } },
  tenderloin: { centre: [0.015, 0.022, 0.018], radii: [0.0095, 0.048, 0.016], turn: { aboutYDeg: -40, aboutXDeg: -5 } },
  thigh: { centre: [0.049, -0.044, -0.016], radii: [0.0322, 0.047, 0.039], turn: { aboutXDeg: 24, aboutYDeg: -10 } },
  drumstick: { from: [0.064, -0.018, 0.009], to: [0.021, -0.122, 0.018], radiusFrom: 0.0235, radiusTo: 0.0095 },
  upperWing: { from: [0.056, 0.064, 0.002], to: [0.071, 0.01, -0.021], radiusFrom: 0.0165, radiusTo: 0.0125 },
  lowerWing: { from: [0.071, 0.01, -0.021], to: [0.051, 0.084, -0.024], radiusFrom: 0.0115, radiusTo: 0.008 },
  ribCage: { centre: [0, -0.018, -0.008], radii: [0.046, 0.1, 0.043], turn: { aboutXDeg: 4 } },
  cavity: { centre: [0, -0.033, -0.007], radii: [0.0335, 0.088, 0.0335], turn: { aboutXDeg: 4 } },
  neck: { from: [0, 0.076, -0.007], to: [0, 0.096, -0.003], radiusFrom: 0.024, radiusTo: 0.017 },
  tail: { from: [0, -0.102, -0.01], to: [0, -0.126, 0.003], radiusFrom: 0.018, radiusTo: 0.008 },
  keel: { centre: [0, 0.03, 0.025], halfSizes: [0.0027, 0.056, 0.02] },
  wishbone: { from: [0.002, 0.084, 0.027], to: [0.03, 0.077, 0.008], radiusFrom: 0.003, radiusTo: 0.003 },
  femur: { from: [0.035, -0.07, -0.022], to: [0.042, -0.02, -0.006], radiusFrom: 0.0055, radiusTo: 0.006 },
  openLegs: { outM: 0.01, turnDeg: 16 },
  skinM: 0.002,
  blendM: 0.015,
};

/** Long and flat: a shallow breast, a wide cavity, small legs, and fat under all of the skin. Reference: about 2.2 kg. */
const DUCK: Anatomy = {
  species: "duck",
  referenceKg: 2.4,
  breast: { centre: [0.036, 0.035, 0.027], radii: [0.021, 0.1, 0.044], turn: { aboutYDeg: -36, aboutXDeg: -3 } },
  tenderloin: { centre: [0.018, 0.03, 0.019], radii: [0.008, 0.06, 0.015], turn: { aboutYDeg: -36, aboutXDeg: -3 } },
  thigh: { centre: [0.058, -0.075, -0.01], radii: [0.027, 0.047, 0.034], turn: { aboutXDeg: 24, aboutYDeg: -10 } },
  drumstick: { from: [0.07, -0.05, 0.008], to: [0.026, -0.148, 0.012], radiusFrom: 0.02, radiusTo: 0.009 },
  upperWing: { from: [0.07, 0.085, 0], to: [0.083, 0.015, -0.022], radiusFrom: 0.017, radiusTo: 0.013 },
  lowerWing: { from: [0.083, 0.015, -0.022], to: [0.062, 0.1, -0.026], radiusFrom: 0.012, radiusTo: 0.008 },
  ribCage: { centre: [0, -0.02, -0.008], radii: [0.06, 0.145, 0.046], turn: { aboutXDeg: 3 } },
  cavity: { centre: [0, -0.04, -0.006], radii: [0.042, 0.12, 0.032], turn: { aboutXDeg: 3 } },
  neck: { from: [0, 0.11, -0.006], to: [0, 0.15, 0], radiusFrom: 0.027, radiusTo: 0.02 },
  tail: { from: [0, -0.14, -0.008], to: [0, -0.172, 0.002], radiusFrom: 0.022, radiusTo: 0.01 },
  keel: { centre: [0, 0.04, 0.024], halfSizes: [0.003, 0.08, 0.016] },
  wishbone: { from: [0.002, 0.112, 0.028], to: [0.036, 0.104, 0.006], radiusFrom: 0.0032, radiusTo: 0.0032 },
  femur: { from: [0.042, -0.1, -0.014], to: [0.048, -0.052, -0.004], radiusFrom: 0.0055, radiusTo: 0.006 },
  openLegs: { outM: 0.008, turnDeg: 14 },
  skinM: 0.0075,
  blendM: 0.016,
};

export const ANATOMY: Record<Species, Anatomy> = { turkey: TURKEY, chicken: CHICKEN, duck: DUCK };
