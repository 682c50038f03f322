/**
 * What to say at the stove: what is due by the plan, and what the readings show. Each says what to do, why, and what
 * happens otherwise; data, so that the words can be in the cook's units.
 */

import { coarseCellM } from "../bird/body";
import { centresOf } from "../bird/form";
import { type Probe, probeOf } from "../bird/probe";
import { CENTRES, type Centre } from "../bird/solid";
import type { Forecast } from "../forecast/forecast";
import { middleShownAt } from "../forecast/member";
import { lowestC } from "../forecast/newest";
import { traitsOf, UNKNOWNS } from "../forecast/prior";
import { type Reading, seriesOf, thinned } from "../forecast/reading";
import { feedMinutes } from "../kitchen/fuel";
import { movedInto } from "../plan/heats";
import type { Plan } from "../plan/schema";
import { bastingsIn } from "../plan/season";
import type { HistoryPoint } from "../processes/bird";
import { isColour, minuteOf } from "../processes/conditions";
import { restFor } from "../processes/rest";
import { fullStages, type OvenStage } from "../processes/stages";
import { MINUTE_MS } from "../units/time";
import { nextReading } from "./nextReading";

import { changedNow, stageNow, type WhatIfId } from "./whatIf";

export type Advice =
  /** The plan's next change of the heat is due. */
  | {
      readonly kind: "stage";
      readonly n: number;
      /** The last that was done: what should have been between them is to be done too. */
      readonly after: number;
      /** Minutes since it was due. */
      readonly sinceMin: number;
      /** Its sign should be there by now, and nobody has read it. */
      readonly isUnread?: true;
    }
  /** The next waits for a colour, which the bird of the readings has not come to: an eye may see it sooner. */
  | { readonly kind: "colour"; readonly n: number; readonly after: number }
  | { readonly kind: "baste"; readonly n: number }
  | { readonly kind: "soon"; readonly minutes: number }
  /** A probe whose readings are set aside: it slipped, or it is in the oven's air. */
  | { readonly kind: "slipped" | "out"; readonly probe: Probe }
  /** It says to be in meat that this bird does not have. */
  | { readonly kind: "absent"; readonly probe: Probe }
  /** The tip is likely far from the thickest place: short of it by so much, or past it, near bone, where negative. */
  | { readonly kind: "misplaced"; readonly part: "breast" | "thigh"; readonly shortCm: number }
  | { readonly kind: "stalled"; readonly part: Centre; readonly kelvinPerHour: number }
  /** There is no heat, since so long. */
  | { readonly kind: "heat-off"; readonly sinceMin: number }
  /** Everything warms more slowly than the fitted bird has it: an open door, or the heat is off. */
  | { readonly kind: "cooled"; readonly paceShare: number }
  | { readonly kind: "dark-early" }
  | { readonly kind: "fuel"; readonly n: number }
  | { readonly kind: "late"; readonly minutes: number }
  | { readonly kind: "breast-ahead"; readonly minutes: number }
  | { readonly kind: "oven-cold" | "oven-hot"; readonly kelvin: number }
  | { readonly kind: "read-again"; readonly part: Centre; readonly inMin: number; readonly less: number };

export interface Watched {
  readonly plan: Plan;
  readonly nowMin: number;
  readonly readings: readonly Reading[];
  readonly forecast: Forecast | null;
  /** What it goes through, as its readings show it (`asShown`); empty until it is simulated. */
  readonly course: readonly HistoryPoint[];
  /** Browning of the estimated bird by now and at its finish, 1 is golden; null while it is not known. */
  readonly browning: { readonly now: number; readonly atPull: number } | null;
  /** Out by then, there is the shortest rest before it is carved, minutes since it went in. */
  readonly outByMin: number;
  /** Stages that have been done, by their number; the first is on from the start. */
  readonly stagesDone: number;
  readonly bastingsDone: number;
  readonly fuelsDone: number;
  /** Since when its heat is off, minutes since it went in; null while it is on. */
  readonly offSinceMin: number | null;
}

/**
 * When it has to be out, so that there is the shortest rest before it is carved, minutes since it went in. Of one that is
 * carved the day before no dinner is late.
 * @param carveAtMs by the plan; null while it is not placed
 */
