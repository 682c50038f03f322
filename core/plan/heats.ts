/** Where a bird is heated: it goes into one heat, and may be moved into others with a later stage. */
import { areOneOven, type HeatSource, heatsByStage, isFire } from "../heat/sources";
import { minutesBetween } from "../units/time";
import type { Roast } from "./roast";
import type { Plan } from "./schema";

type Heated = Pick<Plan, "heat" | "stages">;

/** What it is in, stage by stage. */
export const heatsOf = ({ heat, stages }: Heated): readonly HeatSource[] => heatsByStage(heat, stages);

/** What it is moved into from one stage to another; null where it stays: a fan that is turned on moves nothing. */
export function movedInto(plan: Heated, n: number, after = n - 1): HeatSource | null {
  const heats = heatsOf(plan);
  const [before, now] = [heats[after], heats[n]];
  return !before || !now || before === now || areOneOven(before, now) ? null : now;
}

/** The stages with which it is moved, by their number, and into what. */
export const movesOf = (plan: Heated): readonly { readonly n: number; readonly into: HeatSource }[] =>
  plan.stages.flatMap((_, n) => {
    const into = movedInto(plan, n);
    return into === null ? [] : [{ n, into }];
  });

/** Whether it is in an oven at some time. */
export const usesOven = (plan: Heated): boolean => !heatsOf(plan).every(isFire);

/** Whether it is over a fire at some time. */
export const usesFire = (plan: Heated): boolean => heatsOf(plan).some(isFire);

/** What it is in by one of its stages. */
const heatAt = (plan: Heated, n: number): HeatSource => heatsOf(plan)[n] ?? heatsOf(plan).at(-1) ?? plan.heat;

/** What it is in now, or was in last: by the last change of the heat that was made. */
export const heatNow = ({ plan, happened: { stagesDone = 0 } }: Pick<Roast, "plan" | "happened">): HeatSource =>
  heatAt(plan, stagesDone);

/** What it came out of: by the last change of the heat that was made, or whose time had come, before it was out. */
export function cameOutOf({ plan, happened }: Pick<Roast, "plan" | "happened">): HeatSource {
  const { inAt = "", pulledAt = "", stagesDone = 0 } = happened;
  const outMin = minutesBetween(inAt, pulledAt);
  return heatAt(
    plan,
    plan.stages.findLastIndex(({ fromMin, when }, n) => n <= stagesDone || (!when && fromMin <= outMin)),
  );
}

/** Which of the kitchen's ovens it goes into; null where it is not said, or is of another kind than its heat. */
export const ovenIn = ({ oven, heat }: Pick<Plan, "oven" | "heat">): Plan["oven"] =>
  oven?.heat === heat ? oven : null;
