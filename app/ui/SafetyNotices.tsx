import { constant } from "../../core/constants";
import type { PlannedDone } from "../../core/forecast/planned";
import type { Plan } from "../../core/plan/schema";
import { meetsGuideline } from "../../core/safety/guideline";
import type { DerivedPlan } from "../../core/schedule/derive";
import { formatDuration, formatTemperature } from "../../core/units/quantity";
import { DAY_MIN } from "../../core/units/time";
import { survivorsWords } from "../../words/safety";
import { usePreferences } from "../shell/preferences";
import { Caution } from "./Caution";

interface Props {
  readonly plan: Plan;
  readonly cook: PlannedDone | null;
  readonly derived: DerivedPlan | null;
  /** The bird is in the heat. */
  readonly isIn?: boolean;
}

/** What of a plan lies outside the usual guidance, said before anything else: what was computed of it, and what was not. */
export function SafetyNotices({ plan, cook, derived, isIn = false }: Props) {
  const { units } = usePreferences();
  const guidelineC = constant("guidelineC");
  const lowestC = Math.min(...Object.values(plan.targetC).filter((celsius) => celsius !== undefined));
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const longestMin = constant("longestRestMin");
  const restMin = derived?.schedule.restMin.expected ?? 0;
  const chill = cook?.dayAfter?.chill;
  return (
    <>
      {!meetsGuideline(lowestC) && (
        <Caution>
          The target of {t(lowestC)} is below the usual guidance of {t(guidelineC)}.{" "}
          {cook && `Computed at the coldest point, through roast and rest: ${survivorsWords(cook.logReduction)}. `}
          Not computed: the surface, the kitchen, who eats. Follow your local food-safety authority.
        </Caution>
      )}
      {restMin > longestMin && (
        <Caution>
          {isIn && restMin > DAY_MIN
            ? `It would be out ${formatDuration(60 * restMin)} before its dinner. If it is not in the heat, take that back (Correct something); if it is, bring dinner forward (Plan).`
            : `It would rest ${formatDuration(60 * restMin)}, longer than the ${formatDuration(60 * longestMin)} that even a wrapped bird stays hot: ${isIn ? "eat earlier, or hold it in the oven (What if)" : "put it in later"}.`}
        </Caution>
      )}
      {chill && !chill.keepsTheRule && (
        <Caution>
          Carved the day before, the trays would cool too slowly: spread the meat over more of them, and leave them open
          until they are cold.
        </Caution>
      )}
    </>
  );
}
