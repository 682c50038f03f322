/** A bird's solid for pictures that are turned and cut: its skin and bones as triangles, and what lies at any point of it. */

import { coarseCellM, makeBody } from "./body";
import type { CentrePoints } from "./centres";
import { type Field, grown, union, within } from "./fields";
import type { FormChoice } from "./form";
import { insideOut, type Mesh, meshOf } from "./mesh";
import type { DistanceField, Vec3 } from "./sdf";
import { type BirdShape, extentOf } from "./shape";
import { isBone, PART_NAMES, type PartName, partAt } from "./solid";
import { along } from "./vector";
import { readBytes, type VolumeLattice } from "./volume";

/** Distances at the samples of a lattice, a byte each. */
export interface Distances {
  readonly lattice: VolumeLattice;
  /** To where the meat ends, to the nearest bone, and to the skin's outside with the cavity closed; in turn. */
  readonly bytes: Uint8Array;
}
export const DISTANCE_CHANNELS = 3;
/** The distance that a byte holds either way, metres of the reference bird. */
export const MOST_DISTANCE_M = 0.03;
const distanceOf = (byte: number): number => (byte / 127.5 - 1) * MOST_DISTANCE_M;
const distanceByte = (distanceM: number): number =>
  Math.round(127.5 * (1 + Math.min(1, Math.max(-1, distanceM / MOST_DISTANCE_M))));

export interface SolidGeometry {
  /** The outside, its cavity closed as skin hides it; and the wall of the cavity, which a cut opens. */
  readonly skin: Mesh;
  readonly cavity: Mesh | null;
  readonly bones: Mesh;
  readonly distances: Distances;
  /** Place in PART_NAMES of what lies at each sample. */
  readonly parts: Uint8Array;
  readonly centres: CentrePoints;
  readonly bounds: BirdShape["bounds"];
  /** To the millimetre: where it lies on its board, and where its neck ends. */
  readonly extent: BirdShape["bounds"];
  readonly skinM: number;
  /** Metres of this bird in one of the reference bird. */
  readonly scale: number;
}

/** Samples along the longest side of a bird. */
const LONGEST = 76;
/** Bones are thinner than what lies around them. */
const BONE_STEP_SHARE = 0.55;
/** The solid's own voxels, as the plan's picture has them. */
const CELL_M = 0.0075;

/** What a hand meets: the skin over a cavity too. */
const outsideOf = ({ cavity, skin, body }: BirdShape): Field => (cavity && skin ? skin.outer : body);

/** Where the cavity opens, its wall is taken to be so thick. */
const LEAST_WALL_M = 0.003;
const hollowOf = (shape: BirdShape, cavity: Field): Field => within(cavity, grown(outsideOf(shape), -LEAST_WALL_M));

/** The solid of a bought bird; about half a second. */
export function solidGeometry(form: FormChoice, boughtKg: number): SolidGeometry {
  const { unit, scale } = makeBody(form, boughtKg, coarseCellM(form, CELL_M));
  const { shape, centres } = unit;
  const { low, high } = shape.bounds;
  const stepM = Math.max(2 * high[0], high[1] - low[1], high[2] - low[2]) / LONGEST;
  const bone = union(...shape.parts.filter(isBone).map(({ field }) => field));
  return {
    skin: meshOf(outsideOf(shape), shape.bounds, stepM),
    cavity: shape.cavity ? insideOut(meshOf(hollowOf(shape, shape.cavity), shape.bounds, stepM)) : null,
    bones: meshOf(bone, shape.bounds, BONE_STEP_SHARE * stepM),
    ...sampled(shape, bone, stepM),
    centres,
    bounds: shape.bounds,
    extent: extentOf(shape),
    skinM: shape.skin?.depthM ?? 0,
    scale,
  };
}

