/** The readings of a roast as its day takes them: those that count, by the minute, and which of them are believed. */

import { useMemo } from "react";
import { centresOf } from "../../core/bird/form";
import { countedReadings } from "../../core/day/counted";
import { mostAtRestC } from "../../core/day/doubt";
import { lowestOfRounds } from "../../core/day/rounds";
import { spaced } from "../../core/day/spaced";
import { seatsOf } from "../../core/forecast/plannedInput";
import type { Reading } from "../../core/forecast/reading";
import { type Screened, type Seat, screened } from "../../core/forecast/screening";
import type { Roast, RoastReading } from "../../core/plan/roast";
import { readingKey } from "../../core/plan/roast";
import { MINUTE_MS } from "../../core/units/time";
import { clockNow } from "../shell/clock";
import type { Observed } from "./roastDay";
import { useReadings } from "./useReadings";

interface Observation {
  /** What stands in the store and counts; null until read. */
  readonly readings: readonly RoastReading[] | null;
  /** Of a thermometer that speaks all the while a few, of several birds the one that is behind. */
  readonly observed: readonly Observed[];
  /** Those of them that were taken in the heat. */
  readonly inOven: readonly Observed[];
  /** When its tips were put right. */
  readonly seats: readonly Seat[];
  readonly screen: Screened;
  readonly believed: readonly Reading[];
}

/** @param pulledMin when it came out, minutes since it went in; null while it is in */
export function useObserved(
  { id, plan, happened, probes }: Roast,
  startC: number,
  pulledMin: number | null,
): Observation {
  const inAtMs = Date.parse(happened.inAt ?? "");
  const { struck, notItsOwn, seated } = happened;
  const stored = useReadings(id);
  const readings = useMemo(
    () => stored && countedReadings(stored, { probes, happened: { struck, notItsOwn } }),
    [stored, probes, struck, notItsOwn],
  );
  const observed = useMemo(
    () =>
      lowestOfRounds(spaced(readings ?? []), plan.bird.count)
        .map((reading): Observed => {
          const { at, part, side, celsius } = reading;
          const minute = (Date.parse(at) - inAtMs) / MINUTE_MS;
          return { minute, part, celsius, ...(side && { side }), key: readingKey(reading) };
        })
        .filter(({ minute }) => minute >= 0),
    [readings, inAtMs, plan.bird.count],
  );
  const inOven = useMemo(
    () => (pulledMin === null ? observed : observed.filter(({ minute }) => minute <= pulledMin)),
    [observed, pulledMin],
  );
  // biome-ignore lint/correctness/useExhaustiveDependencies: of what happened only when it went in and what was put right
  const seats = useMemo(() => seatsOf(happened), [inAtMs, seated]);
  const screen = useMemo(
    () => screened(inOven, startC, centresOf(plan.bird), seats),
    [inOven, startC, plan.bird, seats],
  );
  const believed = useMemo(() => {
    if (pulledMin === null) return screen.kept.filter(({ minute }) => minute <= (clockNow() - inAtMs) / MINUTE_MS + 1);
    const mostC = mostAtRestC(screen.kept, startC);
    const resting = observed.filter(({ minute, celsius }) => minute > pulledMin && celsius <= mostC);
    return [...screen.kept, ...resting];
  }, [screen, observed, pulledMin, startC, inAtMs]);
  return { readings, observed, inOven, seats, screen, believed };
}
