/** Voxels of a solid: cubic cells on a padded box, the tissue and part of each, and the mass. */
import { ADDED_TISSUES, TISSUE_INDEX, TISSUES } from "../heat/tissue";
import { OUTSIDE, type VoxelGrid } from "./grid";
import { belowAlong, HalfLattice, type Vec3 } from "./sdf";
import { PART_NAMES, partAt, type Solid } from "./solid";
import { type SurfaceCells, surfaceCells } from "./surfaceCells";

/** A shape made of voxels; lengths in metres of the shape. */
export interface VoxelSolid {
  readonly grid: VoxelGrid;
  /** Place in {@link PART_NAMES} of each cell's part. */
  readonly part: Uint8Array;
  readonly surface: SurfaceCells;
  readonly cellM: number;
  /** Centre of the cell (0, 0, 0). */
  readonly origin: Vec3;
  /** Mass of the whole bird without bread or aromatics in it, when one metre of the shape is one metre. */
  readonly massKg: number;
  /** Mass of bread stuffing or aromatics, likewise. */
  readonly fillingKg: number;
}

/**
 * @param shape its own mirror image in x
 * @param cellM cell size in metres of the shape
 * @param bothHalves the whole grid, for surroundings that differ from left to right; the half x ≥ 0 otherwise
 */
export function voxelise(shape: Solid, cellM: number, bothHalves = false): VoxelSolid {
  const { low, high } = shape.bounds;
  const halfX = Math.ceil(high[0] / cellM);
  const nx = (bothHalves ? 2 * halfX : halfX) + 2;
  const ny = Math.ceil((high[1] - low[1]) / cellM) + 2;
  const nz = Math.ceil((high[2] - low[2]) / cellM) + 2;
  const origin: Vec3 = [(bothHalves ? -halfX - 0.5 : -0.5) * cellM, low[1] - 0.5 * cellM, low[2] - 0.5 * cellM];
  const tissue = new Uint8Array(nx * ny * nz).fill(OUTSIDE);
  const part = new Uint8Array(nx * ny * nz).fill(OUTSIDE);
  const partOf = shape.parts.map(({ name }) => PART_NAMES.indexOf(name));
  const tissueOf = shape.parts.map((each) => TISSUE_INDEX[each.tissue]);
  const densities = TISSUES.map(({ densityKgPerM3 }) => densityKgPerM3);
  const { skin } = shape;
  // Of half cells, since the surface asks between the cells' centres too.
  const halves = new HalfLattice(shape.body, origin, cellM / 2, [2 * nx, 2 * ny, 2 * nz]);
  const runs: number[] = [];
  let cellCount = 0;
  let mass = 0;
  let filling = 0;
  for (let k = 1; k < nz - 1; k++) {
    const z = origin[2] + k * cellM;
    for (let j = 1; j < ny - 1; j++) {
      const y = origin[1] + j * cellM;
      const xOf = (i: number): number => origin[0] + i * cellM;
      const isInside = belowAlong((i) => halves.at(2 * i, 2 * j, 2 * k), 0, cellM);
      const isUnderSkin = skin
        ? belowAlong((i) => skin.outer.at(xOf(i), y, z), -skin.depthM, cellM)
        : (): boolean => true;
      let runStart = -1;
      for (let i = 1; i < nx; i++) {
        const cell = i + nx * (j + ny * k);
        if (i < nx - 1 && isInside(i)) {
          const p = partAt(shape.parts, xOf(i), y, z);
          const own = tissueOf[p] as number;
          // A layer thinner than a cell comes out right in volume: cells are taken by the depth of their centres.
          const inSkin = skin && !ADDED_TISSUES.includes(own) && !isUnderSkin(i);
          const kind = inSkin ? TISSUE_INDEX[skin.tissue] : own;
          part[cell] = partOf[p] as number;
          tissue[cell] = kind;
          const density = densities[kind] as number;
          if (ADDED_TISSUES.includes(kind)) filling += density;
          else mass += density;
          cellCount++;
          if (runStart < 0) runStart = cell;
        } else if (runStart >= 0) {
          runs.push(runStart, cell);
          runStart = -1;
        }
      }
    }
  }
  const grid: VoxelGrid = { nx, ny, nz, tissue, runs: Int32Array.from(runs), cellCount, mirrored: !bothHalves };
  const volume = (bothHalves ? 1 : 2) * cellM ** 3;
  return {
    grid,
    part,
    surface: surfaceCells(shape, grid, part, origin, cellM, halves),
    cellM,
    origin,
    massKg: mass * volume,
    fillingKg: filling * volume,
  };
}
