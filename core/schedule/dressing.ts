/** Minutes of work on the birds: salt on them, and what is done right before their heat (common practice). */

import type { BirdSize } from "../bird/size";
import { ofSeveralMin } from "../kitchen/cutting";
import { goesInWithIce } from "../plan/ice";
import { sears } from "../plan/methods";
import type { Plan } from "../plan/schema";
import { startsShielded, wearsBacon } from "../plan/season";

/** Whole minutes of what takes so long with one bird. */
const withAll = ({ bird }: Plan, minutes: number): number => Math.ceil(ofSeveralMin(minutes, bird.cut, bird.count));

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

/** Pieces that no fat is rubbed onto and that are not trussed: they are laid out. */
export const isBare = ({ bird, season }: Plan): boolean =>
  bird.cut !== "whole" && (season.fat === "none" || season.fat === "none-at-first");

/** Minutes of dressing it: fat, paste, bacon, what goes on before the heat, a shield moulded on the cold bird. */
export const seasonMin = (plan: Plan): number =>
  withAll(
    plan,
    (isBare(plan) ? 5 : 10) +
      (plan.season.fat === "under-skin" ? 10 : 0) +
      (wearsBacon(plan) || plan.season.paste ? 5 : 0) +
      (plan.additions.some(({ when }) => when === "before-the-heat") ? 5 : 0) +
      (startsShielded(plan) ? 5 : 0),
  );

/** A heavy pan, across (common practice). */
const SEAR_PAN_CM = 30;

/** How many lie side by side in the pan; what is larger than the pan takes all of it. */
function atOnceInPan({ length, width }: BirdSize): number {
  const [long, short] = [Math.max(length, width), Math.min(length, width)];
  return Math.max(1, Math.floor(Math.sqrt(Math.max(0, SEAR_PAN_CM ** 2 - long ** 2)) / short));
}

/** Minutes at the ring: the pan heated, then both sides of as many at once as lie in it. @param sizeCm of one bird */
export const searMin = (plan: Plan, sizeCm: BirdSize): number =>
  sears(plan)
    ? 5 + Math.ceil(2 * (plan.sear?.minutesPerSide ?? 0) * Math.ceil(plan.bird.count / atOnceInPan(sizeCm)))
    : 0;

/** Minutes of work right before the heat: filled, dressed, seared. */
export const workMin = (plan: Plan, sizeCm: BirdSize): number =>
  fillMin(plan) + seasonMin(plan) + searMin(plan, sizeCm);

/** Minutes from out of the fridge to into the heat: on the counter, or only as long as it is worked on. */
export const outMin = (plan: Plan, sizeCm: BirdSize): number => Math.max(plan.season.counterMin, workMin(plan, sizeCm));
