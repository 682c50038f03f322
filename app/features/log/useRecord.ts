/** A roast that is over, looked back at: what was read, the birds that fit it, the one bird cooked once more, what would have mattered. */

import { useMemo } from "react";
import { drawsOf } from "../../../core/day/whatIf";
import { bandDraws } from "../../../core/forecast/band";
import { type Forecast, forecastFrom } from "../../../core/forecast/forecast";
import { goalsAtPull, type PlannedDone } from "../../../core/forecast/planned";
import { plannedInput, roastOptions, startCOf } from "../../../core/forecast/plannedInput";
import type { Draw } from "../../../core/forecast/prior";
import type { Reading } from "../../../core/forecast/reading";
import type { Mattered } from "../../../core/log/mattered";
import type { Relived } from "../../../core/log/relive";
import { isAtRest, type Roast } from "../../../core/plan/roast";
import { targetsOf } from "../../../core/plan/targets";
import { LONGEST_ROAST_MIN } from "../../../core/processes/roast";
import type { PlacedSide } from "../../../core/schedule/sides";
import { MINUTE_MS } from "../../../core/units/time";
import { fits } from "../../../workers/simulations";
import { usePictured } from "../../bird-view/pictured";
import type { Observed } from "../../day/roastDay";
import { useObserved } from "../../day/useObserved";
import { useBand } from "../../simulation/useBand";
import { useDinner } from "../../simulation/useDinner";
import { useNewest, useSimulated } from "../../simulation/useSimulated";

export interface LookedBack {
  /** Minutes since it went in. */
  readonly outMin: number;
  readonly tableMin: number;
  readonly observed: readonly Observed[];
  /** Of them, and of what was read at rest, what is believed. */
  readonly believed: readonly Reading[];
  /** Keys of readings that were not believed. */
  readonly aside: ReadonlySet<string>;
  /** The plan's own bird. */
  readonly cook: PlannedDone | null;
  /** When it was to be carved by the plan's own band, epoch ms; null until it is placed. */
  readonly carveAtMs: number | null;
  /** The dishes as they were planned. */
  readonly sides: readonly PlacedSide[];
  /** Fitted to the readings; null without any, or before it is there. */
  readonly forecast: Forecast | null;
  readonly relived: Relived | null;
  readonly mattered: Mattered | null;
  readonly fault: string | null;
}

/** Of a bird that nobody said was out, or that was out before it was in, nothing is computed. */
const NOT_COMPUTED = "it was in the heat for no time, or for longer than any roast";

const placeOf = ({ part, side, minute }: { part: string; side?: string | undefined; minute: number }): string =>
  `${part}/${side ?? ""}/${minute.toFixed(3)}`;

/** @param roast that has come out */
export function useRecord(roast: Roast): LookedBack {
  const { plan, happened } = roast;
  const inMs = Date.parse(happened.inAt ?? "");
  const outMin = (Date.parse(happened.pulledAt ?? "") - inMs) / MINUTE_MS;
  const tableMin = happened.carvedAt ? (Date.parse(happened.carvedAt) - inMs) / MINUTE_MS : outMin;
  const { pictured } = usePictured();
  const input = useMemo(() => plannedInput(plan), [plan]);
  const startC = useMemo(() => startCOf(input.before), [input]);
  const { observed, screen, believed } = useObserved(roast, startC, outMin);
  const planned = useSimulated<"plan">({ kind: "plan", input, quality: "settled" }, { keptAs: "plan" });
  const cook = planned.answer?.kind === "done" ? planned.answer : null;
  const band = useBand(input, cook);
  const { derived } = useDinner(roast, plan, { cook, neverMet: null, ...band });
  const isPlanned = planned.answer !== null;
  const goalsC = useMemo(() => goalsAtPull(plan, cook), [plan, cook]);
  const isComputed = outMin > 0 && outMin <= LONGEST_ROAST_MIN;
  const options = useMemo(
    () =>
      isPlanned && isComputed
        ? { ...roastOptions({ plan, happened }, { ...targetsOf(plan), ...goalsC }), atLeastMin: outMin }
        : null,
    [isPlanned, isComputed, plan, happened, goalsC, outMin],
  );
  const readings = screen.kept;
  const fit = useNewest(
    options && readings.length > 0 ? JSON.stringify([options, readings]) : null,
    (lane) => fits.ask(lane, options as NonNullable<typeof options>, readings),
    { drop: (lane) => fits.drop(lane), keptAs: "fit" },
  );
  const forecast = useMemo(
    () => (options && fit.answer ? forecastFrom(options, fit.answer, readings) : null),
    [options, fit.answer, readings],
  );
  const draw: Draw | null =
    forecast?.estimate ?? (options && readings.length === 0 ? (bandDraws(options)[0] as Draw) : null);
  const missedC = forecast ? { ...targetsOf(plan), ...goalsC } : {};
  const saltPercent = cook?.saltPercent ?? 0;
  const relived = useSimulated<"relive">(
    options &&
      draw && {
        kind: "relive",
        options: { ...options, shownC: forecast?.aimC ?? options.shownC },
        draw,
        missedC,
        course: {
          options,
          out: { atMin: outMin },
          restMin: Math.min(240, tableMin - outMin),
          cover: plan.cover,
          dryHours: plan.salt.dryHours,
          saltPercent,
          pictured,
        },
      },
  );
  const mattered = useSimulated<"mattered">(
    options && relived.answer && draw && !isAtRest(roast)
      ? {
          kind: "mattered",
          asked: {
            roast: { plan, happened },
            goalsC,
            aimC: forecast?.aimC ?? goalsC,
            draws: forecast ? drawsOf(forecast) : [draw],
            went: { outMin, restMin: Math.min(240, tableMin - outMin) },
            saltPercent,
          },
        }
      : null,
    { urgency: "behind", keptAs: "mattered" },
  );
  const aside = useMemo(() => new Set(screen.setAside.map(({ reading }) => placeOf(reading))), [screen]);
  return {
    outMin,
    tableMin,
    observed,
    believed,
    aside: useMemo(
      () => new Set(observed.filter((reading) => aside.has(placeOf(reading))).map(({ key }) => key)),
      [observed, aside],
    ),
    cook,
    carveAtMs: band.refining ? null : (derived?.schedule.carveAtMs ?? null),
    sides: derived?.sides ?? [],
    forecast,
    relived: relived.answer,
    mattered: mattered.answer,
    fault: isComputed ? (planned.fault ?? fit.fault ?? relived.fault ?? mattered.fault ?? band.fault) : NOT_COMPUTED,
  };
}
