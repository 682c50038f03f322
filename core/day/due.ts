/** Which rows of the timetable want a hand now. */

import type { Row } from "../schedule/rows";
import { MINUTE_MS } from "../units/time";

/** A row that nobody has seen to for so long has been done, or is not going to be. */
const STANDS_MIN = 15;

type Timed = Pick<Row, "id" | "startMs" | "alarmMin">;

/** Whether it is not so long past that it will not be done any more. */
export const stillStands = ({ startMs }: Pick<Timed, "startMs">, nowMs: number): boolean =>
  nowMs < startMs + STANDS_MIN * MINUTE_MS;

/** What is still to be done, and not ticked off. */
export const comingRows = <Of extends Timed>(
  rows: readonly Of[],
  ticked: readonly string[],
  nowMs: number,
): readonly Of[] => rows.filter((row) => !ticked.includes(row.id) && stillStands(row, nowMs));

/** Called from its alarm's time on, until a while after it should have begun. @param isBeside what is called otherwise */
export const dueRows = <Of extends Timed>(
  rows: readonly Of[],
  nowMs: number,
  isBeside: (row: Of) => boolean = () => false,
): readonly Of[] =>
  rows.filter(
    (row) =>
      row.alarmMin !== undefined &&
      !isBeside(row) &&
      nowMs >= row.startMs - row.alarmMin * MINUTE_MS &&
      stillStands(row, nowMs),
  );
