/** When there is a free pair of hands beside what others of the dinner have taken. */

import { MINUTE_MS } from "../units/time";

/** Something that keeps hands for a while. */
export interface Busy {
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly hands: number;
}

/** The latest start of so many minutes of work that is not after a moment. */
export type Free = (latestMs: number, minutes: number) => number;

/** @param hands pairs of them in the kitchen */
export function freeBeside(taken: readonly Busy[], hands: number): Free {
  const work = taken.filter((each) => each.hands > 0);
  return (latestMs, minutes) => {
    let startMs = latestMs;
    for (;;) {
      const endMs = startMs + minutes * MINUTE_MS;
      const meanwhile = work.filter((each) => each.startMs < endMs && each.endMs > startMs);
      if (meanwhile.reduce((sum, each) => sum + each.hands, 0) < hands) return startMs;
      // Before the last of them to begin: with it gone there may be hands enough.
      startMs = Math.max(...meanwhile.map((each) => each.startMs)) - minutes * MINUTE_MS;
    }
  };
}
