/** Minutes of work on the bird right before its heat. */

import { sears } from "../plan/methods";
import type { Plan } from "../plan/schema";
import { startsShielded, wearsBacon } from "../plan/season";

/** Minutes of filling the bird, right before it is dressed. */
export const fillMin = ({ bird }: Plan): number => (bird.cavity === "empty" ? 0 : 10);

/** Minutes of dressing it: fat, paste, bacon, what goes on before the heat, a shield moulded on the cold bird. */
export const seasonMin = (plan: Plan): number =>
  10 +
  (plan.season.fat === "under-skin" ? 10 : 0) +
  (wearsBacon(plan) || plan.season.paste ? 5 : 0) +
  (plan.additions.some(({ when }) => when === "before-the-heat") ? 5 : 0) +
  (startsShielded(plan) ? 5 : 0);

/** Minutes at the ring: both sides of it, and the pan heated before. */
export const searMin = (plan: Plan): number => (sears(plan) ? Math.ceil(2 * (plan.sear?.minutesPerSide ?? 0)) + 5 : 0);

/** Minutes of work right before the heat: filled, dressed, seared. */
export const workMin = (plan: Plan): number => fillMin(plan) + seasonMin(plan) + searMin(plan);

/** Minutes from out of the fridge to into the heat: on the counter, or only as long as it is worked on. */
export const outMin = (plan: Plan): number => Math.max(plan.season.counterMin, workMin(plan));
