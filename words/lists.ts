/** The plan on paper: what to buy, weigh and lay out, and what fits. Data with plain words. */
import type { Plan } from "../core/plan/schema";
import type { DerivedPlan } from "../core/schedule/derive";
import type { UnitSystem } from "../core/units/quantity";
import type { ListItem } from "./listItem";
import { type Company, toBuy } from "./toBuy";
import { toLayOut } from "./toLayOut";
import { toWeigh } from "./toWeigh";

export interface Lists {
  readonly buy: readonly ListItem[];
  readonly weigh: readonly ListItem[];
  readonly kit: readonly ListItem[];
}

export function listsOf(plan: Plan, derived: DerivedPlan, units: UnitSystem, company: Company = "alone"): Lists {
  return {
    buy: toBuy(plan, derived, units, company),
    weigh: toWeigh(plan, derived, units),
    kit: toLayOut(plan, derived, units),
  };
}
