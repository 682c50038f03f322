/** Birds that go into the heat with ice in them. */
import type { Plan } from "./schema";

export const goesInWithIce = ({ bird, thawIn }: Pick<Plan, "bird" | "thawIn">): boolean =>
  bird.state !== "fresh" && thawIn === "none";