export const outByMinOf = (
  { roasted, bird }: Pick<Plan, "roasted" | "bird">,
  carveAtMs: number | null,
  inAtMs: number,
): number =>
  carveAtMs === null || roasted === "day-before"
    ? Number.POSITIVE_INFINITY
    : (carveAtMs - inAtMs) / MINUTE_MS - restFor(bird.massKg).shortestMin;

/** An early word before the early end of the band, min. */
export const EARLY_WORD_MIN = 15;
/** So far ahead of the thigh, the breast wants a shield. */
const AHEAD_MIN = 12;
/** An oven is off when the readings put it further from its dial than most are, in standard deviations of the prior. */
const OVEN_OFF_SD = 1.2;
/** A tip is misplaced when the readings put it further from the centre than most are, likewise. */
const MISPLACED_SD = 1.7;
/** Skin that is as brown as it should be with so long to go is burnt at the end. */
const GOLDEN = 0.9;
const BURNT = 1.9;
/** A cold bird's centre stands still for a while before the heat is there: that is no stall. */
const STALL_FROM_C = 30;
/** A centre that rises by less over the last half hour, and is far from done, has stalled (chosen). */
const STALL_OVER_MIN = 30;
const STALL_K_PER_HOUR = 4;
const STALL_TO_GO_K = 4;
/** Over so long the pace of each centre is held against that of the fitted birds. */
const PACE_MIN = 15;
const PACE_MOST_MIN = 25;
const PACE_READINGS = 4;
/** Under this on average, and none at its full pace, is no noise (a door of ten minutes gives 0.76, an honest oven 0.96 to 1.04). */
const COOLED_SHARE = 0.8;
const FULL_PACE_SHARE = 0.9;
/** Where little was to be expected, little says nothing. */
const EXPECTED_LEAST_K = 2;
/** A finish that is late by less is the plan's own doubt. */
export const LATE_MIN = 5;

/** A centre that was read so short a time ago, and was not there, is not read again at once (chosen). */
const READ_AGAIN_MIN = 10;

/** What is done to the heat, whatever is in it. */
const TO_THE_HEAT: readonly Advice["kind"][] = ["stage", "colour", "baste", "fuel"];

interface Listener {
  /** A thermometer that speaks by itself needs no telling when to read it. */
  readonly isTyped: boolean;
  /** Done, and held until dinner: it is there. */
  readonly isHeld: boolean;
  /** One of several pieces in a heat: what is done to that is said once, with the one that leads. */
  readonly follows: boolean;
}

/** Advice that this cook has to be given. */
export const wanted = (advice: readonly Advice[], { isTyped, isHeld, follows }: Listener): readonly Advice[] =>
  advice.filter(
    ({ kind }) =>
      (isTyped || kind !== "read-again") && !(isHeld && kind === "soon") && !(follows && TO_THE_HEAT.includes(kind)),
  );

/** Most urgent first. */
export function adviceFor(watched: Watched): Advice[] {
  const { offSinceMin, nowMin } = watched;
  return [
    ...(offSinceMin === null ? [] : [{ kind: "heat-off", sinceMin: nowMin - offSinceMin } as const]),
    ...dueByPlan(watched),
    ...saidToBeElsewhere(watched),
    ...(watched.forecast ? seenInReadings(watched, watched.forecast) : []),
  ];
}

/** Probes in what this bird has no meat for: by their names, or since it was cut otherwise. */
function saidToBeElsewhere({ plan, readings }: Watched): Advice[] {
  const centres = centresOf(plan.bird);
  const absent = new Set(readings.filter(({ part }) => !centres.includes(part)).map(probeOf));
  return [...absent].map((probe) => ({ kind: "absent", probe }));
}

/** The next change of the heat, where it waits for a sign that should be there by now and that nobody has read. */
function unreadSign({ plan, nowMin, readings, course, stagesDone }: Watched): Advice[] {
  const n = stagesDone + 1;
  const { when, fromMin } = plan.stages[n] ?? {};
  if (!when || fromMin === undefined || isColour(when)) return [];
  const expectedMin = minuteOf({ when }, course) ?? Number.POSITIVE_INFINITY;
  const readMin = Math.max(...readings.filter(({ part }) => part === when.centre).map(({ minute }) => minute));
  const sinceMin = nowMin - Math.max(fromMin, expectedMin, readMin + READ_AGAIN_MIN);
  return sinceMin >= 0 ? [{ kind: "stage", n, after: stagesDone, sinceMin, isUnread: true }] : [];
}

