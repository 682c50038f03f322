/**
 * The bird's own tasks placed backward from the serving time. Instants are epoch milliseconds; what a cook reads as
 * local time is the edge's business, so a clock change in the night moves nothing here.
 */

import { type Late, mapLate, NEVER } from "../forecast/shares";
import type { ThawPlace } from "../processes/ice";
import { MINUTE_MS } from "../units/time";
import type { Free } from "./hands";

export const LANES = ["cold", "board", "heat", "table"] as const;
export type Lane = (typeof LANES)[number];

export const TASK_IDS = [
  "thaw",
  "prepare",
  "salt",
  "dry",
  "preheat",
  "roast",
  "rest",
  "carve",
  "chill",
  "table",
] as const;
export type TaskId = (typeof TASK_IDS)[number];

export interface Task {
  readonly id: TaskId;
  readonly lane: Lane;
  readonly startMs: number;
  readonly endMs: number;
}

export interface ScheduleInput {
  readonly serveAtMs: number;
  /** Carved and chilled the day before: out of the fridge so long before its table, min; null for one of the same day. */
  readonly outOfFridgeMin: number | null;
  /** Zero for a fresh bird. */
  readonly thawHours: number;
  readonly thawIn: ThawPlace;
  /** Opening, cleaning and cutting it, min. */
  readonly prepareMin: number;
  readonly saltHours: number;
  /** Hands that salting keeps at its beginning, min. */
  readonly saltHandsMin: number;
  /** Work of putting salt on or in, where it does not lie for hours after it, min; 0 for none. */
  readonly saltMin: number;
  readonly dryHours: number;
  /** From when it is out of the fridge for good, to be filled and dressed, min. */
  readonly outMin: number;
  /** Of that, with hands on it right before the heat, min. */
  readonly workMin: number;
  /** A pot that simmers what was taken out of it begins at the latest then, by when the bird is carved; null for none. */
  readonly stockBy: ((carveAtMs: number) => number) | null;
  readonly roastMin: { readonly p10: number; readonly p50: number; readonly p90: Late };
  readonly carveMin: number;
  /** The oven on before the bird, min. */
  readonly preheatMin: number;
  /** Rest that even a late bird gets, the rest aimed at, and the longest that a bird as expected is kept waiting. */
  readonly shortestRestMin: number;
  readonly usualRestMin: number;
  readonly longestRestMin: number;
  /**
   * The latest moment up to one given at which the cook is up, and still is after so many minutes of work; every moment
   * when left out.
   */
  readonly awake?: (ms: number, minutes?: number) => number;
  /** When there are hands for it beside other roasts; always when left out. */
  readonly free?: Free;
  /** It goes in by then, with others that need longer. */
  readonly inByMs?: number;
  /** The bird is in already: nothing before the oven is placed any more. */
  readonly wentInAtMs?: number;
}

export interface Schedule {
  /** On the table: as asked, or as late as a bird that is in makes it. */
  readonly serveAtMs: number;
  /** On the table no sooner, after its shortest rest: as soon as anybody likes while it is not in. */
  readonly earliestTableMs: number;
  readonly tasks: readonly Task[];
  readonly inAtMs: number;
  readonly pullAtMs: { readonly p10: number; readonly p50: number; readonly p90: Late };
  /** The late pull that everything is placed by: where one bird in ten never gets there, or only after dinner, a stand-in for it. */
  readonly latePullMs: number;
  readonly carveAtMs: number;
  /** Rest if the bird is early, as expected, late. */
  readonly restMin: { readonly early: number; readonly expected: number; readonly late: Late };
}
const HOUR_MS = 60 * MINUTE_MS;
/** Where the late end is never reached, the plan counts on one so many times as far as the middle (chosen: half as much again). */
const STAND_IN_SHARE = 1.5;
/** Between the end of carving on the day before and the table. */
const DAY_BEFORE_HOURS = 18;

/**
 * Places everything. The rest is the buffer: the bird goes in so early that a late one still gets its shortest rest,
 * and an expected one at least the usual rest. What begins at the board begins while the cook is up: what comes before
 * it in the fridge takes a little longer.
 */
