/** Where a plan's doneness is looked for, and what is to be seen there, in words. */

import type { Centre } from "../core/bird/solid";
import type { Plan } from "../core/plan/schema";
import { decidingCentres, targetsOf, unreadCentre } from "../core/plan/targets";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";
import { holdWords } from "./guideline";
import { allOf } from "./listing";
import { PART_NAMES } from "./names";
import { inEach } from "./titles";

type Decided = Pick<Plan, "bird" | "decidedBy">;

/** "every centre"; where its cook goes by one of them, "the breast", or "the breast and the stuffing". */
export const whereRead = (plan: Decided): string =>
  unreadCentre(plan) === undefined
    ? "every centre"
    : allOf(decidingCentres(plan).map((centre) => `the ${PART_NAMES[centre]}`));

/** "74 °C in the breast and 80 °C in the thigh" */
export const atCentres = (each: readonly (readonly [Centre, number])[], units: UnitSystem): string =>
  allOf(each.map(([centre, celsius]) => `${formatTemperature(celsius, units)} in the ${PART_NAMES[centre]}`));

/**
 * What a thermometer is to show before the knife, which is what the cook aims at: "74 °C at every centre in both
 * birds", "62 °C in the breast", "74 °C in the breast and 80 °C in the thigh".
 */
export function toBeSeen(plan: Decided & Pick<Plan, "equipment" | "targetC">, units: UnitSystem): string {
  const each = Object.entries(targetsOf(plan)) as [Centre, number][];
  const [first, ...others] = new Set(each.map(([, celsius]) => formatTemperature(celsius, units)));
  const places =
    others.length === 0
      ? `${first} ${unreadCentre(plan) === undefined ? "at" : "in"} ${whereRead(plan)}`
      : atCentres(each, units);
  return `${places}${inEach(plan.bird)}${holdWords(plan)}`;
}
