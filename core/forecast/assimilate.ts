/**
 * Readings → the bird they came from → when it will be done.
 *
 * Ensemble smoother with multiple data assimilation (Emerick and Reynolds 2013, from memory): the unknowns of all
 * members are moved by the regression of what they would have shown on what they assumed, in passes with the
 * observation error inflated so that the passes together count the readings once; after each pass every member is
 * simulated again, so the finish is always computed by the model and never extrapolated.
 */

import { CholeskyDecomposition, Matrix } from "ml-matrix";
import { centresOf } from "../bird/form";
import type { Probe } from "../bird/probe";
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import { evenNumbers, normalNumbers } from "../chance";
import { constant } from "../constants";
import {
  type EnsembleOptions,
  type Member,
  minuteShown,
  priorOf,
  quantiles,
  runEnsemble,
  shownAt,
  unplacedAt,
} from "./ensemble";
import { lineThrough } from "./line";
import { methodErrorShare } from "./methodError";
import { type Draw, normalQuantile, type Prior, priorDraws, within } from "./prior";
import { type Reading, seriesOf, thinned } from "./reading";
import { type Screened, type SetAside, screened } from "./screening";
import type { Quantiles } from "./shares";
import type { ReadingOn } from "./slipped";

export interface Forecast {
  readonly targets: Partial<Record<Centre, Quantiles>>;
  /** When every target is shown: the time to pull. */
  readonly pull: Quantiles;
  /** Mean of the refitted members' unknowns, in prior standard deviations. */
  readonly estimate: Draw;
  /** What they are deviations of. */
  readonly prior: Prior;
  /** What the bird of the estimate has to show where the cook's thermometer shows its target. */
  readonly aimC: CentreTemperatures;
  readonly members: readonly Member[];
  /** Readings that were not believed, and the probes that give none to be believed now. */
  readonly setAside: readonly SetAside[];
  readonly lost: readonly Probe[];
}

export const FORECAST_MEMBERS = 32;
const PASSES = 2;
/** Reading noise and what the model cannot follow, one standard deviation (chosen: thermometers are within 1 K). */
export const READING_SD_K = 1.2;
/** What the middle of the members misses of the readings, root mean square, K. */
function misfitK(members: readonly Member[], readings: readonly Reading[]): number {
  if (readings.length === 0) return 0;
  const squares = readings.map((reading) => {
    const shown = members.reduce((sum, member) => sum + shownAt(member, reading, reading.minute), 0) / members.length;
    return (reading.celsius - shown) ** 2;
  });
  return Math.sqrt(squares.reduce((sum, each) => sum + each, 0) / squares.length);
}

/** Deviations of a table's rows from their mean, one row a member. */
const centred = (rows: readonly (readonly number[])[]): Matrix =>
  new Matrix(rows.map((row) => [...row])).center("column");

/** One analysis: the draws moved towards the readings. `perturb` are standard normal numbers, members × readings. */
function analysed(
  members: readonly Member[],
  readings: readonly Reading[],
  noise: number,
  perturb: readonly Draw[],
): Draw[] {
  const draws = members.map(({ draw }) => draw);
  const shown = members.map((member) => readings.map((reading) => shownAt(member, reading, reading.minute)));
  const deviations = centred(shown)
    .div(Math.sqrt(members.length - 1))
    .transpose();
  const covariance = deviations.mmul(deviations.transpose()).add(Matrix.eye(readings.length).mul(noise ** 2));
  // How each unknown goes with each reading over the ensemble: the same for every member.
  const cross = deviations.mmul(centred(draws)).div(Math.sqrt(members.length - 1));
  const gaps = new Matrix(
    readings.map(({ celsius }, r) =>
      members.map(
        (_, m) => celsius + noise * ((perturb[m] as Draw)[r] as number) - ((shown[m] as number[])[r] as number),
      ),
    ),
  );
  const moves = cross.transpose().mmul(new CholeskyDecomposition(covariance).solve(gaps));
  return draws.map((draw, m) => draw.map((value, u) => within(value + moves.get(u, m))));
}

/**
 * Standard normal numbers for the perturbed observations, the same every time; without a mean over the members: they
 * are moved apart, and never all of them together.
 */
function perturbations(members: number, readings: number, seed: number): Draw[] {
  const next = normalNumbers(evenNumbers(seed));
  return centred(Array.from({ length: members }, () => Array.from({ length: readings }, next))).to2DArray();
}

/** Readings so new that what is missed of them is carried on, and how much of it (chosen on the table of known truths). */
const NEWEST_MIN = 20;
const CARRIED_SHARE = 0.7;
const PAST_K = 6;

