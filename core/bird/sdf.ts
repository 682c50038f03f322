/**
 * Signed distance fields: negative inside, positive outside, in the unit of their arguments. Ellipsoids are the
 * usual first-order approximation (exact sign, near-exact distance close to the surface).
 * Formulas: I. Quilez, "Distance functions" (from memory).
 */
export type Vec3 = readonly [x: number, y: number, z: number];
export type DistanceField = (x: number, y: number, z: number) => number;

/** Rotation about the y axis, then about the x axis, in degrees; identity when left out. */
export interface Turn {
  readonly aboutYDeg?: number;
  readonly aboutXDeg?: number;
  readonly aboutZDeg?: number;
}

type Matrix = readonly [number, number, number, number, number, number, number, number, number];

function turnMatrix({ aboutXDeg = 0, aboutYDeg = 0, aboutZDeg = 0 }: Turn): Matrix {
  const [a, b, c] = [aboutXDeg, aboutYDeg, aboutZDeg].map((deg) => (deg * Math.PI) / 180) as [number, number, number];
  const [ca, sa, cb, sb, cc, sc] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b), Math.cos(c), Math.sin(c)];
  // Rz · Ry · Rx, row by row; its transpose (used below) takes a point into the turned frame.
  return [
    cc * cb,
    cc * sb * sa - sc * ca,
    cc * sb * ca + sc * sa,
    sc * cb,
    sc * sb * sa + cc * ca,
    sc * sb * ca - cc * sa,
    -sb,
    cb * sa,
    cb * ca,
  ];
}

/** Ellipsoid with the given centre and half-axes, turned about its centre. */
export function ellipsoid(centre: Vec3, radii: Vec3, turn: Turn = {}): DistanceField {
  const m = turnMatrix(turn);
  const [cx, cy, cz] = centre;
  const [rx, ry, rz] = radii;
  const least = Math.min(rx, ry, rz);
  return (x, y, z) => {
    const dx = x - cx;
    const dy = y - cy;
    const dz = z - cz;
    const u = (m[0] * dx + m[3] * dy + m[6] * dz) / rx;
    const v = (m[1] * dx + m[4] * dy + m[7] * dz) / ry;
    const w = (m[2] * dx + m[5] * dy + m[8] * dz) / rz;
    const k0 = Math.sqrt(u * u + v * v + w * w);
    // Inside, a bound that is deepest at the centre: the outside formula would wander along the long axis.
    if (k0 < 1) return (k0 - 1) * least;
    const a = u / rx;
    const b = v / ry;
    const c = w / rz;
    return (k0 * (k0 - 1)) / Math.sqrt(a * a + b * b + c * c);
  };
}

/** A cone with two round ends: limbs. */
export function roundCone(from: Vec3, to: Vec3, fromRadius: number, toRadius: number): DistanceField {
  const [ax, ay, az] = from;
  const bx = to[0] - ax;
  const by = to[1] - ay;
  const bz = to[2] - az;
  const lengthSquared = bx * bx + by * by + bz * bz;
  return (x, y, z) => {
    const px = x - ax;
    const py = y - ay;
    const pz = z - az;
    const along = Math.min(1, Math.max(0, (px * bx + py * by + pz * bz) / lengthSquared));
    const gap = Math.sqrt((px - along * bx) ** 2 + (py - along * by) ** 2 + (pz - along * bz) ** 2);
    return gap - (fromRadius + (toRadius - fromRadius) * along);
  };
}

/** Box with the given centre and half-sizes, edges rounded. */
export function roundBox(centre: Vec3, halfSizes: Vec3, round: number): DistanceField {
  const [cx, cy, cz] = centre;
  const [hx, hy, hz] = [halfSizes[0] - round, halfSizes[1] - round, halfSizes[2] - round];
  return (x, y, z) => {
    const qx = Math.abs(x - cx) - hx;
    const qy = Math.abs(y - cy) - hy;
    const qz = Math.abs(z - cz) - hz;
    const outside = Math.sqrt(Math.max(qx, 0) ** 2 + Math.max(qy, 0) ** 2 + Math.max(qz, 0) ** 2);
    return outside + Math.min(Math.max(qx, qy, qz), 0) - round;
  };
}

/** Smooth minimum of two distances: surfaces closer than `blend` flow into one another. */
export function smoothUnion(a: number, b: number, blend: number): number {
  const share = Math.max(blend - Math.abs(a - b), 0) / blend;
  return Math.min(a, b) - (share * share * blend) / 4;
}

/**
 * A field's value changes by no more than this over a metre (chosen: twice an exact distance; ellipsoids are only nearly
 * exact, and tests walk the lattice without it).
 */
const STEEPEST = 2;

/** Points of a line that need no look: the field is too far from a value to come to it sooner. */
export const stepsToSpare = (awayM: number, stepM: number): number => Math.max(0, Math.floor(awayM / STEEPEST / stepM));

/**
 * Whether a field is below a value at the points of a line, asked in rising order; it is looked at only where the answer
 * may have changed.
 * @param valueAt the field at point `n` of the line
 */
export function belowAlong(valueAt: (n: number) => number, value: number, stepM: number): (n: number) => boolean {
  let until = -1;
  let isBelow = false;
  return (n) => {
    if (n <= until) return isBelow;
    const away = valueAt(n) - value;
    until = n + stepsToSpare(Math.abs(away), stepM);
    isBelow = away < 0;
    return isBelow;
  };
}

/** Values of the lattice that was made last, and of the next one: megabytes a solid, wanted for milliseconds. */
let latticeMemory = new Float64Array(0);

/**
 * A field at the points of a lattice of half steps, looked up once each. One lattice at a time: the next one takes the
 * memory of this one.
 * @param origin of point (0, 0, 0)
 * @param size points along each axis
 * @returns the value at point (a, b, c)
 */
export function onHalfLattice(field: DistanceField, origin: Vec3, stepM: number, size: Vec3) {
  const [nx, ny, nz] = size;
  const count = nx * ny * nz;
  if (latticeMemory.length < count) latticeMemory = new Float64Array(count);
  const known = latticeMemory.subarray(0, count).fill(Number.NaN);
  return (a: number, b: number, c: number): number => {
    const place = a + nx * (b + ny * c);
    const before = known[place] as number;
    if (!Number.isNaN(before)) return before;
    const value = field(origin[0] + a * stepM, origin[1] + b * stepM, origin[2] + c * stepM);
    known[place] = value;
    return value;
  };
}

/** Outward unit normal of a field at a point, by central differences over `step`. */
export function normalAt(field: DistanceField, x: number, y: number, z: number, step: number): Vec3 {
  const nx = field(x + step, y, z) - field(x - step, y, z);
  const ny = field(x, y + step, z) - field(x, y - step, z);
  const nz = field(x, y, z + step) - field(x, y, z - step);
  const length = Math.hypot(nx, ny, nz) || 1;
  return [nx / length, ny / length, nz / length];
}
