/** What of its dinner a roast waits for: another one whose day goes late. */
import { useMemo } from "react";
import { useShallow } from "zustand/react/shallow";
import { LATE_MIN } from "../../core/day/coach";
import type { Roast } from "../../core/plan/roast";
import { isSameDinner } from "../../core/plan/together";
import { MINUTE_MS } from "../../core/units/time";
import { type RoastDay, useDays } from "./roastDay";

export interface Awaited {
  readonly roast: Roast;
  /** On the table no sooner, at a whole minute. */
  readonly tableMs: number;
}

const tableMsOf = ({ renewed }: RoastDay): number =>
  MINUTE_MS * Math.ceil((renewed?.schedule.earliestTableMs ?? Number.NEGATIVE_INFINITY) / MINUTE_MS);

/** The latest of the others, where that is later than planned by more than the plan's own doubt; else null. */
export function useAwaited({ plan, id, dinner }: Roast): Awaited | null {
  const fromMs = Date.parse(plan.serveAt) + LATE_MIN * MINUTE_MS;
  // By parts: a day that is published again says nothing new by that.
  const [roast, tableMs] = useDays(
    useShallow(({ days }): readonly [Roast | null, number] => {
      const others = Object.values(days).filter((day) => day.roast.id !== id && isSameDinner(day.roast, { dinner }));
      const latestMs = Math.max(...others.map(tableMsOf));
      const latest = others.find((day) => tableMsOf(day) === latestMs);
      return latest && latestMs > fromMs ? [latest.roast, latestMs] : [null, latestMs];
    }),
  );
  return useMemo(() => roast && { roast, tableMs }, [roast, tableMs]);
}
