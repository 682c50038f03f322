/** Everything that is done, in order, as data: for the list, the calendar, the command line and the stove. */
import { constant } from "../constants";
import { LEFTOVERS_ROW } from "../plan/roast";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { type Lane, type TaskId, taskOf } from "./backward";
import type { Chore, ChoreKind } from "./chore";
import type { DerivedPlan } from "./derive";
import { ovenOnMs } from "./ovenOn";
import type { PlacedSide } from "./sides";

/**
 * What a row is about: a task of the bird, a chore around it, a dish, the oven that is turned on for one, what is left
 * after the table.
 */
export type About =
  | { readonly kind: "task"; readonly task: TaskId }
  | { readonly kind: "chore"; readonly chore: Chore }
  | { readonly kind: "side"; readonly side: PlacedSide }
  | { readonly kind: "oven-on"; readonly side: PlacedSide }
  | { readonly kind: "leftovers" };

export interface Row {
  /** Stable, so that a calendar that is fetched again moves its events. */
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  readonly lane: Lane;
  /** Minutes before the start at which an alarm is wanted; none for what takes care of itself. */
  readonly alarmMin?: number;
  /** Of a piece in another's heat: done in one go with that one's. */
  readonly inOneGo?: true;
  readonly about: About;
}

/** The row of a dish. */
export const dishRow = (id: string): string => `side-${id}`;

/** What a row is about, by name: the same of every dish. */
export type RowKind = TaskId | ChoreKind | "side" | "oven-on" | "leftovers";

export function kindOf({ about }: Pick<Row, "about">): RowKind {
  switch (about.kind) {
    case "task":
      return about.task;
    case "chore":
      return about.chore.kind;
    case "side":
    case "oven-on":
    case "leftovers":
      return about.kind;
  }
}

/** Minutes before a row at which it is called. */
const ALARMS: Partial<Record<RowKind, number>> = {
  thaw: 0,
  prepare: 10,
  salt: 0,
  dry: 0,
  preheat: 0,
  roast: 10,
  rest: 15,
  carve: 5,
  chill: 0,
  "water-change": 0,
  "mix-brine": 5,
  make: 0,
  stuffing: 5,
  "eve-check": 0,
  stock: 0,
  counter: 0,
  fill: 5,
  season: 5,
  sear: 2,
  stage: 0,
  baste: 0,
  oil: 0,
  glaze: 2,
  "ice-gone": 0,
  "bacon-off": 0,
  fuel: 2,
  "bring-up": 2,
  loosen: 0,
  thicken: 0,
  platter: 0,
};

/** Of pieces in one heat: what is done for all of them by the same hands. */
const IN_ONE_GO: readonly RowKind[] = ["prepare", "salt", "dry", "counter", "fill", "season", "roast"];

const SIDE_ALARM_MIN = 5;

/**
 * What is left into the fridge: by two hours from the knife; where the knife was the day before, from the table, or from
 * when it came out of the fridge.
 */
function leftoversRow({ schedule, chores }: Pick<DerivedPlan, "schedule" | "chores">): Row {
  const isKept = taskOf(schedule, "chill") !== undefined;
  const out = chores.find(({ kind }) => kind === "platter");
  const sinceMs = isKept ? (out?.startMs ?? schedule.serveAtMs) : schedule.carveAtMs;
  const endMs = sinceMs + constant("outHours") * HOUR_MS;
  const startMs = endMs - constant("coldCallMin") * MINUTE_MS;
  return { id: LEFTOVERS_ROW, startMs, endMs, lane: "table", alarmMin: 0, about: { kind: "leftovers" } };
}

/** The oven on for a dish. */
function ovenOnRow(side: PlacedSide): Row {
  const [startMs, endMs] = [ovenOnMs(side), side.startMs];
  return { id: `oven-${side.id}`, startMs, endMs, lane: "heat", alarmMin: 0, about: { kind: "oven-on", side } };
}

const withAlarm = (row: Row, alarmMin: number | undefined): Row =>
  alarmMin === undefined ? row : { ...row, alarmMin };

export function rowsOf({ schedule, chores, sides, beside }: DerivedPlan): Row[] {
  const isLed = beside.piece?.follows === true;
  const own = schedule.tasks.filter(({ id }) => !(id === "table" && isLed));
  const tasks = own.map(({ id, lane, startMs, endMs }) =>
    withAlarm({ id, startMs, endMs, lane, about: { kind: "task", task: id } }, ALARMS[id]),
  );
  const work = chores.map((chore) => {
    const { kind, n, lane, startMs, endMs } = chore;
    return withAlarm({ id: `${kind}-${n}`, startMs, endMs, lane, about: { kind: "chore", chore } }, ALARMS[kind]);
  });
  const dishes = sides.flatMap((side): Row[] => {
    const { id, startMs, endMs, ovenC, slot, isOvenOff } = side;
    const lane = ovenC === null && slot !== "tray" ? "board" : "heat";
    const row: Row = {
      id: dishRow(id),
      startMs,
      endMs,
      lane,
      alarmMin: SIDE_ALARM_MIN,
      about: { kind: "side", side },
    };
    return isOvenOff ? [ovenOnRow(side), row] : [row];
  });
  return [...tasks, ...work, ...dishes, leftoversRow({ schedule, chores })]
    .map((row): Row => (isLed && IN_ONE_GO.includes(kindOf(row)) ? { ...row, inOneGo: true } : row))
    .sort((a, b) => a.startMs - b.startMs);
}
