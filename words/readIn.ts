/** Where a plan's doneness is looked for, in words. */

import type { Plan } from "../core/plan/schema";
import { decidingCentres, unreadCentre } from "../core/plan/targets";
import { allOf } from "./listing";
import { PART_NAMES } from "./names";

type Decided = Pick<Plan, "bird" | "decidedBy">;

/** "every centre"; where its cook goes by one of them, "the breast", or "the breast and the stuffing". */
export const whereRead = (plan: Decided): string =>
  unreadCentre(plan) === undefined
    ? "every centre"
    : allOf(decidingCentres(plan).map((centre) => `the ${PART_NAMES[centre]}`));

/** The same after "seen": "at every centre", "in the breast". */
export const seenWhere = (plan: Decided): string =>
  `${unreadCentre(plan) === undefined ? "at" : "in"} ${whereRead(plan)}`;
