/**
 * A roast before the day: a hidden bird in a hidden oven, by a seed, that the cook's own screens are used on; and what it
 * truly was, told afterwards. Deterministic: the same seed, the same roast.
 */

import type { Vec3 } from "../bird/sdf";
import { type HiddenOptions, hiddenBird, hiddenTraits } from "../forecast/hiddenRoast";
import { goalsAtPull, type PulledAt } from "../forecast/planned";
import { roastOptions } from "../forecast/plannedInput";
import { sidesStencil } from "../heat/stencil";
import { type Outcome, outcomeOf } from "../log/mattered";
import { type Course, type Relived, relive, type Subject } from "../log/relive";
import type { Roast } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { guidelineOf, targetsOf } from "../plan/targets";
import type { HistoryPoint } from "../processes/bird";
import { restFor } from "../processes/rest";
import { verdict } from "../safety/guideline";
import { plainRuleMin } from "../schedule/derive";
import { MINUTE_MS, minutesBetween } from "../units/time";
import { HOT_SIDE_K, type Practised, SPREAD, sunkFire, type Trouble, troublesOf } from "./scenarios";

const EVERY_MIN = 2;
const LONGEST_REST_MIN = 150;

/** The hidden roast as it is cooked: under the plan as it stands, with what has happened to it. */
export function hiddenOptions(roast: Pick<Roast, "plan" | "happened">, practised: Practised): HiddenOptions {
  const { seed, difficulty, thermometer } = practised;
  const troubles = troublesOf(practised, roast.plan);
  const { shownC: _, prior: __, ...options } = roastOptions(roast, {});
  const { inAt, pulledAt } = roast.happened;
  const pulledMin = pulledAt ? (Date.parse(pulledAt) - Date.parse(inAt ?? "")) / MINUTE_MS : null;
  return {
    options: {
      ...options,
      ...(troubles.includes("fire-dies") && { stages: sunkFire(options.stages, practised) }),
      ...(troubles.includes("hot-side") && { hotSideK: HOT_SIDE_K }),
    },
    seed,
    everyMin: EVERY_MIN,
    spread: SPREAD[difficulty],
    trouble: difficulty !== "calm",
    ...(troubles.includes("bone") && { tipOnBone: true }),
    ...(troubles.includes("ice") && { iceInside: true }),
    ...(thermometer === "hand" && { byHand: true }),
    ...(pulledMin !== null && { rest: { pulledMin, minutes: LONGEST_REST_MIN, cover: roast.plan.cover } }),
  };
}

/** One way in which it could have gone, as it truly would have; its highest at each thermal centre itself. */
export interface Truth extends Outcome {
  readonly isAtGuideline: boolean;
}

/** Out and carved, each against when it had best been: later is more, minutes. */
export interface Decision {
  readonly kind: "out" | "rest";
  readonly laterMin: number;
  readonly best: Truth;
}

export interface Debrief {
  /** How far its oven was off its dial, K, and its breast against the usual bird's, as a share. */
  readonly ovenOffsetK: number;
  readonly breastThickness: number;
  readonly asItWent: Truth;
  /** What it was at each moment, at its centres themselves. */
  readonly history: readonly HistoryPoint[];
  /** Pulled as soon as its own centres would have come to their targets at rest; rested as long as it was. */
  readonly atBest: Truth;
  /** Pulled by a quarter of an hour a pound, rested likewise. */
  readonly byThePound: Truth;
  /** What went wrong. */
  readonly troubles: readonly Trouble[];
  /** What the cook decided, each with what the best would have given while all else stayed. */
  readonly decisions: readonly Decision[];
  /** To the table against what was wanted, minutes; null while it was not carved. */
  readonly lateMin: number | null;
}

const truthOf = (relived: Relived, plan: Plan): Truth => {
  const { peakC, logReduction } = relived;
  const isAtGuideline = verdict(peakC, logReduction, guidelineOf(plan)).kind === "meets-guideline";
  return { ...outcomeOf(relived), isAtGuideline };
};

