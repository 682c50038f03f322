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
}
