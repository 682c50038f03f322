/** Stages that go by the clock alone, one after the other. */
import { STAGES_APART_MIN } from "../processes/apart";
import type { Plan } from "./schema";

type Stages = Plan["stages"];

/** Each after the one before it: one that does not wait for its sign any more, or was made at another time, may lie before that. */
export function inOrder(stages: Stages): Stages {
  let beforeMin = -STAGES_APART_MIN;
  return stages.map((stage) => {
    const fromMin = stage.when || stage.fromMin > beforeMin ? stage.fromMin : beforeMin + STAGES_APART_MIN;
    beforeMin = fromMin;
    return { ...stage, fromMin };
  });
}
