/** Where a plan's doneness is read, and what is to be seen there. */

import { centresOf, hasBreastAndThigh } from "../bird/form";
import type { Centre, CentreTemperatures } from "../bird/solid";
import type { Plan } from "./schema";

type Decided = Pick<Plan, "bird" | "decidedBy">;

/** The centres that decide when it is done: every one the bird has, or the one its cook goes by. Stuffing always does. */
export function decidingCentres({ bird, decidedBy }: Decided): readonly Centre[] {
  const all = centresOf(bird);
  if (decidedBy === undefined || !hasBreastAndThigh(bird)) return all;
  return all.filter((centre) => centre === decidedBy || centre === "filling");
}

/** The centre that its cook does not go by, where there is one. */
export const unreadCentre = (plan: Decided): Centre | undefined =>
  centresOf(plan.bird).find((centre) => !decidingCentres(plan).includes(centre));

/** °C to be seen at each of the centres that decide. */
export function targetsOf(plan: Decided & Pick<Plan, "targetC">): CentreTemperatures {
  const unread = unreadCentre(plan);
  return Object.fromEntries(Object.entries(plan.targetC).filter(([centre]) => centre !== unread));
}

/** The highest of them: the line that pictures and charts draw. */
export const highestTargetC = (plan: Decided & Pick<Plan, "targetC">): number =>
  Math.max(...Object.values(targetsOf(plan)).filter((value) => value !== undefined));
