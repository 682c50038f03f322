import { type PictureQuality, type PlannedDone, plannedCook } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import type { Plan } from "../../core/plan/schema";
import { drain } from "../../core/processes/cook";

/** A plan as it is simulated. @throws Error where it never gets there */
export function plannedDone(plan: Plan, quality: PictureQuality = "preview"): PlannedDone {
  const outcome = drain(plannedCook(plannedInput(plan), quality));
  if (outcome.kind !== "done") throw new Error("never met");
  return outcome;
}
