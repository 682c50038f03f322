import { useMemo, useRef } from "react";
import { changeOf, type ForecastChange } from "../../core/day/change";
import type { EnsembleOptions } from "../../core/forecast/ensemble";
import { type Forecast, forecastFrom } from "../../core/forecast/forecast";
import type { Member } from "../../core/forecast/member";
import { binned, meanOf, type Reading, seriesOf, worthAFit } from "../../core/forecast/reading";
import type { Screened } from "../../core/forecast/screening";
import { fits } from "../../workers/simulations";
import { useNewest } from "../simulation/useSimulated";

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
  readonly options: EnsembleOptions;
  readonly members: readonly Member[];
  /** To readings, and not only to the plan. */
  readonly isRead: boolean;
}

/** The first line of a question. */
const toldIn = (question: string): string => question.split("\n")[0] ?? "";

/**
 * The model fitted to the readings so far. A new reading moves the forecast at once, by what the fitted birds miss of
 * it; the birds are fitted anew behind it, one fit after the other, each with the newest readings.
 * @param options null while the bird is not in
 * @param told the same as the cook has told it: where only time has moved what is counted on from now, the fit that runs
 * is not begun again, or a fast clock would never see one end
 * @param screen readings that are believed, and those that are set aside
 */
export function useForecast(
  options: EnsembleOptions | null,
  told: EnsembleOptions | null,
  screen: Screened,
): ForecastState {
  // What is believed and what is set aside are never averaged with one another.
  const bins = useMemo(
    () =>
      [screen.kept, screen.setAside.map(({ reading }) => reading)].flatMap(seriesOf).map((own) => binned(own, BIN_MIN)),
    [screen],
  );
  // A thermometer that speaks every second says nothing new within a bin until its mean has moved.
  const coarse = useMemo(
    () =>
      bins
        .flat()
        .map(meanOf)
        .map((each) => ({ ...each, celsius: Math.round(10 * each.celsius) / 10 })),
    [bins],
  );
  const plan = useMemo(() => JSON.stringify(options), [options]);
  const toldLine = useMemo(() => JSON.stringify(told), [told]);
  const asked = useMemo(() => bins.map(worthAFit), [bins]);
  const newest = useRef(coarse);
  newest.current = coarse;
  const fit = useNewest<Fitted>(
    options && [toldLine, plan, ...asked].join("\n"),
    async (lane) => {
      const planned: EnsembleOptions = JSON.parse(plan);
      const readings = newest.current;
      const isRead = readings.length > 0;
      // Before the first reading the birds that every fit begins from are made, behind all else: it then waits for less.
      const urgency = isRead ? "screen" : "behind";
      const members = await fits.ask(lane, planned, readings, urgency);
      return { options: planned, members, isRead };
    },
    {
      follows: (running, next) => toldIn(running) === toldIn(next),
      drop: (lane) => fits.drop(lane),
      keptAs: "fit to bins",
    },
  );
  // After a change of the plan the forecast of the plan before stands until the new one is fitted.
  const fitted = fit.answer;
  const forecast = useMemo(
    () => (fitted?.isRead && coarse.length > 0 ? forecastFrom(fitted.options, fitted.members, coarse) : null),
    [fitted, coarse],
  );
  return {
    forecast,
    change: useChange(fitted?.options, forecast, coarse),
    refitting: coarse.length > 0 && fit.stale,
    fault: fit.fault,
  };
}

/** The newest news: kept until there is other. What was done to the bird or its heat moves a forecast without any. */
function useChange(
  options: EnsembleOptions | undefined,
  forecast: Forecast | null,
  readings: readonly Reading[],
): ForecastChange | null {
  const told = useRef<{ of: string; at: Forecast; change: ForecastChange | null } | null>(null);
  const of = useMemo(() => JSON.stringify(options), [options]);
  if (forecast && forecast !== told.current?.at) {
    const before = told.current?.of === of ? told.current.at : null;
    const change = before && changeOf(before, forecast, readings);
    if (change || !before) told.current = { of, at: forecast, change };
  }
  return told.current?.change ?? null;
}
