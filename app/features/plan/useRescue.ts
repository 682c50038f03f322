/** Both ways out of a bird that is still ice on the morning, simulated for this very bird. */
import { useEffect, useState } from "react";
import { plannedInput } from "../../../core/forecast/planned";
import type { Plan } from "../../../core/formats/roast";
import { Superseded } from "../../../workers/pool";
import { simulations } from "../../../workers/simulations";
import { onTheMorning } from "./changes";

export type WayOut =
  | { readonly kind: "waiting" }
  | { readonly kind: "known"; readonly waterMin: number; readonly roastMin: number; readonly totalMin: number }
  | { readonly kind: "failed"; readonly why: string };
type Ways = Readonly<Record<"water" | "none", WayOut>>;

const WAITING: Ways = { water: { kind: "waiting" }, none: { kind: "waiting" } };

export function useRescue(plan: Plan, ice: Plan["bird"]["ice"]): Ways {
  const key = JSON.stringify([plannedInput(plan), ice]);
  const [known, setKnown] = useState<{ readonly key: string; readonly ways: Ways }>({ key, ways: WAITING });
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for what of the plan is simulated
  useEffect(() => {
    let stopped = false;
    const note = (thawIn: "water" | "none", way: WayOut): void => {
      if (!stopped) {
        setKnown((before) => ({ key, ways: { ...(before.key === key ? before.ways : WAITING), [thawIn]: way } }));
      }
    };
    const one = async (thawIn: "water" | "none"): Promise<void> => {
      try {
        const cook = await simulations.request<"plan">(`rescue ${thawIn}`, {
          kind: "plan",
          input: plannedInput(onTheMorning(ice, thawIn)(plan)),
          quality: "settled",
        });
        if (cook.kind === "never-met") {
          note(thawIn, { kind: "failed", why: `the ${cook.centre} never gets to ${cook.targetC} °C` });
          return;
        }
        const waterMin = cook.thawHours * 60;
        note(thawIn, { kind: "known", waterMin, roastMin: cook.pullMinute, totalMin: waterMin + cook.pullMinute });
      } catch (error) {
        // A newer question took this one's place: its own answer is on the way.
        if (error instanceof Superseded) return;
        note(thawIn, { kind: "failed", why: error instanceof Error ? error.message : String(error) });
      }
    };
    void one("water");
    void one("none");
    return () => {
      stopped = true;
    };
  }, [key]);
  return known.key === key ? known.ways : WAITING;
}
