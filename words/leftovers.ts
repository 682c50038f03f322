/** What is left after the table, in the words of every screen. */
import { constant } from "../core/constants";
import { isEatenCold } from "../core/plan/dayBefore";
import type { Plan } from "../core/plan/schema";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";

export const LEFTOVERS = "Leftovers into the fridge";

/** Where it was roasted the day before. */
export const ofDayBefore = (plan: Pick<Plan, "roasted" | "eatenCold">): string =>
  isEatenCold(plan)
    ? "What is left has been out once more: into the fridge again, and eaten soon."
    : "What is left has been hot twice: it is not heated again.";

export const leftoversDetail = (plan: Pick<Plan, "roasted" | "eatenCold">, units: UnitSystem): string =>
  plan.roasted === "day-before"
    ? isEatenCold(plan)
      ? "within two hours of coming out of it; out once more, it is eaten soon"
      : "within two hours of the table; hot twice, it is not heated again"
    : `within two hours of carving, one where it is hotter than ${formatTemperature(constant("hotKitchenC"), units)}; two fingers deep, open until cold`;

/** Once its time is over. @param hours that it may stand out @param at when they were over */
export const overWords = (hours: number, at: string): string =>
  `Its ${hours === 1 ? "hour was" : "two hours were"} over at ${at}: what stood out longer is thrown away.`;
