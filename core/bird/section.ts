/**
 * Plane cuts through the solid for pictures: the distance field on a fine raster (its zero is a crisp outline) and
 * stencils that read any field of the voxels smoothly at the same points.
 */
import { type Body, shapeOf, type UnitBody } from "./body";
import type { CentrePoints } from "./centres";
import { type BirdForm, type Cut, formKey } from "./form";
import { CORNERS, cellsAround, inCells } from "./grid";
import type { DistanceField, Vec3 } from "./sdf";
import type { BirdShape } from "./shape";
import type { Centre, PartName } from "./solid";

export type SectionId = "main" | Centre;

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

/** Columns of the longest side of a bird's main cut. */
const COLUMNS = 104;
const MARGIN_SHARE = 0.035;

/** Whether the main cut of a bird is seen from its side, or level from above. */
export const mainView = (cut: Cut): "side" | "above" =>
  cut === "whole" || cut === "crown" || cut === "leg-roll" ? "side" : "above";

/** The main cut through the thermal centres, and one across each centre. */
function planesOf({ form, bounds }: BirdShape, centres: CentrePoints): readonly SectionPlane[] {
  const { low, high } = bounds;
  const long = Math.max(high[1] - low[1], mainView(form.cut) === "above" ? 2 * high[0] : 0);
  const margin = MARGIN_SHARE * long;
  const stepM = (long + 2 * margin) / COLUMNS;
  const plane = (
    id: SectionId,
    origin: Vec3,
    across: Vec3,
    down: Vec3,
    widthM: number,
    heightM: number,
  ): SectionPlane => ({
    id,
    columns: Math.round(widthM / stepM) + 1,
    rows: Math.round(heightM / stepM) + 1,
    stepM,
    origin,
    across,
    down,
  });
  const points = Object.entries(centres) as [Centre, Vec3][];
  const [first] = points as [[Centre, Vec3], ...[Centre, Vec3][]];
  const across = points
    .filter(([, point], n) => points.findIndex(([, other]) => Math.abs(other[1] - point[1]) < 4 * stepM) === n)
    .map(([id, [, y]]) =>
      plane(
        id,
        [-(high[0] + margin), y, high[2] + margin],
        [1, 0, 0],
        [0, 0, -1],
        2 * (high[0] + margin),
        high[2] - low[2] + 2 * margin,
      ),
    );
  if (mainView(form.cut) === "above") {
    const level = points.reduce((sum, [, point]) => sum + point[2], 0) / points.length;
    const main = plane(
      "main",
      [-(high[0] + margin), high[1] + margin, level],
      [1, 0, 0],
      [0, -1, 0],
      2 * (high[0] + margin),
      high[1] - low[1] + 2 * margin,
    );
    return [main, ...across];
  }
  // Seen from the bird's left, neck to the left; it leans so that breast and thigh both lie on it.
  const { breast, thigh } = centres;
  const [dx, dz] = breast && thigh ? [thigh[0] - breast[0], thigh[2] - breast[2]] : [0, -1];
  const length = Math.hypot(dx, dz);
  const down: Vec3 = [dx / length, 0, dz / length];
  const top = (high[2] + margin - first[1][2]) / down[2];
  const heightM = (low[2] - margin - (high[2] + margin)) / down[2];
  const origin: Vec3 = [first[1][0] + top * down[0], high[1] + margin, high[2] + margin];
  return [plane("main", origin, [0, -1, 0], down, high[1] - low[1] + 2 * margin, heightM), ...across];
}

/** Limbs drawn over the main cut as lines, so that the cut reads as a bird. */
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

/** Least value of fields along a true side view or top view through a sample: what a silhouette shows. */
function leastAlong(fields: readonly DistanceField[], { form, bounds }: BirdShape, [x, y, z]: Vec3): number[] {
  const least = fields.map(() => Number.POSITIVE_INFINITY);
  const fromSide = mainView(form.cut) === "side";
  const [start, end] = fromSide ? [0, bounds.high[0]] : [bounds.low[2], bounds.high[2]];
  for (let s = 0; s <= SIGHT_STEPS; s++) {
    const far = start + (s / SIGHT_STEPS) * (end - start);
    const [u, w] = fromSide ? [far, z] : [Math.abs(x), far];
    fields.forEach((field, n) => {
      least[n] = Math.min(least[n] as number, field.at(u, y, w));
    });
  }
  return least;
}

/** The outlines of a form; they do not change with temperature or mass. */
export function outlines(form: BirdForm): Section[] {
  const { shape, centres } = shapeOf(form);
  const limbs = mainView(form.cut) === "side" ? shape.parts.filter((part) => LIMBS.includes(part.name)) : [];
  return planesOf(shape, centres).map((p) => {
    const count = p.columns * p.rows;
    const distanceM = new Float32Array(count);
    const silhouetteM = new Float32Array(count);
    const limbsM = limbs.map(() => new Float32Array(count));
    for (let n = 0; n < count; n++) {
      const point = pointOn(p, n % p.columns, Math.floor(n / p.columns));
      distanceM[n] = shape.body.at(Math.abs(point[0]), point[1], point[2]);
      if (p.id !== "main") continue;
      const [all, ...each] = leastAlong([shape.body, ...limbs.map((limb) => limb.field)], shape, point);
      silhouetteM[n] = all as number;
      each.forEach((least, limb) => {
        (limbsM[limb] as Float32Array)[n] = least;
      });
    }
    return p.id === "main" ? { plane: p, distanceM, silhouetteM, limbsM } : { plane: p, distanceM };
  });
}

