/** Several plans held against one another, each as its simulation comes. */
import type { PictureQuality } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import { type Comparison, comparisonOf } from "../../core/plan/compare";
import type { Plan } from "../../core/plan/schema";
import { useCooks } from "./useCooks";

export type Answer =
  | { readonly kind: "waiting" }
  | { readonly kind: "compared"; readonly comparison: Comparison }
  | { readonly kind: "failed"; readonly why: string };

/**
 * @param quality preview: from the fridge, coarse and quick; settled: with the whole life before the oven
 * @returns the answers in the order of the plans
 */
export const useComparisons = (plans: readonly Plan[], quality: PictureQuality): readonly Answer[] =>
  useCooks(plans.map(plannedInput), quality).map((answer, n) =>
    answer.kind === "cooked" ? { kind: "compared", comparison: comparisonOf(answer.cook, plans[n] as Plan) } : answer,
  );
