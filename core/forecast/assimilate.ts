/**
 * Readings → the bird they came from → when it will be done.
 *
 * Ensemble smoother with multiple data assimilation (Emerick and Reynolds 2013, from memory): the unknowns of all
 * members are moved by the regression of what they would have shown on what they assumed, in passes with the
 * observation error inflated so that the passes together count the readings once; after each pass every member is
 * simulated again, so the finish is always computed by the model and never extrapolated.
 */
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import {
  type EnsembleOptions,
  type Member,
  minuteAllShown,
  minuteShown,
  type Quantiles,
  quantiles,
  runEnsemble,
  shownAt,
} from "./ensemble";
import { type Draw, normalQuantile, priorDraws } from "./prior";
import { type SetAside, screened } from "./screening";

export interface Reading {
  readonly minute: number;
  readonly part: Centre;
  readonly celsius: number;
}

export interface Forecast {
  readonly targets: Partial<Record<Centre, Quantiles>>;
  /** When every target is shown: the time to pull. */
  readonly pull: Quantiles;
  /** Mean of the refitted members' unknowns, in prior standard deviations. */
  readonly estimate: Draw;
  /** What the bird of the estimate has to show where the cook's thermometer shows its target. */
  readonly aimC: CentreTemperatures;
  readonly members: readonly Member[];
  /** Readings that were not believed. */
  readonly setAside: readonly SetAside[];
}

export const FORECAST_MEMBERS = 32;
const PASSES = 2;
/** Reading noise and what the model cannot follow, one standard deviation (chosen: thermometers are within 1 K). */
const READING_SD_K = 1.2;
/** Readings close in time say the same; those of one part within this are averaged, which also bounds the work. */
const THIN_MIN = 6;

/** Averages readings of one part that lie within so many minutes of one another. */
export function thinned(readings: readonly Reading[], binMin = THIN_MIN): Reading[] {
  const bins = new Map<string, Reading[]>();
  for (const reading of readings) {
    const key = `${reading.part}/${Math.floor(reading.minute / binMin)}`;
    const bin = bins.get(key);
    if (bin) bin.push(reading);
    else bins.set(key, [reading]);
  }
  return [...bins.values()].map((bin) => ({
    part: (bin[0] as Reading).part,
    minute: bin.reduce((sum, { minute }) => sum + minute, 0) / bin.length,
    celsius: bin.reduce((sum, { celsius }) => sum + celsius, 0) / bin.length,
  }));
}

/** Solves a·x = b for a symmetric positive definite matrix by Cholesky; a is overwritten. */
function solveSpd(a: number[][], b: readonly number[]): number[] {
  const n = b.length;
  const at = (i: number, j: number): number => (a[i] as number[])[j] as number;
  for (let j = 0; j < n; j++) {
    for (let i = j; i < n; i++) {
      let sum = at(i, j);
      for (let k = 0; k < j; k++) sum -= at(i, k) * at(j, k);
      (a[i] as number[])[j] = i === j ? Math.sqrt(sum) : sum / at(j, j);
    }
  }
  const x = [...b];
  for (let i = 0; i < n; i++) {
    for (let k = 0; k < i; k++) x[i] = (x[i] as number) - at(i, k) * (x[k] as number);
    x[i] = (x[i] as number) / at(i, i);
  }
  for (let i = n - 1; i >= 0; i--) {
    for (let k = i + 1; k < n; k++) x[i] = (x[i] as number) - at(k, i) * (x[k] as number);
    x[i] = (x[i] as number) / at(i, i);
  }
  return x;
}

/** One analysis: the draws moved towards the readings. `perturb` are standard normal numbers, members × readings. */
function analysed(
  members: readonly Member[],
  readings: readonly Reading[],
  inflation: number,
  perturb: readonly Draw[],
): Draw[] {
  const count = members.length;
  const shown = members.map((member) => readings.map(({ part, minute }) => shownAt(member, part, minute)));
  const meanShown = readings.map((_, r) => shown.reduce((sum, row) => sum + (row[r] as number), 0) / count);
  const unknowns = (members[0] as Member).draw.length;
  const meanDraw = Array.from(
    { length: unknowns },
    (_, u) => members.reduce((sum, { draw }) => sum + (draw[u] as number), 0) / count,
  );
  const noise = READING_SD_K * Math.sqrt(inflation);
  const covariance = readings.map((_, r) =>
    readings.map((__, s) => {
      let sum = 0;
      for (const row of shown)
        sum += ((row[r] as number) - (meanShown[r] as number)) * ((row[s] as number) - (meanShown[s] as number));
      return sum / (count - 1) + (r === s ? noise * noise : 0);
    }),
  );
  return members.map(({ draw }, m) => {
    const gap = readings.map(
      ({ celsius }, r) => celsius + noise * (perturb[m]?.[r] ?? 0) - ((shown[m] as number[])[r] as number),
    );
    const weights = solveSpd(
      covariance.map((row) => [...row]),
      gap,
    );
    return draw.map((value, u) => {
      let shift = 0;
      readings.forEach((_, r) => {
        let cross = 0;
        for (let k = 0; k < count; k++) {
          const drawGap = ((members[k] as Member).draw[u] as number) - (meanDraw[u] as number);
          cross += drawGap * (((shown[k] as number[])[r] as number) - (meanShown[r] as number));
        }
        shift += (cross / (count - 1)) * (weights[r] as number);
      });
      return value + shift;
    });
  });
}

