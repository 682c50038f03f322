/** Signed distance fields and how they are looked at: negative inside, positive outside, in the unit of their arguments. */
export type Vec3 = readonly [x: number, y: number, z: number];
export interface DistanceField {
  at(x: number, y: number, z: number): number;
}

/**
 * A field's value changes by no more than this over a metre (chosen: twice an exact distance; ellipsoids are only nearly
 * exact, and tests walk the lattice without it).
 */
const STEEPEST = 2;

/** How much a field's value differs at most between the middle of a block and anywhere in it, of edges so long. */
export const mostChange = (...[x, y, z]: Vec3): number => (STEEPEST * Math.sqrt(x * x + y * y + z * z)) / 2;

/** A look at a block of a lattice, its first and last points included: whether its halves are to be looked at too. */
export type BlockLook = (x0: number, x1: number, y0: number, y1: number, z0: number, z1: number) => boolean;

/** Looks at a block and at its halves for as long as that is asked for. A block of one point has none. */
export function lookInto(
  look: BlockLook,
  x0: number,
  x1: number,
  y0: number,
  y1: number,
  z0: number,
  z1: number,
): void {
  if (!look(x0, x1, y0, y1, z0, z1)) return;
  const [dx, dy, dz] = [x1 - x0, y1 - y0, z1 - z0];
  if (dx + dy + dz === 0) return;
  if (dx >= dy && dx >= dz) {
    lookInto(look, x0, (x0 + x1) >> 1, y0, y1, z0, z1);
    lookInto(look, ((x0 + x1) >> 1) + 1, x1, y0, y1, z0, z1);
  } else if (dy >= dz) {
    lookInto(look, x0, x1, y0, (y0 + y1) >> 1, z0, z1);
    lookInto(look, x0, x1, ((y0 + y1) >> 1) + 1, y1, z0, z1);
  } else {
    lookInto(look, x0, x1, y0, y1, z0, (z0 + z1) >> 1);
    lookInto(look, x0, x1, y0, y1, ((z0 + z1) >> 1) + 1, z1);
  }
}

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
 */
export class HalfLattice implements DistanceField {
  private readonly known: Float64Array;
  private readonly nx: number;
  private readonly ny: number;

  /**
   * @param origin of point (0, 0, 0)
   * @param size points along each axis
   */
  constructor(
    private readonly field: DistanceField,
    private readonly origin: Vec3,
    private readonly stepM: number,
    [nx, ny, nz]: Vec3,
  ) {
    const count = nx * ny * nz;
    if (latticeMemory.length < count) latticeMemory = new Float64Array(count);
    this.known = latticeMemory.subarray(0, count).fill(Number.NaN);
    this.nx = nx;
    this.ny = ny;
  }

  /** The value at point (a, b, c). */
  at(a: number, b: number, c: number): number {
    const { known, origin, stepM } = this;
    const place = a + this.nx * (b + this.ny * c);
    const before = known[place] as number;
    if (!Number.isNaN(before)) return before;
    const value = this.field.at(origin[0] + a * stepM, origin[1] + b * stepM, origin[2] + c * stepM);
    known[place] = value;
    return value;
  }
}

/** Outward unit normal of a field at a point, by central differences over `step`. */
export function normalAt(field: DistanceField, x: number, y: number, z: number, step: number): Vec3 {
  const nx = field.at(x + step, y, z) - field.at(x - step, y, z);
  const ny = field.at(x, y + step, z) - field.at(x, y - step, z);
  const nz = field.at(x, y, z + step) - field.at(x, y, z - step);
  const length = Math.hypot(nx, ny, nz) || 1;
  return [nx / length, ny / length, nz / length];
}