/** What pictures of a form are drawn from, whatever the bird's mass and temperatures. */
export interface FormGeometry {
  readonly view: "side" | "above";
  readonly sections: readonly Section[];
  readonly centres: CentrePoints;
}

export const formGeometry = (form: BirdForm): FormGeometry => ({
  view: mainView(form.cut),
  sections: outlines(form),
  centres: shapeOf(form).centres,
});

/** Reads a field of one body on the planes of its form. */
export interface SectionSampler {
  /** One array a plane, in the order of {@link outlines}; samples far from the bird are NaN. */
  sample(field: ArrayLike<number>): Float32Array[];
}

/** The outline lies up to one cell outside the outermost cell centres; values are carried that far. */
const CARRY_PASSES = 5;

const samplers = new WeakMap<UnitBody, Map<string, SectionSampler>>();

/**
 * The sampler of a body's voxels on the planes of the form that was asked for, made once: while the weight is dragged
 * the picture stays the same, and the solid differs from it by a millimetre or two.
 */
export function sectionSampler(body: Body): SectionSampler {
  const ofUnit = samplers.get(body.unit) ?? new Map<string, SectionSampler>();
  samplers.set(body.unit, ofUnit);
  const key = formKey(body.form);
  const made = ofUnit.get(key) ?? makeSampler(body);
  ofUnit.set(key, made);
  return made;
}

/** A point that sees less of the bird than this is beside it. */
const LEAST_SHARE = 0.02;

function makeSampler(body: Body): SectionSampler {
  const { shape, centres } = shapeOf(body.form);
  const stencils = planesOf(shape, centres).map((plane) => stencilsOn(plane, body.unit));
  return { sample: (field) => stencils.map((each) => readThrough(each, field)) };
}

/** What the samples of one plane read: in the bird each its own cells, just outside of it what a sample beside it reads. */
interface Stencils {
  /** Which one each sample reads by; {@link FAR} where it reads nothing. */
  readonly of: Int32Array;
  /** Where each one's cells end. */
  readonly ends: Int32Array;
  readonly cells: Int32Array;
  readonly weights: Float32Array;
}

const FAR = -1;

function stencilsOn(plane: SectionPlane, { grid, origin, cellM }: UnitBody): Stencils {
  const count = plane.columns * plane.rows;
  const of = new Int32Array(count).fill(FAR);
  const ends = new Int32Array(count);
  const cells = new Int32Array(count * CORNERS);
  const weights = new Float32Array(count * CORNERS);
  const around = new Int32Array(CORNERS);
  const shares = new Float64Array(CORNERS);
  let made = 0;
  let end = 0;
  for (let n = 0; n < count; n++) {
    const [u, v, w] = inCells(grid, origin, cellM, pointOn(plane, n % plane.columns, Math.floor(n / plane.columns)));
    const held = cellsAround(grid, u, v, w, around, shares);
    let total = 0;
    for (let each = 0; each < held; each++) total += shares[each] as number;
    if (total < LEAST_SHARE) continue;
    for (let each = 0; each < held; each++) {
      cells[end] = around[each] as number;
      weights[end++] = (shares[each] as number) / total;
    }
    of[n] = made;
    ends[made++] = end;
  }
  carryOutwards(plane, of);
  return { of, ends: ends.slice(0, made), cells: cells.slice(0, end), weights: weights.slice(0, end) };
}

/** The picture is read a dozen times for every step of a drag. */
function readThrough({ of, ends, cells, weights }: Stencils, field: ArrayLike<number>): Float32Array {
  const values = new Float32Array(ends.length);
  for (let n = 0, at = 0; n < ends.length; n++) {
    let sum = 0;
    for (const end = ends[n] as number; at < end; at++) {
      sum += (weights[at] as number) * (field[cells[at] as number] as number);
    }
    values[n] = sum;
  }
  const out = new Float32Array(of.length);
  for (let n = 0; n < of.length; n++) {
    const stencil = of[n] as number;
    out[n] = stencil === FAR ? Number.NaN : (values[stencil] as number);
  }
  return out;
}

/** Gives samples just outside the voxels the stencil of a neighbour that has one. */
function carryOutwards({ columns }: SectionPlane, of: Int32Array): void {
  const isKnown = (n: number): boolean => n >= 0 && n < of.length && of[n] !== FAR;
  /** The neighbour that is known, looked for in this order. */
  const knownBeside = (n: number, column: number): number => {
    if (column > 0 && isKnown(n - 1)) return n - 1;
    if (column < columns - 1 && isKnown(n + 1)) return n + 1;
    if (isKnown(n - columns)) return n - columns;
    return isKnown(n + columns) ? n + columns : FAR;
  };
  for (let pass = 0; pass < CARRY_PASSES; pass++) {
    // All that one pass reaches is told after it: it goes one sample further, not on and on.
    const reached: number[] = [];
    for (let n = 0; n < of.length; n++) {
      if (of[n] !== FAR) continue;
      const from = knownBeside(n, n % columns);
      if (from !== FAR) reached.push(n, of[from] as number);
    }
    for (let n = 0; n < reached.length; n += 2) of[reached[n] as number] = reached[n + 1] as number;
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
