/** What the roasts of a dinner want of one kitchen as their day goes now: a bird that is out sooner has left its oven. */
import type { Plan } from "../plan/schema";
import type { DerivedPlan } from "../schedule/derive";
import { clashesBetween, type ResourceConflict, resourceConflicts, type Use } from "../schedule/resources";

/** One of a dinner's roasts. */
export interface RoastNow {
  readonly id: string;
  /** What it is called beside the others. */
  readonly name: string;
  readonly plan: Pick<Plan, "equipment">;
  readonly derived: DerivedPlan;
  /** The plan of its day as that goes now; null where it goes as it was planned. */
  readonly renewed: DerivedPlan | null;
}

/** By roast, by its id: what it wants that is not there, by itself or beside the others. */
export function clashesNow(
  roasts: readonly RoastNow[],
  nowMs: number,
): ReadonlyMap<string, readonly ResourceConflict[]> {
  const usesOf = ({ derived, renewed }: RoastNow): readonly Use[] => (renewed ?? derived).uses;
  return new Map(
    roasts.map((roast) => {
      const others = roasts.filter((each) => each !== roast);
      const beside = others.flatMap((each) => usesOf(each).map((use): Use => ({ ...use, of: each.name })));
      const [own, { equipment }] = [usesOf(roast), roast.plan];
      return [
        roast.id,
        [...resourceConflicts(own, equipment, nowMs), ...clashesBetween(own, beside, equipment, nowMs)],
      ];
    }),
  );
}
