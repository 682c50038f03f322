/**
 * The voxel solid: the half x ≥ 0 of a bird on a padded box of cubic cells, with its surface cells, its thermal
 * centres and its exact mass.
 */

import { requireBetween } from "../errors";
import { TISSUE_INDEX, TISSUES } from "../heat/tissue";
import { constant } from "../sources";
import { type Exposure, exposures } from "./exposure";
import { OUTSIDE, type VoxelGrid } from "./grid";
import { normalAt, type Vec3 } from "./sdf";
import {
  type BirdShape,
  birdShape,
  CENTRE_PARTS,
  type CentrePart,
  type Cut,
  PART_NAMES,
  partAt,
  type Solid,
} from "./shape";

/** Surface cells, one entry a cell, areas in units of a cell face (true area by |n·e|, not the stairs). */
export interface SurfaceCells {
  readonly cell: Int32Array;
  readonly area: Float64Array;
  /** One over the depth of the cell's centre under the skin, depth in cells. */
  readonly inverseDepth: Float64Array;
  /** Shares of the half space above the cell: open to the oven, and looking at the tray. */
  readonly open: Float64Array;
  readonly pan: Float64Array;
  /** 1 where the cell lines the cavity. */
  readonly cavity: Uint8Array;
}

/** A shape made of voxels; lengths in metres of the shape. */
export interface VoxelSolid {
  readonly grid: VoxelGrid;
  readonly part: Uint8Array;
  readonly surface: SurfaceCells;
  readonly cellM: number;
  /** Centre of the cell (0, 0, 0). */
  readonly origin: Vec3;
  /** Mass of both halves when one metre of the shape is one metre. */
  readonly massKg: number;
}

/** A bird's voxels: what does not change with its mass; lengths in metres of the reference bird. */
export interface UnitBody extends VoxelSolid {
  readonly shape: BirdShape;
  readonly centres: Record<CentrePart, Vec3>;
}

/** What the solver needs of a body. */
export interface HeatBody {
  readonly unit: VoxelSolid;
  readonly cellSizeM: number;
}

export interface Body {
  readonly unit: UnitBody;
  readonly massKg: number;
  readonly cellSizeM: number;
  /** Metres of this bird in one metre of the reference bird. */
  readonly scale: number;
}

const TISSUE_OF_PART = PART_NAMES.map((name) =>
  name === "breast" ? TISSUE_INDEX.leanBreast : name === "frame" ? TISSUE_INDEX.frame : TISSUE_INDEX.darkMeat,
);

const SEARCH_STEP_M = 0.008;

/** Deepest point of a part inside the body: coarse search over the bounds, then a shrinking compass search. */
function thermalCentre(shape: BirdShape, name: CentrePart): Vec3 {
  const field = shape.parts.find((part) => part.name === name)?.field;
  if (!field) throw new RangeError(`the ${shape.cut} bird has no part called ${name}`);
  const depth = ([x, y, z]: Vec3): number => -Math.max(field(x, y, z), shape.body(x, y, z));
  const { low, high } = shape.bounds;
  let best: Vec3 = low;
  for (let x = low[0]; x < high[0]; x += SEARCH_STEP_M) {
    for (let y = low[1]; y < high[1]; y += SEARCH_STEP_M) {
      for (let z = low[2]; z < high[2]; z += SEARCH_STEP_M) if (depth([x, y, z]) > depth(best)) best = [x, y, z];
    }
  }
  for (let step = 0.004; step > 0.0002; ) {
    const [x, y, z] = best;
    const around: Vec3[] = [
      [x + step, y, z],
      [x - step, y, z],
      [x, y + step, z],
      [x, y - step, z],
      [x, y, z + step],
      [x, y, z - step],
    ];
    const better = around.find((point) => depth(point) > depth(best) + 1e-9);
    if (better) best = better;
    else step /= 2;
  }
  return best;
}

/** The thermal centres of a bird: the deepest points of breast and thigh. */
export function thermalCentres(shape: BirdShape): Record<CentrePart, Vec3> {
  const found = CENTRE_PARTS.map((name) => [name, thermalCentre(shape, name)]);
  return Object.fromEntries(found) as Record<CentrePart, Vec3>;
}

/** Voxels of any solid that is its own mirror image in x, at a cell size in metres of the shape. */
export function voxelise(shape: Solid, cellM: number): VoxelSolid {
  const { low, high } = shape.bounds;
  const nx = Math.ceil(high[0] / cellM) + 2;
  const ny = Math.ceil((high[1] - low[1]) / cellM) + 2;
  const nz = Math.ceil((high[2] - low[2]) / cellM) + 2;
  const origin: Vec3 = [-0.5 * cellM, low[1] - 0.5 * cellM, low[2] - 0.5 * cellM];
  const tissue = new Uint8Array(nx * ny * nz).fill(OUTSIDE);
  const part = new Uint8Array(nx * ny * nz).fill(OUTSIDE);
  const runs: number[] = [];
  let cellCount = 0;
  let massKg = 0;
  for (let k = 1; k < nz - 1; k++) {
    const z = origin[2] + k * cellM;
    for (let j = 1; j < ny - 1; j++) {
      const y = origin[1] + j * cellM;
      let runStart = -1;
      for (let i = 1; i < nx; i++) {
        const x = origin[0] + i * cellM;
        const cell = i + nx * (j + ny * k);
        const inside = i < nx - 1 && shape.body(x, y, z) < 0;
        if (inside) {
          const p = partAt(shape.parts, x, y, z);
          part[cell] = p;
          tissue[cell] = TISSUE_OF_PART[p] as number;
          massKg += (TISSUES[tissue[cell] as number] as { densityKgPerM3: number }).densityKgPerM3;
          cellCount++;
          if (runStart < 0) runStart = cell;
        } else if (runStart >= 0) {
          runs.push(runStart, cell);
          runStart = -1;
        }
      }
    }
  }
  const grid: VoxelGrid = { nx, ny, nz, tissue, runs: Int32Array.from(runs), cellCount };
  return {
    grid,
    part,
    surface: surfaceCells(shape, grid, origin, cellM),
    cellM,
    origin,
    massKg: 2 * massKg * cellM ** 3,
  };
}

