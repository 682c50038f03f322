/** What cannot be, of a plan's own tasks, as data; the words and the remedies are the edge's. */

import { constant } from "../constants";
import { NEVER } from "../forecast/shares";
import { canWrap, type HeatSource, isFire, takes } from "../heat/sources";
import { burning } from "../plan/additions";
import { hottestInBagC, isInBag } from "../plan/bag";
import type { Unfit } from "../plan/fits";
import { heatsOf } from "../plan/heats";
import { goesInWithIce } from "../plan/ice";
import { type SaltPlan, TOO_SALTY_PERCENT } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import type { Moment } from "../processes/conditions";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { type Schedule, type ScheduleInput, type Task, type TaskId, taskOf } from "./backward";
import { isWithin, WAKING } from "./waking";

export type Conflict =
  | {
      readonly kind: "too-late";
      readonly task: TaskId;
      readonly startMs: number;
      readonly byMs: number;
      /** It was planned in time, and nobody has said whether it has begun. */
      readonly isAsked: boolean;
    }
  /** It began so late that there is ice in it when it is to be opened: since when, until when, and so much later. */
  | {
      readonly kind: "thaws-late";
      readonly inWater: boolean;
      readonly task: "thaw";
      readonly begunMs: number;
      readonly readyMs: number;
      readonly byMs: number;
    }
  | { readonly kind: "never-thaws"; readonly mediumC: number }
  | { readonly kind: "thawed-in-water-waits"; readonly hours: number }
  | { readonly kind: "ice-waits"; readonly hours: number }
  | { readonly kind: "waits-too-long-raw"; readonly hours: number; readonly limitDays: number }
  | { readonly kind: "brined-too-long"; readonly hours: number; readonly limitHours: number }
  | { readonly kind: "frozen-outside-an-oven"; readonly why: "heat" | "stuffed" }
  /** Flat or in pieces it does not turn. */
  | { readonly kind: "not-on-a-spit" }
  /** The film of a roasting bag gives way: near a fire, or in so hot an oven. */
  | { readonly kind: "bag-melts"; readonly airC: number | null }
  /** Salted though it was sold salted; what it comes to, where that is known. */
  | { readonly kind: "salted-twice"; readonly percent: number | null }
  | { readonly kind: "too-salty"; readonly percent: number }
  | { readonly kind: "at-night"; readonly task: TaskId; readonly startMs: number }
  | { readonly kind: "does-not-fit"; readonly fit: Unfit }
  /** Sugar over the skin in too much heat. */
  | { readonly kind: "sugar-burns"; readonly id: string; readonly name: string }
  /** Goes into a gravy that is not made. */
  | { readonly kind: "no-gravy-for"; readonly id: string; readonly name: string }
  /** Done long before it is carved, since it goes in with what takes longer. */
  | { readonly kind: "done-too-soon"; readonly minutes: number }
  /** Waits for what this bird does not come to before it is out. */
  | ({ readonly kind: "never-comes" } & Waiting)
  /** One bird in ten does not get there at this heat, however long it stays. */
  | { readonly kind: "late-never" };

/** What is known of a plan's beginning. */
export interface Told {
  /** When it was planned, ms. */
  readonly madeMs: number;
  /** Rows of its timetable that were ticked off. */
  readonly ticked: readonly string[];
  /** When its thaw began, where that was later than planned, ms. */
  readonly thawBegunMs?: number;
}

/** Planned this moment, nothing begun. */
export const UNTOLD: Told = { madeMs: Number.POSITIVE_INFINITY, ticked: [] };

type TooLate = Extract<Conflict, { kind: "too-late" }>;

/** A first task of which nobody has said that it has begun. */
export const isUnbegun = (conflict: Conflict): conflict is TooLate =>
  conflict.kind === "too-late" && conflict.task !== "roast";

/** Nothing is known to be wrong yet: an answer is wanted. */
export const isQuestion = (conflict: Conflict): boolean => conflict.kind === "too-late" && conflict.isAsked;

export interface ConflictInput {
  readonly plan: Plan;
  readonly schedule: Schedule;
  readonly input: ScheduleInput;
  readonly salt: SaltPlan;
  /** Salt in the meat as it goes in, %: simulated, or what it comes to for certain; null while that is not known. */
  readonly meatPercent: number | null;
  readonly unfit: readonly Unfit[];
  /** What waits in vain, by the simulation. */
  readonly inVain: readonly Waiting[];
  readonly nowMs: number;
  readonly told: Told;
}

/** A change of the heat, a glaze, the bacon, fat kept for later: with what it waits for. */
export type Waiting =
  | { readonly what: "stage" | "glaze" | "bacon" | "fat"; readonly for: Moment }
  /** Until nothing covers it: how often, and when besides it does go on. */
  | { readonly what: "glaze" | "fat"; readonly for: null; readonly times: number; readonly open: readonly Moment[] };

const BRINE_LIMIT_HOURS = 48;

/** What a thaw of days ends later than planned, of which nothing is said (chosen); out of water a bird goes into the heat. */
const LATE_THAW_MS = HOUR_MS;
const LATE_IN_WATER_MS = 10 * MINUTE_MS;

