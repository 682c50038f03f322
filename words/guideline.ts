/** The guideline that a plan goes by, in words. */

import type { Plan } from "../core/plan/schema";
import { guidelineOf } from "../core/plan/targets";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";

type Judged = Parameters<typeof guidelineOf>[0];

/** "74 °C"; "70 °C, held for 2 minutes" */
export function guidelineWords(plan: Judged, units: UnitSystem): string {
  const { meatC, heldMin } = guidelineOf(plan);
  return `${formatTemperature(meatC, units)}${heldMin > 0 ? `, held for ${heldMin} minutes` : ""}`;
}

/** What is asked of a place that shows what it should for the first time: nothing more, or another look. */
export const holdWords = (plan: Pick<Plan, "bird" | "equipment">): string => {
  const { heldMin } = guidelineOf(plan);
  return heldMin > 0 ? `, and still ${heldMin} minutes later` : "";
};
