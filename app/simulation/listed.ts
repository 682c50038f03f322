import type { Roast } from "../../core/plan/roast";
import type { DerivedPlan } from "../../core/schedule/derive";
import type { ListedRoast } from "../../words/dinnerLists";
import { inOrder, namesIn } from "../../words/titles";
import type { Beside } from "./useDinner";

/** All roasts of a dinner as its lists and its timetable take them, in the order in which they were planned. */
export function listedTogether(roast: Roast, derived: DerivedPlan, beside: readonly Beside[]): readonly ListedRoast[] {
  const roasts = [roast, ...beside.map((each) => each.roast)];
  const names = namesIn(roasts);
  const known = new Map([[roast.id, derived], ...beside.map((each) => [each.roast.id, each.derived] as const)]);
  return inOrder(roasts).flatMap(({ id, plan }) => {
    const placed = known.get(id);
    return placed ? [{ id, name: names.get(id) ?? "", plan, derived: placed }] : [];
  });
}
