/** Practised roasts played without a hand: by minutes a pound, by the book, and as Bruma says. */

import { type Probe, placeOf } from "../bird/probe";
import type { CentreTemperatures } from "../bird/solid";
import { evenNumbers } from "../chance";
import { constant } from "../constants";
import { bandShares } from "../forecast/band";
import { HAND_OFF_M, hiddenRoast } from "../forecast/hiddenRoast";
import { lowestC } from "../forecast/newest";
import { goalsAtPull, plannedCook } from "../forecast/planned";
import { ensembleOptions, plannedInput, startCOf } from "../forecast/plannedInput";
import type { Reading } from "../forecast/reading";
import { screened } from "../forecast/screening";
import type { Plan } from "../plan/schema";
import { targetsOf } from "../plan/targets";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { restFor } from "../processes/rest";
import { derivePlan, plainRuleMin } from "../schedule/derive";
import { MINUTE_MS } from "../units/time";
import { asItWent, hiddenOptions, type Truth } from "./practice";
import { type Difficulty, ON_TIME_MIN, type Practised } from "./scenarios";

export const POLICIES = ["no-thermometer", "by-the-book", "bruma"] as const;
export type Policy = (typeof POLICIES)[number];

export interface Played extends Truth {
  readonly plan: Pick<Plan, "bird" | "method">;
  /** Carved against when it was to be, minutes. */
  readonly lateMin: number;
}

const KINDS = [
  { species: "turkey", cut: "whole", from: 4, to: 9, method: "steady" },
  { species: "turkey", cut: "spatchcock", from: 4, to: 7, method: "hot-flat" },
  { species: "chicken", cut: "whole", from: 1.4, to: 2.6, method: "hot-start" },
  { species: "chicken", cut: "spatchcock", from: 1.4, to: 2.4, method: "hot-flat" },
  { species: "duck", cut: "whole", from: 1.9, to: 2.8, method: "steady" },
] as const;

const SERVE_MS = Date.UTC(2026, 11, 24, 18);

/** The roast of a seed: its bird and the way it is cooked. */
function planOf(seed: number): Plan {
  const next = evenNumbers(seed);
  const { species, cut, from, to, method } = KINDS[Math.floor(next() * KINDS.length)] as (typeof KINDS)[number];
  const massKg = Math.round(10 * (from + (to - from) * next())) / 10;
  return usualPlan({
    bird: { species, cut, massKg, state: "fresh" },
    method,
    serveAt: new Date(SERVE_MS).toISOString(),
    zone: "UTC",
  });
}

/** By the book: looked at so often, from so long before its minutes are over (common practice). */
const LOOK_EVERY_MIN = 10;
const LOOK_BEFORE_MIN = 30;
/** And rested so long, however long it took. */
const BOOK_REST_MIN = 30;
const LONGEST_MIN = 10 * 60;
/** Not there by hand, it is looked through again after so long. */
const CHECK_AGAIN_MIN = 5;
/** Past the deepest meat nobody looks for it. */
const DEEPEST = HAND_OFF_M.indexOf(0);

/** What the probes of the hidden roast have shown by a minute, a side each. */
function* readingsOf(
  plan: Plan,
  practised: Practised,
): Generator<{
  readonly minute: number;
  readonly readings: readonly Reading[];
  readonly lowestByHandC: CentreTemperatures;
}> {
  const roast = { plan, happened: { inAt: new Date(SERVE_MS).toISOString() } };
  const readings: Reading[] = [];
  const asked = { ...hiddenOptions(roast, practised), longestMin: LONGEST_MIN, byHand: true };
  for (const { minute, shownC, byDepthC = {} } of hiddenRoast(asked)) {
    for (const [probe, celsius] of Object.entries(shownC)) {
      readings.push({ minute, celsius, ...placeOf(probe as Probe) });
    }
    const lowestByHandC = Object.fromEntries(
      Object.entries(byDepthC).map(([centre, depths]) => [centre, Math.min(...depths.slice(0, DEEPEST + 1))]),
    );
    yield { minute, readings, lowestByHandC };
  }
}

const allThere = (shownC: CentreTemperatures, goalsC: CentreTemperatures): boolean =>
  Object.entries(goalsC).every(([centre, goal]) => (shownC[centre as keyof CentreTemperatures] ?? 0) >= goal);

/** A thermometer in one hand is on one side: the right one, which does not slip. */
const byHand = (readings: readonly Reading[], minute: number): CentreTemperatures =>
  lowestC(readings.filter((each) => each.side !== "left" && each.minute > minute - 5));

