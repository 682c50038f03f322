/** The rest as a plan of its own: when it may be carved, until when it stays good, and what if it falls short. */

import { constant } from "../constants";
import { restFor } from "../processes/rest";
import type { RestOutlook } from "./present";

export interface RestPlan {
  /** Minutes since the pull: not before the shortest rest, nor before everything has been seen. */
  readonly earliestMin: number;
  /** Until it is under 60 °C, or has rested as long as a bird may. */
  readonly latestMin: number;
  readonly latestBecause: "cools" | "long-enough";
  /** Left alone it would not show what has to be seen. */
  readonly fallsShort: boolean;
  /** Back in the oven for so long, where it falls short; null where it does not, or never would. */
  readonly backInMin: number | null;
}

/** @param outlook null while it is being computed: then the usual bounds stand */
export function restPlan(boughtKg: number, outlook: RestOutlook | null, allSeen: boolean): RestPlan {
  const { shortestMin } = restFor(boughtKg);
  const longest = constant("longestRestMin");
  const coolsMin = outlook?.hotUntilMin ?? Number.POSITIVE_INFINITY;
  const seenMin = allSeen ? 0 : (outlook?.seenMin ?? 0);
  const latestMin = Math.min(longest, coolsMin);
  return {
    earliestMin: Math.min(latestMin, Math.max(shortestMin, seenMin)),
    latestMin,
    latestBecause: coolsMin < longest ? "cools" : "long-enough",
    fallsShort: !allSeen && outlook?.seenMin === null,
    backInMin: allSeen || outlook?.seenMin !== null ? null : outlook.backInMin,
  };
}
