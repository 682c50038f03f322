/**
 * What a bird is described by: one table a species (`species/`), in metres of a reference bird of the stated mass. A
 * turkey is not a big chicken and a duck is neither; only proportions matter, since a body is scaled to its own mass.
 *
 * Axes: x from the mid-plane to the side, y from tail to neck, z upwards, breast up. Paired parts are written once, at
 * x > 0. Sizes follow common practice: the shares of a carcass a butcher's yield chart gives (breast, thigh,
 * drumstick, wing), a breast as thick as a skewer finds it, and a cavity that takes about ¾ cup of stuffing a pound.
 */
import type { TissueName } from "../heat/tissue";
import type { Turn } from "./fields";
import type { Vec3 } from "./sdf";

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
  readonly meat: { readonly light: TissueName; readonly dark: TissueName };
  /** Skin with the fat under it. */
  readonly skinM: number;
  readonly skin: TissueName;
  /** Parts flow into one another over about this length, as under skin. */
  readonly blendM: number;
}
