/** Every change that can be made now, simulated from the bird that the readings point to; asked when it is opened. */
import { useMemo } from "react";
import type { CentreTemperatures } from "../../../core/bird/solid";
import type { Forecast } from "../../../core/forecast/assimilate";
import type { EnsembleOptions } from "../../../core/forecast/ensemble";
import { type Changed, changedNow, WHAT_IFS, type WhatIfAnswer, type WhatIfId } from "../../../core/forecast/whatIf";
import type { Plan } from "../../../core/formats/roast";
import { type Asked, useSimulated } from "../../simulation/useSimulated";

export interface WhatIfs {
  readonly answers: Asked<readonly WhatIfAnswer[]>;
  readonly changes: ReadonlyMap<WhatIfId, Changed>;
}

/** @param nowMin whole minutes since it went in; @param readC newest readings */
export function useWhatIfs(
  plan: Plan,
  options: EnsembleOptions,
  forecast: Forecast,
  nowMin: number,
  readC: CentreTemperatures,
): WhatIfs {
  const changes = useMemo(
    () =>
      WHAT_IFS.flatMap((id): (readonly [WhatIfId, Changed])[] => {
        const changed = changedNow(id, plan, nowMin, readC);
        return changed ? [[id, changed]] : [];
      }),
    [plan, nowMin, readC],
  );
  const answers = useSimulated<"what-if">("what-if", {
    kind: "what-if",
    options: { ...options, shownC: forecast.aimC },
    estimate: forecast.estimate,
    nowMin,
    changes,
  });
  return { answers, changes: new Map(changes) };
}