/** Standard normal numbers for the perturbed observations: the same every time, a small congruential generator. */
function perturbations(members: number, readings: number, seed: number): Draw[] {
  let state = 12345 + seed;
  const next = (): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 4294967296;
  };
  const rows = Array.from({ length: members }, () =>
    Array.from({ length: readings }, () => Math.sqrt(-2 * Math.log(next())) * Math.cos(2 * Math.PI * next())),
  );
  return rows;
}

/** Readings so new that what is missed of them is carried on, and how much of it (chosen on the table of known truths). */
const NEWEST_MIN = 20;
const CARRIED_SHARE = 0.7;
const PAST_K = 6;

/**
 * What no member can be, since all are of one family: a share of the time that is left, more of it where few readings
 * speak (chosen on the table of known truths, whose birds are of another family).
 */
const MODEL_ERROR_SHARE = 0.08;
const FEW_READINGS_SHARE = 0.12;

/** Moves each member's finish by its own part of the model's error; nothing where there are no readings yet. */
function withModelError(latest: number, readings: number): (minute: number, member: number) => number {
  if (readings === 0) return (minute) => minute;
  const share = MODEL_ERROR_SHARE + FEW_READINGS_SHARE / Math.sqrt(readings);
  return (minute, member) => {
    // Seven and the number of members have no divisor in common: every stratum is met once.
    const stratum = (7 * member) % FORECAST_MEMBERS;
    return minute + Math.max(0, minute - latest) * share * normalQuantile((stratum + 0.5) / FORECAST_MEMBERS);
  };
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
      const missed = newest.map(({ minute, celsius }) => celsius - shownAt(member, part, minute));
      const mean = missed.reduce((sum, each) => sum + each, 0) / (missed.length || 1);
      return [[part, Math.min(target - CARRIED_SHARE * mean, target + PAST_K)]];
    }),
  );
}

/**
 * Forecasts from the readings so far (none: the prior's own spread). Yields after each simulated member.
 * Readings outside −30 to 110 °C must have been refused before.
 */
export function* forecasting(options: EnsembleOptions, allReadings: readonly Reading[]): Generator<number, Forecast> {
  const { kept, setAside } = screened(allReadings);
  const readings = thinned(kept);
  const latest = Math.max(0, ...readings.map(({ minute }) => minute));
  // Members go on past their targets: where they miss the newest readings, they are asked for somewhat more.
  const past = Object.fromEntries(Object.entries(options.shownC).map(([part, celsius]) => [part, celsius + PAST_K]));
  const run = { ...options, shownC: past, atLeastMin: latest };
  let members = yield* runEnsemble(run, priorDraws(FORECAST_MEMBERS));
  for (let pass = 0; pass < PASSES && readings.length > 0; pass++) {
    const draws = analysed(members, readings, PASSES, perturbations(members.length, readings.length, pass));
    members = yield* runEnsemble(run, draws);
  }
  // What the members still miss of the newest readings they will go on missing: they aim at a target so much lower.
  const aims = members.map((member) => carriedTargets(options.shownC, member, readings, latest));
  const widened = withModelError(latest, readings.length);
  const targets: Partial<Record<Centre, Quantiles>> = {};
  for (const part of CENTRES) {
    if (options.shownC[part] === undefined) continue;
    targets[part] = quantiles(
      members.map((member, m) => widened(minuteShown(member, part, aims[m]?.[part] as number), m)),
    );
  }
  const first = members[0] as Member;
  return {
    targets,
    pull: quantiles(members.map((member, m) => widened(minuteAllShown(member, aims[m] as CentreTemperatures), m))),
    estimate: first.draw.map(
      (_, u) => members.reduce((sum, { draw }) => sum + (draw[u] as number), 0) / members.length,
    ),
    aimC: Object.fromEntries(
      (Object.keys(options.shownC) as Centre[]).map((part) => [
        part,
        aims.reduce((sum, aim) => sum + (aim[part] ?? 0), 0) / aims.length,
      ]),
    ),
    members,
    setAside,
  };
}
