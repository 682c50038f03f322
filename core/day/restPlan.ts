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

/**
 * A bird that was never read is not sent back for so little, K (chosen: the margin by which a plan pulls it later than it
 * has to). What its oven truly did only a thermometer tells.
 */
const UNREAD_DOUBT_K = 1;

/**
 * @param outlook null while it is being computed: then the usual bounds stand
 * @param isRead whether it rests on readings of the bird in the oven
 */
export function restPlan(boughtKg: number, outlook: RestOutlook | null, allSeen: boolean, isRead = true): RestPlan {
  const { shortestMin } = restFor(boughtKg);
  const longest = constant("longestRestMin");
  const coolsMin = outlook?.hotUntilMin ?? Number.POSITIVE_INFINITY;
  const seenMin = allSeen ? 0 : (outlook?.seenMin ?? 0);
  const latestMin = Math.min(longest, coolsMin);
  const isShort = !allSeen && outlook?.seenMin === null && outlook.shortK > (isRead ? 0 : UNREAD_DOUBT_K);
  return {
    earliestMin: Math.min(latestMin, Math.max(shortestMin, seenMin)),
    latestMin,
    latestBecause: coolsMin < longest ? "cools" : "long-enough",
    fallsShort: isShort,
    backInMin: isShort ? outlook.backInMin : null,
  };
}
