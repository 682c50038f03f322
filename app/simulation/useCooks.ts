/** Several plans simulated side by side; each answer is shown as it comes and kept while its plan stays the same. */

import type { PictureQuality, PlannedDone } from "../../core/forecast/planned";
import type { PlannedInput } from "../../core/forecast/plannedInput";
import { messageOf } from "../../words/faults";
import { PART_NAMES } from "../../words/names";
import type { Urgency } from "../../workers/pool";
import { simulations } from "../../workers/simulations";
import { useEach } from "./useEach";

export type Cooked =
  | { readonly kind: "waiting" }
  | { readonly kind: "cooked"; readonly cook: PlannedDone }
  | { readonly kind: "failed"; readonly why: string };

const keyOf = (input: PlannedInput): string => JSON.stringify(input);

async function cooked(input: PlannedInput, quality: PictureQuality, lane: string, urgency: Urgency): Promise<Cooked> {
  const job = { kind: "plan", input, quality } as const;
  const cook = await simulations.ask<"plan">(job, { lane, urgency });
  if (cook.kind === "done") return { kind: "cooked", cook };
  return { kind: "failed", why: `the ${PART_NAMES[cook.centre]} does not get done` };
}
const failed = (error: unknown): Cooked => ({ kind: "failed", why: messageOf(error) });
const drop = (lane: string): void => simulations.drop(lane);

/**
 * @param quality preview: from the fridge, coarse and quick; settled: with the whole life before the oven
 * @returns the answers in the order of what is asked
 */
export const useCooks = (
  inputs: readonly PlannedInput[],
  quality: PictureQuality,
  urgency: Urgency = "screen",
): readonly Cooked[] =>
  useEach(inputs.map(keyOf), (n, lane) => cooked(inputs[n] as PlannedInput, quality, lane, urgency), failed, drop).map(
    (answer) => answer ?? { kind: "waiting" },
  );
