/**
 * The whole cook: roast to the pull, then rest to the carving, from one start.
 *
 * Written as generators that yield now and then, so that a shell can stop a superseded computation between two
 * yields; {@link drain} runs one to its end.
 */
import type { Body } from "../bird/body";
import { CENTRE_PARTS, type CentrePart } from "../bird/shape";
import { requireBetween } from "../errors";
import type { Snapshot } from "../heat/solver";
import { type Cover, type HeatSource, type OvenTraits, restSurroundings, USUAL_OVEN } from "../heat/surroundings";
import { type HistoryPoint, LONGEST_ROAST_MIN, type OvenStage, roasting, WatchedBird } from "./roast";

export type Targets = Partial<Record<CentrePart, number>>;

/** When to pull: at these centre temperatures, at a time, or so early that the rest carries both centres there. */
export type Finish =
  | { readonly kind: "until"; readonly targetsC: Targets; readonly timeMin?: number }
  | { readonly kind: "carried"; readonly targetsC: Record<CentrePart, number>; readonly marginK: number };

export interface CookOptions {
  readonly body: Body;
  readonly startC: number;
  readonly stages: readonly OvenStage[];
  readonly finish: Finish;
  readonly restMin: number;
  readonly cover: Cover;
  readonly traits?: OvenTraits;
  readonly source?: HeatSource;
  readonly everyMin?: number;
  /** Keep whole temperature fields this often, for pictures; none when left out. */
  readonly frameEveryMin?: number;
}

export interface Frame {
  readonly minute: number;
  readonly coldestCell: number;
  /** °C of every cell of the padded grid. */
  readonly temperatureC: Float32Array;
}

export interface Peak {
  readonly celsius: number;
  readonly minute: number;
}

export interface CookDone {
  readonly kind: "done";
  readonly pullMinute: number;
  readonly atPull: HistoryPoint;
  readonly peak: Record<CentrePart, Peak>;
  readonly atCarve: HistoryPoint;
  readonly logReduction: number;
  readonly vapourLostKg: number;
  readonly history: readonly HistoryPoint[];
  readonly frames: readonly Frame[];
}

/** An expected failure: the oven, as set, does not get there. */
export interface NeverMet {
  readonly kind: "never-met";
  readonly part: CentrePart;
  readonly targetC: number;
  readonly highestC: number;
  readonly afterMin: number;
}

export type CookOutcome = CookDone | NeverMet;

/** Runs a generator to its end and returns what it returns. */
export function drain<Result>(work: Generator<unknown, Result>): Result {
  for (;;) {
    const step = work.next();
    if (step.done) return step.value;
  }
}

const centreC = (point: HistoryPoint, part: CentrePart): number => (part === "breast" ? point.breastC : point.thighC);

export const isMet = (point: HistoryPoint, targets: Targets): boolean =>
  CENTRE_PARTS.every((part) => centreC(point, part) >= (targets[part] ?? Number.NEGATIVE_INFINITY));

/** The part furthest from its target. */
function lagging(point: HistoryPoint, targets: Targets): CentrePart {
  const gap = (part: CentrePart): number => (targets[part] ?? Number.NEGATIVE_INFINITY) - centreC(point, part);
  return gap("breast") > gap("thigh") ? "breast" : "thigh";
}

interface Mark {
  readonly minute: number;
  readonly snapshot: Snapshot;
  readonly logReduction: number;
  readonly lastC: number;
}

/** Carry-over of over this is not seen in a resting bird; the search for the pull starts here. */
const MOST_CARRY_OVER_K = 25;

/** The pull is sought among states this far apart: nobody opens the oven on the half minute. */
const MARK_EVERY_MIN = 2;

