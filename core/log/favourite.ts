/** What was liked best: the cook's own salt, doneness and rest, for the next bird of its kind. */

import type { Roast } from "../plan/roast";
import { type Plan, PlanSchema } from "../plan/schema";
import { MINUTE_MS } from "../units/time";

/** Less than this is no recommendation: "very good", "the best yet". */
const LIKED = 4;

type Bird = Pick<Plan["bird"], "species" | "cut">;

/** Of the roasts of such a bird the one that was liked best, the newest of them; null where none was. */
export function favouriteOf(roasts: readonly Roast[], { species, cut }: Bird): Roast | null {
  const liked = roasts.filter(
    ({ plan: { bird }, happened, rating = 0 }) =>
      rating >= LIKED && happened.pulledAt !== undefined && bird.species === species && bird.cut === cut,
  );
  const best = (one: Roast, other: Roast): Roast => {
    const more = (one.rating ?? 0) - (other.rating ?? 0);
    return more > 0 || (more === 0 && one.plan.serveAt > other.plan.serveAt) ? one : other;
  };
  return liked.length === 0 ? null : liked.reduce(best);
}

const SHORTEST_REST_MIN = 10;
const LONGEST_REST_MIN = 120;

/** Minutes that it rested, as far as a plan can ask for them; null where nobody said when it was carved. */
function restedMin({ happened: { pulledAt, carvedAt } }: Roast): number | null {
  if (!pulledAt || !carvedAt) return null;
  const minutes = Math.round((Date.parse(carvedAt) - Date.parse(pulledAt)) / MINUTE_MS);
  return Math.min(LONGEST_REST_MIN, Math.max(SHORTEST_REST_MIN, minutes));
}

/** A plan salted, done and rested as another one was. A bird that is sold salted is not salted again. */
export function likedAs(plan: Plan, favourite: Roast): Plan {
  const { salt, targetC, decidedBy, finish, cover } = favourite.plan;
  const centres = Object.keys(plan.targetC);
  const theirs = Object.fromEntries(Object.entries(targetC).filter(([centre]) => centres.includes(centre)));
  return PlanSchema.parse({
    ...plan,
    ...(!plan.bird.preSalted && { salt }),
    targetC: { ...plan.targetC, ...theirs },
    ...(decidedBy && { decidedBy }),
    // By time or by signs is of that bird alone.
    ...((finish.kind === "after-rest" || finish.kind === "at-pull") && { finish }),
    cover,
    restMin: restedMin(favourite),
  });
}
