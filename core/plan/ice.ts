/** Birds that go into the heat with ice in them. */
import type { Plan } from "./schema";

export const goesInWithIce = ({ bird, thawIn }: Pick<Plan, "bird" | "thawIn">): boolean =>
  bird.state !== "fresh" && thawIn === "none";

/** As it came from the freezer: no leg of it is bent. */
export const goesInHard = (plan: Pick<Plan, "bird" | "thawIn">): boolean =>
  plan.bird.state === "frozen" && goesInWithIce(plan);
