/**
 * Late before the oven: what should have happened and has not, what to do now, and what that makes of dinner. Whether an
 * oven is on nobody knows but the cook: it counts as off until it was ticked off or the bird is in.
 */

import type { Shares } from "../forecast/shares";
import { isFire } from "../heat/sources";
import { type BroughtUp, goesInCold, heatLeadMin } from "../kitchen/broughtUp";
import type { Roast } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { type DerivedPlan, derivePlan, type Simulated } from "../schedule/derive";
import { heatOnMs } from "../schedule/heatOn";
import { clockMinutesBetween, MINUTE_MS } from "../units/time";
import { OVERDUE_MIN } from "./lateStage";
import { onItsSide } from "./onItsSide";

export interface LateBefore {
  /** What to do now: turn the heat on, wait until it is there, or put the bird in. */
  readonly what: "heat" | "wait" | "bird";
  /** When it should have been: on, or the bird in. */
  readonly dueMs: number;
  /** Into the heat at the earliest. */
  readonly inAtMs: number;
  /** Everything placed again from there, dinner with it. */
  readonly derived: DerivedPlan;
  /** Dinner so much later than planned, min; 0 where the rest takes it up. */
  readonly lateMin: number;
}
/** So long nobody is late. */
const GRACE_MS = OVERDUE_MIN * MINUTE_MS;
/** The row of the timetable by which a heat is brought up. */
const BROUGHT_UP = "preheat";
/** The row that says that the bird goes in. */
export const ROAST_ROW = "roast";

/** The row that says, ticked off, that the oven was turned on or the fire lit. */
export function heatOnRow(plan: BroughtUp): string {
  if (goesInCold(plan)) return ROAST_ROW;
  return isFire(plan.heat) ? "fuel-1" : BROUGHT_UP;
}

type HeatTold = Pick<Roast["happened"], "ticked" | "heatOnAt">;

/** Since when the heat is being brought up, ms; null while nobody has said so. @param dueMs when it was to be turned on */
function onSinceMs({ heatOnAt, ticked = [] }: HeatTold, plan: Plan, dueMs: number): number | null {
  if (heatOnAt !== undefined) return Date.parse(heatOnAt);
  return ticked.includes(BROUGHT_UP) || ticked.includes(heatOnRow(plan)) ? dueMs : null;
}

/** @returns null while there is time */
export function lateBeforeOven(
  plan: Plan,
  simulated: Simulated,
  shares: Shares,
  planned: DerivedPlan,
  told: HeatTold,
  nowMs: number,
): LateBefore | null {
  const { inAtMs: plannedInMs } = planned.schedule;
  // A cold oven is turned on with the bird in it.
  const onDueMs = goesInCold(plan) ? null : heatOnMs(planned, plan);
  const onMs = onDueMs === null ? null : onSinceMs(told, plan, onDueMs);
  const leadMs = heatLeadMin(plan) * MINUTE_MS;
  const late = (what: LateBefore["what"], dueMs: number, inAtMs: number): LateBefore => {
    const again = onItsSide(plan, planned);
    const derived = derivePlan(again.plan, simulated, shares, nowMs, new Date(inAtMs).toISOString(), again.beside);
    const lateMin = clockMinutesBetween(Date.parse(plan.serveAt), derived.schedule.serveAtMs);
    return { what, dueMs, inAtMs, derived, lateMin };
  };
  if (onDueMs !== null && onMs === null) {
    return nowMs > onDueMs + GRACE_MS ? late("heat", onDueMs, Math.max(plannedInMs, nowMs + leadMs)) : null;
  }
  // Neither a cold oven nor heat that is on for another roast is waited for.
  const hotMs = onMs === null ? nowMs : onMs + leadMs;
  if (hotMs > Math.max(nowMs, plannedInMs + GRACE_MS)) return late("wait", plannedInMs, hotMs);
  return nowMs > plannedInMs + GRACE_MS ? late("bird", plannedInMs, nowMs) : null;
}
