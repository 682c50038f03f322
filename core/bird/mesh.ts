/** The surface of a distance field as triangles. */

import { type DistanceField, normalAt, stepsToSpare, type Vec3 } from "./sdf";
import type { Solid } from "./solid";
import { distanceBetween } from "./vector";

/** Three numbers a vertex, metres of the reference bird; three indices a triangle, seen from outside counter-clockwise. */
export interface Mesh {
  readonly positions: Float32Array;
  readonly normals: Float32Array;
  readonly triangles: Uint32Array;
}

/** The same surface seen from its other side. */
export const insideOut = ({ positions, normals, triangles }: Mesh): Mesh => ({
  positions,
  normals: normals.map((each) => -each),
  triangles: triangles.slice().reverse(),
});

/** Steps of Newton's method that take a vertex onto the surface. */
const ONTO_SURFACE = 2;

/**
 * Naive surface nets (S. F. Frisken Gibson, "Constrained elastic surface nets", 1998): a vertex in each cell that the
 * surface passes, joined across every edge of the lattice it crosses; each vertex is then taken onto the surface itself.
 * @param field its own mirror image in x, asked at x ≥ 0 alone
 * @param bounds that hold its inside, see {@link Solid}
 */
export function meshOf(field: DistanceField, { low, high }: Solid["bounds"], stepM: number): Mesh {
  const half = Math.ceil(high[0] / stepM) + 1;
  const [nx, ny, nz] = [
    2 * half + 1,
    Math.ceil((high[1] - low[1]) / stepM) + 3,
    Math.ceil((high[2] - low[2]) / stepM) + 3,
  ];
  const origin: Vec3 = [-half * stepM, low[1] - stepM, low[2] - stepM];
  const values = new Float32Array(nx * ny * nz);
  for (let k = 0; k < nz; k++) {
    for (let j = 0; j < ny; j++) {
      const row = nx * (j + ny * k);
      for (let i = 0; i <= half; ) {
        const value = field.at(i * stepM, origin[1] + j * stepM, origin[2] + k * stepM);
        // One fewer than can be spared: what lies beside an edge that is crossed is known.
        const until = Math.min(half, i + Math.max(0, stepsToSpare(Math.abs(value), stepM) - 1));
        for (; i <= until; i++) {
          values[row + half + i] = value;
          values[row + half - i] = value;
        }
      }
    }
  }
  const vertexOf = new Int32Array(values.length).fill(-1);
  const positions: number[] = [];
  const normals: number[] = [];
  const corners = Array.from({ length: 8 }, (_, n) => [n & 1, (n >> 1) & 1, n >> 2] as const);
  const offsets = corners.map(([a, b, c]) => a + nx * (b + ny * c));
  for (let k = 0; k < nz - 1; k++) {
    for (let j = 0; j < ny - 1; j++) {
      for (let i = 0; i < nx - 1; i++) {
        const cell = i + nx * (j + ny * k);
        let inside = 0;
        for (const offset of offsets) if ((values[cell + offset] as number) < 0) inside++;
        if (inside === 0 || inside === 8) continue;
        const at = crossing(values, cell, corners, offsets);
        const crossed: Vec3 = [
          origin[0] + (i + at[0]) * stepM,
          origin[1] + (j + at[1]) * stepM,
          origin[2] + (k + at[2]) * stepM,
        ];
        const [[x, y, z], normal] = ontoSurface(field, crossed, stepM);
        vertexOf[cell] = positions.length / 3;
        positions.push(x, y, z);
        normals.push(...normal);
      }
    }
  }
  return {
    positions: Float32Array.from(positions),
    normals: Float32Array.from(normals),
    triangles: Uint32Array.from(joined(values, vertexOf, [nx, ny, nz])),
  };
}

/** A point near the surface taken onto it, and the surface's normal there; in a cleft, where that leads away, left. */
function ontoSurface(field: DistanceField, from: Vec3, stepM: number): readonly [Vec3, Vec3] {
  const side = from[0] < 0 ? -1 : 1;
  const normalOf = ([x, y, z]: Vec3): Vec3 => {
    const [nx, ny, nz] = normalAt(field, Math.abs(x), y, z, stepM / 4);
    return [side * nx, ny, nz];
  };
  const normal = normalOf(from);
  let at = from;
  let push = normal;
  for (let step = 0; step < ONTO_SURFACE; step++) {
    const away = field.at(Math.abs(at[0]), at[1], at[2]);
    at = [at[0] - away * push[0], at[1] - away * push[1], at[2] - away * push[2]];
    push = normalOf(at);
  }
  return distanceBetween(at, from) < stepM / 2 ? [at, push] : [from, normal];
}

/** Mean of where a cell's edges are crossed, in shares of the cell. */
function crossing(
  values: Float32Array,
  cell: number,
  corners: readonly (readonly [number, number, number])[],
  offsets: readonly number[],
): Vec3 {
  const sum = [0, 0, 0];
  let count = 0;
  for (let n = 0; n < 8; n++) {
    for (const bit of [1, 2, 4]) {
      if (n & bit) continue;
      const a = values[cell + (offsets[n] as number)] as number;
      const b = values[cell + (offsets[n | bit] as number)] as number;
      if (a < 0 === b < 0) continue;
      const share = a / (a - b);
      const from = corners[n] as readonly number[];
      const to = corners[n | bit] as readonly number[];
      for (let axis = 0; axis < 3; axis++) {
        sum[axis] =
          (sum[axis] as number) + (from[axis] as number) + share * ((to[axis] as number) - (from[axis] as number));
      }
      count++;
    }
  }
  return sum.map((each) => each / count) as unknown as Vec3;
}

/** Two triangles across every edge of the lattice that the surface crosses. */
function* joined(values: Float32Array, vertexOf: Int32Array, [nx, ny, nz]: Vec3): Generator<number> {
  const steps = [1, nx, nx * ny] as const;
  for (let k = 1; k < nz - 1; k++) {
    for (let j = 1; j < ny - 1; j++) {
      for (let i = 1; i < nx - 1; i++) {
        const at = i + nx * (j + ny * k);
        const isInside = (values[at] as number) < 0;
        for (let axis = 0; axis < 3; axis++) {
          if ((values[at + (steps[axis] as number)] as number) < 0 === isInside) continue;
          const u = steps[(axis + 1) % 3] as number;
          const v = steps[(axis + 2) % 3] as number;
          const around = [at - u - v, at - v, at, at - u].map((cell) => vertexOf[cell] as number);
          const [a, b, c, d] = (isInside ? around : around.reverse()) as [number, number, number, number];
          yield a;
          yield b;
          yield c;
          yield a;
          yield c;
          yield d;
        }
      }
    }
  }
}
