/**
 * A roast before the day: a hidden bird in a hidden oven, by a seed, that the cook's own screens are used on; and what it
 * truly was, told afterwards. Deterministic: the same seed, the same roast.
 */
import type { Vec3 } from "../bird/sdf";
import type { CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import { type HiddenOptions, hiddenBird, hiddenTraits } from "../forecast/hiddenRoast";
import { goalsAtPull, type PlannedDone, roastOptions } from "../forecast/planned";
import { pointStencil } from "../heat/stencil";
import { type Relived, relive, type Subject } from "../log/relive";
import type { Roast } from "../plan/schema";
import { KG_PER_POUND } from "../units/quantity";
import { MINUTE_MS } from "../units/time";

export const DIFFICULTIES = ["calm", "usual", "worst"] as const;
export type Difficulty = (typeof DIFFICULTIES)[number];

/** How far off everything is, and whether a tip slips, a door is left open and readings are lost (chosen). */
const OF_DIFFICULTY: Record<Difficulty, Pick<HiddenOptions, "trouble" | "spread">> = {
  calm: { trouble: false, spread: 0.5 },
  usual: { trouble: true, spread: 1 },
  worst: { trouble: true, spread: 1.6 },
};

export interface Practised {
  readonly seed: string;
  readonly difficulty: Difficulty;
}

const EVERY_MIN = 2;
const LONGEST_REST_MIN = 150;

/** The hidden roast as it is cooked: under the plan as it stands, with what has happened to it. */
export function hiddenOptions(roast: Pick<Roast, "plan" | "happened">, { seed, difficulty }: Practised): HiddenOptions {
  const { shownC: _, prior: __, ...options } = roastOptions(roast, {});
  const { inAt, pulledAt } = roast.happened;
  const pulledMin = pulledAt ? (Date.parse(pulledAt) - Date.parse(inAt ?? "")) / MINUTE_MS : null;
  return {
    options,
    seed,
    everyMin: EVERY_MIN,
    ...OF_DIFFICULTY[difficulty],
    ...(pulledMin !== null && { rest: { pulledMin, minutes: LONGEST_REST_MIN, cover: roast.plan.cover } }),
  };
}

/** One way in which it could have gone, as it truly would have. */
export interface Truth {
  readonly outMin: number;
  /** Highest at each thermal centre itself. */
  readonly peakC: CentreTemperatures;
  readonly isAtGuideline: boolean;
  readonly juicesBreast: number | null;
  readonly browning: number;
  readonly logReduction: number;
}

export interface Debrief {
  /** How far its oven was off its dial, K, and its breast against the usual bird's, as a share. */
  readonly ovenOffsetK: number;
  readonly breastThickness: number;
  readonly asItWent: Truth;
  /** Pulled as soon as its own centres would have come to their targets at rest. */
  readonly atBest: Truth;
  /** Pulled by a quarter of an hour a pound. */
  readonly byThePound: Truth;
  /** To the table against what was wanted, minutes; null while it was not carved. */
  readonly lateMin: number | null;
}

const READ_TO_K = 0.05;

const truthOf = ({ outMin, peakC, indices, logReduction }: Relived): Truth => ({
  outMin,
  peakC,
  isAtGuideline: Object.values(peakC).every((celsius) => celsius >= constant("guidelineC") - READ_TO_K),
  juicesBreast: indices.juicesKept.breast ?? null,
  browning: indices.browning,
  logReduction,
});

/** @param roast that was carved @param carveAtMs when it was to be @param cook its plan's own bird. Yields now and then. */
export function* debrief(
  roast: Pick<Roast, "plan" | "happened">,
  practised: Practised,
  cook: Pick<PlannedDone, "atPull" | "peak"> | null,
  carveAtMs: number,
): Generator<number, Debrief> {
  const { plan, happened } = roast;
  const asked = hiddenOptions(roast, practised);
  const { traits, events } = hiddenTraits(asked);
  const subject = (): Subject => {
    const bird = hiddenBird(asked.options, traits, true);
    const { centres } = bird.body.unit;
    const tips = bird.centres.map((centre) => ({
      centre,
      stencil: pointStencil(bird.body, centres[centre] as Vec3),
      offK: 0,
    }));
    return { bird, oven: { ...traits.oven, hotSideK: plan.equipment.hotSideK }, tips };
  };
  const inMs = Date.parse(happened.inAt ?? "");
  const pulledMin = (Date.parse(happened.pulledAt ?? "") - inMs) / MINUTE_MS;
  const carvedMs = happened.carvedAt ? Date.parse(happened.carvedAt) : null;
  const restMin = carvedMs === null ? 30 : Math.max(0, (carvedMs - inMs) / MINUTE_MS - pulledMin);
  const courseTo = (out: Parameters<typeof relive>[1]["out"], rest: number) => ({
    options: { ...asked.options, events },
    out,
    restMin: Math.min(LONGEST_REST_MIN, rest),
    cover: plan.cover,
    dryHours: 0,
    saltPercent: 0,
    pictured: false,
  });
  const asItWent = truthOf(yield* relive(subject(), courseTo({ atMin: pulledMin }, restMin)));
  const goals = goalsAtPull(plan, cook);
  const aims = Object.keys(goals).length > 0 ? goals : plan.targetC;
  const atBest = truthOf(yield* relive(subject(), courseTo({ shownC: aims }, 40)));
  const poundMin = (plan.bird.massKg / KG_PER_POUND) * constant("minutesPerPound");
  const byThePound = truthOf(yield* relive(subject(), courseTo({ atMin: poundMin }, 40)));
  return {
    ovenOffsetK: traits.oven.offsetK,
    breastThickness: traits.breastThickness,
    asItWent,
    atBest,
    byThePound,
    lateMin: carvedMs === null ? null : Math.round((carvedMs - carveAtMs) / MINUTE_MS),
  };
}
