import type { DrillId, DrillResult } from "../../../../core/practice/drills";

/** What is practised, by chance of a seed, and who is told what it came to. */
export interface DrillProps {
  readonly drill: DrillId;
  readonly seed: number;
  onDone(result: DrillResult): void;
}
