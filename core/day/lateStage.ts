/** A change of the heat that is made sooner or later than planned, or at its sign: until then all went on as before. */
import { LATEST_STAGE_MIN, type Plan } from "../plan/schema";
import { madeAt } from "../plan/signs";
import { STAGES_APART_MIN } from "../processes/apart";
import type { OvenStage } from "../processes/stages";

/** One that has waited so long comes before everything else, and counts as late, min. */
export const OVERDUE_MIN = 5;

/**
 * The stages with those after the last that was done, up to one of them, begun at a minute and no sooner, whatever they
 * had waited for; what comes later is not before them.
 * @param done number of the last stage that was done; @param upTo of the one that begins now
 */
export function begunAt(stages: Plan["stages"], done: number, upTo: number, atMin: number): Plan["stages"] {
  if (atMin + stages.length * STAGES_APART_MIN > LATEST_STAGE_MIN) return stages;
  let leastMin = Math.max(atMin, (stages[done]?.fromMin ?? 0) + STAGES_APART_MIN);
  return stages.map((stage, n) => {
    if (n <= done) return stage;
    // What waits for a sign begins with that.
    if (n > upTo && (stage.when || stage.fromMin >= leastMin)) return stage;
    // The one that is made now may be made before its time; what should have been before it was at its own.
    const fromMin = stage.when || n === upTo ? leastMin : Math.max(stage.fromMin, leastMin);
    leastMin = fromMin + STAGES_APART_MIN;
    return madeAt(stage, fromMin);
  });
}

/**
 * By its clock it should have been made; null where none is so late. Whether a sign was there only readings tell, and
 * what follows one that has not come waits with it.
 */
export function overdueByTime(stages: readonly OvenStage[], done: number, nowMin: number): number | null {
  const waits = stages.findIndex(({ when }, n) => n > done && when);
  const byClock = waits < 0 ? stages : stages.slice(0, waits);
  const late = byClock.findLastIndex(({ fromMin }, n) => n > done && fromMin <= nowMin - OVERDUE_MIN);
  return late < 0 ? null : late;
}