/** Simulates one cook. @throws QuantityError for options outside the model's range. */
export function* cooking(options: CookOptions): Generator<number, CookOutcome> {
  const { body, stages, finish, cover, frameEveryMin, everyMin = 1, traits = USUAL_OVEN } = options;
  requireBetween("rest", options.restMin, 0, 240, "min");
  for (const target of Object.values(finish.targetsC)) requireBetween("target temperature", target, 30, 95, "°C");
  const bird = new WatchedBird(body);
  bird.solver.startAt(options.startC);
  const frames: Frame[] = [];
  const keepFrame = (): void => {
    if (frameEveryMin === undefined || bird.minute < frames.length * frameEveryMin - 1e-6) return;
    frames.push({
      minute: bird.minute,
      coldestCell: bird.coldest().cell,
      temperatureC: Float32Array.from(bird.solver.temperatureC),
    });
  };
  const marks: Mark[] = [];
  const keepMark = (): void => {
    const { logReduction, lastC } = bird.lethality;
    marks.push({ minute: bird.minute, snapshot: bird.solver.snapshot(), logReduction, lastC });
  };
  const timeMin = finish.kind === "until" ? finish.timeMin : undefined;
  const hasTargets = Object.keys(finish.targetsC).length > 0;
  let met = false;
  for (const point of roasting(bird, { stages, traits, everyMin, ...(options.source && { source: options.source }) })) {
    keepFrame();
    if (timeMin !== undefined && point.minute >= timeMin - 1e-9) met = true;
    if (hasTargets && isMet(point, finish.targetsC)) met = true;
    if (finish.kind === "carried") {
      const near = Object.fromEntries(
        Object.entries(finish.targetsC).map(([part, target]) => [part, target - MOST_CARRY_OVER_K]),
      );
      const due = point.minute >= (marks.at(-1)?.minute ?? Number.NEGATIVE_INFINITY) + MARK_EVERY_MIN;
      if (met || (due && isMet(point, near))) keepMark();
    }
    if (met) break;
    yield point.minute;
  }
  if (!met) {
    const last = bird.history.at(-1) as HistoryPoint;
    const part = lagging(last, finish.targetsC);
    const highestC = Math.max(...bird.history.map((point) => centreC(point, part)));
    return {
      kind: "never-met",
      part,
      targetC: finish.targetsC[part] ?? Number.NaN,
      highestC,
      afterMin: LONGEST_ROAST_MIN,
    };
  }

  if (finish.kind === "carried") {
    const roasted = [...bird.history];
    const enough = (at: number): boolean => {
      back(bird, marks[at] as Mark, roasted);
      const peak = rest(bird, options.restMin, cover, traits, Math.max(everyMin, 2)).peak;
      return CENTRE_PARTS.every((part) => peak[part].celsius >= finish.targetsC[part] + finish.marginK);
    };
    let low = 0;
    let high = marks.length - 1;
    while (low < high) {
      const middle = (low + high) >> 1;
      if (enough(middle)) high = middle;
      else low = middle + 1;
      yield bird.minute;
    }
    back(bird, marks[low] as Mark, roasted);
    while (frames.length > 0 && (frames.at(-1) as Frame).minute > bird.minute) frames.pop();
  }
  const atPull = bird.history.at(-1) as HistoryPoint;
  const vapourLostKg = 2 * bird.solver.surface.vapourKg();
  const { peak, atCarve } = rest(bird, options.restMin, cover, traits, everyMin, keepFrame);
  return {
    kind: "done",
    pullMinute: atPull.minute,
    atPull,
    peak,
    atCarve,
    logReduction: bird.lethality.logReduction,
    vapourLostKg,
    history: bird.history,
    frames,
  };
}

/** Puts the bird back to a mark in its roast: state, history and lethality. */
function back(bird: WatchedBird, mark: Mark, roasted: readonly HistoryPoint[]): void {
  bird.solver.restore(mark.snapshot);
  bird.minute = mark.minute;
  bird.followedCell = -1;
  bird.lethality.resume(mark.logReduction, mark.lastC);
  bird.history.length = 0;
  bird.history.push(...roasted.filter((point) => point.minute <= mark.minute + 1e-9));
}

/** Rests the bird from the state it is in. */
function rest(
  bird: WatchedBird,
  minutes: number,
  cover: Cover,
  traits: OvenTraits,
  everyMin: number,
  seen?: () => void,
): { peak: Record<CentrePart, Peak>; atCarve: HistoryPoint } {
  const around = restSurroundings(cover, traits.dryingShare);
  const until = bird.minute + minutes;
  bird.followColdest();
  let last = bird.history.at(-1) as HistoryPoint;
  const peak: Record<CentrePart, Peak> = {
    breast: { celsius: last.breastC, minute: last.minute },
    thigh: { celsius: last.thighC, minute: last.minute },
  };
  while (bird.minute < until - 1e-9) {
    last = bird.advance(Math.min(everyMin, until - bird.minute), around);
    seen?.();
    for (const part of CENTRE_PARTS) {
      const celsius = centreC(last, part);
      if (celsius > peak[part].celsius) peak[part] = { celsius, minute: last.minute };
    }
  }
  return { peak, atCarve: last };
}
