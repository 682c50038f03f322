import { useLiveQuery } from "dexie-react-hooks";
import { DAY_MS } from "../../../core/units/time";
import { inBin, KEPT_MS, putBack } from "../../../storage/bin";
import { isReadable } from "../../../storage/listing";
import { titleShown } from "../../../words/titles";
import { clockNow } from "../../shell/clock";
import { database } from "../../shell/database";
import { useHabits } from "../../shell/preferences";
import { stored } from "../../shell/stored";
import { Button } from "../../ui/Button";

/** What was deleted, while it can still be had. */
export function Bin() {
  const reader = useHabits();
  const binned = useLiveQuery(() => inBin(database()), []) ?? [];
  if (binned.length === 0) return null;
  return (
    <section aria-label="Deleted" className="mt-6 max-w-3xl">
      <h2 className="mb-2 text-lg text-soft">Deleted, kept for a week</h2>
      <ul className="grid gap-2">
        {binned.map(({ roast, binnedMs }) => {
          const title = isReadable(roast) ? titleShown(roast, reader) : roast.title || "A roast without a name";
          const days = Math.max(1, Math.ceil((binnedMs + KEPT_MS - clockNow()) / DAY_MS));
          return (
            <li key={roast.id} className="flex flex-wrap items-center gap-3 rounded-2xl border border-line px-4 py-2">
              <span className="grow">
                {title}
                <span className="block text-sm text-soft">
                  for {days} more {days === 1 ? "day" : "days"}
                </span>
              </span>
              <Button
                aria-label={`Put it back: ${title}`}
                onClick={() => void stored("It was", putBack(database(), roast.id, clockNow()))}
              >
                Put it back
              </Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
