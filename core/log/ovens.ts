/**
 * What roasts say of the oven they were in. Each says by how much it was slower than planned, of which a part is the
 * oven's and a part the bird's; over several roasts in one oven the bird's part falls out, by degrees (a normal
 * hierarchical model, of which the next plan takes the oven's posterior as its prior).
 */
import { Matrix, solve } from "ml-matrix";
import { fitting } from "../forecast/assimilate";
import { type EnsembleOptions, priorOf } from "../forecast/ensemble";
import { forecastFrom } from "../forecast/forecast";
import { FURTHEST_SD, type KnownOven, LEAST_SD, OVEN_UNKNOWNS } from "../forecast/knownOven";
import { type Member, minuteAllShown } from "../forecast/member";
import { methodErrorShare } from "../forecast/methodError";
import { UNKNOWNS, type Unknown, usualPrior } from "../forecast/prior";
import type { Reading } from "../forecast/reading";
import { quantiles } from "../forecast/shares";
import { ovenIn } from "../plan/heats";
import type { Oven } from "../plan/kitchen";
import type { Roast } from "../plan/roast";

/** What one roast says. Shares are logarithms of times. */
export interface OvenSays {
  /** How much longer it took than was to be expected of such a bird in any oven of this kind. */
  readonly slower: number;
  /** What is not the oven's: the bird, the model, the readings; one standard deviation. */
  readonly doubt: number;
  /** What one standard deviation of each of {@link OVEN_UNKNOWNS} does to this roast. */
  readonly by: readonly number[];
}

/** Fewer readings say nothing of when it was done. */
const LEAST_READINGS = 3;
/** Of a standard normal spread, between its tenth and its ninetieth percentile. */
const P10_TO_P90_SD = 2.5631;
/**
 * Birds of another family differ by more than the model's own: roasts of hidden ovens are off by a third as much again as
 * its birds and its declared error come to (chosen on such roasts, `npm run ovens -- 60 60001`).
 */
const OTHER_FAMILY = 1.3;
/** Keeps a regression on few members from following each of them (chosen). */
const RIDGE = 0.5;

/**
 * What one standard deviation of each unknown does to the time, as a share: least squares over the prior's members.
 * @param unknowns those that differ from member to member
 */
function sensitivities(
  members: readonly Member[],
  minutes: readonly number[],
  unknowns: readonly Unknown[],
): Partial<Record<Unknown, number>> {
  const columns = unknowns.map((name) => UNKNOWNS.indexOf(name));
  const done = members.flatMap((member, n) => {
    const minute = minutes[n] as number;
    return Number.isFinite(minute) && minute > 0 ? [{ draw: member.draw, log: Math.log(minute) }] : [];
  });
  const rows = new Matrix(done.map(({ draw }) => [1, ...columns.map((column) => draw[column] as number)]));
  const logs = Matrix.columnVector(done.map(({ log }) => log));
  const ridge = Matrix.eye(rows.columns).mul(RIDGE);
  ridge.set(0, 0, 0);
  const normal = rows.transpose().mmul(rows).add(ridge);
  const [, ...slopes] = solve(normal, rows.transpose().mmul(logs)).to1DArray();
  return Object.fromEntries(unknowns.map((name, n) => [name, slopes[n]]));
}

const length = (values: readonly number[]): number => Math.hypot(...values);

/**
 * @param options of the roast as it happened, its goals in `shownC`
 * @returns null where too little was read, or where birds in such an oven are not done at all
 */