/**
 * What no member can be, since all are of one family: a share of the time that is left, more of it the less of the roast is
 * over, and where few readings speak (chosen on tables of known truths, whose birds are of another family).
 */
const MODEL_ERROR_SHARE = 0.065;
const EARLY_SHARE = 0.06;
const FEW_READINGS_SHARE = 0.06;

/** And so many minutes whatever is left: a target is met at a noisy reading of a curve that flattens (chosen likewise). */
const MODEL_ERROR_MIN = 1.2;

/**
 * Moves each member's finish at one centre by its own part of the model's error; nothing where there are no readings yet.
 * @param readings of that centre @param missedK what the middle of the members misses of them
 * @param wider how much more its method is missed by than a bare bird in an oven is
 */
function withModelError(
  latest: number,
  readings: number,
  missedK: number,
  wider: number,
): (minute: number, member: number) => number {
  if (readings === 0) return (minute) => minute;
  const misfit = Math.max(1, missedK / READING_SD_K);
  const ofFew = FEW_READINGS_SHARE / Math.sqrt(readings);
  return (minute, member) => {
    if (minute <= latest || minute === Number.POSITIVE_INFINITY) return minute;
    // Seven and the number of members have no divisor in common: every stratum is met once.
    const stratum = (7 * member) % FORECAST_MEMBERS;
    const aheadMin = minute - latest;
    const share = wider * (misfit * (MODEL_ERROR_SHARE + EARLY_SHARE * (aheadMin / minute)) + ofFew);
    const offMin = Math.hypot(aheadMin * share, Math.min(MODEL_ERROR_MIN, aheadMin));
    return minute + offMin * normalQuantile((stratum + 0.5) / FORECAST_MEMBERS);
  };
}

/** What is missed grows on as it has grown, by half, for up to an hour, where so many readings show it (chosen likewise). */
const TREND_SHARE = 0.5;
const TREND_MOST_MIN = 60;
const TREND_READINGS = 3;

/** What a member will miss of a probe so long from now, K: the mean of what it missed, and on along its trend. */
function carriedK(own: readonly Reading[], member: Member, aheadMin: number): number {
  const missed = own.map((reading) => {
    const { minute, celsius } = reading;
    return { minute, celsius: celsius - shownAt(member, reading, minute) };
  });
  const { celsius: meanK, slopeKPerMin } = lineThrough(missed);
  if (own.length < TREND_READINGS) return meanK;
  return meanK + TREND_SHARE * slopeKPerMin * Math.min(TREND_MOST_MIN, aheadMin);
}

/** Targets as one member has to show them, given what it misses of the newest readings. */
function carriedTargets(
  shownC: CentreTemperatures,
  member: Member,
  readings: readonly Reading[],
  latest: number,
): CentreTemperatures {
  return Object.fromEntries(
    CENTRES.flatMap((part) => {
      const target = shownC[part];
      if (target === undefined) return [];
      const newest = readings.filter((each) => each.part === part && each.minute >= latest - NEWEST_MIN);
      const aheadMin = Math.max(0, minuteShown(member, part, target) - latest);
      const missedBySide = seriesOf(newest).map((own) => carriedK(own, member, aheadMin));
      // Both sides have to be there: the one that is behind decides.
      const missed = missedBySide.length > 0 ? Math.min(...missedBySide) : 0;
      return [[part, Math.min(target - CARRIED_SHARE * missed, target + PAST_K)]];
    }),
  );
}

const latestOf = (readings: readonly Reading[]): number => Math.max(0, ...readings.map(({ minute }) => minute));

/** A place that the middle of the members knows no better is none in this bird: a slipped tip is not read on there, K (chosen). */
const UNPLACED_MOST_K = 4;

/** What the birds are held against: readings that are believed, and of tips that slipped what they say from where they lie. */
function evidenceOf({ kept, readOn }: Screened, members: readonly Member[]): readonly ReadingOn[] {
  const lies = (reading: ReadingOn): boolean =>
    quantiles(members.map((member) => unplacedAt(member, reading))).p50 <= UNPLACED_MOST_K;
  return [...thinned(kept), ...readOn.flatMap(thinned).filter(lies)];
}

/** Members that have been simulated already, and what with: the prior's are the same for every fit of a plan. */
export interface Simulated {
  readonly options: string;
  readonly members: readonly Member[];
}

const reachesTo = ({ members }: Simulated, minute: number): boolean =>
  members.every((member) => (member.minutes.at(-1) ?? 0) >= minute);

export interface Fit {
  readonly members: readonly Member[];
  /** What the next fit of the same plan begins from. */
  readonly prior: Simulated;
}

