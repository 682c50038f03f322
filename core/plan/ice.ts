/** Where a bird loses its ice: some go into the heat with it. */
import { isBath } from "../processes/bath";
import type { Plan } from "./schema";

export const goesInWithIce = ({ bird, thawIn }: Pick<Plan, "bird" | "thawIn">): boolean =>
  bird.state !== "fresh" && thawIn === "none";

/** Where it thaws, by what is chosen: in a brine that salts it, and in the fridge where there is none. */
export const thawPlaceOf = ({ salt, thawIn }: Pick<Plan, "salt" | "thawIn">): Plan["thawIn"] =>
  thawIn === "brine" && !isBath(salt.method) ? "fridge" : thawIn;

/** It thaws in the brine that salts it. */
export const thawsInBrine = (plan: Pick<Plan, "bird" | "salt" | "thawIn">): boolean =>
  plan.bird.state !== "fresh" && thawPlaceOf(plan) === "brine";

/** As it came from the freezer: no leg of it is bent. */
export const goesInHard = (plan: Pick<Plan, "bird" | "thawIn">): boolean =>
  plan.bird.state === "frozen" && goesInWithIce(plan);
