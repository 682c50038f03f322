/** What a plan's cook says of the same plan thawed elsewhere, or not at all, before that is simulated. */
import { constant } from "../constants";
import { roughThawHours } from "../kitchen/thaw";
import { goesInWithIce, thawPlaceOf } from "../plan/ice";
import type { Plan } from "../plan/schema";
import type { Simulated } from "./derive";

/** With ice in it a bird roasts half as long again (USDA FSIS); of one partly thawed that is the most. */
const longerShare = (plan: Plan): number => (goesInWithIce(plan) ? 1 + constant("frozenLongerShare") : 1);

/** Thawed as the published table has it, and roasted for as much longer as a bird with ice in it. */
export function thawedOtherwise(known: Simulated, plan: Plan, changed: Plan): Simulated {
  if (thawPlaceOf(changed) === thawPlaceOf(plan)) return known;
  const longer = longerShare(changed) / longerShare(plan);
  return {
    ...known,
    thawHours: roughThawHours(changed.bird.massKg, thawPlaceOf(changed)),
    pullMinute: longer * known.pullMinute,
    history: known.history.map((point) => ({ ...point, minute: longer * point.minute })),
  };
}
