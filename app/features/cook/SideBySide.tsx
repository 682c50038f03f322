import type { ReactNode } from "react";

interface Props {
  /** What the hand does next. */
  readonly now: ReactNode;
  /** What is coming, and the rest. */
  readonly then: ReactNode;
}

/**
 * One under the other at the stove, side by side on a table; no wider than the screen, whatever a chart has been before.
 * On a phone that lies on its side the next action has the temperatures beside it.
 */
export function SideBySide({ now, then }: Props) {
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-3 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] lg:gap-8">
      <div className="flex min-w-0 flex-col gap-3 low:has-[[data-temperatures]]:grid low:has-[[data-temperatures]]:grid-flow-dense low:has-[[data-temperatures]]:grid-cols-2 low:*:col-span-2">
        {now}
      </div>
      <div className="flex min-w-0 flex-col gap-4">{then}</div>
    </div>
  );
}