/** Birds to be simulated. */
export interface MembersAsked {
  readonly options: EnsembleOptions;
  readonly draws: readonly Draw[];
}

/**
 * The ensemble fitted to the readings so far (none: the prior's own). Asks for members, to be simulated by whoever goes
 * through it, and goes on with them. Readings outside −30 to 110 °C must have been refused before.
 * @param known the prior's members, where an earlier fit of the same plan has left them; taken if they reach far enough
 */
export function* fitSteps(
  options: EnsembleOptions,
  allReadings: readonly Reading[],
  known?: Simulated,
): Generator<MembersAsked, Fit, readonly Member[]> {
  const screen = screened(allReadings, options.startC, centresOf(options.form));
  const latest = latestOf([...screen.kept, ...screen.readOn.flat()]);
  // Members go on past their targets: where they miss the newest readings, they are asked for somewhat more.
  const past = Object.fromEntries(Object.entries(options.shownC).map(([part, celsius]) => [part, celsius + PAST_K]));
  const toTheEnd = { ...options, shownC: past, atLeastMin: Math.max(latest, options.atLeastMin ?? 0) };
  // Those of a pass before the last are held against the readings, and asked for nothing after them.
  const toTheNewest = { ...options, shownC: {}, atLeastMin: latest };
  const key = JSON.stringify(options);
  const prior =
    known?.options === key && reachesTo(known, latest)
      ? known
      : { options: key, members: yield { options: toTheEnd, draws: priorDraws(FORECAST_MEMBERS) } };
  let { members } = prior;
  const readings = evidenceOf(screen, members);
  for (let pass = 0; pass < PASSES && readings.length > 0; pass++) {
    // What no member can follow is no reading's fault: the readings are then believed less, and the members kept apart.
    const noise = Math.sqrt(PASSES) * Math.max(READING_SD_K, pass === 0 ? 0 : misfitK(members, readings));
    const draws = analysed(members, readings, noise, perturbations(members.length, readings.length, pass));
    members = yield { options: pass === PASSES - 1 ? toTheEnd : toTheNewest, draws };
  }
  return { members, prior };
}

/** {@link fitSteps} with members simulated one after the other. Yields after each. */
export function* fitting(
  options: EnsembleOptions,
  readings: readonly Reading[],
  known?: Simulated,
): Generator<number, Fit> {
  const steps = fitSteps(options, readings, known);
  let step = steps.next();
  while (!step.done) step = steps.next(yield* runEnsemble(step.value.options, step.value.draws));
  return step.value;
}

/**
 * What a fitted ensemble says of the finish. Quick: with readings newer than those it was fitted to, the forecast
 * follows them at once, and the next fit comes after.
 */
export function forecastFrom(
  options: Pick<EnsembleOptions, "form" | "shownC" | "startC" | "prior" | "source" | "stages">,
  members: readonly Member[],
  allReadings: readonly Reading[],
): Forecast {
  const { form, shownC, startC } = options;
  const screen = screened(allReadings, startC, centresOf(form));
  const readings = evidenceOf(screen, members);
  const latest = latestOf(readings);
  // What the members still miss of the newest readings they will go on missing: they aim at a target so much lower.
  const aims = members.map((member) => carriedTargets(shownC, member, readings, latest));
  const parts = CENTRES.filter((part) => shownC[part] !== undefined);
  const mean = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0) / values.length;
  const wider = methodErrorShare(options) / constant("planErrorShare");
  // A centre that is not read is as uncertain as those that are.
  const shown = parts.map((part) => {
    const own = readings.filter((each) => each.part === part);
    const counted = own.length > 0 ? own : readings;
    const widened = withModelError(latest, counted.length, misfitK(members, counted), wider);
    return members.map((member, m) => widened(minuteShown(member, part, aims[m]?.[part] as number), m));
  });
  return {
    targets: Object.fromEntries(parts.map((part, n) => [part, quantiles(shown[n] as number[])])),
    pull: quantiles(members.map((_, m) => Math.max(0, ...shown.map((minutes) => minutes[m] as number)))),
    prior: priorOf(options),
    estimate: (members[0] as Member).draw.map((_, u) => mean(members.map(({ draw }) => draw[u] as number))),
    aimC: Object.fromEntries(parts.map((part) => [part, mean(aims.map((aim) => aim[part] as number))])),
    members,
    setAside: screen.setAside,
    lost: screen.lost,
  };
}

/** Fits, then says. Yields after each simulated member. */
export function* forecasting(options: EnsembleOptions, readings: readonly Reading[]): Generator<number, Forecast> {
  const { members } = yield* fitting(options, readings);
  return forecastFrom(options, members, readings);
}
