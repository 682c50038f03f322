/** How what was roasted the day before comes to its table: heated again, or cold. */
import { MINUTE_MS } from "../units/time";
import type { Plan } from "./schema";

type Kept = Pick<Plan, "roasted" | "eatenCold">;

export const isEatenCold = ({ roasted, eatenCold = false }: Kept): boolean => roasted === "day-before" && eatenCold;

/** Cold meat tastes of more once the fridge's chill is off it; it is laid out whenever there is a moment (common practice). */
export const UNCHILLED_MIN = 30;

/** About so long before its table it goes into the oven, or onto a ring, to be heated again. */
const REHEATED_MIN = 60;

/** How long before its table it is out of the fridge, min; null where it is eaten on its day. */
export const outOfFridgeMin = (plan: Kept): number | null =>
  plan.roasted !== "day-before" ? null : isEatenCold(plan) ? UNCHILLED_MIN : REHEATED_MIN;

/** When what is in the fridge comes out of it to be eaten so: at its table, or before. */
export const outAgainMs = (plan: Kept, serveMs: number): number =>
  isEatenCold(plan) ? serveMs - UNCHILLED_MIN * MINUTE_MS : serveMs;

export const isHeatedAgain = (plan: Kept): boolean => plan.roasted === "day-before" && !isEatenCold(plan);
