/** Birds that go into the heat with ice in them. */
import type { Plan } from "./schema";

export const goesInWithIce = ({ bird, thawIn }: Pick<Plan, "bird" | "thawIn">): boolean =>
  bird.state !== "fresh" && thawIn === "none";

/** It thaws in the brine that salts it. */
export const thawsInBrine = ({ bird, thawIn }: Pick<Plan, "bird"> & Partial<Pick<Plan, "thawIn">>): boolean =>
  bird.state !== "fresh" && thawIn === "brine";

/** As it came from the freezer: no leg of it is bent. */
export const goesInHard = (plan: Pick<Plan, "bird" | "thawIn">): boolean =>
  plan.bird.state === "frozen" && goesInWithIce(plan);
