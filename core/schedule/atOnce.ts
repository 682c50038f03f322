/** With no time left: thawed in water where there is ice in it, salted at the oven, and into the heat. */

import { heatLeadMin } from "../kitchen/broughtUp";
import { boardMin } from "../kitchen/cutting";
import { goesInWithIce } from "../plan/ice";
import type { Plan } from "../plan/schema";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { SALT_AT_OVEN, WATER_NOW } from "./remedy";

/** @returns null for a bird that goes in with its ice: it cannot be cut */
export const atOnce = (plan: Plan): Plan | null =>
  goesInWithIce(plan) ? null : (plan.bird.state === "fresh" ? SALT_AT_OVEN : WATER_NOW).change(plan);

/** Into the heat at the earliest, begun at once: the heat is brought up meanwhile. @param thawHours as simulated for such a plan */
export const atOnceInMs = (plan: Plan, thawHours: number, nowMs: number): number =>
  nowMs +
  Math.max(heatLeadMin(plan) * MINUTE_MS, thawHours * HOUR_MS + boardMin(plan.bird.cut, plan.bird.count) * MINUTE_MS);