const REST_AFTER_MIN = 40;

/** The hidden bird cooked under some course. */
function* cooked(
  roast: Pick<Roast, "plan" | "happened">,
  practised: Practised,
  out: Course["out"],
  restMin: number,
): Generator<number, Relived> {
  const asked = hiddenOptions(roast, practised);
  const { traits, events } = hiddenTraits(asked);
  const { bird, oven } = hiddenBird(asked, traits, true);
  const { centres } = bird.body.unit;
  const tips = bird.centres.map((centre) => ({
    centre,
    stencil: sidesStencil(bird.body, centres[centre] as Vec3),
    offK: 0,
  }));
  const subject: Subject = { bird, oven, tips };
  return yield* relive(subject, {
    options: { ...asked.options, events },
    out,
    restMin: Math.min(LONGEST_REST_MIN, restMin),
    cover: roast.plan.cover,
    dryHours: 0,
    saltPercent: 0,
    pictured: null,
  });
}

/** As it truly comes out. */
function* truly(...asked: Parameters<typeof cooked>): Generator<number, Truth> {
  return truthOf(yield* cooked(...asked), asked[0].plan);
}

/** What the cook made of it: minutes in the heat, and of rest. */
function minutesOf({ inAt = "", pulledAt = "", carvedAt }: Roast["happened"]): {
  readonly outMin: number;
  readonly restMin: number;
} {
  return {
    outMin: minutesBetween(inAt, pulledAt),
    restMin: carvedAt ? Math.max(0, minutesBetween(pulledAt, carvedAt)) : REST_AFTER_MIN,
  };
}

/** As it went: a roast that was pulled, and carved. */
export function* asItWent(roast: Pick<Roast, "plan" | "happened">, practised: Practised): Generator<number, Truth> {
  const { outMin, restMin } = minutesOf(roast.happened);
  return yield* truly(roast, practised, { atMin: outMin }, restMin);
}

/** @param roast that was carved @param carveAtMs when it was to be @param cook its plan's own bird. Yields now and then. */
export function* debrief(
  roast: Pick<Roast, "plan" | "happened">,
  practised: Practised,
  cook: PulledAt | null,
  carveAtMs: number,
): Generator<number, Debrief> {
  const { plan, happened } = roast;
  const { traits } = hiddenTraits(hiddenOptions(roast, practised));
  const goals = goalsAtPull(plan, cook);
  const shownC = Object.keys(goals).length > 0 ? goals : targetsOf(plan);
  const { carvedAt } = happened;
  const { outMin, restMin } = minutesOf(happened);
  const went = yield* cooked(roast, practised, { atMin: outMin }, restMin);
  const itself = truthOf(went, plan);
  const { shortestMin, usualMin } = restFor(plan.bird.massKg);
  const atBest = yield* truly(roast, practised, { shownC }, restMin);
  // A rest that is long enough to carry and short enough to stay hot is as good as any.
  const bestRestMin = Math.min(Math.max(restMin, shortestMin), 2 * usualMin);
  return {
    ovenOffsetK: traits.oven.offsetK,
    breastThickness: traits.breastThickness,
    asItWent: itself,
    history: went.history,
    atBest,
    byThePound: yield* truly(roast, practised, { atMin: plainRuleMin(plan.bird.massKg) }, restMin),
    troubles: troublesOf(practised, plan),
    decisions: [
      { kind: "out", laterMin: Math.round(outMin - atBest.outMin), best: atBest },
      {
        kind: "rest",
        laterMin: Math.round(restMin - bestRestMin),
        best: bestRestMin === restMin ? itself : yield* truly(roast, practised, { atMin: outMin }, bestRestMin),
      },
    ],
    lateMin: carvedAt ? Math.round((Date.parse(carvedAt) - carveAtMs) / MINUTE_MS) : null,
  };
}
