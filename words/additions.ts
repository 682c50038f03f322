/** The cook's own lines, in words. */

import { isOnBird } from "../core/plan/additions";
import type { Addition, Plan } from "../core/plan/schema";
import type { UnitSystem } from "../core/units/quantity";
import { formatSpoons, liquid, small } from "./amounts";

/** Where on the bird it goes. */
export const ADDITION_WHERE: Record<Addition["where"], string> = {
  over: "over the skin",
  "under-the-skin": "under the skin",
  inside: "inside",
  "in-slits": "into slits",
};

/** How much of it, for all the birds. */
export function additionAmount({ amount, unit }: Addition, { bird }: Pick<Plan, "bird">, units: UnitSystem): string {
  switch (unit) {
    case "g/kg":
      return small(amount * bird.massKg * bird.count, units);
    case "g":
      return small(amount, units);
    case "mL":
      return liquid(amount, units);
    case "tsp":
      return formatSpoons(amount, units);
    case "pieces":
      return `${Number(amount.toFixed(2))}`;
  }
}

/** The cook's own lines for a moment: what, how much, where. */
export function additionWords(plan: Plan, moment: Addition["when"], units: UnitSystem): string[] {
  const onBird = isOnBird({ when: moment });
  return plan.additions
    .filter(({ when }) => when === moment)
    .map(
      (each) => `${each.name}, ${additionAmount(each, plan, units)}${onBird ? ` ${ADDITION_WHERE[each.where]}` : ""}`,
    );
}
