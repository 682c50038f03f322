import type { TimetableRow } from "../../../words/timetable";
import type { Acts } from "../../day/acts";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";

interface Props {
  readonly rows: readonly TimetableRow[];
  readonly acts: Acts;
}

/** What was ticked off, each to be had back: a wet finger ticks what it did not mean to. */
export function TickedOff({ rows, acts }: Props) {
  if (rows.length === 0) return null;
  return (
    <Sheet opens={`Ticked off: ${rows.length}`} title="Ticked off">
      <ul className="divide-y divide-line">
        {rows.map(({ id, what }) => (
          <li key={id} className="flex items-center justify-between gap-3 py-1.5">
            <span className="text-lg">{what}</span>
            <Button size="stove" className="shrink-0" onClick={() => acts.unticks(id)}>
              Not yet <span className="sr-only">done: {what}</span>
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
