import { useEffect, useMemo, useRef, useState } from "react";
import { type Forecast, forecastFrom } from "../../../core/forecast/assimilate";
import { changeOf, type ForecastChange } from "../../../core/forecast/change";
import type { EnsembleOptions, Member } from "../../../core/forecast/ensemble";
import { type Reading, thinned } from "../../../core/forecast/reading";
import { Superseded } from "../../../workers/pool";
import { simulations } from "../../../workers/simulations";

export interface ForecastState {
  readonly forecast: Forecast | null;
  /** What moved it last. */
  readonly change: ForecastChange | null;
  readonly refitting: boolean;
  readonly fault: string | null;
}

/** Close enough together that a tip which slips is seen. */
const BIN_MIN = 2;

interface Fitted {
  readonly options: string;
  readonly members: readonly Member[];
}

/**
 * The model fitted to the readings so far. A new reading moves the forecast at once, by what the fitted birds miss of
 * it; the birds are fitted anew behind it, one fit after the other, each with the newest readings.
 */
export function useForecast(options: EnsembleOptions, readings: readonly Reading[]): ForecastState {
  const key = JSON.stringify(options);
  // A thermometer that speaks every second says nothing new within a bin until its mean has moved.
  const coarse = useMemo(
    () => thinned(readings, BIN_MIN).map((each) => ({ ...each, celsius: Math.round(10 * each.celsius) / 10 })),
    [readings],
  );
  const worthAFit = JSON.stringify(coarse.map(({ part, side, celsius }) => [part, side, Math.round(2 * celsius)]));
  const [fitted, setFitted] = useState<Fitted | null>(null);
  const [fit, setFit] = useState({ refitting: false, fault: null as string | null });
  const newest = useRef(coarse);
  newest.current = coarse;
  const busy = useRef<string | null>(null);
  const wanted = useRef<string | null>(null);
  useEffect(() => {
    wanted.current = readings.length > 0 ? `${key} ${worthAFit}` : null;
    const start = (): void => {
      const asked = wanted.current;
      if (asked === null) return;
      busy.current = key;
      setFit({ refitting: true, fault: null });
      simulations
        .request<"fit">("fit", { kind: "fit", options: JSON.parse(key), readings: newest.current })
        .then((members) => {
          busy.current = null;
          setFitted({ options: key, members });
          if (wanted.current === asked) setFit({ refitting: false, fault: null });
          else if (wanted.current?.startsWith(key)) start();
        })
        .catch((error: unknown) => {
          if (error instanceof Superseded) return;
          busy.current = null;
          setFit({ refitting: false, fault: error instanceof Error ? error.message : String(error) });
        });
    };
    // Under way with the same plan: it starts again by itself once it is through.
    if (busy.current !== key) start();
  }, [key, worthAFit, readings.length]);
  useEffect(
    () => () => {
      // The screen is left: nothing of it is to start again.
      wanted.current = null;
    },
    [],
  );
  // After a change of the plan the forecast of the plan before stands until the new one is fitted.
  const forecast = useMemo(
    () => (fitted && coarse.length > 0 ? forecastFrom(JSON.parse(fitted.options), fitted.members, coarse) : null),
    [fitted, coarse],
  );
  return { forecast, change: useChange(forecast, coarse), ...fit };
}

/** The newest news: kept until there is other. */
function useChange(forecast: Forecast | null, readings: readonly Reading[]): ForecastChange | null {
  const told = useRef<{ at: Forecast; change: ForecastChange | null } | null>(null);
  if (forecast && forecast !== told.current?.at) {
    const change = told.current && changeOf(told.current.at, forecast, readings);
    if (change || !told.current) told.current = { at: forecast, change };
  }
  return told.current?.change ?? null;
}
