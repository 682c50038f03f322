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

/** A point in cells of the grid, as fractional indices; a mirrored grid takes both sides. */
export function inCells(
  { mirrored }: VoxelGrid,
  origin: readonly [number, number, number],
  cellM: number,
  [x, y, z]: readonly [number, number, number],
): readonly [number, number, number] {
  return [((mirrored ? Math.abs(x) : x) - origin[0]) / cellM, (y - origin[1]) / cellM, (z - origin[2]) / cellM];
}
