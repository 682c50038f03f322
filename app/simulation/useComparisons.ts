/** Every column simulated, spread over the pool; each answer is shown as it comes and kept while the bird stays the same. */
import { useEffect, useState } from "react";
import { type PictureQuality, plannedInput } from "../../core/forecast/planned";
import type { Plan } from "../../core/formats/roast";
import { type Comparison, comparisonOf } from "../../core/methods/compare";
import { Superseded } from "../../workers/pool";
import { SPARE_LANES, simulations } from "../../workers/simulations";

export type Answer =
  | { readonly kind: "waiting" }
  | { readonly kind: "compared"; readonly comparison: Comparison }
  | { readonly kind: "failed"; readonly why: string };

const keyOf = (plan: Plan): string => JSON.stringify([plannedInput(plan), plan.season, plan.equipment]);

/**
 * @param name one of a screen's questions: its newest request takes the place of the one before
 * @param quality preview: from the fridge, coarse and quick; settled: with the whole life before the oven
 * @returns the answers in the order of the plans
 */
export function useComparisons(name: string, plans: readonly Plan[], quality: PictureQuality): readonly Answer[] {
  const keys = plans.map(keyOf);
  const wanted = keys.join("\n");
  const [known, setKnown] = useState<ReadonlyMap<string, Answer>>(new Map());
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is wanted stands for the plans
  useEffect(() => {
    let stopped = false;
    const one = async (plan: Plan, lane: number): Promise<Answer | null> => {
      try {
        const cook = await simulations.request<"plan">(`${name} ${lane}`, {
          kind: "plan",
          input: plannedInput(plan),
          quality,
        });
        if (cook.kind === "done") return { kind: "compared", comparison: comparisonOf(cook, plan) };
        return { kind: "failed", why: `the ${cook.centre} does not get done` };
      } catch (error) {
        // A newer question took this one's place.
        if (error instanceof Superseded) return null;
        return { kind: "failed", why: error instanceof Error ? error.message : String(error) };
      }
    };
    const missing = plans.filter((_, n) => !known.has(keys[n] as string));
    for (let lane = 0; lane < SPARE_LANES; lane++) {
      void (async () => {
        for (const plan of missing.filter((_, n) => n % SPARE_LANES === lane)) {
          if (stopped) return;
          const answer = await one(plan, lane);
          if (answer && !stopped) setKnown((before) => new Map(before).set(keyOf(plan), answer));
        }
      })();
    }
    return () => {
      stopped = true;
    };
  }, [wanted]);
  return keys.map((key) => known.get(key) ?? { kind: "waiting" });
}
