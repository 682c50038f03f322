import { timeBeside } from "../../../words/time";
import type { TimetableRow } from "../../../words/timetable";
import { useHabits } from "../../shell/preferences";
import { Button } from "../../ui/Button";
import { Sheet } from "../../ui/Sheet";
import { useNow } from "../../ui/useNow";

interface Props {
  readonly title: string;
  readonly rows: readonly TimetableRow[];
  /** Where they are told with when they were to begin: the zone of that. */
  readonly zone?: string;
  /** What a tap says of a row, and how that goes on for who does not see the row beside it. */
  readonly says: string;
  readonly of: string;
  onTap(id: string): void;
}

/** Rows of the timetable behind their number, each with a tap; nothing where there are none. */
export function TickSheet({ title, rows, zone, says, of, onTap }: Props) {
  const reader = useHabits();
  const now = useNow();
  if (rows.length === 0) return null;
  return (
    <Sheet opens={`${title}: ${rows.length}`} title={title}>
      <ul className="divide-y divide-line">
        {rows.map(({ id, startMs, what }) => (
          <li key={id} className="flex items-center justify-between gap-3 py-1.5">
            <span className="text-lg">
              {what}
              {zone && <span className="block text-base text-soft">{timeBeside(startMs, now, zone, reader)}</span>}
            </span>
            <Button size="stove" className="shrink-0" onClick={() => onTap(id)}>
              {says}
              <span className="sr-only">
                {of}: {what}
              </span>
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
