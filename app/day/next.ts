/** What comes next of a roast, as its day knows it: for a line beside its name. */
import type { Kept } from "../../core/day/kept";
import type { Leftovers } from "../../core/day/leftovers";
import { LEFTOVERS_ROW, TABLE_ROW } from "../../core/plan/roast";
import { LEFTOVERS } from "../../words/leftovers";
import type { TimetableRow } from "../../words/timetable";
import type { Call } from "./calls";

export interface NextUp {
  readonly what: string;
  /** Epoch ms; null: now. */
  readonly atMs: number | null;
  /** By then at the latest. */
  readonly isBy?: true;
}

/** The next row that a hand is wanted for until it is at the table. */
export const nextRow = (rows: readonly TimetableRow[], nowMs: number): TimetableRow | undefined =>
  rows.find(({ id, startMs }) => startMs > nowMs && id !== TABLE_ROW && id !== LEFTOVERS_ROW);

interface Known {
  readonly calls: readonly Call[];
  readonly kept: Kept<TimetableRow> | null;
  readonly leftovers: Leftovers | null;
  readonly rows: readonly TimetableRow[];
}

/** @returns null where nothing is to be done */
export function nextUp({ calls, kept, leftovers, rows }: Known, nowMs: number): NextUp | null {
  const [call] = calls;
  if (call) return { what: call.does, atMs: null };
  if (kept?.chill) return { what: kept.chill.row.what, atMs: kept.chill.byMs, isBy: true };
  if (leftovers) return nowMs < leftovers.byMs ? { what: LEFTOVERS, atMs: leftovers.byMs, isBy: true } : null;
  const row = nextRow(rows, nowMs);
  return row ? { what: row.what, atMs: row.startMs } : null;
}
