/** The rest as a plan of its own: when it may be carved, until when it stays good, and what if it falls short. */

import { constant } from "../constants";
import { restFor } from "../processes/rest";
import { LATE_MIN } from "./coach";
import type { RestOutlook } from "./present";

export interface RestPlan {
  /** Minutes since the pull: not before the shortest rest, nor before everything has been seen. */
  readonly earliestMin: number;
  /** Until it is under 60 °C, or has rested as long as a bird may. */
  readonly latestMin: number;
  readonly latestBecause: "cools" | "long-enough";
  /** When to carve it: as planned, as far as it is good then or dinner waits for something else; null while not placed. */
  readonly carveMin: number | null;
  /** Carved as planned, it has been past its best for so long, min; 0 where it has not. */
  readonly overMin: number;
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

interface Rested {
  readonly boughtKg: number;
  /** Null while it is being computed: then the usual bounds stand. */
  readonly outlook: RestOutlook | null;
  readonly allSeen: boolean;
  /** It is seen again so much later, where its guideline wants the heat held. */
  readonly heldMin: number;
  /** Whether it rests on readings of the bird in the oven. */
  readonly isRead: boolean;
  /** When it is to be carved, minutes since the pull; null while that is not placed. */
  readonly plannedMin: number | null;
  /** Whether a dinner is laid for then: one that is carved the day before is carved when it has rested. */
  readonly isForDinner: boolean;
}

export function restPlan({ boughtKg, outlook, allSeen, heldMin, isRead, plannedMin, isForDinner }: Rested): RestPlan {
  const { shortestMin } = restFor(boughtKg);
  const longest = constant("longestRestMin");
  const coolsMin = outlook?.hotUntilMin ?? Number.POSITIVE_INFINITY;
  const firstSeenMin = outlook?.seenMin ?? null;
  const seenMin = allSeen || firstSeenMin === null ? 0 : firstSeenMin + heldMin;
  const latestMin = Math.min(longest, coolsMin);
  const earliestMin = Math.min(latestMin, Math.max(shortestMin, seenMin));
  const overMin = isForDinner && plannedMin !== null ? plannedMin - latestMin : 0;
  const isOver = overMin > LATE_MIN;
  const isShort = !allSeen && outlook?.seenMin === null && outlook.shortK > (isRead ? 0 : UNREAD_DOUBT_K);
  return {
    earliestMin,
    latestMin,
    latestBecause: coolsMin < longest ? "cools" : "long-enough",
    carveMin: plannedMin === null ? null : Math.max(earliestMin, isOver ? plannedMin : Math.min(plannedMin, latestMin)),
    overMin: isOver ? overMin : 0,
    fallsShort: isShort,
    backInMin: isShort ? outlook.backInMin : null,
  };
}
