/**
 * The bird as a solid, posed by its cut. Axes and units: `anatomy.ts`.
 */

import type { Anatomy } from "./anatomy";
import type { Field } from "./fields";
import type { BirdForm, Cut } from "./form";
import { spatchcocked } from "./poses/flat";
import { bonelessBreast, crown, legRoll, pieces, wholeLegs } from "./poses/pieces";
import { wholeBird } from "./poses/whole";
import { type BlockLook, type DistanceField, lookInto, mostChange } from "./sdf";
import type { Posed, Solid } from "./solid";
import { ANATOMY } from "./species";

export interface BirdShape extends Solid<Field> {
  readonly form: BirdForm;
}

const POSES: Record<Cut, (anatomy: Anatomy, form: BirdForm) => Posed> = {
  whole: wholeBird,
  spatchcock: spatchcocked,
  parts: pieces,
  crown,
  legs: wholeLegs,
  "boneless-breast": bonelessBreast,
  "leg-roll": legRoll,
};

const PROBE_M = 0.012;
const MILLIMETRE_M = 0.001;
const REACH_M = 0.3;

/** The box that holds a field's inside, found on a lattice and widened by its step. */
function boxOf(body: DistanceField, stepM: number): Solid["bounds"] {
  const across = Math.floor(REACH_M / stepM + 1e-9);
  let [lowY, lowZ] = [across, across];
  let [highX, highY, highZ] = [0, -across, -across];
  const widen: BlockLook = (x0, x1, y0, y1, z0, z1) => {
    const isHeld = x1 <= highX && y0 >= lowY && y1 <= highY && z0 >= lowZ && z1 <= highZ;
    if (isHeld) return false;
    const [x, y, z] = [((x0 + x1) / 2) * stepM, ((y0 + y1) / 2) * stepM, ((z0 + z1) / 2) * stepM];
    const away = body.at(x, y, z) - stepM / 2;
    const unsure = mostChange((x1 - x0) * stepM, (y1 - y0) * stepM, (z1 - z0) * stepM);
    if (away <= -unsure) {
      highX = Math.max(highX, x1);
      [lowY, highY] = [Math.min(lowY, y0), Math.max(highY, y1)];
      [lowZ, highZ] = [Math.min(lowZ, z0), Math.max(highZ, z1)];
      return false;
    }
    return away <= unsure;
  };
  lookInto(widen, 0, across, -across, across, -across, across);
  const below = (n: number): number => n * stepM - stepM;
  const beyond = (n: number): number => n * stepM + stepM;
  return { low: [0, below(lowY), below(lowZ)], high: [beyond(highX), beyond(highY), beyond(highZ)] };
}

/** The solid of a bird. */
export function birdShape(form: BirdForm): BirdShape {
  const posed = POSES[form.cut](ANATOMY[form.species], form);
  return { ...posed, form, bounds: boxOf(posed.body, PROBE_M) };
}

/** The box to the millimetre: from where a cook measures, the board it lies on and the end of its neck. */
export const extentOf = ({ body }: Pick<BirdShape, "body">): Solid["bounds"] => boxOf(body, MILLIMETRE_M);
