/**
 * What would have mattered: the roast that is over, cooked again with one thing different, on the birds that its readings
 * point to, ranked by what it would have given at the table.
 */

import type { Centre, CentreTemperatures } from "../bird/solid";
import { roastOptions } from "../forecast/plannedInput";
import type { Draw } from "../forecast/prior";
import { median } from "../median";
import { planOtherwise, type Went } from "../plan/otherwise";
import { OTHERWISES, type OtherwiseId, type Roast } from "../plan/roast";
import type { Plan } from "../plan/schema";
import { targetsOf } from "../plan/targets";
import { SHOWN_K } from "../safety/guideline";
import { type Course, type Relived, relive, type Subject, subjectOf } from "./relive";

/** What a course comes to at the table. */
export interface Outcome {
  readonly outMin: number;
  /** Highest that each thermometer showed, pull and rest. */
  readonly peakC: CentreTemperatures;
  /** Share of its juice; null where it has no breast. */
  readonly juicesBreast: number | null;
  /** 1 is golden. */
  readonly browning: number;
  readonly logReduction: number;
}

export interface Otherwise {
  readonly id: OtherwiseId;
  readonly outcome: Outcome;
  /** The same birds without the change. */
  readonly against: Outcome;
  /** How much it would have mattered, see {@link shortcoming}. */
  readonly gain: number;
}

export interface Mattered {
  readonly asItWas: Outcome;
  /** Those that would have mattered, the best first. */
  readonly would: readonly Otherwise[];
}

export const outcomeOf = ({ outMin, peakC, indices, logReduction }: Relived): Outcome => ({
  outMin,
  peakC,
  juicesBreast: indices.juicesKept.breast ?? null,
  browning: indices.browning,
  logReduction,
});

/** Skin between these is what a cook calls golden to brown (chosen on the same scale as the plan's words for colour). */
const GOLDEN = { from: 0.7, to: 1.8 } as const;
/** One point each (chosen: what a guest notices): a degree short of its target, so much juice, so much of colour. */
const POINT = { shortK: 1, juices: 0.03, colour: 0.3 } as const;
/** Less than this is not worth a word. */
export const LEAST_GAIN = 0.4;
const MOST_NAMED = 3;

/**
 * How far a dish falls short of what was wanted, in points. @param targetC to be seen before carving
 * @param juices whether the juice it keeps is counted: the model presses out and never takes back, so that it has nothing
 * to say of how long a bird rests
 */
export function shortcoming(
  { peakC, juicesBreast, browning }: Outcome,
  targetC: CentreTemperatures,
  juices = true,
): number {
  const short = (Object.entries(targetC) as [Centre, number][]).map(([centre, target]) =>
    Math.max(0, target - SHOWN_K - (peakC[centre] ?? target)),
  );
  const colour = Math.max(0, GOLDEN.from - browning, browning - GOLDEN.to);
  return (
    Math.max(0, ...short) / POINT.shortK +
    (juices ? (1 - (juicesBreast ?? 1)) / POINT.juices : 0) +
    colour / POINT.colour
  );
}

export interface MatteredAsked {
  readonly roast: Pick<Roast, "plan" | "happened">;
  /** What the thermometers had to show at the pull; empty where it went by time or by signs: then what they showed. */
  readonly goalsC: CentreTemperatures;
  /** What the bird of the estimate has to show for it, see the forecast's `aimC`. */
  readonly aimC: CentreTemperatures;
  /** The birds that the readings point to, the likeliest first. */
  readonly draws: readonly Draw[];
  readonly went: Went;
  /** Of the meat, as it was salted, %. */
  readonly saltPercent: number;
}

/** A bird made anew for each course. */
export type MakeSubject = (plan: Plan) => Subject;

/** Pulled so near to its goal, it was pulled at its goal. */
export const AT_GOAL_MIN = 3;

