/** Every change that can be made now, simulated from the birds that the readings point to; asked when it is opened. */
import { useMemo } from "react";
import {
  type Changeable,
  type Changed,
  changedNow,
  drawsOf,
  WHAT_IFS,
  type WhatIfAnswer,
  type WhatIfId,
} from "../../../core/day/whatIf";
import type { EnsembleOptions } from "../../../core/forecast/ensemble";
import type { Forecast } from "../../../core/forecast/forecast";
import type { Draw } from "../../../core/forecast/prior";
import { type Asked, useSimulated } from "../../simulation/useSimulated";

interface Wanted {
  readonly options: EnsembleOptions;
  /** Null before a reading. */
  readonly forecast: Forecast | null;
  /** As it was when it was asked. */
  readonly changeable: Changeable;
}

export interface WhatIfs {
  readonly answers: Asked<readonly WhatIfAnswer[]>;
  readonly changes: ReadonlyMap<WhatIfId, Changed>;
}

/** The usual bird, in the usual oven. */
const USUAL: readonly Draw[] = [[]];

export function useWhatIfs({ options, forecast, changeable }: Wanted): WhatIfs {
  const changes = useMemo(
    () =>
      WHAT_IFS.flatMap((id): (readonly [WhatIfId, Changed])[] => {
        const changed = changedNow(id, changeable);
        return changed ? [[id, changed]] : [];
      }),
    [changeable],
  );
  const answers = useSimulated<"what-if">({
    kind: "what-if",
    options: forecast ? { ...options, shownC: forecast.aimC } : options,
    draws: forecast ? drawsOf(forecast) : USUAL,
    nowMin: changeable.nowMin,
    changes,
  });
  return { answers, changes: new Map(changes) };
}
