/** The roast in progress of the demo: known to the page that shows it and to the thermometer that stands in its bird. */

import type { Roast } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { alone } from "../core/plan/together";
import { usualPlan } from "../core/plan/usualPlan";
import { MINUTE_MS } from "../core/units/time";
/** It has been in so long when the demo starts (a probe has just slipped), and is on the table so long after it went in. */
export const IN_SINCE_MIN = 82;
const TO_TABLE_MIN = 250;
export const IN_PROGRESS_ID = "demo-now";
/** Which hidden bird and oven it is. */
export const IN_PROGRESS_SEED = "demo";

export function planInProgress(inAtMs: number, zone: string): Plan {
  return {
    ...usualPlan({
      bird: { species: "turkey", cut: "whole", massKg: 4.6, state: "fresh" },
      method: "hot-start",
      serveAt: new Date(inAtMs + TO_TABLE_MIN * MINUTE_MS).toISOString(),
      zone,
    }),
    table: { guests: { light: 0, usual: 8, hearty: 0 }, leftoverMeals: 0 },
  };
}

export function roastInProgress(inAtMs: number, zone: string): Roast {
  return alone({
    id: IN_PROGRESS_ID,
    named: true,
    title: "Turkey at the simulated thermometer",
    createdAt: new Date(inAtMs - 1440 * MINUTE_MS).toISOString(),
    plan: planInProgress(inAtMs, zone),
    happened: { inAt: new Date(inAtMs).toISOString(), stagesDone: 1 },
    notes: "",
    thermometer: "bridge",
  });
}
