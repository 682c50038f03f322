/** What a timetable says: every task, chore and dish in plain words. */

import type { Replanned } from "../core/day/replan";
import { isFire } from "../core/heat/sources";
import type { Plan } from "../core/plan/schema";
import { standsOverTray } from "../core/plan/tray";
import type { Schedule } from "../core/schedule/backward";
import type { DerivedPlan } from "../core/schedule/derive";
import { type Row, rowsOf } from "../core/schedule/rows";
import type { PlacedSide } from "../core/schedule/sides";
import { formatTemperature, type UnitSystem } from "../core/units/quantity";
import { choreWords } from "./chores";
import { besideWhat, dishName } from "./dishes";
import { LEFTOVERS, leftoversDetail } from "./leftovers";
import { HEAT_NAMES } from "./names";
import type { Words } from "./row";
import { taskWords } from "./tasks";
import { theBirds } from "./titles";

/** A row with what it says. */
export interface TimetableRow extends Row {
  readonly what: string;
  readonly detail: string;
}

/** Rows in words. @param derived what they are of @param isOut whether the bird has left its heat */
export function worded(
  rows: readonly Row[],
  plan: Plan,
  derived: DerivedPlan,
  units: UnitSystem,
  isOut = false,
): TimetableRow[] {
  const tasks = taskWords(plan, derived, units, isOut);
  const wordsOf = ({ about }: Row): Words => {
    switch (about.kind) {
      case "task":
        return tasks[about.task];
      case "chore":
        return choreWords(plan, derived, about.chore, units);
      case "side":
        return sideWords(about.side, plan, derived.schedule, units);
      case "oven-on":
        return ovenOnWords(about.side, plan, units);
      case "leftovers":
        return [LEFTOVERS, leftoversDetail(plan, units)];
    }
  };
  return rows.map((row) => {
    const [what, detail] = wordsOf(row);
    return { ...row, what, detail };
  });
}

const sideWords = (side: PlacedSide, plan: Plan, schedule: Schedule, units: UnitSystem): Words => [
  `${dishName(side)}: start`,
  whereWords(side, plan, schedule, units),
];

/** The bird's own, unless that is over a fire. */
const ovenOnWords = (side: PlacedSide, { heat }: Plan, units: UnitSystem): Words => [
  `${HEAT_NAMES[isFire(heat) ? "oven" : heat]} on at ${formatTemperature(side.ovenC ?? 0, units)}`,
  `hot for: ${dishName(side)}`,
];

function whereWords(side: PlacedSide, plan: Plan, schedule: Schedule, units: UnitSystem): string {
  const { slot, ovenC, ring } = side;
  if (slot === "tray")
    return `into the roasting tray, ${standsOverTray(plan) ? "under" : "around"} ${theBirds(plan.bird)}`;
  if (ovenC === null) return ring ? "on a ring" : "at the board";
  return [`oven at ${formatTemperature(ovenC, units)}`, besideWhat(side, schedule, plan.bird)]
    .filter(Boolean)
    .join(", ");
}

/** A day that goes otherwise, in words: what has begun as it was planned, what is coming as it was placed again. */
export const replannedRows = (
  { begun, coming, renewed }: Replanned,
  plan: Plan,
  planned: DerivedPlan,
  units: UnitSystem,
  isOut: boolean,
): TimetableRow[] =>
  [...worded(begun, plan, planned, units, isOut), ...worded(coming, plan, renewed, units, isOut)].sort(
    (one, other) => one.startMs - other.startMs,
  );

/** Everything that is to be done, in order, in words. */
export const timetableOf = (plan: Plan, derived: DerivedPlan, units: UnitSystem, isOut = false): TimetableRow[] =>
  worded(rowsOf(derived), plan, derived, units, isOut);