export function* ovenSays(options: EnsembleOptions, readings: readonly Reading[]): Generator<number, OvenSays | null> {
  if (readings.length < LEAST_READINGS || Object.keys(options.shownC).length === 0) return null;
  // Against any oven of its kind, whatever was known of this one.
  const { prior: _, ...usual } = options;
  const { members, prior } = yield* fitting(usual, readings);
  const { pull } = forecastFrom(usual, members, readings);
  const minutes = prior.members.map((member) => minuteAllShown(member, options.shownC));
  const planned = quantiles(minutes).p50;
  if (![planned, pull.p10, pull.p50, pull.p90].every((minute) => Number.isFinite(minute) && minute > 0)) return null;
  const spreads = priorOf(usual);
  const unknowns = UNKNOWNS.filter((name) => spreads[name].sd > 0);
  const byEach = sensitivities(prior.members, minutes, unknowns);
  // What is no part of this oven: the bird, the hand, another heat that it was moved into.
  const ofRest = unknowns.flatMap((name) =>
    (OVEN_UNKNOWNS as readonly Unknown[]).includes(name) ? [] : [byEach[name] ?? 0],
  );
  const ofReadings = Math.log(pull.p90 / pull.p10) / P10_TO_P90_SD;
  return {
    slower: Math.log(pull.p50 / planned),
    doubt: OTHER_FAMILY * Math.hypot(length(ofRest), methodErrorShare(options), ofReadings),
    by: OVEN_UNKNOWNS.map((name) => byEach[name] ?? 0),
  };
}

/** A roast in an oven, and what it says of it. */
export interface Said extends OvenSays {
  readonly atMs: number;
}

/** Thermostats and doors age: a roast so long ago counts half (chosen). */
const HALF_LIFE_YEARS = 3;
const YEAR_MS = 365.25 * 24 * 60 * 60 * 1000;
/** Beyond so many standard deviations a roast is odd, and pulls no harder than one at that distance (Huber 1964). */
const ODD_SD = 1.5;
const PASSES = 8;

export interface LearnedOven extends KnownOven {
  readonly roasts: number;
  /** Evenings on which it was tested. */
  readonly tests: number;
  /** As if its dial stood so much higher, and what that may be off by, K. */
  readonly hotterK: number;
  readonly hotterSdK: number;
  /** Width of a plan's band in it against one in an oven that nothing is known of. */
  readonly bandShare: number;
}

/** No dial is told to be further off: where the heat hardly depends on it, it says nothing. */
const MOST_K = 100;
const within = (low: number, value: number, high: number): number => Math.min(high, Math.max(low, value));

/** What one standard deviation along a direction does to a roast. */
const steepOn = (by: readonly number[], along: readonly number[]): number =>
  by.reduce((sum, value, n) => sum + value * (along[n] as number), 0);

/** @returns null while nothing is said */
export function learned(said: readonly Said[], nowMs: number, offsetSdK: number): LearnedOven | null {
  if (said.length === 0) return null;
  const mean = (of: (each: Said) => number): number => said.reduce((sum, each) => sum + of(each), 0) / said.length;
  const by = OVEN_UNKNOWNS.map((_, n) => mean((each) => each.by[n] ?? 0));
  const steep = length(by);
  if (steep === 0 || by[0] === 0) return null;
  const along = by.map((value) => value / steep);
  const each = said.map(({ slower, doubt, by: own, atMs }) => ({
    slower,
    doubt,
    steep: steepOn(own, along),
    weight: 0.5 ** (Math.max(0, nowMs - atMs) / YEAR_MS / HALF_LIFE_YEARS),
  }));
  let at = 0;
  let precision = 1;
  for (let pass = 0; pass < PASSES; pass++) {
    let [pulled, sum] = [0, 1];
    for (const { slower, doubt, steep: own, weight } of each) {
      const off = Math.abs(slower - own * at) / doubt;
      const counts = (weight * (off > ODD_SD ? ODD_SD / off : 1)) / doubt ** 2;
      pulled += counts * own * slower;
      sum += counts * own ** 2;
    }
    [at, precision] = [pulled / sum, sum];
  }
  const sd = Math.max(LEAST_SD, 1 / Math.sqrt(precision));
  const perK = (by[0] as number) / offsetSdK;
  const doubt = mean((one) => one.doubt);
  return {
    along,
    mean: within(-FURTHEST_SD, at, FURTHEST_SD),
    sd,
    roasts: said.length,
    tests: 0,
    hotterK: within(-MOST_K, (at * steep) / perK, MOST_K),
    hotterSdK: Math.min(MOST_K, Math.abs((sd * steep) / perK)),
    bandShare: Math.hypot(steep * sd, doubt) / Math.hypot(steep, doubt),
  };
}

