/** What of its dinner a roast waits for: another one whose day goes late. */
import { useMemo } from "react";
import { useShallow } from "zustand/react/shallow";
import { LATE_MIN } from "../../core/day/coach";
import type { Roast } from "../../core/plan/roast";
import { isSameDinner } from "../../core/plan/together";
import type { DerivedPlan } from "../../core/schedule/derive";
import { MINUTE_MS } from "../../core/units/time";
import type { AwaitedRoast } from "../simulation/useDinner";
import { type RoastDay, useDays } from "./roastDay";

/** Of one that is in, or rests: nobody waits for a bird that may never go in. */
const tableMsOf = ({ stage, renewed }: RoastDay): number =>
  renewed && (stage === "roasting" || stage === "resting")
    ? MINUTE_MS * Math.ceil(renewed.schedule.earliestTableMs / MINUTE_MS)
    : Number.NEGATIVE_INFINITY;

/** The one of its dinner that is last on the table, where that is later than planned by more than the plan's own doubt. */
export function useAwaited({ plan, id, dinner }: Roast): AwaitedRoast | null {
  const fromMs = Date.parse(plan.serveAt) + LATE_MIN * MINUTE_MS;
  // By parts: a day that is published again says nothing new by that.
  const [roast, tableMs, renewed] = useDays(
    useShallow(({ days }): readonly [Roast | null, number, DerivedPlan | null] => {
      const all = Object.values(days).filter((day) => isSameDinner(day.roast, { dinner }));
      const lastMs = Math.max(...all.map(tableMsOf));
      const last = all.find((day) => tableMsOf(day) === lastMs);
      // The last one itself waits for nobody.
      return last && last.roast.id !== id && lastMs > fromMs
        ? [last.roast, lastMs, last.renewed]
        : [null, lastMs, null];
    }),
  );
  return useMemo(() => roast && renewed && { roast, tableMs, uses: renewed.uses }, [roast, tableMs, renewed]);
}
