/** A heat that keeps a bird without cooking it on by much, until dinner wants it. */
import { type Dial, onDialC } from "../units/dial";
import type { Plan } from "./schema";

/** °C (common practice). */
const HOLD_C = 90;
export const holdDialC = (dial: Dial): number => onDialC(HOLD_C, dial);

/** Whether the last change of its heat that was made has turned it down to that. */
export function isHeld({ stages, equipment }: Pick<Plan, "stages" | "equipment">, stagesDone = 0): boolean {
  const at = Math.min(stagesDone, stages.length - 1);
  return at > 0 && (stages[at]?.airC ?? Number.POSITIVE_INFINITY) <= holdDialC(equipment.dial);
}
