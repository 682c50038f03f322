/**
 * When a bird went in, told later or otherwise, and that it is not in after all. What is counted from the oven's door moves
 * with it; what was done to the heat was done at its moment, whenever the bird had gone in.
 */
import { MINUTE_MS } from "../units/time";
import type { PredictionRecord } from "./happened";
import type { Roast } from "./roast";
import { LATEST_STAGE_MIN, type Plan } from "./schema";
import { waitingAgain } from "./signs";
import { inOrder } from "./stageOrder";

type Happened = Roast["happened"];

const moved = (at: string, byMs: number): string => new Date(Date.parse(at) + byMs).toISOString();

export const movedBy = (prediction: PredictionRecord, byMs: number): PredictionRecord => ({
  ...prediction,
  pullP10At: moved(prediction.pullP10At, byMs),
  pullP50At: moved(prediction.pullP50At, byMs),
  pullP90At: prediction.pullP90At === "never" ? "never" : moved(prediction.pullP90At, byMs),
});

/** Changes of the heat that were made, each at its moment still; later ones not before them. */
function madeWhenTheyWere(stages: Plan["stages"], done: number, byMin: number): Plan["stages"] {
  const kept = inOrder(
    stages.map((stage, n) =>
      n > 0 && n <= done && !stage.when ? { ...stage, fromMin: stage.fromMin + byMin } : stage,
    ),
  );
  return kept.every(({ fromMin }) => fromMin <= LATEST_STAGE_MIN) ? kept : stages;
}

/** What happened, with the bird in since then: what was predicted counts from there. */
export function inSince(happened: Happened, inAt: string): Happened {
  const { inAt: before, predicted } = happened;
  const byMs = Date.parse(inAt) - Date.parse(before ?? "");
  return { ...happened, inAt, ...(before && predicted && { predicted: movedBy(predicted, byMs) }) };
}

/** What happened, with the bird not in after all: nothing has happened in the heat. */
export function notInYet(happened: Happened): Happened {
  const { inAt, predicted, stagesDone, bastingsDone, fuelsDone, darker, doors, seated, left, outs, ...rest } = happened;
  return rest;
}

/** The roast with its bird in the oven since then, whatever was said before. */
export function wentIn(roast: Roast, atMs: number): Roast {
  const { plan, happened } = roast;
  const { inAt, stagesDone = 0 } = happened;
  const byMin = inAt === undefined ? 0 : (Date.parse(inAt) - atMs) / MINUTE_MS;
  return {
    ...roast,
    plan: { ...plan, stages: madeWhenTheyWere(plan.stages, stagesDone, byMin) },
    happened: inSince(happened, new Date(atMs).toISOString()),
  };
}

/** The roast with its bird not in after all: what waited for a sign waits for it again. */
export const neverIn = (roast: Roast): Roast => ({
  ...roast,
  plan: { ...roast.plan, stages: waitingAgain(roast.plan.stages) },
  happened: notInYet(roast.happened),
});
