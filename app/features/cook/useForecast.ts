import { useEffect, useState } from "react";
import type { CentreTemperatures } from "../../../core/bird/solid";
import type { Reading } from "../../../core/forecast/assimilate";
import { thinned } from "../../../core/forecast/assimilate";
import { ensembleOptions } from "../../../core/forecast/planned";
import type { Plan } from "../../../core/formats/roast";
import { Superseded } from "../../../workers/pool";
import type { ForecastSummary } from "../../../workers/protocol";
import { simulations } from "../../../workers/simulations";

export interface ForecastState {
  readonly forecast: ForecastSummary | null;
  readonly refitting: boolean;
  readonly fault: string | null;
}

/**
 * The model refitted to the readings so far. Readings are thinned first, and a new fit starts only when the thinned
 * set has changed by more than the noise within a bin, so a thermometer that speaks every second does not keep the
 * machine busy for nothing.
 */
export function useForecast(plan: Plan, shownC: CentreTemperatures, readings: readonly Reading[]): ForecastState {
  const [state, setState] = useState<ForecastState>({ forecast: null, refitting: false, fault: null });
  // Close enough together that a tip which slips is seen.
  const coarse = thinned(readings, 2).map(({ minute, part, celsius }) => ({
    minute: Math.round(minute),
    part,
    celsius: Math.round(2 * celsius) / 2,
  }));
  const key = readings.length > 0 ? JSON.stringify({ options: ensembleOptions(plan, shownC), coarse }) : null;
  useEffect(() => {
    if (key === null) return;
    let stopped = false;
    const { options, coarse: observed } = JSON.parse(key);
    setState((before) => ({ ...before, refitting: true }));
    simulations
      .request<"forecast">("forecast", { kind: "forecast", options, readings: observed })
      .then((forecast) => {
        if (!stopped) setState({ forecast, refitting: false, fault: null });
      })
      .catch((error: unknown) => {
        if (error instanceof Superseded || stopped) return;
        setState((before) => ({
          ...before,
          refitting: false,
          fault: error instanceof Error ? error.message : String(error),
        }));
      });
    return () => {
      stopped = true;
    };
  }, [key]);
  return state;
}
