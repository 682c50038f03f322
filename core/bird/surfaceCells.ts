/** The cells that air, foil or a pan touches: true areas, depths, and which region of the bird each belongs to. */
import { OUTSIDE, type VoxelGrid } from "./grid";
import { REGION } from "./regions";
import { type DistanceField, normalAt, type Vec3 } from "./sdf";
import { PART_NAMES, type Solid } from "./solid";

/** One entry a cell; areas in units of a cell face (true area by n·e, not the stairs). */
export interface SurfaceCells {
  readonly cell: Int32Array;
  readonly area: Float64Array;
  /** One over the depth of the cell's centre under the skin, depth in cells and within bounds. */
  readonly inverseDepth: Float64Array;
  /** How deep the cell's centre truly lies under the skin, in cells: what tells where the skin is. */
  readonly depth: Float64Array;
  readonly normals: readonly Vec3[];
  /** Region at home: skin, breast (its upper side), tips or cavity. */
  readonly region: Uint8Array;
}

/** Bounds of a surface cell's depth, in cells, and of area over depth: beyond them only the time step would suffer. */
const LARGEST_INVERSE_DEPTH = 4;
const LARGEST_CONDUCTANCE = 5;
const MOST_DEPTH = 0.5;
const BREAST_PARTS: readonly number[] = ["breast", "tenderloin", "keel"].map((name) =>
  PART_NAMES.indexOf(name as (typeof PART_NAMES)[number]),
);

/**
 * The surface of a solid made of cells.
 * @param halves the solid's field on the lattice of half cells: the centre of cell (i, j, k) is (2i, 2j, 2k)
 */
export function surfaceCells(
  shape: Solid,
  grid: VoxelGrid,
  part: Uint8Array,
  origin: Vec3,
  cellM: number,
  halves: DistanceField,
): SurfaceCells {
  const { nx, ny, runs, tissue, mirrored } = grid;
  const cells: number[] = [];
  const areas: number[] = [];
  const inverseDepths: number[] = [];
  const depths: number[] = [];
  const regions: number[] = [];
  const normals: Vec3[] = [];
  const offsets = [1, -1, nx, -nx, nx * ny, -nx * ny];
  for (let r = 0; r < runs.length; r += 2) {
    for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) {
      const i = cell % nx;
      // A bit a face; the mirror image of a half is no outside.
      let open = 0;
      for (let face = 0; face < 6; face++) {
        const isMirror = mirrored && i === 1 && face === 1;
        if (!isMirror && tissue[cell + (offsets[face] as number)] === OUTSIDE) open |= 1 << face;
      }
      if (open === 0) continue;
      const j = Math.floor(cell / nx) % ny;
      const k = Math.floor(cell / (nx * ny));
      const x = origin[0] + i * cellM;
      const y = origin[1] + j * cellM;
      const z = origin[2] + k * cellM;
      // Normals at the faces' own centres: then the sum is the integral of div n over the solid, which is its area.
      let area = 0;
      let [sx, sy, sz] = [0, 0, 0];
      for (let face = 0; face < 6; face++) {
        if ((open & (1 << face)) === 0) continue;
        const axis = face >> 1;
        const sign = face % 2 === 0 ? 1 : -1;
        const a = 2 * i + (axis === 0 ? sign : 0);
        const b = 2 * j + (axis === 1 ? sign : 0);
        const c = 2 * k + (axis === 2 ? sign : 0);
        const faceNormal = normalAt(halves, a, b, c, 1);
        area += sign * (faceNormal[axis] as number);
        sx += faceNormal[0];
        sy += faceNormal[1];
        sz += faceNormal[2];
      }
      if (area < 1e-3) continue;
      const length = Math.hypot(sx, sy, sz) || 1;
      const normal: Vec3 = [sx / length, sy / length, sz / length];
      cells.push(cell);
      areas.push(area);
      const depth = -halves.at(2 * i, 2 * j, 2 * k) / cellM;
      const conducting = Math.max(depth, 1 / LARGEST_INVERSE_DEPTH, area / LARGEST_CONDUCTANCE);
      depths.push(depth);
      inverseDepths.push(1 / Math.min(conducting, MOST_DEPTH));
      normals.push(normal);
      const [u, v, w] = [x + normal[0] * cellM, y + normal[1] * cellM, z + normal[2] * cellM];
      if (shape.cavity && shape.cavity.at(u, v, w) < 0) regions.push(REGION.cavity);
      else if (shape.tips && shape.tips.at(x, y, z) < 0) regions.push(REGION.tips);
      else if (BREAST_PARTS.includes(part[cell] as number) && normal[2] > 0) regions.push(REGION.breast);
      else regions.push(REGION.skin);
    }
  }
  return {
    cell: Int32Array.from(cells),
    area: Float64Array.from(areas),
    inverseDepth: Float64Array.from(inverseDepths),
    depth: Float64Array.from(depths),
    normals,
    region: Uint8Array.from(regions),
  };
}
