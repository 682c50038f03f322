/** What is left of a bird that was eaten: cold in time, or thrown away. */
import { constant } from "../constants";
import { outAgainMs } from "../plan/dayBefore";
import { cookStage, LEFTOVERS_ROW, type Roast } from "../plan/roast";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { isLongOver } from "./over";
import { stillStands } from "./stands";

export interface Leftovers {
  /** In the fridge by then, epoch ms. */
  readonly byMs: number;
  /** Hours that it may stand out. */
  readonly hours: number;
}

/**
 * Since when it stands out, ms: the knife. What was carved the day before stood out once already; its dinner begins the
 * clock again, or its fridge, where it is eaten cold.
 */
export const eatenMs = ({ plan, happened }: Pick<Roast, "plan" | "happened">): number =>
  plan.roasted === "day-before" ? outAgainMs(plan, Date.parse(plan.serveAt)) : Date.parse(happened.carvedAt ?? "");

/** @returns null where nothing of it stands out: not eaten yet, put away, its record closed, or so long over that nobody asks */
export function leftoversOf({ plan, happened }: Pick<Roast, "plan" | "happened">, nowMs: number): Leftovers | null {
  const { closedAt, ticked = [], hotTable = false } = happened;
  if (cookStage({ plan, happened }) !== "done" || closedAt !== undefined || ticked.includes(LEFTOVERS_ROW)) return null;
  if (isLongOver(plan, nowMs)) return null;
  const hours = constant(hotTable ? "outHotHours" : "outHours");
  return { byMs: eatenMs({ plan, happened }) + hours * HOUR_MS, hours };
}

/** Whether it may still be saved, or has only just been lost. */
const isMinded = ({ byMs }: Leftovers, nowMs: number): boolean => stillStands({ startMs: byMs }, nowMs);

/** A roast of which something stands out on the table. */
export function isOnTheTable(roast: Pick<Roast, "plan" | "happened">, nowMs: number): boolean {
  const leftovers = leftoversOf(roast, nowMs);
  return leftovers !== null && isMinded(leftovers, nowMs);
}

/**
 * By when what is left goes into the fridge, ms, of a bird that is being carved and eaten; null before, and from when the
 * fridge is called. What was carved the day before is past its knife.
 */
export function carvedUntilMs(roast: Pick<Roast, "plan" | "happened">, nowMs: number): number | null {
  const leftovers = roast.plan.roasted === "day-before" ? null : leftoversOf(roast, nowMs);
  return leftovers && nowMs < leftovers.byMs && !isCalled(leftovers, nowMs) ? leftovers.byMs : null;
}

/** Whether it is called by now. */
export const isCalled = (leftovers: Leftovers, nowMs: number): boolean =>
  isMinded(leftovers, nowMs) && nowMs >= leftovers.byMs - constant("coldCallMin") * MINUTE_MS;
