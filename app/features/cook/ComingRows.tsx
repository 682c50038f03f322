import { clockTime, newDay } from "../../../words/time";
import type { TimetableRow } from "../../../words/timetable";
import { unbroken } from "../../../words/unbroken";
import { useHabits } from "../../shell/preferences";

interface Props {
  readonly rows: readonly TimetableRow[];
  /** What the first row's day goes without saying beside. */
  readonly now: number;
  readonly zone: string;
  readonly label?: string;
  /** How it is done too, and not only what. */
  readonly isDetailed?: boolean;
}

/** Rows of the timetable in their order. A day is told once, by the first of its rows. */
export function ComingRows({ rows, now, zone, label, isDetailed = false }: Props) {
  const reader = useHabits();
  return (
    <ol
      aria-label={label}
      className="grid grid-cols-[auto_1fr] gap-x-4 divide-y divide-line rounded-2xl border border-line bg-mist-1 px-4"
    >
      {rows.map(({ id, startMs, what, detail }, n) => {
        const day = newDay(startMs, rows[n - 1]?.startMs ?? now, zone, reader);
        return (
          <li key={id} className="col-span-2 grid grid-cols-subgrid py-2.5">
            {day && <span className="col-span-2 text-sm text-soft">{day}</span>}
            <span className="whitespace-nowrap font-semibold">{clockTime(startMs, zone, reader)}</span>
            <span>
              {unbroken(what)}
              {isDetailed && detail && <span className="block text-sm text-soft">{unbroken(detail)}</span>}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
