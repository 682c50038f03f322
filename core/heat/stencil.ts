/** Reading a field of the voxels at a point, or at the cells of another grid. */
import type { HeatBody } from "../bird/body";
import { CORNERS, cellsAround, inCells, OUTSIDE } from "../bird/grid";
import type { Vec3 } from "../bird/sdf";

/** Weights of the cells around a point inside the solid. */
export interface PointStencil {
  readonly cells: Int32Array;
  readonly weights: Float64Array;
}

/**
 * Along one axis: the parabola through the middles of three cells. Around the coldest place of a bird temperatures bend up,
 * and straight between two coarse cells would be degrees above it.
 */
function ofParabola(at: number): readonly (readonly [cell: number, weight: number])[] {
  const near = Math.round(at);
  const off = at - near;
  return [
    [near - 1, (off * off - off) / 2],
    [near, 1 - off * off],
    [near + 1, (off * off + off) / 2],
  ];
}

/** Null where some of the cells are not of the solid. */
function curvedStencil({ unit }: Pick<HeatBody, "unit">, point: Vec3): PointStencil | null {
  const { grid, origin, cellM } = unit;
  const [u, v, w] = inCells(grid, origin, cellM, point);
  const cells: number[] = [];
  const weights: number[] = [];
  for (const [k, ofK] of ofParabola(w)) {
    for (const [j, ofJ] of ofParabola(v)) {
      for (const [i, ofI] of ofParabola(u)) {
        const weight = ofI * ofJ * ofK;
        if (weight === 0) continue;
        // The padding at x < 0 of a half is the mirror image of the first cell.
        const cell = (grid.mirrored ? Math.max(i, 1) : i) + grid.nx * (j + grid.ny * k);
        if (grid.tissue[cell] === undefined || grid.tissue[cell] === OUTSIDE) return null;
        cells.push(cell);
        weights.push(weight);
      }
    }
  }
  return { cells: Int32Array.from(cells), weights: Float64Array.from(weights) };
}

/** Of a field that is steep within a cell, as salt is: never beyond what the cells around hold. */
export function straightStencil({ unit }: Pick<HeatBody, "unit">, point: Vec3): PointStencil {
  const { grid, origin, cellM } = unit;
  const cells = new Int32Array(CORNERS);
  const weights = new Float64Array(CORNERS);
  const [u, v, w] = inCells(grid, origin, cellM, point);
  const count = cellsAround(grid, u, v, w, cells, weights);
  const total = weights.reduce((sum, weight) => sum + weight, 0);
  return { cells: cells.subarray(0, count), weights: weights.subarray(0, count).map((weight) => weight / total) };
}

/** Stencil of a point given in metres of the shape, for temperatures; cells outside the solid are left out. */
export const pointStencil = (body: Pick<HeatBody, "unit">, point: Vec3): PointStencil =>
  // Near the skin some of the cells are air: there it goes straight between those that are not.
  curvedStencil(body, point) ?? straightStencil(body, point);

/** A place of the bird: where a grid holds both of its halves, the place on its left and the one on its right. */
export type SidesStencil = readonly [PointStencil] | readonly [left: PointStencil, right: PointStencil];

/** @param point on the right */
export function sidesStencil(body: Pick<HeatBody, "unit">, [x, y, z]: Vec3): SidesStencil {
  const right = pointStencil(body, [x, y, z]);
  return body.unit.grid.mirrored || x === 0 ? [right] : [pointStencil(body, [-x, y, z]), right];
}

/** Value of a field at the colder side of a place: what is asked of it is asked of both. */
export const colderAt = (field: ArrayLike<number>, [one, other]: SidesStencil): number =>
  other ? Math.min(readAt(field, one), readAt(field, other)) : readAt(field, one);

/** Value of a field at a stencil. */
export function readAt(field: ArrayLike<number>, { cells, weights }: PointStencil): number {
  let sum = 0;
  for (let n = 0; n < cells.length; n++) sum += (weights[n] as number) * (field[cells[n] as number] as number);
  return sum;
}

/** A field of one body read at the cells of another of the same shape, straight between its own; zero outside. */
export function resampled(
  to: Pick<HeatBody, "unit">,
  from: Pick<HeatBody, "unit">,
  field: ArrayLike<number>,
): Float64Array {
  const { grid, origin, cellM } = to.unit;
  const { runs, nx, ny } = grid;
  const { grid: read, origin: readFrom, cellM: readCellM } = from.unit;
  const cells = new Int32Array(CORNERS);
  const shares = new Float64Array(CORNERS);
  const out = new Float64Array(grid.tissue.length);
  let last = 0;
  for (let r = 0; r < runs.length; r += 2) {
    for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) {
      const x = origin[0] + (cell % nx) * cellM;
      const y = origin[1] + (Math.floor(cell / nx) % ny) * cellM;
      const z = origin[2] + Math.floor(cell / (nx * ny)) * cellM;
      const u = ((read.mirrored ? Math.abs(x) : x) - readFrom[0]) / readCellM;
      const count = cellsAround(read, u, (y - readFrom[1]) / readCellM, (z - readFrom[2]) / readCellM, cells, shares);
      let sum = 0;
      let total = 0;
      for (let n = 0; n < count; n++) {
        sum += (shares[n] as number) * (field[cells[n] as number] as number);
        total += shares[n] as number;
      }
      // A cell at the rim of a finer grid may see no cell of the coarser one: its neighbour's value holds.
      if (total > 0) last = sum / total;
      out[cell] = last;
    }
  }
  return out;
}
