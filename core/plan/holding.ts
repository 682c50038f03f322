/** A heat that keeps a bird without cooking it on by much, until dinner wants it. */
import { type Dial, onDialC } from "../units/dial";
import type { Plan } from "./schema";

/** °C (common practice). */
const HOLD_C = 90;
export const holdDialC = (dial: Dial): number => onDialC(HOLD_C, dial);

type Heated = Pick<Plan, "stages" | "equipment">;

/** Number of the change that turned it down to that, where it is the last that was made; null where it was not. */
function heldFrom({ stages, equipment }: Heated, stagesDone = 0): number | null {
  const at = Math.min(stagesDone, stages.length - 1);
  return at > 0 && (stages[at]?.airC ?? Number.POSITIVE_INFINITY) <= holdDialC(equipment.dial) ? at : null;
}

/** Whether the last change of its heat that was made holds it. */
export const isHeld = (plan: Heated, stagesDone?: number): boolean => heldFrom(plan, stagesDone) !== null;

/** Its heat without that: what it is cooked by another time. */
export const unheld = (plan: Heated, stagesDone?: number): Plan["stages"] =>
  plan.stages.slice(0, heldFrom(plan, stagesDone) ?? undefined);
