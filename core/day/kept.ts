/**
 * A bird that was carved the day before its dinner: cold in time, kept, and at its table in time, hot again or cold. What
 * has been done of it is ticked off by the rows of its timetable.
 */
import { constant } from "../constants";
import { withoutTicks } from "../plan/happened";
import { LEFTOVERS_ROW, type Roast, TABLE_ROW } from "../plan/roast";
import { REHEAT_ID } from "../schedule/derive";
import { dishRow, kindOf, type Row, type RowKind } from "../schedule/rows";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { passedRows } from "./due";
import { stillStands } from "./stands";

const CHILL_ROW = "chill";
const REHEAT_ROW = dishRow(REHEAT_ID);
/** What hangs on dinner, and not on the bird's coming out. */
const OF_THE_DINNER: ReadonlySet<RowKind> = new Set(["side", "oven-on", "thicken", "platter", "table", "leftovers"]);

export interface Kept<Of extends Row = Row> {
  /** Into the fridge, and by when; null once it is there. */
  readonly chill: { readonly row: Of; readonly byMs: number } | null;
  /** What should be in the oven by now, to be hot, and is not; null where nothing is late. */
  readonly overdue: Of | null;
  /** Dinner later than planned for it, min. */
  readonly lateMin: number;
  /** The oven that should be on by now for what is to go in, and of which nobody has said so; null where none is. */
  readonly ovenOn: Of | null;
  /** Still to come, in order, moved by what is late. */
  readonly coming: readonly Of[];
  /** Of dinner's, what should have had a hand a while ago, and of which nobody has said that it had. */
  readonly passed: readonly Of[];
}

/** @param rows of the whole timetable, by the plan */
export function keptOf<Of extends Row>(
  rows: readonly Of[],
  { carvedAt, ticked = [] }: Roast["happened"],
  nowMs: number,
): Kept<Of> {
  const isTold = ({ id, about }: Row): boolean =>
    ticked.includes(id) || (about.kind === "oven-on" && ticked.includes(dishRow(about.side.id)));
  const open = rows.filter((row) => !isTold(row));
  const chill = open.find(({ id }) => id === CHILL_ROW);
  const reheat = open.find(({ id }) => id === REHEAT_ROW);
  const overdue = reheat && nowMs >= reheat.startMs + MINUTE_MS ? reheat : null;
  const lateMs = overdue ? nowMs - overdue.startMs : 0;
  const following = open
    .filter((row) => OF_THE_DINNER.has(kindOf(row)) && row !== overdue)
    .map((row) =>
      overdue && row.startMs > overdue.startMs
        ? { ...row, startMs: row.startMs + lateMs, endMs: row.endMs + lateMs }
        : row,
    );
  const waitsForItsDish = (row: Of): boolean => kindOf(row) === "oven-on" && nowMs < row.endMs;
  // The table is waited for until it is said.
  const stands = (row: Of): boolean => row.id === TABLE_ROW || waitsForItsDish(row) || stillStands(row, nowMs);
  return {
    chill: chill ? { row: chill, byMs: Date.parse(carvedAt ?? "") + constant("outHours") * HOUR_MS } : null,
    overdue,
    lateMin: Math.floor(lateMs / MINUTE_MS),
    ovenOn: following.find((row) => waitsForItsDish(row) && row.startMs <= nowMs) ?? null,
    coming: following.filter(stands),
    passed: passedRows(following, ticked, nowMs).filter((row) => row.id !== LEFTOVERS_ROW && !stands(row)),
  };
}

type Happened = Roast["happened"];

/** It is not carved after all: nothing of it is in the fridge, or at the table. */
export const uncarved = ({ carvedAt: _, ...before }: Happened): Happened =>
  withoutTicks(before, CHILL_ROW, TABLE_ROW, LEFTOVERS_ROW);

/** It is not at the table after all. */
export const unserved = (happened: Happened): Happened => withoutTicks(happened, TABLE_ROW, LEFTOVERS_ROW);