function bookMinutes(plan: Plan, practised: Practised): number {
  const from = plainRuleMin(plan.bird.massKg) - LOOK_BEFORE_MIN;
  let lookMin = from;
  for (const { minute, readings } of readingsOf(plan, practised)) {
    if (minute < lookMin) continue;
    if (allThere(byHand(readings, minute), targetsOf(plan))) return minute;
    lookMin += LOOK_EVERY_MIN;
  }
  return LONGEST_MIN;
}

/** Plays the roast of a seed. @returns null for a plan that never gets done */
export function play(seed: number, difficulty: Difficulty, policy: Policy): Played | null {
  const plan = planOf(seed);
  const practised = { seed: String(seed), difficulty };
  const cook = drain(plannedCook(plannedInput(plan), "preview"));
  if (cook.kind === "never-met") return null;
  const goalsC = goalsAtPull(plan, cook);
  const shares = drain(bandShares(policy === "bruma" ? ensembleOptions(plan, goalsC) : null));
  const { schedule } = derivePlan(plan, cook, shares, Number.NEGATIVE_INFINITY);
  const { carveAtMs } = schedule;
  const startC = startCOf(plannedInput(plan).before);
  const [inMs, outMin, restMin] = ((): readonly [number, number, number] => {
    const byPoundMs = carveAtMs - (plainRuleMin(plan.bird.massKg) + BOOK_REST_MIN) * MINUTE_MS;
    if (policy === "no-thermometer") return [byPoundMs, plainRuleMin(plan.bird.massKg), BOOK_REST_MIN];
    if (policy === "by-the-book") return [byPoundMs, bookMinutes(plan, practised), BOOK_REST_MIN];
    let out = LONGEST_MIN;
    let checkMin = 0;
    for (const { minute, readings, lowestByHandC } of readingsOf(plan, practised)) {
      const { kept, lost } = screened(readings, startC);
      if (minute < checkMin || !allThere(lowestC(kept, lost), goalsC)) continue;
      // Before it is lifted each place is looked through by hand, and the lowest found counts.
      checkMin = minute + CHECK_AGAIN_MIN;
      if (!allThere(lowestByHandC, goalsC)) continue;
      out = minute;
      break;
    }
    // Early it waits in its rest, late it has the shortest that carries it.
    const waits = (carveAtMs - schedule.inAtMs) / MINUTE_MS - out;
    const { shortestMin } = restFor(plan.bird.massKg);
    return [schedule.inAtMs, out, Math.max(shortestMin, waits)];
  })();
  const at = (minute: number): string => new Date(inMs + minute * MINUTE_MS).toISOString();
  const happened = { inAt: at(0), pulledAt: at(outMin), carvedAt: at(outMin + restMin) };
  const truth = drain(asItWent({ plan, happened }, practised));
  return { plan, ...truth, lateMin: Math.round((inMs + (outMin + restMin) * MINUTE_MS - carveAtMs) / MINUTE_MS) };
}

export interface PolicyFigures {
  readonly roasts: number;
  readonly onTimeShare: number;
  readonly guidelineShare: number;
  /** Nine in ten had their coldest centre no further under it, K. */
  readonly shortK: number;
  /** Half were off by no more, min. */
  readonly medianOffMin: number;
  /** Of the breast's juice, the mean. */
  readonly juices: number;
}

export function figuresOf(played: readonly Played[]): PolicyFigures {
  const share = (holds: (each: Played) => boolean): number => played.filter(holds).length / played.length;
  const off = played.map(({ lateMin }) => Math.abs(lateMin)).sort((a, b) => a - b);
  const short = played
    .map(({ peakC }) => Math.max(0, constant("guidelineC") - Math.min(...Object.values(peakC))))
    .sort((a, b) => a - b);
  const juices = played.flatMap(({ juicesBreast }) => juicesBreast ?? []);
  return {
    roasts: played.length,
    onTimeShare: share(({ lateMin }) => Math.abs(lateMin) <= ON_TIME_MIN),
    guidelineShare: share(({ isAtGuideline }) => isAtGuideline),
    shortK: short[Math.min(short.length - 1, Math.floor(0.9 * short.length))] ?? Number.NaN,
    medianOffMin: off[off.length >> 1] ?? Number.NaN,
    juices: juices.reduce((sum, each) => sum + each, 0) / juices.length,
  };
}
