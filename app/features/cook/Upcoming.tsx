import type { TimetableRow } from "../../../words/timetable";
import { ComingRows } from "./ComingRows";

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
  const coming = rows.filter(({ id, startMs }) => startMs > now && !OWN.has(id)).slice(0, MOST);
  if (coming.length === 0) return null;
  return (
    <section aria-label="Then">
      <h2 className="mb-1 text-xl">Then</h2>
      <ComingRows rows={coming} now={now} zone={zone} isDetailed />
    </section>
  );
}
