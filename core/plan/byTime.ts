/** A roast that leaves the heat by the clock, whatever it shows. */
import type { PredictionRecord } from "./happened";
import { isHeld } from "./holding";
import type { Roast } from "./roast";

/** Minutes after it went in; null where something else says when. Once it has been back in, what it shows does. */
export const byTimeMin = ({ plan, happened }: Pick<Roast, "plan" | "happened">): number | null =>
  plan.finish.kind === "time" && !happened.outs?.length ? plan.finish.minutes : null;

/**
 * What was foretold of it when it went in: nothing where it comes out by the clock, or was held in its heat until dinner
 * wanted it, since it was to come out then.
 */
export const foretold = (roast: Pick<Roast, "plan" | "happened">): PredictionRecord | undefined =>
  byTimeMin(roast) === null && !isHeld(roast.plan, roast.happened.stagesDone) ? roast.happened.predicted : undefined;
