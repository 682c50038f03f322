/** A plan's finish, computed once and written down when the bird goes in. */
import { ensembleOptions, plannedInput, pullGoalsC } from "../core/forecast/planned";
import { predictionOf } from "../core/forecast/prediction";
import type { Plan, PredictionRecord } from "../core/formats/roast";
import { bandOverPool } from "./band";
import { simulations } from "./simulations";

/** @throws Error when the oven, as planned, never gets there */
export async function predictPull(plan: Plan, inAtMs: number): Promise<PredictionRecord> {
  const cook = await simulations.request<"plan">("predict", {
    kind: "plan",
    input: plannedInput(plan),
    quality: "settled",
  });
  if (cook.kind === "never-met")
    throw new Error(`the oven as planned never brings the ${cook.centre} to ${cook.targetC} °C`);
  const shares = await bandOverPool("predict", ensembleOptions(plan, pullGoalsC(cook, plan.targetC)));
  return predictionOf(cook, shares, inAtMs);
}
