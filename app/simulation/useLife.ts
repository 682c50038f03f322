/** What the bird lives through before the oven, simulated when the plan has stood still. */

import { useEffect, useState } from "react";
import { type PlannedInput, plannedInput } from "../../core/forecast/planned";
import type { Plan } from "../../core/formats/roast";
import { Superseded } from "../../workers/pool";
import type { LifeSummary } from "../../workers/protocol";
import { simulations } from "../../workers/simulations";
import { soon } from "../shell/clock";

const SETTLE_MS = 700;

export interface Life {
  /** Null until it has been simulated for this very bird. */
  readonly life: LifeSummary | null;
  readonly fault: string | null;
}

export function useLife(plan: Plan): Life {
  const { form, massKg, before } = plannedInput(plan);
  const key = JSON.stringify({ form, massKg, before });
  const [state, setState] = useState<{ key: string; life: LifeSummary } | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let stopped = false;
    const wait = soon(SETTLE_MS, () => {
      const input = JSON.parse(key) as Pick<PlannedInput, "form" | "massKg" | "before">;
      simulations.request<"life">("life", { kind: "life", ...input }).then(
        (life) => {
          if (stopped) return;
          setState({ key, life });
          setFault(null);
        },
        (error: unknown) => {
          // A newer edit took this one's place: its own answer is on the way.
          if (stopped || error instanceof Superseded) return;
          setFault(error instanceof Error ? error.message : String(error));
        },
      );
    });
    return () => {
      stopped = true;
      wait();
    };
  }, [key]);
  return { life: state?.key === key ? state.life : null, fault };
}
