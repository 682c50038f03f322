/** How what a tap says reaches the record: stored, told, and taken back by another tap. */
import { withoutChange } from "../../../core/formats/merge";
import { inOrder } from "../../../core/plan/happened";
import type { Roast } from "../../../core/plan/roast";
import { changeRoast } from "../../../storage/roasts";
import { database } from "../../shell/database";
import { stored } from "../../shell/stored";
import { toast } from "../../ui/toast";

export type Happened = Roast["happened"];

export const without = (happened: Happened, events: readonly (keyof Happened)[]): Happened =>
  Object.fromEntries(Object.entries(happened).filter(([event]) => !events.includes(event as keyof Happened)));

/** What happens to a heat is handed on to the other pieces in it by what stores it. */
export function tellingOf(roastId: string) {
  /** @returns whether it was stored */
  const change = (next: (before: Roast) => Roast): Promise<boolean> =>
    stored(
      "That was",
      changeRoast(database(), roastId, (before) => {
        const after = next(before);
        // A clock that was set back meanwhile must not keep the cook from saying what happens.
        return { ...after, happened: inOrder(after.happened) };
      }),
    );
  return {
    roastId,
    change,
    /** A change that is told, with how a tap takes it back: it, and nothing that was changed since. @returns whether it was stored */
    async tells(next: (before: Roast) => Roast, says: (after: Roast) => string): Promise<boolean> {
      let made: { readonly before: Roast; readonly after: Roast } | undefined;
      const isStored = await change((before) => {
        const after = next(before);
        made = { before, after };
        return after;
      });
      if (!isStored || !made) return false;
      const { before, after } = made;
      const undo = (): void => void change((now) => withoutChange(now, before, after));
      toast.message(says(after), { action: { label: "Undo", onClick: undo } });
      return true;
    },
    /** The same with what happened alone. */
    happened:
      (next: (happened: Happened, before: Roast) => Happened) =>
      (before: Roast): Roast => ({
        ...before,
        happened: next(before.happened, before),
      }),
  };
}

export type Telling = ReturnType<typeof tellingOf>;
