/** A record that is closed, and one that is opened again. */
import { inOrder } from "../plan/happened";
import type { Roast } from "../plan/roast";

/** Nothing more is expected to happen to it. */
export const closedRecord = (roast: Roast, at: string): Roast => ({
  ...roast,
  happened: inOrder({ ...roast.happened, closedAt: at }),
});

/** What happened may be changed again; what it said of its oven was said of what it was, and is asked anew once it is closed. */
export function reopened({ says: _, ...roast }: Roast): Roast {
  const { closedAt: __, ...happened } = roast.happened;
  return { ...roast, happened };
}
