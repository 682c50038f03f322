/** Several plans simulated side by side; each answer is shown as it comes and kept while its plan stays the same. */

import type { PictureQuality, PlannedDone } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import type { Plan } from "../../core/plan/schema";
import { messageOf } from "../../words/faults";
import type { Urgency } from "../../workers/pool";
import { simulations } from "../../workers/simulations";
import { useEach } from "./useEach";

export type Cooked =
  | { readonly kind: "waiting" }
  | { readonly kind: "cooked"; readonly cook: PlannedDone }
  | { readonly kind: "failed"; readonly why: string };

const keyOf = (plan: Plan): string => JSON.stringify(plannedInput(plan));

async function cooked(plan: Plan, quality: PictureQuality, lane: string, urgency: Urgency): Promise<Cooked> {
  const job = { kind: "plan", input: plannedInput(plan), quality } as const;
  const cook = await simulations.ask<"plan">(job, { lane, urgency });
  if (cook.kind === "done") return { kind: "cooked", cook };
  return { kind: "failed", why: `the ${cook.centre} does not get done` };
}
const failed = (error: unknown): Cooked => ({ kind: "failed", why: messageOf(error) });
const drop = (lane: string): void => simulations.drop(lane);

/**
 * @param quality preview: from the fridge, coarse and quick; settled: with the whole life before the oven
 * @returns the answers in the order of the plans
 */
export const useCooks = (
  plans: readonly Plan[],
  quality: PictureQuality,
  urgency: Urgency = "screen",
): readonly Cooked[] =>
  useEach(plans.map(keyOf), (n, lane) => cooked(plans[n] as Plan, quality, lane, urgency), failed, drop).map(
    (answer) => answer ?? { kind: "waiting" },
  );
