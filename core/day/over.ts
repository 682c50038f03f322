/** When a dinner is over. */
import type { Plan } from "../plan/schema";
import { HOUR_MS } from "../units/time";

/** So long after its hour nobody waits for it any more (chosen). */
const OVER_HOURS = 12;

export const isLongOver = ({ serveAt }: Pick<Plan, "serveAt">, nowMs: number): boolean =>
  Date.parse(serveAt) < nowMs - OVER_HOURS * HOUR_MS;
