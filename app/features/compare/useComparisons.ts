/** Every way simulated, spread over the pool; each answer is shown as it comes. */
import { useEffect, useState } from "react";
import { plannedInput } from "../../../core/forecast/planned";
import type { Plan } from "../../../core/formats/roast";
import { type Comparison, comparisonOf, planByWay, type Way, waysFor } from "../../../core/methods/compare";
import { Superseded } from "../../../workers/pool";
import { simulations } from "../../../workers/simulations";

/** One processor is left to the page. */
const LANES = Math.max(1, Math.min(6, (navigator.hardwareConcurrency || 2) - 1));

export type Answer =
  | { readonly kind: "waiting" }
  | { readonly kind: "compared"; readonly comparison: Comparison }
  | { readonly kind: "failed"; readonly why: string };

export function useComparisons(plan: Plan): readonly { readonly way: Way; readonly answer: Answer }[] {
  const key = JSON.stringify(plannedInput(plan));
  const [answers, setAnswers] = useState<{ key: string; by: Readonly<Record<string, Answer>> }>({ key, by: {} });
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for what of the plan is simulated
  useEffect(() => {
    let stopped = false;
    const note = (id: string, answer: Answer): void => {
      if (!stopped) setAnswers((before) => ({ key, by: { ...(before.key === key ? before.by : {}), [id]: answer } }));
    };
    const one = async (way: Way, lane: number): Promise<void> => {
      try {
        const cook = await simulations.request<"plan">(`compare ${lane}`, {
          kind: "plan",
          input: plannedInput(planByWay(plan, way)),
          quality: "preview",
        });
        if (cook.kind === "done") note(way.id, { kind: "compared", comparison: comparisonOf(cook, way.cut) });
        else note(way.id, { kind: "failed", why: `the ${cook.centre} never gets to ${cook.targetC} °C` });
      } catch (error) {
        if (error instanceof Superseded) return;
        note(way.id, { kind: "failed", why: error instanceof Error ? error.message : String(error) });
      }
    };
    const ways = waysFor(plan);
    for (let lane = 0; lane < LANES; lane++) {
      void (async () => {
        for (const way of ways.filter((_, n) => n % LANES === lane)) {
          if (stopped) return;
          await one(way, lane);
        }
      })();
    }
    return () => {
      stopped = true;
    };
  }, [key]);
  const known = answers.key === key ? answers.by : {};
  return waysFor(plan).map((way) => ({ way, answer: known[way.id] ?? { kind: "waiting" } }));
}
