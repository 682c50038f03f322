/** Which rows of the timetable want a hand: now, later, or should have had one. */

import type { CookStage } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { type Phase, phaseOf } from "../schedule/phase";
import { kindOf, type Row, type RowKind } from "../schedule/rows";
import { MINUTE_MS } from "../units/time";
import { heatOnRow } from "./late";
import { stillStands } from "./stands";

type Timed = Pick<Row, "id" | "startMs" | "alarmMin">;

/** What is still to be done, and not ticked off. */
export const comingRows = <Of extends Timed>(
  rows: readonly Of[],
  ticked: readonly string[],
  nowMs: number,
): readonly Of[] => rows.filter((row) => !ticked.includes(row.id) && stillStands(row, nowMs));

/** Called from its alarm's time on, until a while after it should have begun; never what takes care of itself. */
export const dueRows = <Of extends Timed>(rows: readonly Of[], nowMs: number): readonly Of[] =>
  rows.filter(
    (row) => row.alarmMin !== undefined && nowMs >= row.startMs - row.alarmMin * MINUTE_MS && stillStands(row, nowMs),
  );

/** Done again and again: with the next of them the last is over, told or not. */
const ONE_OF_MANY: ReadonlySet<RowKind> = new Set(["water-change"]);

/** What should have had a hand, and of which nobody has said that it had. */
export const passedRows = <Of extends Timed & Pick<Row, "about">>(
  rows: readonly Of[],
  ticked: readonly string[],
  nowMs: number,
): readonly Of[] =>
  rows.filter(
    (row) =>
      row.alarmMin !== undefined &&
      !ticked.includes(row.id) &&
      !stillStands(row, nowMs) &&
      !ONE_OF_MANY.has(kindOf(row)),
  );

/** With the bird in: what the coach calls by what was read, and the screen by its own buttons. */
const CALLED_OTHERWISE: ReadonlySet<RowKind> = new Set(["roast", "rest", "carve", "table", "stage", "baste", "fuel"]);
/** What is over, ticked off or not; and what waits until the bird is out, however long it should have been. */
const NOT_NOW: Record<CookStage, readonly Phase[]> = {
  planned: [],
  roasting: ["before", "out"],
  resting: ["before", "in"],
  kept: [],
  done: ["before", "in"],
};

interface Standing {
  readonly plan: Plan;
  readonly stage: CookStage;
  /** Before the heat something should have happened, and is called as that. */
  readonly isLate: boolean;
}

/** Rows that are called as such, as the day of the bird stands: dishes, gravy, whatever stands beside it. */
export function rowsBeside<Of extends Row>(rows: readonly Of[], { plan, stage, isLate }: Standing): readonly Of[] {
  const wentIn = stage !== "planned" && stage !== "kept";
  const isCalledOtherwise = (row: Of): boolean => {
    const kind = kindOf(row);
    if (wentIn) return CALLED_OTHERWISE.has(kind);
    // Late, heat and bird are called by that; the table is only said: the end of what is on.
    return isLate ? kind === "preheat" || kind === "roast" || row.id === heatOnRow(plan) : kind === "table";
  };
  return rows.filter((row) => !isCalledOtherwise(row) && !NOT_NOW[stage].includes(phaseOf(row, plan)));
}
