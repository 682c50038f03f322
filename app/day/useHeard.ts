/** A roast that is on, as it is simulated: what has not happened yet is counted on from now. */
import { useMemo } from "react";
import { begunAt, overdueByTime } from "../../core/day/lateStage";
import { offSince, withHeatOn } from "../../core/plan/happened";
import type { Roast } from "../../core/plan/roast";
import { MINUTE_MS } from "../../core/units/time";

/** By the next mark: what that comes to is not simulated anew every minute. */
const BY_NEXT_MS = 5 * MINUTE_MS;

/**
 * What is simulated of a roast that is on: its heat as on again from now, where it is off, and a change of it that is
 * overdue as made now. Until then everything goes on as before.
 */
export function useHeard({ plan, happened }: Roast, now: number): Pick<Roast, "plan" | "happened"> {
  const { inAt, pulledAt, stagesDone = 0 } = happened;
  const isOn = inAt !== undefined && pulledAt === undefined;
  const nowMin = (now - Date.parse(inAt ?? "")) / MINUTE_MS;
  const overdue = isOn ? overdueByTime(plan.stages, stagesDone, nowMin) : null;
  const isOff = isOn && offSince(happened) !== undefined;
  const byMs = isOff || overdue !== null ? BY_NEXT_MS * Math.ceil(now / BY_NEXT_MS) : null;
  return useMemo(() => {
    if (byMs === null) return { plan, happened };
    const byMin = (byMs - Date.parse(inAt ?? "")) / MINUTE_MS;
    const stages = overdue === null ? plan.stages : begunAt(plan.stages, stagesDone, overdue, byMin);
    return { plan: { ...plan, stages }, happened: withHeatOn(happened, new Date(byMs).toISOString()) };
  }, [plan, happened, inAt, stagesDone, overdue, byMs]);
}
