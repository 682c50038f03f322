/**
 * Tasks placed backward from the serving time. Instants are epoch milliseconds; what a cook reads as local time is
 * the edge's business, so a clock change in the night moves nothing here.
 */
import { constant } from "../sources";

export const LANES = ["cold", "board", "heat", "table"] as const;
export type Lane = (typeof LANES)[number];

export const TASK_IDS = ["thaw", "salt", "dry", "preheat", "roast", "rest", "carve", "table"] as const;
export type TaskId = (typeof TASK_IDS)[number];

export interface Task {
  readonly id: TaskId;
  readonly lane: Lane;
  readonly startMs: number;
  readonly endMs: number;
}

export type Conflict =
  | { readonly kind: "too-late"; readonly task: TaskId; readonly startMs: number; readonly byMs: number }
  | { readonly kind: "thawed-in-water-waits"; readonly hours: number }
  | { readonly kind: "waits-too-long-raw"; readonly days: number; readonly limitDays: number };

export interface ScheduleInput {
  readonly serveAtMs: number;
  /** Zero for a fresh bird. */
  readonly thawHours: number;
  readonly thawIn: "fridge" | "water";
  readonly saltHours: number;
  readonly dryHours: number;
  readonly roastMin: { readonly p10: number; readonly p50: number; readonly p90: number };
  readonly carveMin: number;
  /** Rest that even a late bird gets, and the rest aimed at. */
  readonly shortestRestMin: number;
  readonly usualRestMin: number;
  /** The bird is in already: nothing before the oven is placed any more. */
  readonly wentInAtMs?: number;
}

export interface Schedule {
  readonly tasks: readonly Task[];
  readonly inAtMs: number;
  readonly pullAtMs: { readonly p10: number; readonly p50: number; readonly p90: number };
  readonly carveAtMs: number;
  /** Rest if the bird is early, as expected, late. */
  readonly restMin: { readonly early: number; readonly expected: number; readonly late: number };
}

const MINUTE_MS = 60_000;
const HOUR_MS = 60 * MINUTE_MS;

/**
 * Places everything. The rest is the buffer: the bird goes in so early that a late one still gets its shortest rest,
 * and an expected one at least the usual rest.
 */
export function placeBackward(input: ScheduleInput): Schedule {
  const { serveAtMs, roastMin } = input;
  const carveAtMs = serveAtMs - input.carveMin * MINUTE_MS;
  const lead = Math.max(roastMin.p90 + input.shortestRestMin, roastMin.p50 + input.usualRestMin);
  const inAtMs = input.wentInAtMs ?? carveAtMs - Math.ceil(lead) * MINUTE_MS;
  const pullAtMs = {
    p10: inAtMs + roastMin.p10 * MINUTE_MS,
    p50: inAtMs + roastMin.p50 * MINUTE_MS,
    p90: inAtMs + roastMin.p90 * MINUTE_MS,
  };
  const rest = (pulledMs: number): number => (carveAtMs - pulledMs) / MINUTE_MS;
  const tasks: Task[] = [];
  const before = (id: TaskId, lane: Lane, endMs: number, hours: number): number => {
    const startMs = endMs - hours * HOUR_MS;
    if (hours > 0) tasks.unshift({ id, lane, startMs, endMs });
    return startMs;
  };
  const dryFrom = before("dry", "cold", inAtMs, input.dryHours);
  const saltFrom = before("salt", "cold", dryFrom, input.saltHours);
  before("thaw", "cold", saltFrom, input.thawHours);
  tasks.push(
    { id: "preheat", lane: "heat", startMs: inAtMs - constant("preheatMin") * MINUTE_MS, endMs: inAtMs },
    { id: "roast", lane: "heat", startMs: inAtMs, endMs: pullAtMs.p50 },
    { id: "rest", lane: "board", startMs: pullAtMs.p50, endMs: carveAtMs },
    { id: "carve", lane: "board", startMs: carveAtMs, endMs: serveAtMs },
    { id: "table", lane: "table", startMs: serveAtMs, endMs: serveAtMs + HOUR_MS },
  );
  return {
    tasks,
    inAtMs,
    pullAtMs,
    carveAtMs,
    restMin: { early: rest(pullAtMs.p10), expected: rest(pullAtMs.p50), late: rest(pullAtMs.p90) },
  };
}

/** What cannot be: the first task that should already have begun, and raw birds kept beyond their limit. */
export function conflictsOf(schedule: Schedule, input: ScheduleInput, nowMs: number): Conflict[] {
  const conflicts: Conflict[] = [];
  const first = schedule.tasks[0] as Task;
  if (first.startMs < nowMs && nowMs < schedule.inAtMs) {
    conflicts.push({ kind: "too-late", task: first.id, startMs: first.startMs, byMs: nowMs - first.startMs });
  }
  if (schedule.inAtMs <= nowMs) {
    conflicts.push({ kind: "too-late", task: "roast", startMs: schedule.inAtMs, byMs: nowMs - schedule.inAtMs });
  }
  const rawHours = input.saltHours + input.dryHours;
  if (input.thawHours > 0 && input.thawIn === "water" && rawHours > 0) {
    conflicts.push({ kind: "thawed-in-water-waits", hours: rawHours });
  }
  const limitDays = constant(input.thawHours > 0 ? "thawedLimitDays" : "freshLimitDays");
  if (rawHours > limitDays * 24) conflicts.push({ kind: "waits-too-long-raw", days: rawHours / 24, limitDays });
  return conflicts;
}
