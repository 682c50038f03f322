/**
 * Plane cuts through the solid for pictures: the distance field on a fine raster (its zero is a crisp outline) and
 * stencils that read any temperature field of the voxels smoothly at the same points.
 */
import { type Body, thermalCentres, type UnitBody } from "./body";
import { OUTSIDE } from "./grid";
import type { DistanceField, Vec3 } from "./sdf";
import { birdShape, type CentrePart, type Cut, type PartName } from "./shape";

export type SectionId = "main" | "breast" | "thigh";

/** Where a cut lies: point = origin + column·across + row·down, metres of the reference bird. */
export interface SectionPlane {
  readonly id: SectionId;
  readonly columns: number;
  readonly rows: number;
  readonly stepM: number;
  readonly origin: Vec3;
  readonly across: Vec3;
  readonly down: Vec3;
}

export interface Section {
  readonly plane: SectionPlane;
  /** Distance to the skin at each sample, negative inside; rows from the top. */
  readonly distanceM: Float32Array;
  /** Least distance along the line of sight: its zero is the bird's silhouette. Main section only. */
  readonly silhouetteM?: Float32Array;
  /** The same for each limb. Main section only. */
  readonly limbsM?: readonly Float32Array[];
}

const STEP_M = 0.004;

const plane = (
  id: SectionId,
  origin: Vec3,
  across: Vec3,
  down: Vec3,
  widthM: number,
  heightM: number,
): SectionPlane => ({
  id,
  columns: Math.round(widthM / STEP_M) + 1,
  rows: Math.round(heightM / STEP_M) + 1,
  stepM: STEP_M,
  origin,
  across,
  down,
});

/** The long cut of a whole bird leans, so that both thermal centres lie on it. */
const LEAN_DEG = 21;
const LEAN: Vec3 = [Math.sin((LEAN_DEG * Math.PI) / 180), 0, -Math.cos((LEAN_DEG * Math.PI) / 180)];
const PLANES: Record<Cut, readonly SectionPlane[]> = {
  whole: [
    // From the bird's left, neck to the left: through breast lobe and thigh.
    plane("main", [0.0109, 0.196, 0.13], [0, -1, 0], LEAN, 0.42, 0.248),
    plane("breast", [-0.136, 0.05, 0.12], [1, 0, 0], [0, 0, -1], 0.272, 0.22),
    plane("thigh", [-0.136, -0.072, 0.12], [1, 0, 0], [0, 0, -1], 0.272, 0.22),
  ],
  spatchcock: [
    // From above, neck at the top: at the depth of the thermal centres.
    plane("main", [-0.22, 0.18, 0.031], [1, 0, 0], [0, -1, 0], 0.44, 0.404),
    plane("breast", [-0.22, 0.055, 0.088], [1, 0, 0], [0, 0, -1], 0.44, 0.1),
    plane("thigh", [-0.22, -0.072, 0.088], [1, 0, 0], [0, 0, -1], 0.44, 0.1),
  ],
};

/** Limbs drawn over the long cut as lines, so that the cut reads as a bird. */
const LIMBS: readonly PartName[] = ["drumstick", "wing"];

export const pointOn = (p: SectionPlane, column: number, row: number): Vec3 => [
  p.origin[0] + p.stepM * (column * p.across[0] + row * p.down[0]),
  p.origin[1] + p.stepM * (column * p.across[1] + row * p.down[1]),
  p.origin[2] + p.stepM * (column * p.across[2] + row * p.down[2]),
];

/** Column and row of a point as it falls on a plane, and its distance from the plane in metres. */
export function projectOn(p: SectionPlane, point: Vec3): { column: number; row: number; offM: number } {
  const d: Vec3 = [point[0] - p.origin[0], point[1] - p.origin[1], point[2] - p.origin[2]];
  const dot = (a: Vec3): number => d[0] * a[0] + d[1] * a[1] + d[2] * a[2];
  const alongAcross = dot(p.across);
  const alongDown = dot(p.down);
  const off = d[0] ** 2 + d[1] ** 2 + d[2] ** 2 - alongAcross ** 2 - alongDown ** 2;
  return { column: alongAcross / p.stepM, row: alongDown / p.stepM, offM: Math.sqrt(Math.max(0, off)) };
}

const SIGHT_STEPS = 30;
const SIGHT_M = 0.24;

/** Least value of fields along a true side view (whole) or top view (flat) through a sample: what a silhouette shows. */
function leastAlong(fields: readonly DistanceField[], cut: Cut, [x, y, z]: Vec3): number[] {
  const least = fields.map(() => Number.POSITIVE_INFINITY);
  for (let s = 0; s <= SIGHT_STEPS; s++) {
    const far = (s / SIGHT_STEPS) * SIGHT_M;
    const [u, w] = cut === "whole" ? [far, z] : [Math.abs(x), far - SIGHT_M / 4];
    fields.forEach((field, n) => {
      least[n] = Math.min(least[n] as number, field(u, y, w));
    });
  }
  return least;
}

