/** Which rows of the timetable want a hand now. */

import type { Row } from "../schedule/rows";
import { MINUTE_MS } from "../units/time";

/** A row that nobody has seen to for so long has been done, or is not going to be. */
const STANDS_MIN = 15;

type Timed = Pick<Row, "id" | "startMs" | "alarmMin">;

/** What is still to be done: not ticked off, and not so long past that it will not be done any more. */
export const comingRows = <Of extends Timed>(
  rows: readonly Of[],
  ticked: readonly string[],
  nowMs: number,
): readonly Of[] => rows.filter(({ id, startMs }) => !ticked.includes(id) && nowMs < startMs + STANDS_MIN * MINUTE_MS);

/** Called from its alarm's time on, until a while after it should have begun. @param beside ids that are called otherwise */
export const dueRows = <Of extends Timed>(
  rows: readonly Of[],
  nowMs: number,
  beside: (id: string) => boolean = () => false,
): readonly Of[] =>
  rows.filter(
    ({ id, startMs, alarmMin }) =>
      alarmMin !== undefined &&
      !beside(id) &&
      nowMs >= startMs - alarmMin * MINUTE_MS &&
      nowMs < startMs + STANDS_MIN * MINUTE_MS,
  );
