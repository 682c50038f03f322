/** Every change that can be made now, simulated from the birds that the readings point to; asked when it is opened. */
import { useMemo } from "react";
import type { Piece } from "../../../core/bird/solid";
import {
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
import type { Plan } from "../../../core/plan/schema";
import { type Asked, useSimulated } from "../../simulation/useSimulated";

interface Wanted {
  readonly plan: Plan;
  /** Pieces that are out. */
  readonly left: readonly Piece[];
  /** The last stage that the cook has said to be done. */
  readonly stagesDone: number | undefined;
  /** Its heat gives none now. */
  readonly isOff: boolean;
  readonly options: EnsembleOptions;
  /** Null before a reading. */
  readonly forecast: Forecast | null;
  /** Whole minutes since it went in. */
  readonly nowMin: number;
}

export interface WhatIfs {
  readonly answers: Asked<readonly WhatIfAnswer[]>;
  readonly changes: ReadonlyMap<WhatIfId, Changed>;
}

/** The usual bird, in the usual oven. */
const USUAL: readonly Draw[] = [[]];

export function useWhatIfs({ plan, left, stagesDone, isOff, options, forecast, nowMin }: Wanted): WhatIfs {
  const out = left.join();
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is out stands for the list of it
  const changes = useMemo(
    () =>
      WHAT_IFS.flatMap((id): (readonly [WhatIfId, Changed])[] => {
        const changed = changedNow(id, { plan, nowMin, stagesDone, left, isOff });
        return changed ? [[id, changed]] : [];
      }),
    [plan, nowMin, stagesDone, out, isOff],
  );
  const answers = useSimulated<"what-if">({
    kind: "what-if",
    options: forecast ? { ...options, shownC: forecast.aimC } : options,
    draws: forecast ? drawsOf(forecast) : USUAL,
    nowMin,
    changes,
  });
  return { answers, changes: new Map(changes) };
}
