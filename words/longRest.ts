/** A bird that is done so long before it is carved that it cools: what there is to do. */

import { constant } from "../core/constants";
import { LATE_MIN } from "../core/day/coach";
import type { RestPlan } from "../core/day/restPlan";
import type { HeatSource } from "../core/heat/sources";
import { holdDialC } from "../core/plan/holding";
import type { CookStage } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { formatDuration, formatTemperature, type UnitSystem } from "../core/units/quantity";
import { DAY_MIN } from "../core/units/time";
import { heatWords } from "./names";

const minutes = (min: number): string => formatDuration(60 * min);

interface Waiting {
  readonly plan: Pick<Plan, "roasted">;
  readonly stage: CookStage;
  /** From the pull until it is carved, as its day stands, min. */
  readonly restMin: number;
  /** How long it stays good at rest, min. */
  readonly goodForMin: number;
}

/** Before it goes in, and while it is in. @returns null where it stays good, or nearly */
export function longRestWords({ plan, stage, restMin, goodForMin }: Waiting): string | null {
  switch (stage) {
    case "planned":
      return restMin > goodForMin
        ? `It would rest ${minutes(restMin)}, longer than the ${minutes(goodForMin)} that even a wrapped bird stays hot: put it in later.`
        : null;
    case "roasting":
      if (restMin > DAY_MIN) {
        return `It would be out ${minutes(restMin)} before its dinner. If it is not in the heat, take that back (Correct something); if it is, bring dinner forward (Plan).`;
      }
      // Carved the day before, it is carved once it has rested.
      if (plan.roasted === "day-before" || restMin <= goodForMin + LATE_MIN) return null;
      return `It would wait ${minutes(restMin)} to be carved, and stays good for ${minutes(goodForMin)}: turn the heat down, or hold it there once it is done (What if); or eat earlier.`;
    default:
      return null;
  }
}

/** Of the earliest one in ten of such birds. @returns null where that one stays hot too */
export function earliestRestWords(
  earlyMin: number,
  { roasted, equipment }: Pick<Plan, "roasted" | "equipment">,
  units: UnitSystem,
): string | null {
  const longestMin = constant("longestRestMin");
  if (roasted === "day-before" || earlyMin <= longestMin + LATE_MIN) return null;
  return `One such bird in ten is out so early that it would wait ${minutes(earlyMin)}, longer than the ${minutes(longestMin)} that even a wrapped one stays hot. Its readings tell in time: turn the heat down then, or hold it in an oven at ${formatTemperature(holdDialC(equipment.dial), units)}.`;
}

/** Said where it rests, and dinner is later than its rest can be. */
export const KEEP_HOT = "Keep it hot until dinner";

/** How. @param isIn the heat that it was in last */
export function keepHotWords(
  { latestMin, latestBecause, overMin }: Pick<RestPlan, "latestMin" | "latestBecause" | "overMin">,
  { cover, equipment }: Pick<Plan, "cover" | "equipment">,
  units: UnitSystem,
  isIn: HeatSource,
): string {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const ends =
    latestBecause === "cools"
      ? `It falls under ${t(constant("zoneHighC"))} ${minutes(latestMin)} after it came out`
      : `A bird rests ${minutes(latestMin)} at most`;
  const covered =
    cover === "none" || cover === "foil" ? " Foil and towels hold it longer: say so under Covered with." : "";
  return `${ends}, and is to be carved ${minutes(overMin)} after that.${covered} Or put it back ${heatWords(isIn).into} at ${t(holdDialC(equipment.dial))}, the probe left in, and say so under Correct something. Or carve it, and eat sooner.`;
}
