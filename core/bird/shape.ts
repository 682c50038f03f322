/**
 * The bird as a solid, posed by its cut. Axes and units: `anatomy.ts`.
 */

import type { Anatomy } from "./anatomy";
import type { Field } from "./fields";
import type { BirdForm, Cut } from "./form";
import { spatchcocked } from "./poses/flat";
import { bonelessBreast, crown, legRoll, pieces, wholeLegs } from "./poses/pieces";
import { wholeBird } from "./poses/whole";
import { type DistanceField, stepsToSpare, type Vec3 } from "./sdf";
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
const REACH_M = 0.3;

/** The box that holds a field's inside, found on a lattice and widened by its step. */
function boundsOf(body: DistanceField): Solid["bounds"] {
  const low = [REACH_M, REACH_M, REACH_M];
  const high = [0, -REACH_M, -REACH_M];
  const across = Math.floor(REACH_M / PROBE_M + 1e-9);
  const widen = (axis: number, value: number): void => {
    low[axis] = Math.min(low[axis] as number, value - PROBE_M);
    high[axis] = Math.max(high[axis] as number, value + PROBE_M);
  };
  for (let i = 0; i <= across; i++) {
    for (let j = -across; j <= across; j++) {
      for (let k = -across; k <= across; k++) {
        const away = body.at(i * PROBE_M, j * PROBE_M, k * PROBE_M) - PROBE_M / 2;
        const spare = stepsToSpare(Math.abs(away), PROBE_M);
        if (away <= 0) {
          widen(0, i * PROBE_M);
          widen(1, j * PROBE_M);
          widen(2, k * PROBE_M);
          widen(2, Math.min(across, k + spare) * PROBE_M);
        }
        k += spare;
      }
    }
  }
  return { low: [0, low[1] as number, low[2] as number], high: high as unknown as Vec3 };
}

/** The solid of a bird. */
export function birdShape(form: BirdForm): BirdShape {
  const posed = POSES[form.cut](ANATOMY[form.species], form);
  return { ...posed, form, bounds: boundsOf(posed.body) };
}
