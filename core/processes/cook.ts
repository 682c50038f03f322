/**
 * The whole cook: roast to the pull, then rest to the carving, from one start or from the state a bird is in.
 *
 * Written as generators that yield now and then, so that a shell can stop a superseded computation between two
 * yields; {@link drain} runs one to its end.
 */
import type { Body } from "../bird/body";
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import { requireBetween } from "../errors";
import type { Cover } from "../heat/covers";
import { type BirdState, type HistoryPoint, LivingBird, type ZoneMinutes } from "./bird";
import { firstEnough } from "./firstEnough";
import type { Indices } from "./indices";
import type { Frame } from "./picture";
import { type Peak, type RestDone, resting } from "./rest";
import { LONGEST_ROAST_MIN, type RoastOptions, roasting } from "./roast";

/**
 * When to pull: at these centre temperatures, at a time, or so early that the rest carries the centres there, as far as
 * that is counted on.
 */
export type Finish =
  | { readonly kind: "until"; readonly targetsC: CentreTemperatures; readonly timeMin?: number }
  | {
      readonly kind: "carried";
      readonly targetsC: CentreTemperatures;
      /** How far past its target a centre is to be carried, asked of the bird as it stands at a pull. */
      marginK(centre: Centre): number;
    };

export interface CookOptions extends RoastOptions {
  /** A bird of one temperature (see {@link startC}), or one that has a life behind it. */
  readonly body: Body | LivingBird;
  readonly startC?: number;
  /** Temperature of the stuffing as it goes in; that of the bird when left out. */
  readonly fillingC?: number;
  readonly finish: Finish;
  readonly restMin: number;
  readonly cover: Cover;
  /** What is kept of it this often, to be looked at; nothing when left out. */
  readonly pictures?: { readonly everyMin: number; of(): Frame };
  /** Called as it stands at the pull. */
  readonly whenPulled?: () => void;
  /** Keep what lethality and indices need; on unless it is an ensemble's member. */
  readonly watched?: boolean;
}

export interface CookDone {
  readonly kind: "done";
  readonly pullMinute: number;
  readonly atPull: HistoryPoint;
  readonly peak: Partial<Record<Centre, Peak>>;
  readonly atCarve: HistoryPoint;
  /** At the least killed point, through roast and rest. */
  readonly logReduction: number;
  readonly vapourLostKg: number;
  /** Minutes between 4 and 60 °C, through roast and rest and what the bird had behind it. */
  readonly zoneMin: ZoneMinutes;
  readonly indices: Indices | undefined;
  readonly history: readonly HistoryPoint[];
  readonly frames: readonly Frame[];
}

/** An expected failure: the oven, as set, does not get there. */
export interface NeverMet {
  readonly kind: "never-met";
  readonly centre: Centre;
  readonly targetC: number;
  readonly highestC: number;
  readonly afterMin: number;
  /** Mean air over the last hour: what it was held against. */
  readonly airC: number;
}

export type CookOutcome = CookDone | NeverMet;

/** A centre that has fallen so far from its highest has had its peak. */
const FALLEN_K = 0.3;

interface Wanted {
  readonly centre: Centre;
  readonly celsius: number;
}
/** What a rest leaves short, K; none where it brings all so far. */
interface Short {
  readonly centre: Centre;
  readonly byK: number;
}

/** What lacks most after a rest; it is followed no longer than it takes to know. */
function shortAfter(rest: Generator<HistoryPoint, unknown>, wanted: readonly Wanted[]): Short | null {
  const highest = wanted.map(() => Number.NEGATIVE_INFINITY);
  let most: Short | null = null;
  for (const { centresC } of rest) {
    most = null;
    let isOver = false;
    for (const [n, { centre, celsius }] of wanted.entries()) {
      const now = centresC[centre] ?? Number.NEGATIVE_INFINITY;
      highest[n] = Math.max(highest[n] as number, now);
      const byK = celsius - (highest[n] as number);
      if (byK <= 0) continue;
      if (byK > (most?.byK ?? 0)) most = { centre, byK };
      if (now < (highest[n] as number) - FALLEN_K) isOver = true;
    }
    if (most === null || isOver) break;
  }
  return most;
}

/** Runs a generator to its end and returns what it returns. */
export function drain<Result>(work: Generator<unknown, Result>): Result {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}

const targetsOf = (targets: CentreTemperatures): (readonly [Centre, number])[] =>
  CENTRES.flatMap((centre) => {
    const target = targets[centre];
    return target === undefined ? [] : [[centre, target] as const];
  });

export const isMet = (point: HistoryPoint, targets: CentreTemperatures): boolean =>
  targetsOf(targets).every(([centre, target]) => (point.centresC[centre] ?? Number.NEGATIVE_INFINITY) >= target);

/** The target furthest off. */
function lagging(point: HistoryPoint, targets: CentreTemperatures): Centre {
  const gaps = targetsOf(targets).map(([centre, target]) => [centre, target - (point.centresC[centre] ?? 0)] as const);
  return (gaps.sort((a, b) => b[1] - a[1])[0] as readonly [Centre, number])[0];
}

/** The pull is sought among states this far apart: nobody opens the oven on the half minute. */
const MARK_EVERY_MIN = 2;
/** A rest carries a centre about as far as it rose over so many marks: where the search for the pull begins. */
const LIKELY_MARKS = 4;
/** Of a centre that hardly moves any more, between two marks. */
const LEAST_RISE_K = 0.05;
/**
 * A roast whose slowest target has not moved by this much in two hours will not get there. Warm stuffing first gives its
 * heat to the cold bird around it: falling is no standstill.
 */