/** The next change of the heat, where it waits for a colour from its own minute on: that only an eye sees. */
function unseenColour({ plan, nowMin, stagesDone }: Watched): Advice[] {
  const n = stagesDone + 1;
  const { when, fromMin = Number.POSITIVE_INFINITY } = plan.stages[n] ?? {};
  return when && isColour(when) && fromMin <= nowMin ? [{ kind: "colour", n, after: stagesDone }] : [];
}

/** What the plan says is to be done now. */
function dueByPlan(watched: Watched): Advice[] {
  const { plan, nowMin, readings, course, forecast, browning, stagesDone, bastingsDone, fuelsDone } = watched;
  const advice: Advice[] = [];
  const due = stageNow(plan.stages, nowMin, lowestC(readings, forecast?.lost), browning?.now);
  const stage = plan.stages[due];
  if (due > stagesDone && stage) {
    const { when, fromMin } = stage;
    // A colour is asked for, not overdue.
    const metMin = !when
      ? fromMin
      : isColour(when)
        ? nowMin
        : (readings.find(({ part, celsius }) => part === when.centre && celsius >= when.reachesC)?.minute ?? nowMin);
    // What is told with it, since it was not done either, has waited for longer.
    const waiting = plan.stages.slice(stagesDone + 1, due).filter((before) => !before.when);
    const sinceMin = nowMin - Math.min(Math.max(fromMin, metMin), ...waiting.map((before) => before.fromMin));
    advice.push({
      kind: "stage",
      n: due,
      after: stagesDone,
      sinceMin,
    });
  } else advice.push(...unreadSign(watched), ...unseenColour(watched));
  const bastings = bastingsIn(plan, nowMin, course).length;
  const isOpen = (fullStages(plan.stages, plan.bird.cut)[stagesDone]?.wrap ?? "none") === "none";
  if (isOpen && bastings > bastingsDone) {
    advice.push({ kind: "baste", n: bastings });
  }
  // What waits for a sign has begun once it was done.
  const begunMin = ({ fromMin }: OvenStage, n: number): number | null => (n <= stagesDone ? fromMin : null);
  const fuels = feedMinutes(plan, nowMin, begunMin).length;
  if (fuels > fuelsDone) advice.push({ kind: "fuel", n: fuels });
  return advice;
}