function surfaceCells(shape: Solid, grid: VoxelGrid, origin: Vec3, cellM: number): SurfaceCells {
  const { nx, ny, runs, tissue } = grid;
  const cells: number[] = [];
  const areas: number[] = [];
  const inverseDepths: number[] = [];
  const cavity: number[] = [];
  const normals: Vec3[] = [];
  const offsets = [1, -1, nx, -nx, nx * ny, -nx * ny];
  for (let r = 0; r < runs.length; r += 2) {
    for (let cell = runs[r] as number; cell < (runs[r + 1] as number); cell++) {
      const i = cell % nx;
      const open = offsets.map((offset) => tissue[cell + offset] === OUTSIDE && !(i === 1 && offset === -1));
      if (!open.includes(true)) continue;
      const j = Math.floor(cell / nx) % ny;
      const k = Math.floor(cell / (nx * ny));
      const x = origin[0] + i * cellM;
      const y = origin[1] + j * cellM;
      const z = origin[2] + k * cellM;
      // Normals at the faces' own centres: then the sum is the integral of div n over the solid, which is its area.
      let area = 0;
      let [sx, sy, sz] = [0, 0, 0];
      for (let face = 0; face < 6; face++) {
        if (!open[face]) continue;
        const axis = face >> 1;
        const sign = face % 2 === 0 ? 1 : -1;
        const half = (sign * cellM) / 2;
        const at: Vec3 = [x + (axis === 0 ? half : 0), y + (axis === 1 ? half : 0), z + (axis === 2 ? half : 0)];
        const faceNormal = normalAt(shape.body, ...at, cellM * 0.5);
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
      const depth = Math.max(-shape.body(x, y, z) / cellM, 1 / LARGEST_INVERSE_DEPTH, area / LARGEST_CONDUCTANCE);
      inverseDepths.push(1 / Math.min(depth, MOST_DEPTH));
      normals.push(normal);
      const [u, v, w] = [x + normal[0] * cellM, y + normal[1] * cellM, z + normal[2] * cellM];
      cavity.push(shape.cavity && shape.cavity(u, v, w) < 0 ? 1 : 0);
    }
  }
  const seen: Exposure = exposures(grid, cells, normals);
  return {
    cell: Int32Array.from(cells),
    area: Float64Array.from(areas),
    inverseDepth: Float64Array.from(inverseDepths),
    open: seen.open,
    pan: seen.pan,
    // At the mouth of the cavity the oven is in full view: those cells are skin, not cavity.
    cavity: Uint8Array.from(cavity, (flag, n) =>
      flag && (seen.open[n] as number) + (seen.pan[n] as number) < MOUTH_VIEW ? 1 : 0,
    ),
  };
}

const MOUTH_VIEW = 0.25;
/** Bounds of a surface cell's depth, in cells, and of area over depth: beyond them only the time step would suffer. */
const LARGEST_INVERSE_DEPTH = 4;
const LARGEST_CONDUCTANCE = 5;
const MOST_DEPTH = 0.5;
const unitBodies = new Map<string, UnitBody>();
const CACHE_SIZE = 24;

/** The voxel solid of a cut at a resolution, remembered: it does not depend on the mass. */
export function unitBody(cut: Cut, cellM: number, breastThickness = 1): UnitBody {
  const key = `${cut}/${cellM.toFixed(6)}/${breastThickness.toFixed(4)}`;
  const known = unitBodies.get(key);
  if (known) return known;
  const shape = birdShape(cut, breastThickness);
  const solid = voxelise(shape, cellM);
  const made: UnitBody = { ...solid, shape, centres: thermalCentres(shape) };
  const oldest = unitBodies.keys().next();
  if (unitBodies.size >= CACHE_SIZE && !oldest.done) unitBodies.delete(oldest.value);
  unitBodies.set(key, made);
  return made;
}

/** Mass that goes into the oven: less neck and giblets, and less what the cut takes out. */
export function ovenMassKg(boughtKg: number, cut: Cut): number {
  const removed = constant("gibletShare") + (cut === "spatchcock" ? constant("backboneShare") : 0);
  return boughtKg * (1 - removed);
}

const REFERENCE_CELL_M = 0.006;

/**
 * The body of a bought bird.
 * @param cellM cell size in metres of the reference bird, so that one solid serves every mass
 * @throws QuantityError for a mass outside 2 to 16 kg
 */
export function makeBody(cut: Cut, boughtKg: number, cellM: number, breastThickness = 1): Body {
  requireBetween("mass of the turkey", boughtKg, 2, 16, "kg");
  const unit = unitBody(cut, cellM, breastThickness);
  const massKg = ovenMassKg(boughtKg, cut);
  const scale = Math.cbrt(massKg / unit.massKg);
  return { unit, massKg, scale, cellSizeM: cellM * scale };
}

/** The body at a true cell size in metres; the cell is stretched by under 2 % so that the mass is exact. */
export function makeBodyAtGrid(cut: Cut, boughtKg: number, gridM: number): Body {
  requireBetween("grid", gridM * 1000, 3, 15, "mm");
  const reference = unitBody(cut, REFERENCE_CELL_M).massKg;
  const scale = Math.cbrt(ovenMassKg(boughtKg, cut) / reference);
  return makeBody(cut, boughtKg, gridM / scale);
}
