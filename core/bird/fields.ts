/**
 * Distance fields to put solids together from: negative inside, positive outside, metres. Ellipsoids are the usual
 * first-order approximation (exact sign, near-exact distance close to the surface).
 * Formulas: I. Quilez, "Distance functions" (from memory).
 */
import { ProgramField, STEP, type Step } from "./program";
import type { Vec3 } from "./sdf";

export type Field = ProgramField;
const field = (...steps: readonly Step[]): Field => new ProgramField(steps);

/** Rotation about the x axis, then about the y axis, then about the z axis, in degrees; identity when left out. */
export interface Turn {
  readonly aboutYDeg?: number;
  readonly aboutXDeg?: number;
  readonly aboutZDeg?: number;
}

/** Columns of Rz · Ry · Rx: its transpose takes a point into the turned frame. */
function intoFrame({ aboutXDeg = 0, aboutYDeg = 0, aboutZDeg = 0 }: Turn): readonly number[] {
  const [a, b, c] = [aboutXDeg, aboutYDeg, aboutZDeg].map((deg) => (deg * Math.PI) / 180) as [number, number, number];
  const [ca, sa, cb, sb, cc, sc] = [Math.cos(a), Math.sin(a), Math.cos(b), Math.sin(b), Math.cos(c), Math.sin(c)];
  return [
    ...[cc * cb, sc * cb, -sb],
    ...[cc * sb * sa - sc * ca, sc * sb * sa + cc * ca, cb * sa],
    ...[cc * sb * ca + sc * sa, sc * sb * ca - cc * sa, cb * ca],
  ];
}

/** Ellipsoid with the given centre and half-axes, turned about its centre. */
export const ellipsoid = (centre: Vec3, radii: Vec3, turn: Turn = {}): Field =>
  field([STEP.ellipsoid, ...centre, ...radii, Math.min(...radii), ...intoFrame(turn)]);

/** A cone with two round ends: limbs. */
export function roundCone(from: Vec3, to: Vec3, fromRadius: number, toRadius: number): Field {
  const [x, y, z]: Vec3 = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  return field([STEP.cone, ...from, x, y, z, x * x + y * y + z * z, fromRadius, toRadius - fromRadius]);
}

/** Box with the given centre and half-sizes, edges rounded. */
export const roundBox = (centre: Vec3, [x, y, z]: Vec3, round: number): Field =>
  field([STEP.box, ...centre, x - round, y - round, z - round, round]);

/** All above a height, or all below it. */
export const above = (atZ: number): Field => field([STEP.slope, 0, -1, atZ]);
export const below = (atZ: number): Field => field([STEP.slope, 0, 1, -atZ]);
/** All further towards the neck. */
export const neckwards = (ofY: number): Field => field([STEP.slope, -1, 0, ofY]);

const isMirroring = ([does]: Step): boolean => does === STEP.mirror || does === STEP.unmirror;

/** The left half is the right one's mirror image. */
export const mirrored = ({ steps }: Field): Field =>
  field([STEP.mirror], ...steps.filter((step) => !isMirroring(step)), [STEP.unmirror]);

const NOWHERE: Step = [STEP.slope, 0, 0, Number.POSITIVE_INFINITY];

const folded = ([first, ...others]: readonly Field[], by: Step): Field =>
  field(...(first?.steps ?? [NOWHERE]), ...others.flatMap(({ steps }) => [...steps, by]));

export const union = (...fields: readonly Field[]): Field => folded(fields, [STEP.least]);
export const within = (...fields: readonly Field[]): Field => folded(fields, [STEP.most]);
export const without = (whole: Field, part: Field): Field => folded([whole, part], [STEP.lacking]);

/** Fields that flow into one another where their surfaces are closer than `blendM`: a smooth union. */
export const flowing = (fields: readonly Field[], blendM: number): Field => folded(fields, [STEP.flow, blendM]);

/** Its surface so much further out. */
export const grown = ({ steps }: Field, byM: number): Field => field(...steps, [STEP.grow, byM]);

/** The field above a height, one value at it and below. */
export const keptAbove = ({ steps }: Field, atZ: number, value: number): Field =>
  field(...steps, [STEP.keepAbove, atZ, value]);
