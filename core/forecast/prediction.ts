/** What was predicted when the bird went in, carried along when that moment is corrected: it counts from the oven's door. */

import type { PredictionRecord } from "../plan/happened";
import type { Roast } from "../plan/roast";
import { movedBy } from "../plan/wentIn";
import type { HistoryPoint } from "../processes/bird";
import { MINUTE_MS } from "../units/time";
import type { PlannedDone } from "./planned";
import { NEVER, type Shares } from "./shares";

/** A plan's finish as it is written down when the bird goes in. */
export function predictionOf(
  { pullMinute, atPull }: Pick<PlannedDone, "pullMinute"> & { readonly atPull: Pick<HistoryPoint, "centresC"> },
  { p10, p90 }: Shares,
  inAtMs: number,
): PredictionRecord {
  const at = (share: number): string => new Date(inAtMs + pullMinute * share * MINUTE_MS).toISOString();
  return {
    pullP10At: at(p10),
    pullP50At: at(1),
    pullP90At: p90 === NEVER ? NEVER : at(p90),
    pullC: atPull.centresC,
  };
}

/** The roast with a prediction that was made for an instant at which it may not have gone in after all. */
export function withPrediction(roast: Roast, predicted: PredictionRecord, madeForMs: number): Roast {
  const { inAt } = roast.happened;
  if (!inAt) return roast;
  return { ...roast, happened: { ...roast.happened, predicted: movedBy(predicted, Date.parse(inAt) - madeForMs) } };
}
