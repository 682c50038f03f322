import { Pencil } from "lucide-react";
import { useState } from "react";
import { changeRoast } from "../../../storage/roasts";
import { titleOf } from "../../../words/titles";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { IconButton } from "../../ui/IconButton";

const LONGEST = 120;

/** What the roast is called; once the cook has named it, it follows bird and day no more. Emptied, it follows them again. */
export function Title({ roastId, title }: { readonly roastId: string; readonly title: string }) {
  const reader = useHabits();
  const [typed, setTyped] = useState<string | null>(null);
  const keep = async (): Promise<void> => {
    const name = (typed ?? "").replace(/\s+/g, " ").trim();
    // Left as it was, it is no name of the cook's own.
    if (name === title) {
      setTyped(null);
      return;
    }
    const kept = await stored(
      "The name was",
      changeRoast(database(), roastId, ({ named: _, ...roast }) =>
        name === "" ? { ...roast, title: titleOf(roast.plan, reader) } : { ...roast, title: name, named: true },
      ),
    );
    if (kept) setTyped(null);
  };
  if (typed === null) {
    return (
      <span className="flex items-baseline gap-1">
        <h1 className="text-2xl">{title}</h1>
        <IconButton label="Name this roast" icon={Pencil} onClick={() => setTyped(title)} />
      </span>
    );
  }
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
        onKeyDown={(event) => event.key === "Escape" && setTyped(null)}
        className="min-h-10 w-[22rem] max-w-full rounded-xl border border-line-strong bg-mist-1 px-3 font-display text-xl"
      />
    </form>
  );
}
