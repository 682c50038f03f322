/** A bird that is done before its dinner wants it, and waits where it is: in a heat that keeps it without cooking it on by much. */
import { isHeld } from "../plan/holding";
import type { Plan } from "../plan/schema";

interface Done {
  readonly plan: Pick<Plan, "stages" | "equipment">;
  /** The last change of its heat that was made. */
  readonly stagesDone: number;
  /** Every centre shows what the pull asks. */
  readonly reached: boolean;
  readonly nowMin: number;
  /** Out by then, there is the shortest rest before it is carved, minutes since it went in; infinite where no dinner waits. */
  readonly outByMin: number;
}

/** @returns minutes since it went in at which it comes out for its rest; null where it is not held, or for long enough */
export function heldUntilMin({ plan, stagesDone, reached, nowMin, outByMin }: Done): number | null {
  return reached && isHeld(plan, stagesDone) && Number.isFinite(outByMin) && nowMin < outByMin ? outByMin : null;
}
