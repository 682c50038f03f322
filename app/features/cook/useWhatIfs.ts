/** Every change that can be made now, simulated from the bird that the readings point to; asked when it is opened. */
import { useEffect, useState } from "react";
import type { CentreTemperatures } from "../../../core/bird/solid";
import type { Forecast } from "../../../core/forecast/assimilate";
import type { EnsembleOptions } from "../../../core/forecast/ensemble";
import { type Changed, changedNow, WHAT_IFS, type WhatIfAnswer, type WhatIfId } from "../../../core/forecast/whatIf";
import type { Plan } from "../../../core/formats/roast";
import { Superseded } from "../../../workers/pool";
import { simulations } from "../../../workers/simulations";

export type WhatIfs =
  | { readonly kind: "waiting" }
  | {
      readonly kind: "known";
      readonly answers: readonly WhatIfAnswer[];
      readonly changes: ReadonlyMap<WhatIfId, Changed>;
    }
  | { readonly kind: "failed"; readonly why: string };

/** @param nowMin whole minutes since it went in; @param readC newest readings */
export function useWhatIfs(
  plan: Plan,
  options: EnsembleOptions,
  forecast: Forecast,
  nowMin: number,
  readC: CentreTemperatures,
): WhatIfs {
  const [state, setState] = useState<WhatIfs>({ kind: "waiting" });
  const key = JSON.stringify([plan.stages, plan.bird, forecast.estimate, forecast.aimC, nowMin]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for what is simulated
  useEffect(() => {
    let stopped = false;
    const changes = WHAT_IFS.flatMap((id): (readonly [WhatIfId, Changed])[] => {
      const changed = changedNow(id, plan, nowMin, readC);
      return changed ? [[id, changed]] : [];
    });
    simulations
      .request<"what-if">("what-if", {
        kind: "what-if",
        options: { ...options, shownC: forecast.aimC },
        estimate: forecast.estimate,
        nowMin,
        changes,
      })
      .then((answers) => {
        if (!stopped) setState({ kind: "known", answers, changes: new Map(changes) });
      })
      .catch((error: unknown) => {
        // A newer question took this one's place.
        if (stopped || error instanceof Superseded) return;
        setState({ kind: "failed", why: error instanceof Error ? error.message : String(error) });
      });
    return () => {
      stopped = true;
    };
  }, [key]);
  return state;
}
