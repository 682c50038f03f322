/** Several plans simulated side by side; each answer is shown as it comes and kept while its plan stays the same. */

import { useEffect, useId, useRef, useState } from "react";
import type { PictureQuality, PlannedDone } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import type { Plan } from "../../core/plan/schema";
import { messageOf } from "../../words/faults";
import { Superseded } from "../../workers/pool";
import { simulations } from "../../workers/simulations";

export type Cooked =
  | { readonly kind: "waiting" }
  | { readonly kind: "cooked"; readonly cook: PlannedDone }
  | { readonly kind: "failed"; readonly why: string };

const keyOf = (plan: Plan): string => JSON.stringify(plannedInput(plan));

async function cooked(plan: Plan, quality: PictureQuality, lane: string): Promise<Cooked | null> {
  try {
    const cook = await simulations.ask<"plan">({ kind: "plan", input: plannedInput(plan), quality }, { lane });
    if (cook.kind === "done") return { kind: "cooked", cook };
    return { kind: "failed", why: `the ${cook.centre} does not get done` };
  } catch (error) {
    // Not wanted any more.
    if (error instanceof Superseded) return null;
    return { kind: "failed", why: messageOf(error) };
  }
}

/**
 * @param quality preview: from the fridge, coarse and quick; settled: with the whole life before the oven
 * @returns the answers in the order of the plans
 */
export function useCooks(plans: readonly Plan[], quality: PictureQuality): readonly Cooked[] {
  const name = useId();
  const keys = plans.map(keyOf);
  const wanted = keys.join("\n");
  const [known, setKnown] = useState<ReadonlyMap<string, Cooked>>(new Map());
  const underWay = useRef(new Map<string, string>());
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is wanted stands for the plans
  useEffect(() => {
    for (const [key, lane] of underWay.current) {
      if (keys.includes(key)) continue;
      underWay.current.delete(key);
      simulations.drop(lane);
    }
    plans.forEach((plan, n) => {
      const key = keys[n] as string;
      if (known.has(key) || underWay.current.has(key)) return;
      const lane = `${name} ${key}`;
      underWay.current.set(key, lane);
      void cooked(plan, quality, lane).then((answer) => {
        if (underWay.current.get(key) === lane) underWay.current.delete(key);
        if (answer) setKnown((before) => new Map(before).set(key, answer));
      });
    });
  }, [wanted]);
  useEffect(() => {
    const lanes = underWay.current;
    return () => {
      // The screen is left: its processors are wanted elsewhere.
      for (const lane of lanes.values()) simulations.drop(lane);
      lanes.clear();
    };
  }, []);
  return keys.map((key) => known.get(key) ?? { kind: "waiting" });
}
