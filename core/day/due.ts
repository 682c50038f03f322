/** Which rows of the timetable want a hand now. */
import type { TimetableRow } from "../schedule/timetable";

const MINUTE_MS = 60_000;
/** A row that nobody has seen to for so long has been done, or is not going to be. */
const STANDS_MIN = 15;

/** What is still to be done: not ticked off, and not so long past that it will not be done any more. */
export const comingRows = (
  rows: readonly TimetableRow[],
  ticked: readonly string[],
  nowMs: number,
): readonly TimetableRow[] =>
  rows.filter(({ id, startMs }) => !ticked.includes(id) && nowMs < startMs + STANDS_MIN * MINUTE_MS);

/** Called from its alarm's time on, until a while after it should have begun. @param beside ids that are called otherwise */
export const dueRows = (
  rows: readonly TimetableRow[],
  nowMs: number,
  beside: (id: string) => boolean = () => false,
): readonly TimetableRow[] =>
  rows.filter(
    ({ id, startMs, alarmMin }) =>
      alarmMin !== undefined &&
      !beside(id) &&
      nowMs >= startMs - alarmMin * MINUTE_MS &&
      nowMs < startMs + STANDS_MIN * MINUTE_MS,
  );
