/** Many coarse birds, each a little different, cooked the same way: where the doubt of a forecast comes from. */
import { makeBody } from "../bird/body";
import { CENTRE_PARTS, type CentrePart, type Cut } from "../bird/shape";
import type { HeatSource } from "../heat/surroundings";
import { type HistoryPoint, type OvenStage, roasting, WatchedBird } from "../processes/roast";
import { type Draw, traitsOf } from "./prior";

export interface EnsembleOptions {
  readonly cut: Cut;
  readonly boughtKg: number;
  readonly startC: number;
  readonly stages: readonly OvenStage[];
  readonly source?: HeatSource;
  /** What the thermometer must show at each centre. */
  readonly shownC: Partial<Record<CentrePart, number>>;
  /** Run at least this long, so that every reading has a place in the trajectory. */
  readonly atLeastMin?: number;
}

/** What the thermometer of one member would show, at equal steps from the start. */
export interface Member {
  readonly draw: Draw;
  readonly stepMin: number;
  readonly shown: Record<CentrePart, Float64Array>;
}

/** Cell size in metres of the reference bird: coarse, since there are many birds. */
const ENSEMBLE_CELL_M = 0.0125;
export const ENSEMBLE_STEP_MIN = 4;
const LONGEST_MEMBER_MIN = 10 * 60;

/** One member's trajectory, past the point where all targets are shown. */
export function runMember(options: EnsembleOptions, draw: Draw): Member {
  const traits = traitsOf(draw);
  const body = makeBody(options.cut, options.boughtKg, ENSEMBLE_CELL_M, traits.breastThickness);
  const bird = new WatchedBird(body);
  bird.solver.startAt(options.startC + traits.startOffsetK);
  const shown = (point: HistoryPoint, part: CentrePart): number =>
    (part === "breast" ? point.breastC : point.thighC) + traits.probeOffsetK[part];
  for (const point of roasting(bird, {
    stages: options.stages,
    traits: traits.oven,
    everyMin: ENSEMBLE_STEP_MIN,
    longestMin: LONGEST_MEMBER_MIN,
    ...(options.source && { source: options.source }),
  })) {
    const there = CENTRE_PARTS.every(
      (part) => shown(point, part) >= (options.shownC[part] ?? Number.NEGATIVE_INFINITY),
    );
    if (there && point.minute >= (options.atLeastMin ?? 0)) break;
  }
  return {
    draw,
    stepMin: ENSEMBLE_STEP_MIN,
    shown: {
      breast: Float64Array.from(bird.history, (point) => shown(point, "breast")),
      thigh: Float64Array.from(bird.history, (point) => shown(point, "thigh")),
    },
  };
}

/** All members in turn, yielding after each. */
export function* runEnsemble(options: EnsembleOptions, draws: readonly Draw[]): Generator<number, Member[]> {
  const members: Member[] = [];
  for (const draw of draws) {
    members.push(runMember(options, draw));
    yield members.length;
  }
  return members;
}

/** What a member's thermometer shows at a minute, straight between steps and held at the ends. */
export function shownAt(member: Member, part: CentrePart, minute: number): number {
  const series = member.shown[part];
  const place = Math.min(Math.max(minute / member.stepMin, 0), series.length - 1);
  const n = Math.min(Math.floor(place), series.length - 2);
  const share = place - n;
  return (series[n] as number) * (1 - share) + (series[n + 1] as number) * share;
}

/** Minute at which a member first shows a temperature; infinite when it never does. */
export function minuteShown(member: Member, part: CentrePart, celsius: number): number {
  const series = member.shown[part];
  for (let n = 1; n < series.length; n++) {
    const before = series[n - 1] as number;
    const after = series[n] as number;
    if (after >= celsius) return member.stepMin * (n - 1 + Math.max(0, (celsius - before) / (after - before)));
  }
  return Number.POSITIVE_INFINITY;
}

export interface Quantiles {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/** Quantiles of a sample, straight between the ordered values (Hyndman and Fan's type 7). */
export function quantiles(values: readonly number[]): Quantiles {
  const ordered = [...values].sort((a, b) => a - b);
  const at = (share: number): number => {
    const place = share * (ordered.length - 1);
    const n = Math.floor(place);
    const low = ordered[n] as number;
    const high = ordered[Math.min(n + 1, ordered.length - 1)] as number;
    return high === low ? low : low + (place - n) * (high - low);
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}

/** Minute at which every asked centre has shown its temperature. */
export function minuteAllShown(member: Member, shownC: EnsembleOptions["shownC"]): number {
  return Math.max(
    ...CENTRE_PARTS.map((part) => {
      const target = shownC[part];
      return target === undefined ? 0 : minuteShown(member, part, target);
    }),
  );
}