/**
 * Every change that can be made, and what it gives; the best first. @param birds each is cooked every way
 * Yields now and then.
 */
export function* weighed(
  { roast, goalsC, went, saltPercent }: Omit<MatteredAsked, "aimC" | "draws">,
  birds: readonly MakeSubject[],
): Generator<number, { readonly asItWas: Outcome; readonly all: readonly Otherwise[] }> {
  const { plan, happened } = roast;
  const targetC = targetsOf(plan);
  function* cooked(changed: Plan, outOf: (bird: number) => Course["out"]): Generator<number, readonly Relived[]> {
    const dishes: Relived[] = [];
    for (const [n, make] of birds.entries()) {
      const isResalted = changed.salt.method !== plan.salt.method;
      const isRestedOtherwise = changed.restMin !== plan.restMin;
      const course: Course = {
        options: roastOptions({ plan: changed, happened }, {}),
        out: outOf(n),
        restMin: isRestedOtherwise ? (changed.restMin ?? went.restMin) : went.restMin,
        cover: changed.cover,
        dryHours: changed.salt.dryHours,
        saltPercent: isResalted ? changed.salt.percent : saltPercent,
        pictured: null,
      };
      dishes.push(yield* relive(make(changed), course));
    }
    return dishes;
  }
  const was = yield* cooked(plan, () => ({ atMin: went.outMin }));
  // Without goals of its own it comes out as hot as it did, whatever is done to the heat.
  const goalsOf = (bird: number): CentreTemperatures =>
    Object.keys(goalsC).length > 0 ? goalsC : (was[bird] as Relived).atPullC;
  const warmerBy = (changed: Plan, bird: number): CentreTemperatures =>
    Object.fromEntries(
      (Object.entries(goalsOf(bird)) as [Centre, number][]).map(([centre, celsius]) => [
        centre,
        celsius + (changed.targetC[centre] ?? 0) - (targetC[centre] ?? 0),
      ]),
    );
  const atGoals = yield* cooked(plan, (bird) => ({ shownC: goalsOf(bird) }));
  const compared = (id: OtherwiseId, dishes: readonly Relived[], before: readonly Relived[]): Otherwise => {
    const juices = id !== "longer-rest";
    const [outcome, against] = [dishes.map(outcomeOf), before.map(outcomeOf)];
    return {
      id,
      outcome: outcome[0] as Outcome,
      against: against[0] as Outcome,
      gain: median(
        outcome.map(
          (each, n) => shortcoming(against[n] as Outcome, targetC, juices) - shortcoming(each, targetC, juices),
        ),
      ),
    };
  };
  const all: Otherwise[] = [];
  for (const id of OTHERWISES) {
    const changed = planOtherwise(id, plan, went);
    if (!changed) continue;
    if (id === "out-at-goal") {
      const offMin = median(atGoals.map(({ outMin }, n) => Math.abs(outMin - (was[n] as Relived).outMin)));
      if (offMin >= AT_GOAL_MIN) all.push(compared(id, atGoals, was));
      continue;
    }
    const dishes = yield* cooked(changed, (bird) => ({ shownC: warmerBy(changed, bird) }));
    if (dishes.every(({ isMet }) => isMet)) all.push(compared(id, dishes, atGoals));
  }
  return { asItWas: outcomeOf(was[0] as Relived), all: all.sort((one, other) => other.gain - one.gain) };
}

/** Yields now and then. */
export function* mattered(asked: MatteredAsked): Generator<number, Mattered> {
  const { aimC, goalsC, draws, roast } = asked;
  const birds = draws.map(
    (draw): MakeSubject =>
      (plan) =>
        subjectOf(roastOptions({ plan, happened: roast.happened }, aimC), draw, goalsC),
  );
  const { asItWas, all } = yield* weighed(asked, birds);
  return { asItWas, would: all.filter(({ gain }) => gain >= LEAST_GAIN).slice(0, MOST_NAMED) };
}