const STALLED_K = 0.05;
const STALL_MIN = 120;

/** Simulates one cook. @throws QuantityError for options outside the model's range, or a target the bird has no centre for */
export function* cooking(options: CookOptions): Generator<number, CookOutcome> {
  const { finish, cover, pictures, everyMin = 1, startC, watched = true } = options;
  requireBetween("rest", options.restMin, 0, 240, "min");
  const bird = options.body instanceof LivingBird ? options.body : new LivingBird(options.body, { watched });
  for (const [centre, target] of targetsOf(finish.targetsC)) {
    requireBetween("target temperature", target, 30, 95, "°C");
    bird.requireCentre(centre);
  }
  if (startC !== undefined) bird.startAt(startC, options.fillingC);
  const fromMin = bird.minute;
  const frames: Frame[] = [];
  const keepFrame = (): void => {
    if (!pictures || bird.minute - fromMin < frames.length * pictures.everyMin - 1e-6) return;
    frames.push(pictures.of());
  };
  const marks: BirdState[] = [];
  const near = Object.fromEntries(
    targetsOf(finish.targetsC).map(([centre, target]) => [centre, target - constant("carryOverMostK")]),
  );
  const timeMin = finish.kind === "until" ? finish.timeMin : undefined;
  const hasTargets = targetsOf(finish.targetsC).length > 0;
  let met = false;
  let stalledAt: HistoryPoint | undefined;
  for (const point of roasting(bird, options)) {
    keepFrame();
    const minute = point.minute - fromMin;
    if (timeMin !== undefined && minute >= timeMin - 1e-9) met = true;
    if (hasTargets && isMet(point, finish.targetsC)) met = true;
    if (finish.kind === "carried") {
      const due = point.minute >= (marks.at(-1)?.minute ?? Number.NEGATIVE_INFINITY) + MARK_EVERY_MIN;
      if (met || (due && isMet(point, near))) marks.push(bird.snapshot());
    }
    if (met) break;
    if (hasTargets && timeMin === undefined) {
      stalledAt ??= point;
      if (point.minute - stalledAt.minute >= STALL_MIN) {
        const centre = lagging(point, finish.targetsC);
        if (Math.abs((point.centresC[centre] ?? 0) - (stalledAt.centresC[centre] ?? 0)) < STALLED_K) break;
        stalledAt = point;
      }
    }
    yield point.minute;
  }
  if (!met) {
    const last = bird.history.at(-1) as HistoryPoint;
    const centre = lagging(last, finish.targetsC);
    return {
      kind: "never-met",
      centre,
      targetC: finish.targetsC[centre] ?? Number.NaN,
      highestC: Math.max(...bird.history.map((point) => point.centresC[centre] ?? Number.NEGATIVE_INFINITY)),
      afterMin: Math.min(last.minute - fromMin, LONGEST_ROAST_MIN),
      airC: last.airC,
    };
  }

  const rest = (every: number): Generator<HistoryPoint, RestDone> =>
    resting(bird, {
      minutes: options.restMin,
      cover,
      everyMin: every,
      ...(options.traits && { dryingShare: options.traits.dryingShare }),
    });
  if (finish.kind === "carried") {
    const roasted = [...bird.history];
    const shortFrom = (at: number): Short | null => {
      bird.restore(marks[at] as BirdState, roasted);
      const wanted = targetsOf(finish.targetsC).map(([centre, target]) => {
        return { centre, celsius: target + finish.marginK(centre) };
      });
      bird.watching = false;
      const short = shortAfter(rest(Math.max(everyMin, 2)), wanted);
      bird.watching = true;
      return short;
    };
    const shownAt = (at: number, centre: Centre): number =>
      (roasted[(marks[at] as BirdState).points - 1] as HistoryPoint).centresC[centre] ?? Number.NaN;
    const riseK = (at: number, centre: Centre): number =>
      Math.max(LEAST_RISE_K, shownAt(at, centre) - shownAt(Math.max(0, at - 1), centre));
    const isLikely = (at: number): boolean =>
      targetsOf(finish.targetsC).every(
        ([centre, target]) => shownAt(at, centre) + LIKELY_MARKS * riseK(at, centre) >= target,
      );
    const last = marks.length - 1;
    const likely = [...marks.keys()].find(isLikely) ?? last;
    const pull = yield* firstEnough(last, likely, function* (at) {
      const short = shortFrom(at);
      yield bird.minute;
      return short && Math.ceil(short.byK / riseK(at, short.centre));
    });
    bird.restore(marks[pull] as BirdState, roasted);
    while (frames.length > 0 && (frames.at(-1) as Frame).minute > bird.minute) frames.pop();
  }
  const atPull = bird.history.at(-1) as HistoryPoint;
  options.whenPulled?.();
  const vapourLostKg = bird.vapourLostKg();
  const resting_ = rest(everyMin);
  let step = resting_.next();
  while (!step.done) {
    keepFrame();
    step = resting_.next();
  }
  const { peak, atEnd } = step.value;
  return {
    kind: "done",
    pullMinute: atPull.minute - fromMin,
    atPull,
    peak,
    atCarve: atEnd,
    logReduction: bird.watch?.leastLogReduction() ?? Number.NaN,
    vapourLostKg,
    zoneMin: bird.zoneMin,
    indices: bird.indices(),
    history: bird.history,
    frames,
  };
}