/** The outlines of a cut; they do not change with temperature or mass. */
export function outlines(cut: Cut): Section[] {
  const { body, parts } = birdShape(cut);
  const limbs = parts.filter((part) => LIMBS.includes(part.name));
  return PLANES[cut].map((p) => {
    const count = p.columns * p.rows;
    const distanceM = new Float32Array(count);
    const silhouetteM = new Float32Array(count);
    const limbsM = limbs.map(() => new Float32Array(count));
    for (let n = 0; n < count; n++) {
      const point = pointOn(p, n % p.columns, Math.floor(n / p.columns));
      distanceM[n] = body(Math.abs(point[0]), point[1], point[2]);
      if (p.id !== "main") continue;
      const [all, ...each] = leastAlong([body, ...limbs.map((limb) => limb.field)], cut, point);
      silhouetteM[n] = all as number;
      each.forEach((least, limb) => {
        (limbsM[limb] as Float32Array)[n] = least;
      });
    }
    return p.id === "main" ? { plane: p, distanceM, silhouetteM, limbsM } : { plane: p, distanceM };
  });
}

/** What pictures of a cut are drawn from, whatever the bird's mass and temperatures. */
export interface CutGeometry {
  readonly sections: readonly Section[];
  readonly centres: Record<CentrePart, Vec3>;
}

export const cutGeometry = (cut: Cut): CutGeometry => ({
  sections: outlines(cut),
  centres: thermalCentres(birdShape(cut)),
});

/** Reads a field of one body on the planes of its cut. */
export interface SectionSampler {
  /** One array a plane, in the order of {@link outlines}; samples far from the bird are NaN. */
  sample(field: ArrayLike<number>): Float32Array[];
}

const CORNERS = 8;
/** The outline lies up to one cell outside the outermost cell centres; values are carried that far. */
const CARRY_PASSES = 5;

const samplers = new WeakMap<UnitBody, SectionSampler>();

/** The sampler of a body's voxels, made once a solid. */
export function sectionSampler(body: Body): SectionSampler {
  const known = samplers.get(body.unit);
  if (known) return known;
  const made = makeSampler(body);
  samplers.set(body.unit, made);
  return made;
}

function makeSampler(body: Body): SectionSampler {
  const { grid, origin, cellM, shape } = body.unit;
  const stencils = PLANES[shape.cut].map((p) => {
    const count = p.columns * p.rows;
    const cells = new Int32Array(count * CORNERS).fill(-1);
    const weights = new Float32Array(count * CORNERS);
    const known = new Uint8Array(count);
    for (let n = 0; n < count; n++) {
      const [x, y, z] = pointOn(p, n % p.columns, Math.floor(n / p.columns));
      const u = (Math.abs(x) - origin[0]) / cellM;
      const v = (y - origin[1]) / cellM;
      const w = (z - origin[2]) / cellM;
      let total = 0;
      for (let corner = 0; corner < CORNERS; corner++) {
        const i = Math.max(1, Math.floor(u) + (corner & 1));
        const j = Math.floor(v) + ((corner >> 1) & 1);
        const k = Math.floor(w) + (corner >> 2);
        if (i >= grid.nx || j < 0 || j >= grid.ny || k < 0 || k >= grid.nz) continue;
        const cell = i + grid.nx * (j + grid.ny * k);
        if (grid.tissue[cell] === OUTSIDE) continue;
        const ui = Math.floor(u) + (corner & 1);
        const weight = (1 - Math.abs(u - ui)) * (1 - Math.abs(v - j)) * (1 - Math.abs(w - k));
        if (weight <= 0) continue;
        cells[n * CORNERS + corner] = cell;
        weights[n * CORNERS + corner] = weight;
        total += weight;
      }
      if (total < 0.02) {
        cells.fill(-1, n * CORNERS, (n + 1) * CORNERS);
        continue;
      }
      known[n] = 1;
      for (let corner = 0; corner < CORNERS; corner++) {
        weights[n * CORNERS + corner] = (weights[n * CORNERS + corner] as number) / total;
      }
    }
    carryOutwards(p, known, cells, weights);
    return { count, cells, weights, known };
  });
  return {
    sample: (field) =>
      stencils.map(({ count, cells, weights, known }) => {
        const out = new Float32Array(count).fill(Number.NaN);
        for (let n = 0; n < count; n++) {
          if (known[n] === 0) continue;
          let sum = 0;
          for (let at = n * CORNERS; at < (n + 1) * CORNERS; at++) {
            const cell = cells[at] as number;
            if (cell >= 0) sum += (weights[at] as number) * (field[cell] as number);
          }
          out[n] = sum;
        }
        return out;
      }),
  };
}

/** Gives samples just outside the voxels the stencil of a neighbour that has one. */
function carryOutwards(p: SectionPlane, known: Uint8Array, cells: Int32Array, weights: Float32Array): void {
  const steps = [-1, 1, -p.columns, p.columns];
  for (let pass = 0; pass < CARRY_PASSES; pass++) {
    const before = known.slice();
    for (let n = 0; n < known.length; n++) {
      if (before[n] === 1) continue;
      const column = n % p.columns;
      const from = steps
        .filter((step) => !(column === 0 && step === -1) && !(column === p.columns - 1 && step === 1))
        .map((step) => n + step)
        .find((neighbour) => before[neighbour] === 1);
      if (from === undefined) continue;
      known[n] = 1;
      cells.copyWithin(n * CORNERS, from * CORNERS, (from + 1) * CORNERS);
      weights.copyWithin(n * CORNERS, from * CORNERS, (from + 1) * CORNERS);
    }
  }
}

/** Centre of a cell, metres of the reference bird. */
export function cellCentre(body: Body, cell: number): Vec3 {
  const { grid, origin, cellM } = body.unit;
  const i = cell % grid.nx;
  const j = Math.floor(cell / grid.nx) % grid.ny;
  const k = Math.floor(cell / (grid.nx * grid.ny));
  return [origin[0] + i * cellM, origin[1] + j * cellM, origin[2] + k * cellM];
}
