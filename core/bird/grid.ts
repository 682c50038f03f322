/** The cells of a solid on a padded box. */

export const OUTSIDE = 255;

export interface VoxelGrid {
  /** Cells along each axis, one cell of padding on every side included; x runs fastest. */
  readonly nx: number;
  readonly ny: number;
  readonly nz: number;
  /** Tissue of each cell, {@link OUTSIDE} where there is none. */
  readonly tissue: Uint8Array;
  /** Unbroken runs of cells along x: start and end (exclusive) in turn. */
  readonly runs: Int32Array;
  /** Cells inside the solid. */
  readonly cellCount: number;
  /** The half x ≥ 0, closed by its own mirror image; the whole solid otherwise. */
  readonly mirrored: boolean;
}

type Field = Float64Array | Float32Array;

/** The values of a field inside the solid, run after run: half of its box, to be kept and put back by {@link unpack}. */
export function packed<F extends Field>({ runs, cellCount }: VoxelGrid, field: F): F {
  const kept = new (field.constructor as { new (length: number): F })(cellCount);
  let at = 0;
  for (let r = 0; r < runs.length; r += 2) {
    // Runs are short: views of them would cost more than the copying.
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) kept[at++] = field[c] as number;
  }
  return kept;
}

/** Puts back what {@link packed} has kept. */
export function unpack({ runs }: VoxelGrid, kept: Field, field: Field): void {
  let at = 0;
  for (let r = 0; r < runs.length; r += 2) {
    const end = runs[r + 1] as number;
    for (let c = runs[r] as number; c < end; c++) field[c] = kept[at++] as number;
  }
}

/** A point in cells of the grid, as fractional indices; a mirrored grid takes both sides. */
export function inCells(
  { mirrored }: VoxelGrid,
  origin: readonly [number, number, number],
  cellM: number,
  [x, y, z]: readonly [number, number, number],
): readonly [number, number, number] {
  return [((mirrored ? Math.abs(x) : x) - origin[0]) / cellM, (y - origin[1]) / cellM, (z - origin[2]) / cellM];
}
