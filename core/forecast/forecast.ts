/** The birds that fit the readings → when each centre will be there, and with what doubt. */

import { centresOf } from "../bird/form";
import type { Probe } from "../bird/probe";
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import { FORECAST_MEMBERS, fitting, PAST_K } from "./assimilate";
import { type EnsembleOptions, priorOf } from "./ensemble";
import { evidenceOf, latestOf, misfitK } from "./evidence";
import { lineThrough } from "./line";
import { type Member, minuteShown, shownAt } from "./member";
import { methodErrorShare } from "./methodError";
import { type Draw, normalQuantile, type Prior } from "./prior";
import { type Reading, seriesOf } from "./reading";
import { type SetAside, screened } from "./screening";
import { type Quantiles, quantiles } from "./shares";

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
  /** What the middle of the members misses of the readings, root mean square, K. */
  readonly missedK: number;
  /** Readings that were not believed, and the probes that give none to be believed now. */
  readonly setAside: readonly SetAside[];
  readonly lost: readonly Probe[];
}

/** Readings so new that what is missed of them is carried on, and how much of it (chosen on the table of known truths). */
const NEWEST_MIN = 20;
const CARRIED_SHARE = 0.7;

/**
 * What no member can be, since all are of one family: a share of the time that is left, more of it the less of the roast is
 * over, and where few readings speak (chosen on tables of known truths, whose birds are of another family).
 */
const MODEL_ERROR_SHARE = 0.065;
const EARLY_SHARE = 0.06;
const FEW_READINGS_SHARE = 0.06;

/**
 * What the middle of birds that are as the true one misses of so many readings, K; what is missed beyond it none of them
 * can be, and the model's error is as much larger (chosen likewise, and on spheres and slabs of other laws of drying).
 */
const usuallyMissedK = (readings: number): number => 0.5 + 0.8 / Math.sqrt(readings);

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
  const misfit = Math.max(1, missedK / usuallyMissedK(readings));
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

/**
 * What a fitted ensemble says of the finish. Quick: with readings newer than those it was fitted to, the forecast
 * follows them at once, and the next fit comes after.
 */
export function forecastFrom(
  options: Pick<EnsembleOptions, "form" | "shownC" | "startC" | "prior" | "source" | "stages" | "seated">,
  members: readonly Member[],
  allReadings: readonly Reading[],
): Forecast {
  const { form, shownC, startC, seated } = options;
  const screen = screened(allReadings, startC, centresOf(form), seated);
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
    missedK: misfitK(members, readings),
    setAside: screen.setAside,
    lost: screen.lost,
  };
}

/** Fits, then says. Yields after each simulated member. */
export function* forecasting(options: EnsembleOptions, readings: readonly Reading[]): Generator<number, Forecast> {
  const { members } = yield* fitting(options, readings);
  return forecastFrom(options, members, readings);
}
