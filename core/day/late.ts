/**
 * Late before the oven: what should have happened and has not, what to do now, and what that makes of dinner. Whether an
 * oven is on nobody knows but the cook: it counts as off until it was ticked off or the bird is in.
 */

import type { Shares } from "../forecast/shares";
import type { Plan } from "../plan/schema";
import { taskOf } from "../schedule/backward";
import { type DerivedPlan, derivePlan, type Simulated } from "../schedule/derive";
import { MINUTE_MS } from "../units/time";

export interface LateBefore {
  /** What to do now: the oven is cold, or the bird not in. */
  readonly what: "oven" | "bird";
  /** When it should have been. */
  readonly dueMs: number;
  /** Into the heat at the earliest. */
  readonly inAtMs: number;
  /** Everything placed again from there, dinner with it. */
  readonly derived: DerivedPlan;
  /** Dinner so much later than planned, min; 0 where the rest takes it up. */
  readonly lateMin: number;
}
/** So long nobody is late. */
const GRACE_MIN = 5;
export const OVEN_ON = "preheat";

/** @returns null while there is time, and for a roast whose day is over: dinner was hours ago */
export function lateBeforeOven(
  plan: Plan,
  simulated: Simulated,
  shares: Shares,
  planned: DerivedPlan,
  ticked: readonly string[],
  nowMs: number,
): LateBefore | null {
  const { schedule } = planned;
  const preheat = taskOf(schedule, "preheat");
  const isOn = ticked.includes(OVEN_ON);
  const isLate = (dueMs: number): boolean => nowMs > dueMs + GRACE_MIN * MINUTE_MS;
  const birdLate = isLate(schedule.inAtMs);
  const ovenLate = preheat !== undefined && !isOn && isLate(preheat.startMs);
  if (!birdLate && !ovenLate) return null;
  const inAtMs = Math.max(schedule.inAtMs, isOn ? nowMs : nowMs + plan.preheat.minutes * MINUTE_MS);
  const derived = derivePlan(plan, simulated, shares, nowMs, new Date(inAtMs).toISOString(), planned.beside);
  return {
    what: isOn ? "bird" : "oven",
    dueMs: isOn ? schedule.inAtMs : (preheat?.startMs ?? schedule.inAtMs),
    inAtMs,
    derived,
    lateMin: Math.round((derived.schedule.serveAtMs - Date.parse(plan.serveAt)) / MINUTE_MS),
  };
}
