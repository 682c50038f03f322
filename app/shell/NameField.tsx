import { useState } from "react";
import { changeRoast } from "../../storage/roasts";
import { titleOf } from "../../words/titles";
import { database } from "./database";
import { useHabits } from "./preferences";
import { stored } from "./stored";

const LONGEST = 120;

interface Props {
  readonly roastId: string;
  /** As it is called now. */
  readonly title: string;
  /** Kept, left as it was, or given up. */
  onDone(): void;
}

/** Where a roast is given a name; once the cook has named it, it follows bird and day no more. Emptied, it follows them again. */
export function NameField({ roastId, title, onDone }: Props) {
  const reader = useHabits();
  const [typed, setTyped] = useState(title);
  const keep = async (): Promise<void> => {
    const name = typed.replace(/\s+/g, " ").trim();
    // Left as it was, it is no name of the cook's own.
    if (name === title) {
      onDone();
      return;
    }
    const kept = await stored(
      "The name was",
      changeRoast(database(), roastId, ({ named: _, ...roast }) =>
        name === "" ? { ...roast, title: titleOf(roast.plan, reader) } : { ...roast, title: name, named: true },
      ),
    );
    if (kept) onDone();
  };
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      <input
        aria-label="Name of this roast"
        value={typed}
        maxLength={LONGEST}
        // biome-ignore lint/a11y/noAutofocus: the cook has just asked to type here
        autoFocus
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => void keep()}
        onKeyDown={(event) => event.key === "Escape" && onDone()}
        className="min-h-10 w-[22rem] max-w-full rounded-xl border border-line-strong bg-mist-1 px-3 font-display text-xl"
      />
    </form>
  );
}
