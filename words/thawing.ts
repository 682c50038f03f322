/** What the plan says of a thaw. */

import { hasGiblets } from "../core/bird/mass";
import { constant } from "../core/constants";
import { publishedThaw } from "../core/kitchen/thaw";
import { thawPlaceOf } from "../core/plan/ice";
import type { Plan } from "../core/plan/schema";
import { formatDuration, formatTemperatureDifference, type UnitSystem } from "../core/units/quantity";
import { COLD_LIMIT } from "./amounts";

/** Of a fridge or tap that is hardly above freezing. */
export const NEVER_THAWS = "so cold, its last ice would never go";

/** @param thawHours infinity where it never thaws */
export function thawWords(plan: Pick<Plan, "bird" | "salt" | "thawIn">, thawHours: number, units: UnitSystem) {
  const { bird } = plan;
  const thawIn = thawPlaceOf(plan);
  if (thawIn === "none") {
    const how =
      bird.state === "frozen"
        ? "From the freezer into the oven: half as long again, and no salt under the skin."
        : "As it is, with its ice.";
    return `${how} Oven only, not stuffed${hasGiblets(bird) ? "; the giblet bag comes out as soon as it lets go" : ""}.`;
  }
  const hours = (value: number): string => formatDuration(value * 3600);
  const simulated = Number.isFinite(thawHours) ? `${hours(thawHours)} until the last ice is gone` : NEVER_THAWS;
  const published = bird.state === "frozen" && thawIn !== "brine" ? publishedThaw(bird.massKg, thawIn) : null;
  const beside = published
    ? `; the published table says ${hours(published.fromHours)} to ${hours(published.toHours)}`
    : "";
  const how =
    thawIn === "water"
      ? "Fresh cold water every 30 minutes, and cooked at once after."
      : `At ${COLD_LIMIT[units]} or below; ready in time in a fridge ${formatTemperatureDifference(constant("thawMarginK"), units)} colder than yours is set.`;
  return `Simulated: ${simulated}${beside}. ${how}`;
}
