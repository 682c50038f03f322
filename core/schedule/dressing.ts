/** Minutes of work on the birds: salt on them, and what is done right before their heat (common practice). */

import { ofSeveralMin } from "../kitchen/cutting";
import { goesInWithIce } from "../plan/ice";
import { sears } from "../plan/methods";
import type { Plan } from "../plan/schema";
import { startsShielded, wearsBacon } from "../plan/season";

/** Whole minutes of what takes so long with one bird. */
const withAll = ({ bird }: Plan, minutes: number): number => Math.ceil(ofSeveralMin(minutes, bird.count));

/** Minutes that putting salt on or in keeps a pair of hands. */
export const handsOnSaltMin = (plan: Plan): number => withAll(plan, 10);

/** With stuffing: a cavity, or a boned leg that is rolled around it; one with ice in it goes in as it was bought. */
export const isStuffed = (plan: Plan): boolean =>
  plan.bird.cavity === "stuffed" || (plan.bird.cut === "leg-roll" && !goesInWithIce(plan));
/** How what it is stuffed with goes in: into a roll it is cold. */
export const stuffingOf = ({ bird, season }: Plan): Plan["season"]["stuffing"] =>
  bird.cut === "leg-roll" ? "cold" : season.stuffing;
const isFilled = (plan: Plan): boolean => plan.bird.cavity === "aromatics" || isStuffed(plan);

/** Minutes of filling the bird, right before it is dressed: nothing raw lies filled for longer. */
export const fillMin = (plan: Plan): number => (isFilled(plan) ? withAll(plan, 10) : 0);

/** Minutes of dressing it: fat, paste, bacon, what goes on before the heat, a shield moulded on the cold bird. */
export const seasonMin = (plan: Plan): number =>
  withAll(
    plan,
    10 +
      (plan.season.fat === "under-skin" ? 10 : 0) +
      (wearsBacon(plan) || plan.season.paste ? 5 : 0) +
      (plan.additions.some(({ when }) => when === "before-the-heat") ? 5 : 0) +
      (startsShielded(plan) ? 5 : 0),
  );

/** Minutes at the ring: the pan heated, then both sides of one after the other. */
export const searMin = (plan: Plan): number =>
  sears(plan) ? 5 + Math.ceil(2 * (plan.sear?.minutesPerSide ?? 0) * plan.bird.count) : 0;

/** Minutes of work right before the heat: filled, dressed, seared. */
export const workMin = (plan: Plan): number => fillMin(plan) + seasonMin(plan) + searMin(plan);

/** Minutes from out of the fridge to into the heat: on the counter, or only as long as it is worked on. */
export const outMin = (plan: Plan): number => Math.max(plan.season.counterMin, workMin(plan));
