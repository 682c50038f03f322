/** What comes next of a roast, as its day knows it: for a line beside its name. */
import type { Kept } from "../../core/day/kept";
import { heatOnRow, ROAST_ROW } from "../../core/day/late";
import type { Leftovers } from "../../core/day/leftovers";
import { type CookStage, LEFTOVERS_ROW, TABLE_ROW } from "../../core/plan/roast";
import type { Plan } from "../../core/plan/schema";
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

/** The heat on and the bird in it stay next until they are told: nothing else counts as much. */
const isAwaited = ({ plan, stage }: Pick<Known, "plan" | "stage">, { id }: TimetableRow): boolean =>
  stage === "planned" && (id === heatOnRow(plan) || id === ROAST_ROW);

/** The next row that a hand is wanted for until it is at the table. */
export const nextRow = (known: Pick<Known, "plan" | "stage" | "rows">, nowMs: number): TimetableRow | undefined =>
  known.rows.find(
    (row) => (row.startMs > nowMs || isAwaited(known, row)) && row.id !== TABLE_ROW && row.id !== LEFTOVERS_ROW,
  );

interface Known {
  readonly plan: Plan;
  readonly stage: CookStage;
  readonly calls: readonly Call[];
  readonly kept: Kept<TimetableRow> | null;
  readonly leftovers: Leftovers | null;
  readonly rows: readonly TimetableRow[];
}

/** @returns null where nothing is to be done */
export function nextUp(known: Known, nowMs: number): NextUp | null {
  const { calls, kept, leftovers } = known;
  const [call] = calls;
  if (call) return { what: call.does, atMs: null };
  if (kept?.chill) return { what: kept.chill.row.what, atMs: kept.chill.byMs, isBy: true };
  if (leftovers) return nowMs < leftovers.byMs ? { what: LEFTOVERS, atMs: leftovers.byMs, isBy: true } : null;
  if (kept?.ovenOn) return { what: kept.ovenOn.what, atMs: null };
  const row = nextRow(known, nowMs);
  return row ? { what: row.what, atMs: row.startMs > nowMs ? row.startMs : null } : null;
}
