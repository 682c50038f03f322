/** Reading a field of the voxels at a point, or at the cells of another grid. */
import type { HeatBody } from "../bird/body";
import { inCells, OUTSIDE } from "../bird/grid";
import type { Vec3 } from "../bird/sdf";

/** Trilinear weights of a point among the cells inside the solid. */
export interface PointStencil {
  readonly cells: Int32Array;
  readonly weights: Float64Array;
}

/** Stencil of a point given in metres of the shape; cells outside the solid are left out. */
export function pointStencil(body: Pick<HeatBody, "unit">, point: Vec3): PointStencil {
  const { grid, origin, cellM } = body.unit;
  const [u, v, w] = inCells(grid, origin, cellM, point);
  const cells: number[] = [];
  const weights: number[] = [];
  let total = 0;
  for (let corner = 0; corner < 8; corner++) {
    const i = Math.floor(u) + (corner & 1);
    const j = Math.floor(v) + ((corner >> 1) & 1);
    const k = Math.floor(w) + (corner >> 2);
    const weight = (1 - Math.abs(u - i)) * (1 - Math.abs(v - j)) * (1 - Math.abs(w - k));
    // The padding at x < 0 of a half is the mirror image of the first cell.
    const cell = (grid.mirrored ? Math.max(i, 1) : i) + grid.nx * (j + grid.ny * k);
    if (weight <= 0 || grid.tissue[cell] === undefined || grid.tissue[cell] === OUTSIDE) continue;
    cells.push(cell);
    weights.push(weight);
    total += weight;
  }
  return { cells: Int32Array.from(cells), weights: Float64Array.from(weights, (weight) => weight / total) };
}

/** Value of a field at a stencil. */
export function readAt(field: ArrayLike<number>, { cells, weights }: PointStencil): number {
  let sum = 0;
  for (let n = 0; n < cells.length; n++) sum += (weights[n] as number) * (field[cells[n] as number] as number);
  return sum;
}

/** A field of one body read at the cells of another of the same shape; zero outside. */
export function resampled(
  to: Pick<HeatBody, "unit">,
  from: Pick<HeatBody, "unit">,
  field: ArrayLike<number>,
): Float64Array {
  const { grid, origin, cellM } = to.unit;
  const out = new Float64Array(grid.tissue.length);
  const { runs, nx, ny } = grid;
  let last = 0;
  for (let r = 0; r < runs.length; r += 2) {
    for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) {
      const at: Vec3 = [
        origin[0] + (cell % nx) * cellM,
        origin[1] + (Math.floor(cell / nx) % ny) * cellM,
        origin[2] + Math.floor(cell / (nx * ny)) * cellM,
      ];
      const stencil = pointStencil(from, at);
      // A cell at the rim of a finer grid may see no cell of the coarser one: its neighbour's value holds.
      if (stencil.cells.length > 0) last = readAt(field, stencil);
      out[cell] = last;
    }
  }
  return out;
}
