/** A change of the heat that waits for a sign: once it was made it has a minute of its own. */
import type { Plan } from "./schema";

type Stage = Plan["stages"][number];

/** It begins, or began, at a minute: what it had waited for is kept for the next time. */
export function madeAt({ when, ...stage }: Stage, fromMin: number): Stage {
  return when ? { ...stage, fromMin, waitedFor: { fromMin: stage.fromMin, when } } : { ...stage, fromMin };
}

/**
 * Stages as they were planned, from one of them on: what waited for a sign waits for it again, from the minute that it had;
 * from when it was made where what follows was made, or planned, before that.
 */
export const waitingAgain = (stages: Plan["stages"], from = 0): Plan["stages"] =>
  stages.map((each, n) => {
    const { waitedFor, ...stage } = each;
    if (n < from || !waitedFor) return each;
    const next = stages[n + 1];
    const isPassed = next && !next.when && !next.waitedFor && next.fromMin <= waitedFor.fromMin;
    return { ...stage, ...waitedFor, ...(isPassed && { fromMin: stage.fromMin }) };
  });
