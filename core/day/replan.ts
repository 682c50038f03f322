/**
 * The plan of a day that goes otherwise: everything that is still to come is placed again from the finish as it is now
 * expected; what has begun keeps its time, since what has passed is not rewritten. What follows from the pull never
 * stands before it.
 */

import { lateOf, latest, type Quantiles } from "../forecast/shares";
import type { Plan } from "../plan/schema";
import { waitsForSign } from "../schedule/chore";
import { type DerivedPlan, derivePlan, type Simulated } from "../schedule/derive";
import { phaseOf } from "../schedule/phase";
import { dishRow, type Row, rowsOf } from "../schedule/rows";
import { clockMinutesBetween, MINUTE_MS } from "../units/time";
import { onItsSide } from "./onItsSide";

export interface Replanned {
  /** As planned: what has begun. */
  readonly begun: readonly Row[];
  /** As placed again: what is still to come, and all that follows from the pull once it is out. */
  readonly coming: readonly Row[];
  /** What those that are coming are of. */
  readonly renewed: DerivedPlan;
  /** To the table so much later than planned, min; 0 when the rest takes up what is late. */
  readonly lateMin: number;
}

export interface DayNow {
  /** When it went in, or is to go in at the earliest. */
  readonly inAt: string;
  /** Minutes from the oven's door to the pull, as expected now; all three the same once it is out. Null: as planned. */
  readonly pullMin: Quantiles | null;
  readonly pulled: boolean;
  readonly nowMs: number;
}

function plannedPull({ schedule: { pullAtMs } }: DerivedPlan, inAt: string): Quantiles {
  const minute = (ms: number): number => (ms - Date.parse(inAt)) / MINUTE_MS;
  const { p10, p50, p90 } = pullAtMs;
  return { p10: minute(p10), p50: minute(p50), p90: minute(latest(p90)) };
}

/**
 * @param simulated as its readings have it: by that its signs come
 * @param planned what was derived from the plan as the bird went in
 */
export function replan(
  plan: Plan,
  simulated: Simulated,
  planned: DerivedPlan,
  { inAt, pullMin: expected, pulled, nowMs }: DayNow,
): Replanned {
  const before = rowsOf(planned);
  const pullMin = expected ?? plannedPull(planned, inAt);
  if (!Number.isFinite(pullMin.p50)) return { begun: before, coming: [], renewed: planned, lateMin: 0 };
  // A bird that should be out and is not comes out now at the earliest.
  const sinceInMin = (nowMs - Date.parse(inAt)) / MINUTE_MS;
  const pullMinute = pulled ? pullMin.p50 : Math.max(pullMin.p50, sinceInMin);
  const shares = {
    p10: Math.min(1, pullMin.p10 / pullMinute),
    p50: 1,
    p90: lateOf(Math.max(1, pullMin.p90 / pullMinute)),
  };
  const again = onItsSide(plan, planned);
  const renewed = derivePlan(again.plan, { ...simulated, pullMinute }, shares, nowMs, inAt, again.beside);
  const outMs = renewed.schedule.pullAtMs.p50;
  const isOfSign = ({ about }: Row): boolean => about.kind === "chore" && waitsForSign(about.chore);
  // When it begins hangs on the pull alone, or on what the bird shows, also where it was planned to have begun by now.
  const follows = (row: Row): boolean => phaseOf(row, plan) === "out" || (!pulled && isOfSign(row));
  // Once it is out, what was to be done to it in the heat does not come any more.
  const hasCome = (row: Row): boolean => !(pulled && phaseOf(row, plan) === "in" && row.startMs > outMs);
  const begun = before.filter((row) => row.startMs <= nowMs && !follows(row) && hasCome(row));
  const known = new Set(begun.map(({ id }) => id));
  // A dish that should be on by now, since the bird is done sooner than planned, is due now.
  const atTheSoonest = (row: Row): Row => {
    const isAwaited = "side" in row.about && !(pulled && follows(row));
    const lateMs = isAwaited ? Math.max(0, nowMs - row.startMs) : 0;
    return lateMs > 0 ? { ...row, startMs: nowMs, endMs: row.endMs + lateMs } : row;
  };
  // Nobody turns an oven on for what is in it.
  const isIn = ({ about }: Row): boolean => about.kind === "oven-on" && known.has(dishRow(about.side.id));
  const coming = rowsOf(renewed)
    .filter((row) => !known.has(row.id) && !isIn(row))
    .map(atTheSoonest);
  const lateMin = clockMinutesBetween(Date.parse(plan.serveAt), renewed.schedule.serveAtMs);
  return { begun, coming, renewed, lateMin };
}
