/** A roast that is on, as it is simulated: what has not happened yet is counted on from now. */
import { useMemo } from "react";
import { begunAt, overdueByTime } from "../../core/day/lateStage";
import { offSince, withHeatOn } from "../../core/plan/happened";
import type { Roast } from "../../core/plan/roast";
import { MINUTE_MS, minutesBetween } from "../../core/units/time";
import { clockNow } from "../shell/clock";

/** By the next mark: what that comes to is not simulated anew every minute. */
const BY_NEXT_MS = 5 * MINUTE_MS;
const nextMark = (ms: number): string => new Date(BY_NEXT_MS * Math.ceil(ms / BY_NEXT_MS)).toISOString();

const isOn = ({ inAt, pulledAt }: Roast["happened"]): boolean => inAt !== undefined && pulledAt === undefined;

/** The last change of the heat that should have been made by its clock, and of which nobody has said so; null for none. */
export function untoldNow({ plan, happened }: Roast, now: number): number | null {
  if (!isOn(happened)) return null;
  const nowMin = (now - Date.parse(happened.inAt ?? "")) / MINUTE_MS;
  return overdueByTime(plan.stages, happened.stagesDone ?? 0, nowMin);
}

/**
 * What is simulated of a roast that is on: its heat as on again from now, where it is off, and a change of it that nobody
 * has told as made now. Until then everything goes on as before.
 * @param isMade that change counts as made when it was planned
 */
export function useHeard(roast: Roast, now: number, isMade = false): Pick<Roast, "plan" | "happened"> {
  const { plan, happened } = roast;
  const { inAt, stagesDone = 0 } = happened;
  const overdue = isMade ? null : untoldNow(roast, now);
  const isOff = isOn(happened) && offSince(happened) !== undefined;
  const by = isOff || overdue !== null ? nextMark(now) : null;
  return useMemo(() => {
    if (by === null) return { plan, happened };
    const byMin = minutesBetween(inAt ?? "", by);
    const stages = overdue === null ? plan.stages : begunAt(plan.stages, stagesDone, overdue, byMin);
    return { plan: { ...plan, stages }, happened: withHeatOn(happened, by) };
  }, [plan, happened, inAt, stagesDone, overdue, by]);
}

/** What happened, for a screen that does not follow the clock: heat that is off is on again from when it was opened. */
export function useHappened({ happened }: Pick<Roast, "happened">): Roast["happened"] | undefined {
  return useMemo(() => {
    // Nothing of a closed record is to come.
    if (happened.closedAt !== undefined) return undefined;
    return offSince(happened) === undefined ? happened : withHeatOn(happened, nextMark(clockNow()));
  }, [happened]);
}
