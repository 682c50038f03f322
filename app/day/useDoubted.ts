import { useCallback } from "react";
import { type Doubted, doubtedAtRest, doubtedOf, expectedC } from "../../core/day/doubt";
import type { Member } from "../../core/forecast/member";
import type { Reading } from "../../core/forecast/reading";
import type { Seat } from "../../core/forecast/screening";
import type { HistoryPoint } from "../../core/processes/bird";

interface Known {
  readonly inOven: readonly Reading[];
  readonly startC: number;
  readonly seats: readonly Seat[];
  /** Of the fit; null before there is one. */
  readonly members: readonly Member[] | null;
  readonly history: readonly HistoryPoint[] | undefined;
}

const NO_HISTORY: readonly HistoryPoint[] = [];

/** Which of new readings are asked about before they are kept, by what is known of the bird: the same as long as that is. */
export function useDoubted(
  { inOven, startC, seats, members, history = NO_HISTORY }: Known,
  isOut: boolean,
): (fresh: readonly Reading[]) => readonly Doubted[] {
  return useCallback(
    (fresh) => {
      const expected = ({ part, minute }: Reading) => expectedC(part, minute, members, history);
      return isOut ? doubtedAtRest(fresh, inOven, startC) : doubtedOf(fresh, inOven, startC, seats, expected);
    },
    [inOven, startC, seats, members, history, isOut],
  );
}
