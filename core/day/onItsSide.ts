/** A day that goes otherwise is placed again with each dish on the side of the bird that it was planned for. */
import type { Plan } from "../plan/schema";
import type { Beside, DerivedPlan } from "../schedule/derive";
import { onTheirSide } from "../schedule/sides";

/** What is placed again, and beside what. @param derived as it was placed until now */
export function onItsSide(
  plan: Plan,
  { sides, beside }: DerivedPlan,
): { readonly plan: Plan; readonly beside: Beside } {
  const { dishes } = beside;
  return {
    plan: { ...plan, sides: onTheirSide(plan.sides, sides) },
    beside: dishes ? { ...beside, dishes: onTheirSide(dishes, sides) } : beside,
  };
}
