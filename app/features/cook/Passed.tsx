import { timeBeside } from "../../../words/time";
import type { TimetableRow } from "../../../words/timetable";
import type { Acts } from "../../day/acts";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { useNow } from "../../ui/useNow";

interface Props {
  readonly rows: readonly TimetableRow[];
  readonly zone: string;
  readonly acts: Acts;
}

/** What should have begun a while ago and was not ticked off: a tap was forgotten, or the thing itself. */
export function Passed({ rows, zone, acts }: Props) {
  const reader = useHabits();
  const now = useNow();
  if (rows.length === 0) return null;
  return (
    <Sheet opens={`Passed, not ticked off: ${rows.length}`} title="Passed, not ticked off">
      <ul className="divide-y divide-line">
        {rows.map(({ id, startMs, what }) => (
          <li key={id} className="flex items-center justify-between gap-3 py-1.5">
            <span className="text-lg">
              {what} <span className="block text-base text-soft">{timeBeside(startMs, now, zone, reader)}</span>
            </span>
            <Button size="stove" className="shrink-0" onClick={() => acts.ticks(id)}>
              Done<span className="sr-only">: {what}</span>
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
