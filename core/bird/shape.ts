/**
 * The bird as a solid, posed by its cut. Axes and units: `anatomy.ts`.
 */
import { ANATOMY, type Anatomy } from "./anatomy";
import type { BirdForm, Cut } from "./form";
import { spatchcocked } from "./poses/flat";
import { bonelessBreast, crown, legRoll, pieces } from "./poses/pieces";
import { wholeBird } from "./poses/whole";
import type { DistanceField, Vec3 } from "./sdf";
import type { Posed, Solid } from "./solid";

export interface BirdShape extends Solid {
  readonly form: BirdForm;
}

const POSES: Record<Cut, (anatomy: Anatomy, form: BirdForm) => Posed> = {
  whole: wholeBird,
  spatchcock: spatchcocked,
  parts: pieces,
  crown,
  "boneless-breast": bonelessBreast,
  "leg-roll": legRoll,
};

const PROBE_M = 0.012;
const REACH_M = 0.3;

/** The box that holds a field's inside, found on a lattice and widened by its step. */
function boundsOf(body: DistanceField): Solid["bounds"] {
  const low = [REACH_M, REACH_M, REACH_M];
  const high = [0, -REACH_M, -REACH_M];
  for (let x = 0; x <= REACH_M; x += PROBE_M) {
    for (let y = -REACH_M; y <= REACH_M; y += PROBE_M) {
      for (let z = -REACH_M; z <= REACH_M; z += PROBE_M) {
        if (body(x, y, z) > PROBE_M / 2) continue;
        [x, y, z].forEach((value, axis) => {
          low[axis] = Math.min(low[axis] as number, value - PROBE_M);
          high[axis] = Math.max(high[axis] as number, value + PROBE_M);
        });
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