/** The first task that should already have begun, birds that wait or brine too long, ice, salt, nights, measures. */
export function conflictsOf({
  plan,
  schedule,
  input,
  salt,
  meatPercent,
  unfit,
  inVain,
  nowMs,
  told,
}: ConflictInput): Conflict[] {
  const conflicts: Conflict[] = [];
  const first = schedule.tasks[0] as Task;
  const tooLate = ({ id, startMs }: Pick<Task, "id" | "startMs">, isAsked: boolean): void =>
    void conflicts.push({ kind: "too-late", task: id, startMs, byMs: nowMs - startMs, isAsked });
  const { inAtMs } = schedule;
  const hasBegun = schedule.tasks.some(({ id }) => told.ticked.includes(id));
  if (first.startMs < nowMs && nowMs < inAtMs && !hasBegun) tooLate(first, told.madeMs <= first.startMs);
  if (inAtMs <= nowMs) tooLate({ id: "roast", startMs: inAtMs }, false);
  const { bird, thawIn, equipment } = plan;
  const thaw = taskOf(schedule, "thaw");
  const begunMs = told.thawBegunMs;
  if (thaw && begunMs !== undefined && Number.isFinite(input.thawHours) && nowMs < inAtMs) {
    const readyMs = begunMs + input.thawHours * HOUR_MS;
    const byMs = readyMs - thaw.endMs;
    const inWater = thawIn === "water";
    if (byMs > (inWater ? LATE_IN_WATER_MS : LATE_THAW_MS)) {
      conflicts.push({ kind: "thaws-late", task: "thaw", inWater, begunMs, readyMs, byMs });
    }
  }
  if (!Number.isFinite(input.thawHours)) {
    conflicts.push({ kind: "never-thaws", mediumC: thawIn === "water" ? equipment.tapWaterC : equipment.fridgeC });
  }
  // In the fridge, salted or drying; what is salted at the oven does not wait.
  const waits = (["salt", "dry"] as const).map((id) => taskOf(schedule, id)).find((task) => task?.lane === "cold");
  const rawHours = waits ? (schedule.inAtMs - waits.startMs) / HOUR_MS : 0;
  const inWater = bird.state !== "fresh" && thawIn === "water";
  if (inWater && rawHours > 0) conflicts.push({ kind: "thawed-in-water-waits", hours: rawHours });
  if (goesInWithIce(plan)) {
    if (rawHours > 0) conflicts.push({ kind: "ice-waits", hours: rawHours });
    if (isFire(plan.heat)) {
      conflicts.push({ kind: "frozen-outside-an-oven", why: "heat" });
    } else if (bird.cavity === "stuffed") conflicts.push({ kind: "frozen-outside-an-oven", why: "stuffed" });
  }
  const limitDays = constant(bird.state === "fresh" ? "freshLimitDays" : "thawedLimitDays");
  // Guidance in days is not broken by the minutes in which it is dressed.
  const wholeHours = Math.floor(rawHours);
  if (wholeHours > limitDays * 24) conflicts.push({ kind: "waits-too-long-raw", hours: wholeHours, limitDays });
  if (salt.bath && salt.hours > BRINE_LIMIT_HOURS) {
    conflicts.push({ kind: "brined-too-long", hours: salt.hours, limitHours: BRINE_LIMIT_HOURS });
  }
  const hottestC = hottestInBagC(plan);
  const heats = heatsOf(plan);
  const isBagged = (heat: HeatSource, n: number): boolean => !canWrap(heat, "bag") && isInBag(plan, n);
  if (heats.some(isBagged)) conflicts.push({ kind: "bag-melts", airC: null });
  else if (hottestC !== null && hottestC > constant("bagMostC")) conflicts.push({ kind: "bag-melts", airC: hottestC });
  if (!heats.every((heat) => takes(heat, bird.cut))) conflicts.push({ kind: "not-on-a-spit" });
  if (bird.preSalted && salt.grams > 0) conflicts.push({ kind: "salted-twice", percent: meatPercent });
  else if (meatPercent !== null && meatPercent > TOO_SALTY_PERCENT) {
    conflicts.push({ kind: "too-salty", percent: meatPercent });
  }
  for (const id of ["thaw", "roast"] as const) {
    const task = taskOf(schedule, id);
    if (task && !isWithin(task.startMs, plan.zone, WAKING)) {
      conflicts.push({ kind: "at-night", task: id, startMs: task.startMs });
    }
  }
  for (const { id, name } of burning(plan)) conflicts.push({ kind: "sugar-burns", id, name });
  for (const { id, name, when } of plan.additions) {
    if (plan.gravy === "none" && when === "into-the-gravy") conflicts.push({ kind: "no-gravy-for", id, name });
  }
  for (const each of inVain) conflicts.push({ kind: "never-comes", ...each });
  if (schedule.pullAtMs.p90 === NEVER) conflicts.push({ kind: "late-never" });
  if (input.inByMs !== undefined && schedule.restMin.expected > input.longestRestMin) {
    conflicts.push({ kind: "done-too-soon", minutes: schedule.restMin.expected });
  }
  for (const fit of unfit) conflicts.push({ kind: "does-not-fit", fit });
  return conflicts;
}