/** Further off than this, twice running and to one side, is another oven: one in a hundred pairs by chance. */
const CHANGED_SD = 1.3;

/** Whether the last two roasts came out as if in another oven than those before. @param said oldest first */
export function hasChanged(said: readonly Said[], nowMs: number, offsetSdK: number): boolean {
  const [before, last] = [said.slice(0, -2), said.slice(-2)];
  const known = learned(before, nowMs, offsetSdK);
  if (!known || last.length < 2) return false;
  const off = last.map(({ slower, doubt, by }) => {
    const steep = steepOn(by, known.along);
    return (slower - steep * known.mean) / Math.hypot(doubt, steep * known.sd);
  });
  return off.every((each) => each > CHANGED_SD) || off.every((each) => each < -CHANGED_SD);
}

/** What is known of one oven of the kitchen by its roasts. */
export interface InOven {
  /** Closed roasts in it, oldest first; those that say nothing of it, were left out or are of before it was changed too. */
  readonly roasts: readonly Roast[];
  readonly learned: LearnedOven | null;
  /** The last two look as if in another oven. */
  readonly isChanged: boolean;
  /** When it was last cooked in, epoch ms. */
  readonly lastMs: number | null;
}

/** Whether a roast is over and was not asked yet what it says. */
export const isUnasked = ({ happened, says }: Pick<Roast, "happened" | "says">): boolean =>
  happened.closedAt !== undefined && says === undefined;

/** Whether a roast's word counts. */
export const isHeard = (oven: Oven, { id, says, happened }: Pick<Roast, "id" | "says" | "happened">): boolean =>
  says !== undefined &&
  says !== null &&
  !oven.leftOut.includes(id) &&
  (oven.afreshAt === null || Date.parse(happened.inAt ?? "") >= Date.parse(oven.afreshAt));

const inMs = ({ happened }: Pick<Roast, "happened">): number => Date.parse(happened.inAt ?? "");

/** @param roasts all there are */
export function learnedOf(oven: Oven, roasts: readonly Roast[], nowMs: number): InOven {
  const own = roasts
    .filter((roast) => ovenIn(roast.plan)?.id === oven.id && roast.happened.pulledAt)
    .sort((one, other) => inMs(one) - inMs(other));
  const said = own.flatMap((roast) =>
    roast.says && isHeard(oven, roast) ? [{ ...roast.says, atMs: inMs(roast) }] : [],
  );
  const offsetSdK = usualPrior(oven.heat).ovenOffset.sd;
  const tests = oven.tests
    .filter(({ at }) => oven.afreshAt === null || Date.parse(at) >= Date.parse(oven.afreshAt))
    .map(({ at, says }) => ({ ...says, atMs: Date.parse(at) }));
  const known = learned([...said, ...tests], nowMs, offsetSdK);
  return {
    roasts: own,
    learned: known && { ...known, roasts: said.length, tests: tests.length },
    isChanged: hasChanged(said, nowMs, offsetSdK),
    lastMs: own.length > 0 ? inMs(own.at(-1) as Roast) : null,
  };
}

/** All ovens by name, with what is known of each: those of the kitchen, and those that only roasts speak of. */
export function inOvens(
  kitchen: readonly Oven[],
  roasts: readonly Roast[],
  nowMs: number,
): readonly (InOven & { readonly oven: Oven })[] {
  const all = new Map(kitchen.map((oven) => [oven.id, oven]));
  for (const oven of roasts.map(({ plan }) => ovenIn(plan))) {
    if (oven && !all.has(oven.id)) {
      all.set(oven.id, { id: oven.id, name: oven.name, heat: oven.heat, afreshAt: null, leftOut: [], tests: [] });
    }
  }
  return [...all.values()].map((oven) => ({ oven, ...learnedOf(oven, roasts, nowMs) }));
}
