/**
 * The plan of a day that goes otherwise: everything that is still to come is placed again from the finish as it is now
 * expected; what should have begun by now keeps its time, since what has passed is not rewritten.
 */
import { lateOf, type Quantiles } from "../forecast/ensemble";
import type { Plan } from "../formats/roast";
import { restFor } from "../processes/rest";
import type { UnitSystem } from "../units/quantity";
import { type DerivedPlan, derivePlan, type Simulated } from "./derive";
import { type TimetableRow, timetableOf } from "./timetable";

const MINUTE_MS = 60_000;

export interface Replanned {
  readonly rows: readonly TimetableRow[];
  readonly carveAtMs: number;
  /** To the table so much later than planned, min; 0 when the rest takes up what is late. */
  readonly lateMin: number;
}

/**
 * @param planned what was derived from the plan as the bird went in
 * @param pullMin minutes from the oven's door to the pull, as expected now; all three the same once it is out
 */
export function replan(
  plan: Plan,
  simulated: Simulated,
  planned: DerivedPlan,
  { inAt, pullMin, nowMs }: { readonly inAt: string; readonly pullMin: Quantiles; readonly nowMs: number },
  units: UnitSystem,
): Replanned {
  const before = timetableOf(plan, planned, units);
  if (!Number.isFinite(pullMin.p50)) return { rows: before, carveAtMs: planned.schedule.carveAtMs, lateMin: 0 };
  const pullMs = Date.parse(inAt) + pullMin.p50 * MINUTE_MS;
  const earliestCarveMs = pullMs + restFor(plan.bird.massKg).shortestMin * MINUTE_MS;
  const lateMs = plan.roasted === "day-before" ? 0 : Math.max(0, earliestCarveMs - planned.schedule.carveAtMs);
  const later = { ...plan, serveAt: new Date(Date.parse(plan.serveAt) + lateMs).toISOString() };
  const shares = { p10: pullMin.p10 / pullMin.p50, p50: 1, p90: lateOf(pullMin.p90 / pullMin.p50) };
  const renewed = derivePlan(later, { ...simulated, pullMinute: pullMin.p50 }, shares, nowMs, inAt);
  const begun = before.filter(({ startMs }) => startMs <= nowMs);
  const known = new Set(begun.map(({ id }) => id));
  const coming = timetableOf(later, renewed, units).filter(({ id, startMs }) => !known.has(id) && startMs > nowMs);
  return {
    rows: [...begun, ...coming].sort((a, b) => a.startMs - b.startMs),
    carveAtMs: renewed.schedule.carveAtMs,
    lateMin: Math.round(lateMs / MINUTE_MS),
  };
}