/** What the readings and the bird they point to show. */
function seenInReadings(
  { plan, nowMin, readings, browning, outByMin, stagesDone, offSinceMin }: Watched,
  forecast: Forecast,
): Advice[] {
  const advice: Advice[] = [];
  for (const probe of forecast.lost) {
    const out = forecast.setAside.some(({ reading, why }) => why === "out" && probeOf(reading) === probe);
    advice.push({ kind: out ? "out" : "slipped", probe });
  }
  const untilEarly = forecast.pull.p10 - nowMin;
  if (untilEarly <= EARLY_WORD_MIN && forecast.pull.p50 > nowMin) {
    advice.push({ kind: "soon", minutes: Math.max(0, Math.round(untilEarly)) });
  }
  // Where it is not to be had at all, the forecast itself says so.
  const lateMin = forecast.pull.p50 - outByMin;
  if (lateMin > LATE_MIN && Number.isFinite(lateMin)) advice.push({ kind: "late", minutes: Math.round(lateMin) });
  // Why it hardly warms is known where the heat is off.
  const missed = offSinceMin === null ? [cooledDown(readings, forecast), stall(readings, forecast)] : [];
  advice.push(...missed.filter((each) => each !== null));
  // What lies over it already, or cannot, is not asked for; what was just said to be done begins within the minute.
  const can = (id: WhatIfId): boolean => changedNow(id, { plan, nowMin: nowMin + 1, stagesDone }) !== null;
  const { breast, thigh } = forecast.targets;
  const aheadMin = breast && thigh ? thigh.p50 - breast.p50 : 0;
  if (breast && aheadMin > AHEAD_MIN && Number.isFinite(aheadMin) && breast.p50 > nowMin && can("cover-breast")) {
    advice.push({ kind: "breast-ahead", minutes: Math.round(aheadMin) });
  }
  if (browning && browning.now >= GOLDEN && browning.atPull >= BURNT && can("cover-all"))
    advice.push({ kind: "dark-early" });
  // An oven whose fan was turned on is still the one that it went into.
  const isElsewhere = movedInto(plan, stagesDone, 0) !== null;
  const offset = forecast.estimate[UNKNOWNS.indexOf(isElsewhere ? "elsewhereOffset" : "ovenOffset")] ?? 0;
  if (Math.abs(offset) > OVEN_OFF_SD) {
    const { oven } = traitsOf(forecast.estimate, forecast.prior);
    const kelvin = Math.round(Math.abs(isElsewhere ? (oven.elsewhere?.offsetK ?? 0) : oven.offsetK));
    advice.push({ kind: offset < 0 ? "oven-cold" : "oven-hot", kelvin });
  }
  for (const part of ["breast", "thigh"] as const) {
    const off = forecast.estimate[UNKNOWNS.indexOf(`${part}Probe`)] ?? 0;
    if (Math.abs(off) > MISPLACED_SD && forecast.targets[part]) {
      const shortCm = Math.round(
        100 * coarseCellM(plan.bird, traitsOf(forecast.estimate, forecast.prior).probeM[part]),
      );
      advice.push({ kind: "misplaced", part, shortCm });
    }
  }
  const next = nextReading(forecast, readings, nowMin);
  if (next) {
    advice.push({ kind: "read-again", part: next.part, inMin: Math.round(next.atMin - nowMin), less: next.less });
  }
  return advice;
}

/** One probe of a centre that is in the meat, the one that has spoken most; its readings thinned. */
function bestSeries(readings: readonly Reading[], part: Centre, lost: readonly Probe[]): readonly Reading[] {
  const [own = []] = seriesOf(thinned(readings.filter((reading) => reading.part === part)))
    .filter(([first]) => first && !lost.includes(probeOf(first)))
    .sort((a, b) => b.length - a.length);
  return own;
}

/** Every centre warms more slowly than the fitted birds do: heat is missing. */
function cooledDown(readings: readonly Reading[], { targets, members, lost }: Forecast): Advice | null {
  const paces = CENTRES.filter((each) => targets[each]).map((part) => {
    const own = bestSeries(readings, part, lost);
    const last = own.at(-1);
    const before = own.findLast(({ minute }) => last && minute <= last.minute - PACE_MIN);
    if (!last || !before || last.minute - before.minute > PACE_MOST_MIN) return null;
    if (own.filter(({ minute }) => minute >= before.minute).length < PACE_READINGS) return null;
    const expectedK = middleShownAt(members, part, last.minute) - middleShownAt(members, part, before.minute);
    return expectedK < EXPECTED_LEAST_K ? null : (last.celsius - before.celsius) / expectedK;
  });
  const known = paces.filter((pace) => pace !== null);
  if (known.length === 0 || known.length < paces.length) return null;
  const paceShare = known.reduce((sum, pace) => sum + pace, 0) / known.length;
  return paceShare < COOLED_SHARE && Math.max(...known) < FULL_PACE_SHARE ? { kind: "cooled", paceShare } : null;
}

/** A centre that has all but stopped: evaporation takes what the oven gives, or the oven is out. */
function stall(readings: readonly Reading[], { targets, aimC, lost }: Forecast): Advice | null {
  for (const part of CENTRES.filter((each) => targets[each])) {
    const own = bestSeries(readings, part, lost);
    const last = own.at(-1);
    const before = own.findLast(({ minute }) => last && minute <= last.minute - STALL_OVER_MIN);
    if (!last || !before || last.celsius > (aimC[part] ?? 0) - STALL_TO_GO_K || last.celsius < STALL_FROM_C) continue;
    const kelvinPerHour = (60 * (last.celsius - before.celsius)) / (last.minute - before.minute);
    if (kelvinPerHour < STALL_K_PER_HOUR) return { kind: "stalled", part, kelvinPerHour };
  }
  return null;
}
