/** When a dinner is over. */
import type { Plan } from "../plan/schema";
import { HOUR_MS } from "../units/time";

/** So long after its hour nobody waits for it any more (chosen). */
const OVER_HOURS = 12;

/** More than a bird's own day, and than a thermometer's memory of it (chosen). */
const PAST_HOURS = 48;

interface PartialRoast {
  readonly plan?: { readonly serveAt?: string | undefined } | undefined;
  readonly happened?: { readonly carvedAt?: string | undefined } | undefined;
}

export const isLongOver = ({ serveAt }: Pick<Plan, "serveAt">, nowMs: number): boolean =>
  Date.parse(serveAt) < nowMs - OVER_HOURS * HOUR_MS;

/**
 * Eaten, and its dinner so long over, that nothing of its day is asked or heard any more.
 * @param row as it is stored: it may be damaged, and is not of the past then
 */
export function isOfThePast(row: PartialRoast, nowMs: number): boolean {
  const { plan, happened } = row;
  const since = (instant: string | undefined): boolean => Date.parse(instant ?? "") < nowMs - PAST_HOURS * HOUR_MS;
  return since(plan?.serveAt) && since(happened?.carvedAt);
}
