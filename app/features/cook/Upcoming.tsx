import { clockTime, dayBeside } from "../../../words/time";
import type { TimetableRow } from "../../../words/timetable";
import { useHabits } from "../../shell/preferences";

interface Props {
  readonly rows: readonly TimetableRow[];
  readonly now: number;
  readonly zone: string;
}

const MOST = 5;
/** What the screen itself is about needs no line. */
const OWN = new Set(["roast", "preheat"]);

/** What comes next, placed again from the finish as it is now expected. */
export function Upcoming({ rows, now, zone }: Props) {
  const reader = useHabits();
  const coming = rows.filter(({ id, startMs }) => startMs > now && !OWN.has(id)).slice(0, MOST);
  if (coming.length === 0) return null;
  return (
    <section aria-label="Then">
      <h2 className="mb-1 text-xl">Then</h2>
      <ol className="divide-y divide-line rounded-2xl border border-line bg-mist-1 px-4">
        {coming.map(({ id, startMs, what, detail }) => (
          <li key={id} className="flex gap-4 py-2.5">
            <span className="w-16 shrink-0 font-semibold">
              <span className="block text-sm font-normal text-soft">{dayBeside(startMs, now, zone, reader)}</span>
              {clockTime(startMs, zone, reader)}
            </span>
            <span>
              {what}
              {detail && <span className="block text-sm text-soft">{detail}</span>}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
