/** A plan's finish, computed once and written down when the bird goes in. */
import { NEVER } from "../core/forecast/ensemble";
import { ensembleOptions, plannedInput, pullGoalsC } from "../core/forecast/planned";
import type { Plan, PredictionRecord } from "../core/formats/roast";
import { bandOverPool } from "./band";
import { simulations } from "./simulations";

const MINUTE_MS = 60_000;

/** @throws Error when the oven, as planned, never gets there */
export async function predictPull(plan: Plan, inAtMs: number): Promise<PredictionRecord> {
  const cook = await simulations.request<"plan">("predict", {
    kind: "plan",
    input: plannedInput(plan),
    quality: "settled",
  });
  if (cook.kind === "never-met")
    throw new Error(`the oven as planned never brings the ${cook.centre} to ${cook.targetC} °C`);
  const options = ensembleOptions(plan, pullGoalsC(cook, plan.targetC));
  const shares = await bandOverPool("predict", options);
  const at = (share: number): string => new Date(inAtMs + cook.pullMinute * share * MINUTE_MS).toISOString();
  return {
    pullP10At: at(shares.p10),
    pullP50At: at(1),
    pullP90At: shares.p90 === NEVER ? NEVER : at(shares.p90),
    pullC: cook.atPull.centresC,
  };
}
