import { useLiveQuery } from "dexie-react-hooks";
import type { Import } from "../../../storage/database";
import { imports, undoImport } from "../../../storage/files";
import { roastsWords } from "../../../words/incoming";
import { dayAndTime } from "../../../words/time";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { useHabits, usePreferences } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";
import { toast } from "../../ui/toast";

function whatOf({ taken, replaced, kitchen, preferences }: Import): string {
  return [
    roastsWords(taken.length),
    replaced.length > 0 && `${replaced.length} in the place of what was here`,
    kitchen !== undefined && "its kitchen",
    preferences !== undefined && "how things are shown",
  ]
    .filter(Boolean)
    .join(", ");
}

/** Files that were taken in within the week: each can be undone as a whole. */
export function TakenIn() {
  const reader = useHabits();
  const { set } = usePreferences();
  const done = useLiveQuery(() => imports(database()), []) ?? [];
  if (done.length === 0) return null;
  const undo = async (one: Import): Promise<void> => {
    const undone = undoImport(database(), one.key ?? 0, clockNow());
    if (!(await stored("That it is undone was", undone))) return;
    if (one.preferences) {
      const { id: _, ...before } = one.preferences;
      await set(before);
    }
    toast.message(`What ${one.name} brought is gone; its roasts are in the log's bin for a week`);
  };
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return (
    <ul aria-label="Files taken in" className="grid gap-2">
      {done.map((one) => (
        <li key={one.key} className="flex flex-wrap items-center gap-3 rounded-2xl border border-line px-4 py-2">
          <span className="grow">
            {one.name}
            <span className="block text-sm text-soft">
              {whatOf(one)}; taken in {dayAndTime(one.atMs, zone, reader)}
            </span>
          </span>
          <Button size="small" aria-label={`Undo ${one.name}`} onClick={() => void undo(one)}>
            Undo it
          </Button>
        </li>
      ))}
    </ul>
  );
}
