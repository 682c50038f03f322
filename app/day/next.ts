/** What comes next of a roast, as its day knows it: for a line beside its name. */
import { TABLE_ROW } from "../../core/plan/roast";
import type { RoastDay } from "./roastDay";

export interface NextUp {
  readonly what: string;
  /** Epoch ms; null: now. */
  readonly atMs: number | null;
}

/** @returns null where nothing is to be done */
export function nextUp({ calls, kept, rows }: Pick<RoastDay, "calls" | "kept" | "rows">, nowMs: number): NextUp | null {
  const [call] = calls;
  if (call) return { what: call.does, atMs: null };
  if (kept?.chill) return { what: kept.chill.row.what, atMs: kept.chill.byMs };
  const row = rows.find(({ id, startMs }) => startMs > nowMs && id !== TABLE_ROW);
  return row ? { what: row.what, atMs: row.startMs } : null;
}
