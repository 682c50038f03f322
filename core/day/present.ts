/**
 * The bird as the readings point to it: what cannot be read off a thermometer (its skin, its juice, its coldest point),
 * now, at the pull, and through a rest. One bird: that of the estimate, whose doubt is the forecast's, or the usual one
 * where it was never read.
 */
import type { Centre, CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import { type EnsembleOptions, memberBird, priorOf, roastingOf, shownBy, tipsOf } from "../forecast/ensemble";
import { type Draw, traitsOf } from "../forecast/prior";
import type { Cover } from "../heat/covers";
import { BARE_SKIN } from "../heat/ovens";
import type { LivingBird } from "../processes/bird";
import type { Indices } from "../processes/indices";
import { resting } from "../processes/rest";
import { roasting } from "../processes/roast";
import { stageNow } from "./whatIf";

export interface PresentOptions {
  /** Its targets are what the bird has to show (the forecast's `aimC`). */
  readonly options: EnsembleOptions;
  readonly estimate: Draw;
  /** What the cook's thermometer shows when the bird shows its target: the pull's targets. */
  readonly targetsC: CentreTemperatures;
  /** Since the bird went in; a bird that was pulled rests from then on. */
  readonly nowMin: number;
  readonly pulledMin: number | null;
  readonly cover: Cover;
  /** What has to be seen before it is carved. */
  readonly seenC: CentreTemperatures;
}

export interface RestOutlook {
  /** Highest that each centre's thermometer will show, and when, minutes since the pull. */
  readonly peak: Partial<Record<Centre, { readonly celsius: number; readonly minute: number }>>;
  /** When the last centre shows what has to be seen, minutes since the pull; null when it never does. */
  readonly seenMin: number | null;
  /** By how much the centre that lacks most never shows it, K; 0 where all do. */
  readonly shortK: number;
  /** When the first centre that was hot falls under 60 °C, minutes since the pull; null within two hours. */
  readonly hotUntilMin: number | null;
  /** Back in the oven now, as it was set: minutes until the rest after it shows what has to be seen; null when it is seen anyway. */
  readonly backInMin: number | null;
}

export interface Present {
  readonly browning: { readonly now: number; readonly atPull: number };
  readonly juicesBreast: number | null;
  /** Decimal reductions of Salmonella at the least killed point: now, and after the rest. */
  readonly killed: { readonly now: number; readonly afterRest: number };
  readonly rest: RestOutlook;
}

const STEP_MIN = 4;
const REST_MIN = 120;
const HOT_C = constant("zoneHighC");
const LONGEST_BACK_MIN = 240;

const killedOf = (bird: LivingBird): number => bird.watch?.leastLogReduction() ?? 0;

function indicesOf(bird: LivingBird): Indices {
  const indices = bird.indices();
  if (!indices) throw new RangeError("this bird is not watched");
  return indices;
}

/** Yields now and then. */
export function* presentBird(asked: PresentOptions): Generator<number, Present> {
  const { options, estimate, targetsC, nowMin, pulledMin, cover, seenC } = asked;
  const { stages, shownC } = options;
  const traits = traitsOf(estimate, priorOf(options));
  const { bird, oven } = memberBird(options, traits);
  // What the bird of the estimate misses of the readings, the thermometer shows more.
  const tips = tipsOf(bird, traits, shownC, targetsC);
  const shown = (): CentreTemperatures => shownBy(tips, bird);
  const all = (now: CentreTemperatures, goalsC: CentreTemperatures): boolean =>
    bird.centres.every((centre) => (now[centre] ?? 0) >= (goalsC[centre] ?? Number.NEGATIVE_INFINITY));
  const roast = roasting(bird, { ...roastingOf(options, oven, STEP_MIN), shown });
  const until = pulledMin ?? nowMin;
  roast.next();
  while (bird.minute < until) {
    if (roast.next().done) break;
    yield bird.minute;
  }
  const now = indicesOf(bird);
  const killedNow = killedOf(bird);
  if (pulledMin === null) {
    while (!all(shown(), targetsC)) {
      if (roast.next().done) break;
      yield bird.minute;
    }
  }
  const atPull = indicesOf(bird);
  const stageOn = stageNow(stages, bird.minute, shown(), atPull.browning);
  const atPullState = bird.snapshot();
  const rest = yield* restOutlook(bird.minute);
  const killedAfter = killedOf(bird);
  let backInMin: number | null = null;
  if (pulledMin !== null && rest.seenMin === null) {
    bird.restore(atPullState);
    backInMin = yield* backInTheOven();
  }
  return {
    browning: { now: now.browning, atPull: atPull.browning },
    juicesBreast: now.juicesKept.breast ?? null,
    killed: { now: killedNow, afterRest: killedAfter },
    rest: { ...rest, backInMin },
  };

  function* restOutlook(fromMin: number): Generator<number, Omit<RestOutlook, "backInMin">> {
    const peak: Partial<Record<Centre, { celsius: number; minute: number }>> = {};
    let seenMin: number | null = null;
    let hotUntilMin: number | null = null;
    const seen = new Set<Centre>();
    const hot = new Set<Centre>();
    const look = (): void => {
      const minute = bird.minute - fromMin;
      const shownC = shown();
      for (const centre of bird.centres) {
        const celsius = shownC[centre] as number;
        if (celsius > (peak[centre]?.celsius ?? Number.NEGATIVE_INFINITY)) peak[centre] = { celsius, minute };
        if (celsius >= (seenC[centre] ?? Number.NEGATIVE_INFINITY)) seen.add(centre);
        if (celsius >= HOT_C) hot.add(centre);
        else if (hot.has(centre)) hotUntilMin ??= minute;
      }
      if (seen.size === bird.centres.length) seenMin ??= minute;
    };
    look();
    for (const _ of resting(bird, { minutes: REST_MIN, cover, everyMin: STEP_MIN / 2 })) {
      look();
      yield bird.minute;
    }
    const lacks = bird.centres.map((centre) => (seenC[centre] ?? 0) - (peak[centre]?.celsius ?? 0));
    return { peak, seenMin, shortK: Math.max(0, ...lacks), hotUntilMin };
  }

  /** Rested until now, then heated on as it was set: how long until everything shows what has to be seen. */
  function* backInTheOven(): Generator<number, number | null> {
    const from = bird.minute;
    for (const _ of resting(bird, { minutes: Math.min(REST_MIN, Math.max(0, nowMin - from)), cover }))
      yield bird.minute;
    const back = bird.minute;
    // What was on its skin has long dried or run off, and what was to happen to it has happened.
    const again = {
      ...roastingOf({ ...options, events: [], dressing: BARE_SKIN, preheatC: undefined }, oven, 2),
      stages: stages.slice(0, stageOn + 1),
      stageOn,
      longestMin: LONGEST_BACK_MIN,
    };
    for (const _ of roasting(bird, again)) {
      if (all(shown(), seenC)) return bird.minute - back;
      yield bird.minute;
    }
    return null;
  }
}
