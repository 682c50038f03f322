import { Popover } from "radix-ui";
import type { RefObject } from "react";
import type { Habits } from "../../core/units/habits";
import { Calendar } from "./Calendar";

interface Props {
  /** What it stands at, and gives the focus back to. */
  readonly at: RefObject<HTMLButtonElement | null>;
  readonly day: string;
  readonly weekStart: Habits["weekStart"];
  onPick(day: string): void;
  onClose(): void;
}

/** A month over the page, no higher than there is room for it; of its own script: most visits open none. */
export default function DayPopover({ at, onClose, ...calendar }: Props) {
  // Over a sheet that holds still what is behind it, it holds too, or it could not be scrolled; the page moves for none.
  const isOverSheet = Boolean(at.current?.closest('[role="dialog"]'));
  return (
    <Popover.Root open modal={isOverSheet} onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={at as RefObject<HTMLButtonElement>} />
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={6}
          collisionPadding={8}
          onCloseAutoFocus={() => at.current?.focus()}
          className="z-40 max-h-(--radix-popover-content-available-height) overflow-y-auto rounded-2xl border border-line bg-mist-1 p-3 text-ink shadow-card"
        >
          <Calendar {...calendar} />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
