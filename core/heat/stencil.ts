/** Reading a field of the voxels at a point, or at the cells of another grid. */
import type { HeatBody } from "../bird/body";
import { inCells, OUTSIDE } from "../bird/grid";
import type { Vec3 } from "../bird/sdf";

/** Weights of the cells around a point inside the solid. */
export interface PointStencil {
  readonly cells: Int32Array;
  readonly weights: Float64Array;
}

/** Around a point lie so many cells along each axis, of which all count or the ones nearest. */
type Weights = readonly (readonly [cell: number, weight: number])[];

/**
 * Along one axis: the parabola through the middles of three cells. Around the coldest place of a bird temperatures bend up,
 * and straight between two coarse cells would be degrees above it.
 */
function ofParabola(at: number): Weights {
  const near = Math.round(at);
  const off = at - near;
  return [
    [near - 1, (off * off - off) / 2],
    [near, 1 - off * off],
    [near + 1, (off * off + off) / 2],
  ];
}

/** Along one axis: straight between two cells. */
function ofLine(at: number): Weights {
  const low = Math.floor(at);
  return [
    [low, low + 1 - at],
    [low + 1, at - low],
  ];
}

function stencilBy(
  along: (at: number) => Weights,
  { unit }: Pick<HeatBody, "unit">,
  point: Vec3,
): PointStencil & { readonly isWhole: boolean } {
  const { grid, origin, cellM } = unit;
  const [u, v, w] = inCells(grid, origin, cellM, point);
  const cells: number[] = [];
  const weights: number[] = [];
  let isWhole = true;
  let total = 0;
  for (const [k, ofK] of along(w)) {
    for (const [j, ofJ] of along(v)) {
      for (const [i, ofI] of along(u)) {
        const weight = ofI * ofJ * ofK;
        if (weight === 0) continue;
        // The padding at x < 0 of a half is the mirror image of the first cell.
        const cell = (grid.mirrored ? Math.max(i, 1) : i) + grid.nx * (j + grid.ny * k);
        if (grid.tissue[cell] === undefined || grid.tissue[cell] === OUTSIDE) {
          isWhole = false;
          continue;
        }
        cells.push(cell);
        weights.push(weight);
        total += weight;
      }
    }
  }
  return { cells: Int32Array.from(cells), weights: Float64Array.from(weights, (weight) => weight / total), isWhole };
}

/** Of a field that is steep within a cell, as salt is: never beyond what the cells around hold. */
export const straightStencil = (body: Pick<HeatBody, "unit">, point: Vec3): PointStencil =>
  stencilBy(ofLine, body, point);

/** Stencil of a point given in metres of the shape, for temperatures; cells outside the solid are left out. */
export function pointStencil(body: Pick<HeatBody, "unit">, point: Vec3): PointStencil {
  const curved = stencilBy(ofParabola, body, point);
  // Near the skin some of the cells are air: there it goes straight between those that are not.
  return curved.isWhole ? curved : straightStencil(body, point);
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
      const stencil = straightStencil(from, at);
      // A cell at the rim of a finer grid may see no cell of the coarser one: its neighbour's value holds.
      if (stencil.cells.length > 0) last = readAt(field, stencil);
      out[cell] = last;
    }
  }
  return out;
}
