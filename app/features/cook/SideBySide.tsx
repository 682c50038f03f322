import type { ReactNode } from "react";

interface Props {
  /** What the hand does next. */
  readonly now: ReactNode;
  /** What is coming, and the rest. */
  readonly then: ReactNode;
}

/** One under the other at the stove, side by side on a table. */
export function SideBySide({ now, then }: Props) {
  return (
    <div className="grid gap-4 lg:grid-cols-2 lg:gap-8">
      <div className="flex flex-col gap-4">{now}</div>
      <div className="flex flex-col gap-4">{then}</div>
    </div>
  );
}
