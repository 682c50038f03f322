/** What a tap at the stove does to the record; a write that fails is said, and nothing else changes. */
import { courseActs } from "./acts/course";
import { heatActs } from "./acts/heat";
import { readingActs } from "./acts/readings";
import { rowActs } from "./acts/rows";
import { tellingOf } from "./acts/telling";

export function actsOf(roastId: string) {
  const telling = tellingOf(roastId);
  return {
    change: telling.change,
    ...courseActs(telling),
    ...heatActs(telling),
    ...readingActs(telling),
    ...rowActs(telling),
  };
}

export type Acts = ReturnType<typeof actsOf>;
