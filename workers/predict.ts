/** A plan's finish, computed once and written down when the bird goes in. */
import { bandAsked } from "../core/forecast/planned";
import { plannedInput } from "../core/forecast/plannedInput";
import { predictionOf } from "../core/forecast/prediction";
import type { PredictionRecord } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { bandOverPool } from "./band";
import { simulations } from "./simulations";

/** @throws Error when the oven, as planned, never gets there; Superseded when the same roast is asked again */
export async function predictPull(roastId: string, plan: Plan, inAtMs: number): Promise<PredictionRecord> {
  const lane = `predict ${roastId}`;
  const input = plannedInput(plan);
  const cook = await simulations.ask<"plan">({ kind: "plan", input, quality: "settled" }, { lane, urgency: "behind" });
  if (cook.kind === "never-met")
    throw new Error(`the oven as planned never brings the ${cook.centre} to ${cook.targetC} °C`);
  return predictionOf(cook, await bandOverPool(lane, bandAsked(input, cook)), inAtMs);
}
