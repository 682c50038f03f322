/** What cannot be, of a plan's own tasks, as data; the words and the remedies are the edge's. */
import { NEVER } from "../forecast/ensemble";
import type { Fit } from "../plan/fits";
import type { SaltPlan } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import { constant } from "../sources";
import { type Schedule, type ScheduleInput, type Task, type TaskId, taskOf } from "./backward";
import { isWithin, WAKING } from "./waking";

export type Conflict =
  | { readonly kind: "too-late"; readonly task: TaskId; readonly startMs: number; readonly byMs: number }
  | { readonly kind: "never-thaws"; readonly mediumC: number }
  | { readonly kind: "thawed-in-water-waits"; readonly hours: number }
  | { readonly kind: "ice-waits"; readonly hours: number }
  | { readonly kind: "waits-too-long-raw"; readonly days: number; readonly limitDays: number }
  | { readonly kind: "brined-too-long"; readonly hours: number; readonly limitHours: number }
  | { readonly kind: "frozen-outside-an-oven"; readonly why: "heat" | "stuffed" }
  | { readonly kind: "salted-twice" }
  | { readonly kind: "too-salty"; readonly percent: number }
  | { readonly kind: "at-night"; readonly task: TaskId; readonly startMs: number }
  | { readonly kind: "does-not-fit"; readonly fit: Fit }
  /** One bird in ten does not get there at this heat, however long it stays. */
  | { readonly kind: "late-never" };

export interface ConflictInput {
  readonly plan: Plan;
  readonly schedule: Schedule;
  readonly input: ScheduleInput;
  readonly salt: SaltPlan;
  readonly fits: readonly Fit[];
  readonly nowMs: number;
}

const BRINE_LIMIT_HOURS = 48;

/** Whether a bird goes into the heat with ice in it. */
export const goesInWithIce = ({ bird, thawIn }: Pick<Plan, "bird" | "thawIn">): boolean =>
  bird.state !== "fresh" && thawIn === "none";

/** The first task that should already have begun, birds that wait or brine too long, ice, salt, nights, measures. */
export function conflictsOf({ plan, schedule, input, salt, fits, nowMs }: ConflictInput): Conflict[] {
  const conflicts: Conflict[] = [];
  const first = schedule.tasks[0] as Task;
  if (first.startMs < nowMs && nowMs < schedule.inAtMs) {
    conflicts.push({ kind: "too-late", task: first.id, startMs: first.startMs, byMs: nowMs - first.startMs });
  }
  if (schedule.inAtMs <= nowMs) {
    conflicts.push({ kind: "too-late", task: "roast", startMs: schedule.inAtMs, byMs: nowMs - schedule.inAtMs });
  }
  const { bird, thawIn, equipment } = plan;
  if (!Number.isFinite(input.thawHours)) {
    conflicts.push({ kind: "never-thaws", mediumC: thawIn === "water" ? equipment.tapWaterC : equipment.fridgeC });
  }
  const saltFrom = taskOf(schedule, "salt")?.startMs ?? taskOf(schedule, "dry")?.startMs ?? schedule.inAtMs;
  const rawHours = (schedule.inAtMs - saltFrom) / 3_600_000;
  const inWater = bird.state !== "fresh" && thawIn === "water";
  if (inWater && rawHours > 0) conflicts.push({ kind: "thawed-in-water-waits", hours: rawHours });
  if (goesInWithIce(plan)) {
    if (rawHours > 0) conflicts.push({ kind: "ice-waits", hours: rawHours });
    if (plan.heat !== "oven" && plan.heat !== "fan-oven") {
      conflicts.push({ kind: "frozen-outside-an-oven", why: "heat" });
    } else if (bird.cavity === "stuffed") conflicts.push({ kind: "frozen-outside-an-oven", why: "stuffed" });
  }
  const limitDays = constant(bird.state === "fresh" ? "freshLimitDays" : "thawedLimitDays");
  if (rawHours > limitDays * 24) conflicts.push({ kind: "waits-too-long-raw", days: rawHours / 24, limitDays });
  if (salt.bath && salt.hours > BRINE_LIMIT_HOURS) {
    conflicts.push({ kind: "brined-too-long", hours: salt.hours, limitHours: BRINE_LIMIT_HOURS });
  }
  if (salt.tooSalty) {
    conflicts.push(bird.preSalted ? { kind: "salted-twice" } : { kind: "too-salty", percent: salt.meatPercentMost });
  }
  for (const id of ["thaw", "roast"] as const) {
    const task = taskOf(schedule, id);
    if (task && !isWithin(task.startMs, plan.zone, WAKING)) {
      conflicts.push({ kind: "at-night", task: id, startMs: task.startMs });
    }
  }
  if (schedule.pullAtMs.p90 === NEVER) conflicts.push({ kind: "late-never" });
  for (const fit of fits) if (!fit.fits) conflicts.push({ kind: "does-not-fit", fit });
  return conflicts;
}
