/**
 * Several roasts of one dinner: one clock and one kitchen. What is placed first keeps its place, what comes after finds
 * its hands free beside it, and what they want of one thing at one time is a conflict of both.
 */
import type { Shares } from "../forecast/band";
import type { Plan } from "../plan/schema";
import { type DerivedPlan, derivePlan, type Simulated } from "./derive";
import { type ResourceConflict, resourceConflicts, type Use } from "./resources";

/** Eaten within so many hours of one another, roasts are one dinner's (chosen: lunch and dinner of a day are two). */
export const SAME_DINNER_HOURS = 3;

/** One of the dinner's roasts, with its simulation. */
export interface DinnerRoast {
  readonly id: string;
  readonly title: string;
  readonly plan: Plan;
  readonly simulated: Simulated;
  readonly shares: Shares;
  readonly inAt?: string | undefined;
}

/** Whether two roasts are of one dinner, by when they are eaten. */
export const isSameDinner = (one: Pick<Plan, "serveAt">, other: Pick<Plan, "serveAt">): boolean =>
  Math.abs(Date.parse(one.serveAt) - Date.parse(other.serveAt)) <= SAME_DINNER_HOURS * 3_600_000;

/**
 * Everything of a dinner placed on its one clock.
 * @param roasts in the order in which they were planned
 * @returns what is derived from each, by its id; its conflicts name what of other roasts they are with
 */
export function placeDinner(roasts: readonly DinnerRoast[], nowMs: number): ReadonlyMap<string, DerivedPlan> {
  const taken: Use[] = [];
  const alone = roasts.map(({ id, title, plan, simulated, shares, inAt }) => {
    const derived = derivePlan(plan, simulated, shares, nowMs, inAt, [...taken]);
    taken.push(...derived.uses.map((use) => ({ ...use, of: title })));
    return { id, title, plan, derived };
  });
  return new Map(
    alone.map(({ id, plan, derived }) => {
      const others = alone.flatMap((other) =>
        other.id === id ? [] : other.derived.uses.map((use): Use => ({ ...use, of: other.title })),
      );
      const between = resourceConflicts([...derived.uses, ...others], plan.equipment).filter(isBetween);
      return [id, { ...derived, resourceConflicts: [...derived.resourceConflicts, ...between] }];
    }),
  );
}

/** Of this roast and another: what others want among themselves is theirs to say. */
const isBetween = ({ uses: [one, other] }: ResourceConflict): boolean =>
  (one.of === undefined) !== (other.of === undefined);