function sampled(shape: BirdShape, bone: DistanceField, stepM: number): Pick<SolidGeometry, "distances" | "parts"> {
  const { low, high } = shape.bounds;
  const size: Vec3 = [
    Math.ceil(high[0] / stepM) + 2,
    Math.ceil((high[1] - low[1]) / stepM) + 3,
    Math.ceil((high[2] - low[2]) / stepM) + 3,
  ];
  const origin: Vec3 = [0, low[1] - stepM, low[2] - stepM];
  const [nx, ny, nz] = size;
  const bytes = new Uint8Array(DISTANCE_CHANNELS * nx * ny * nz);
  const parts = new Uint8Array(nx * ny * nz);
  const outer = outsideOf(shape);
  const names = shape.parts.map(({ name }) => PART_NAMES.indexOf(name));
  for (let n = 0; n < parts.length; n++) {
    const x = origin[0] + (n % nx) * stepM;
    const y = origin[1] + (Math.floor(n / nx) % ny) * stepM;
    const z = origin[2] + Math.floor(n / (nx * ny)) * stepM;
    const body = shape.body.at(x, y, z);
    bytes[DISTANCE_CHANNELS * n] = distanceByte(body);
    bytes[DISTANCE_CHANNELS * n + 1] = distanceByte(bone.at(x, y, z));
    bytes[DISTANCE_CHANNELS * n + 2] = distanceByte(outer.at(x, y, z));
    parts[n] = names[partAt(shape.parts, x, y, z)] as number;
  }
  return { distances: { lattice: { size, origin, stepM, mirrored: true }, bytes }, parts };
}

/** What lies at a point. */
export interface PointIn {
  readonly is: "outside" | "cavity" | "bone" | "skin" | "meat";
  readonly part: PartName;
  /** Of this bird, cm: under the skin, from the nearest bone; as far as {@link MOST_DISTANCE_M} goes. */
  readonly underSkinCm: number;
  readonly offBoneCm: number;
}

/** To the skin's outside, m of the reference bird, no more than it truly is; negative within. */
export function outsideM({ distances: { lattice, bytes }, bounds: { low, high } }: SolidGeometry, point: Vec3): number {
  const beyond = (value: number, least: number, most: number): number => Math.max(0, least - value, value - most);
  const [x, y, z] = point;
  const off = Math.hypot(beyond(Math.abs(x), 0, high[0]), beyond(y, low[1], high[1]), beyond(z, low[2], high[2]));
  return off > 0 ? off : distanceOf(readBytes(lattice, bytes, point, 2, DISTANCE_CHANNELS));
}

const MARCH_M = 0.001;
const LEAST_M = 0.0002;

/** Where a line meets skin from outside, time after time, within the reach of the whole bird. @param way a unit vector */
export function skinAlong(geometry: SolidGeometry, start: Vec3, way: Vec3): readonly Vec3[] {
  const { low, high } = geometry.bounds;
  const reach = Math.max(2 * high[0], high[1] - low[1], high[2] - low[2]);
  const met: Vec3[] = [];
  let wasOutside = true;
  for (let m = 0; m < reach; ) {
    const at = along(start, way, m);
    const away = outsideM(geometry, at);
    const isOutside = away >= LEAST_M;
    if (wasOutside && !isOutside) met.push(at);
    wasOutside = isOutside;
    // The distances are bounds rather than exact: shorter steps pass through nothing.
    m += Math.max(MARCH_M, 0.7 * Math.abs(away));
  }
  return met;
}

export function pointIn({ distances, parts, skinM, scale }: SolidGeometry, point: Vec3): PointIn {
  const { lattice, bytes } = distances;
  const at = (channel: number): number => distanceOf(readBytes(lattice, bytes, point, channel, DISTANCE_CHANNELS));
  const [body, bone, outer] = [at(0), at(1), at(2)];
  const [nx, ny, nz] = lattice.size;
  const nearest = (value: number, origin: number, most: number): number =>
    Math.min(most - 1, Math.max(0, Math.round((value - origin) / lattice.stepM)));
  const n =
    nearest(Math.abs(point[0]), lattice.origin[0], nx) +
    nx * (nearest(point[1], lattice.origin[1], ny) + ny * nearest(point[2], lattice.origin[2], nz));
  const cm = 100 * scale;
  return {
    is: outer >= 0 ? "outside" : bone < 0 ? "bone" : body >= 0 ? "cavity" : outer > -skinM ? "skin" : "meat",
    part: PART_NAMES[parts[n] as number] as PartName,
    underSkinCm: -cm * outer,
    offBoneCm: cm * bone,
  };
}
