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

/** The kinds of tissue that are there, in rising order. */
export function kindsIn({ tissue }: Pick<VoxelGrid, "tissue">): readonly number[] {
  const isThere = new Uint8Array(OUTSIDE + 1);
  for (let c = 0; c < tissue.length; c++) isThere[tissue[c] as number] = 1;
  return [...isThere.keys()].filter((kind) => kind !== OUTSIDE && isThere[kind] === 1);
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

/** Of a point: the cells around it and their shares of it when a field is read straight between them. */
export const CORNERS = 8;

/**
 * The cells of the solid around a point that is given in cells of its grid, as {@link inCells} has it. Written into what
 * is handed in, since pictures ask for tens of thousands.
 * @param cells `CORNERS` of them, as `shares`; those that lie outside of the solid are left out
 * @returns how many there are; their shares come to less than 1 where some were left out
 */
export function cellsAround(
  { nx, ny, nz, tissue, mirrored }: VoxelGrid,
  u: number,
  v: number,
  w: number,
  cells: Int32Array,
  shares: Float64Array,
): number {
  const [lowU, lowV, lowW] = [Math.floor(u), Math.floor(v), Math.floor(w)];
  let count = 0;
  if (lowU < -1 || lowU >= nx || lowV < -1 || lowV >= ny || lowW < -1 || lowW >= nz) return count;
  for (let corner = 0; corner < CORNERS; corner++) {
    const [i, j, k] = [lowU + (corner & 1), lowV + ((corner >> 1) & 1), lowW + (corner >> 2)];
    // The padding at x < 0 of a half is the mirror image of the first cell.
    const own = mirrored ? Math.max(1, i) : i;
    if (own < 0 || own >= nx || j < 0 || j >= ny || k < 0 || k >= nz) continue;
    const cell = own + nx * (j + ny * k);
    if (tissue[cell] === OUTSIDE) continue;
    const share = (1 - Math.abs(u - i)) * (1 - Math.abs(v - j)) * (1 - Math.abs(w - k));
    if (share <= 0) continue;
    cells[count] = cell;
    shares[count++] = share;
  }
  return count;
}