export function placeBackward(input: ScheduleInput): Schedule {
  const { roastMin, awake = (ms: number) => ms, free = (ms: number) => ms } = input;
  const outOfFridgeMs = input.outOfFridgeMin === null ? null : input.outOfFridgeMin * MINUTE_MS;
  const wantedMs = outOfFridgeMs !== null ? awake(input.serveAtMs - DAY_BEFORE_HOURS * HOUR_MS) : input.serveAtMs;
  // A bird that is in and late moves what follows: nothing stands before its pull and its shortest rest.
  const earliestMs =
    input.wentInAtMs === undefined
      ? Number.NEGATIVE_INFINITY
      : input.wentInAtMs + (roastMin.p50 + input.shortestRestMin) * MINUTE_MS;
  // For tomorrow's dinner nobody waits with the knife: what is in is carved when it has rested.
  const restedMs =
    outOfFridgeMs !== null && input.wentInAtMs !== undefined
      ? input.wentInAtMs + (roastMin.p50 + input.usualRestMin) * MINUTE_MS
      : Number.POSITIVE_INFINITY;
  const knifeMs = Math.min(wantedMs - input.carveMin * MINUTE_MS, restedMs);
  // One bird after the other, where there is one knife.
  const carveAtMs = Math.max(free(knifeMs, input.carveMin), earliestMs);
  const carvedAtMs = carveAtMs + input.carveMin * MINUTE_MS;
  const serveAtMs = Math.max(input.serveAtMs, carvedAtMs + (outOfFridgeMs ?? 0));
  const lateMin = roastMin.p90 === NEVER ? STAND_IN_SHARE * roastMin.p50 : roastMin.p90;
  // Where the doubt is so wide, the one in ten is late rather than all the others cold.
  const lead = Math.min(
    Math.max(lateMin + input.shortestRestMin, roastMin.p50 + input.usualRestMin),
    roastMin.p50 + Math.max(input.longestRestMin, input.usualRestMin),
  );
  const latestInMs = Math.min(input.inByMs ?? Number.POSITIVE_INFINITY, carveAtMs - Math.ceil(lead) * MINUTE_MS);
  const workMs = input.workMin * MINUTE_MS;
  // Dressed by the same hands one after the other, they go in one after the other.
  const inAtMs = input.wentInAtMs ?? free(latestInMs - workMs, input.workMin) + workMs;
  const pullAtMs = {
    p10: inAtMs + roastMin.p10 * MINUTE_MS,
    p50: inAtMs + roastMin.p50 * MINUTE_MS,
    p90: mapLate(roastMin.p90, (minutes) => inAtMs + minutes * MINUTE_MS),
  };
  const rest = (pulledMs: number): number => Math.max(0, (carveAtMs - pulledMs) / MINUTE_MS);
  // What follows the latest pull is placed by one that still leaves the shortest rest.
  const latestPullMs =
    input.wentInAtMs === undefined ? carveAtMs - input.shortestRestMin * MINUTE_MS : Number.POSITIVE_INFINITY;
  const tasks: Task[] = [];
  /** Places what ends at the latest at a moment. */
  const before = (id: TaskId, lane: Lane, endMs: number, hours: number, startAt = awake): number => {
    if (!(hours > 0)) return endMs;
    const startMs = startAt(endMs - hours * HOUR_MS);
    tasks.unshift({ id, lane, startMs, endMs });
    return startMs;
  };
  const outMs = inAtMs - input.outMin * MINUTE_MS;
  const dryFrom = before("dry", "cold", outMs, input.dryHours);
  // The work at the board comes right before the salt, so both are done in one waking stretch.
  const prepareMs = input.prepareMin * MINUTE_MS;
  const handsMin = input.prepareMin + input.saltHandsMin;
  const withPrepare = (ms: number): number => {
    for (let startMs = awake(ms - prepareMs, handsMin); ; ) {
      const freeMs = awake(free(startMs, handsMin), handsMin);
      if (freeMs === startMs) return startMs + prepareMs;
      startMs = freeMs;
    }
  };
  const saltFrom =
    input.saltHours > 0
      ? before("salt", "cold", dryFrom, input.saltHours, withPrepare)
      : before(
          "salt",
          "board",
          dryFrom,
          input.saltMin / 60,
          input.dryHours > 0 ? withPrepare : (ms) => free(ms, input.saltMin),
        );
  const stockMs = input.stockBy ? withPrepare(input.stockBy(carveAtMs)) : saltFrom;
  const preparedMs = free(Math.min(saltFrom, stockMs) - prepareMs, input.prepareMin) + prepareMs;
  const prepareFrom = before("prepare", "board", preparedMs, input.prepareMin / 60, (ms) => ms);
  // Water is changed every half hour and the bird is cooked at once: nothing there can wait for the morning.
  before("thaw", "cold", prepareFrom, input.thawHours, input.thawIn === "water" ? (ms) => ms : awake);
  tasks.push(
    { id: "preheat", lane: "heat", startMs: inAtMs - input.preheatMin * MINUTE_MS, endMs: inAtMs },
    { id: "roast", lane: "heat", startMs: inAtMs, endMs: pullAtMs.p50 },
    { id: "rest", lane: "board", startMs: pullAtMs.p50, endMs: carveAtMs },
    { id: "carve", lane: "board", startMs: carveAtMs, endMs: carvedAtMs },
  );
  if (outOfFridgeMs !== null) {
    tasks.push({ id: "chill", lane: "cold", startMs: carvedAtMs, endMs: serveAtMs - outOfFridgeMs });
  }
  tasks.push({ id: "table", lane: "table", startMs: serveAtMs, endMs: serveAtMs + HOUR_MS });
  return {
    serveAtMs,
    earliestTableMs: earliestMs + input.carveMin * MINUTE_MS,
    tasks,
    inAtMs,
    pullAtMs,
    latePullMs: Math.max(pullAtMs.p50, Math.min(inAtMs + lateMin * MINUTE_MS, latestPullMs)),
    carveAtMs,
    restMin: { early: rest(pullAtMs.p10), expected: rest(pullAtMs.p50), late: mapLate(pullAtMs.p90, rest) },
  };
}

export const taskOf = ({ tasks }: Schedule, id: TaskId): Task | undefined => tasks.find((task) => task.id === id);

/** What a thing that goes on with the salt goes on at, brine aside: as it is salted, or laid out uncovered without any. */
export const withSaltTask = (schedule: Schedule): "salt" | "dry" | undefined =>
  (["salt", "dry"] as const).find((id) => taskOf(schedule, id));
