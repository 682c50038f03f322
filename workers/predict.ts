/** A roast's finish as it was known when the bird went in, computed once and written down. */
import { bandAsked } from "../core/forecast/planned";
import { roastInput } from "../core/forecast/plannedInput";
import { predictionOf } from "../core/forecast/prediction";
import type { PredictionRecord } from "../core/plan/happened";
import type { Roast } from "../core/plan/roast";
import { bandOverPool } from "./band";
import { simulations } from "./simulations";

/** @throws Error when the oven, as planned, never gets there; Superseded when the same roast is asked again */
export async function predictPull({ id, plan, happened }: Roast): Promise<PredictionRecord> {
  const lane = `predict ${id}`;
  const { inAt = "", heatOnAt } = happened;
  // What happened to it later was not known then.
  const input = roastInput({ plan, happened: { inAt, heatOnAt } });
  const cook = await simulations.ask<"plan">({ kind: "plan", input, quality: "settled" }, { lane, urgency: "behind" });
  if (cook.kind === "never-met")
    throw new Error(`the oven as planned never brings the ${cook.centre} to ${cook.targetC} °C`);
  return predictionOf(cook, await bandOverPool(lane, bandAsked(input, cook)), Date.parse(inAt));
}
