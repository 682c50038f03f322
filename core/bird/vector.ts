/** Points and directions of the bird. */
import type { Vec3 } from "./sdf";

export const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const distanceBetween = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
export const along = (from: Vec3, direction: Vec3, length: number): Vec3 => [
  from[0] + direction[0] * length,
  from[1] + direction[1] * length,
  from[2] + direction[2] * length,
];
/** A share of the way from one point to another. */
export const between = (a: Vec3, b: Vec3, share: number): Vec3 => [
  a[0] + share * (b[0] - a[0]),
  a[1] + share * (b[1] - a[1]),
  a[2] + share * (b[2] - a[2]),
];
export const mirrorImage = ([x, y, z]: Vec3): Vec3 => [-x, y, z];
