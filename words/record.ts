/** The record of a roast in words: what was done, what came of it, and what would have mattered. */

import { CENTRES, type Centre, type CentreTemperatures } from "../core/bird/solid";
import { placesSeen } from "../core/day/seen";
import type { Reading } from "../core/forecast/reading";
import { isFire, shutBy } from "../core/heat/sources";
import type { LogEvent } from "../core/log/events";
import { AT_GOAL_MIN, type Mattered, type Otherwise, type Outcome } from "../core/log/mattered";
import { targetTurnK, withDial } from "../core/plan/otherwise";
import type { OtherwiseId } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { guidelineOf, guidelineTargets } from "../core/plan/targets";
import { verdict } from "../core/safety/guideline";
import {
  formatDuration,
  formatTemperature,
  formatTemperatureDifference,
  type UnitSystem,
} from "../core/units/quantity";
import { capital, uncapitalised } from "./capital";
import { guidelineWords } from "./guideline";
import { allOf } from "./listing";
import { ON_TIME_MIN } from "./log";
import { colourWords, heatWords, PART_NAMES } from "./names";
import { survivorsWords } from "./safety";
import { stageWords } from "./stages";
import type { Reader } from "./time";

/** What was done, as it stands on the axis of a record. */
export function eventWords(event: LogEvent, plan: Plan, { units }: Pick<Reader, "units">): string {
  switch (event.kind) {
    case "in":
      return `in, at ${formatTemperature(plan.stages[0]?.airC ?? 0, units)}`;
    case "stage":
      return uncapitalised(stageWords(plan, event.stage, units));
    case "door":
      return `${shutBy(event.heat) ?? "heat"} open for ${formatDuration(event.openMin * 60)}`;
    case "off": {
      const { is, off } = heatWords(event.heat);
      return event.offMin === null ? `${is} ${off}` : `${is} ${off} for ${formatDuration(event.offMin * 60)}`;
    }
    case "left":
      return `${event.piece} taken out`;
    case "back-in":
      return `back in, after ${formatDuration(event.outMin * 60)} outside`;
    case "pulled":
      return "out";
    case "carved":
      return "carved";
  }
}

/**
 * What was cooked through: the verdict in words, by the thermometer where it showed all that the guideline asks, else as
 * computed.
 * @param readings that are believed
 */
export function doneWords(
  peakC: CentreTemperatures,
  plan: Plan,
  { units }: Reader,
  readings: readonly Reading[] = [],
): string {
  const guideline = guidelineWords(plan, units);
  const named = (centres: readonly Centre[]): readonly string[] => centres.map((centre) => PART_NAMES[centre]);
  const places = named(CENTRES.filter((centre) => peakC[centre] !== undefined));
  const goalsC = guidelineTargets(plan);
  if (placesSeen(goalsC, readings, guidelineOf(plan)).every(({ seen }) => seen)) {
    const seen = named(CENTRES.filter((centre) => goalsC[centre] !== undefined));
    const where = seen.length === 1 ? `the ${allOf(seen)} was` : `${allOf(seen)} were`;
    return `${capital(where)} seen at the guideline of ${guideline}.`;
  }
  const judged = verdict(peakC, 0, guidelineOf(plan));
  switch (judged.kind) {
    case "unknown":
      return "What it came to is not known.";
    case "meets-guideline":
      return capital(`${allOf(places)} came to the guideline of ${guideline}, as computed.`);
    case "below-guideline": {
      const [computed, read] = [formatTemperature(judged.highestC, units), hotterWords(peakC, readings, units)];
      if (places.length === 1) {
        return `The ${allOf(places)} came to ${computed}, as computed, not to the guideline of ${guideline}${read}.`;
      }
      return `Not all of it came to the guideline of ${guideline}: the lowest of ${allOf(places)} came to ${computed}, as computed${read}.`;
    }
  }
}

/** What a thermometer shows besides is told from so much on, K. */
const HOTTER_K = 1;

/** What was read hotter than is computed there. */
function hotterWords(peakC: CentreTemperatures, readings: readonly Reading[], units: UnitSystem): string {
  const centres = CENTRES.filter((centre) => peakC[centre] !== undefined);
  const read = centres.flatMap((centre) => {
    const highestC = Math.max(...readings.filter(({ part }) => part === centre).map(({ celsius }) => celsius));
    const where = centres.length === 1 ? "there" : `in the ${PART_NAMES[centre]}`;
    return highestC >= (peakC[centre] ?? 0) + HOTTER_K
      ? [`${formatTemperature(highestC, units)} was read ${where}`]
      : [];
  });
  return read.length > 0 ? `; ${read.join(", ")}` : "";
}

/** And what was computed for it, and what was not. @param isRead whether anything was: else it is the plan's bird */
export const killedWords = (logReduction: number, isRead: boolean): string =>
  `Computed at the coldest point of ${isRead ? "the bird that the readings point to" : "the plan's bird, since nothing was read"}: ${survivorsWords(logReduction)}. Not computed: what was on its surface or in the kitchen. Follow your local food-safety authority.`;

const OTHERWISE_WORDS: Record<OtherwiseId, (plan: Plan, reader: Reader) => string> = {
  "out-at-goal": () => "Out when the thermometer shows what the plan says",
  "out-warmer": (plan, reader) => `Out ${turnWords(plan, reader)} warmer`,
  "out-cooler": (plan, reader) => `Out ${turnWords(plan, reader)} cooler`,
  hotter: (plan, reader) => dialWords(plan, 1, reader),
  cooler: (plan, reader) => dialWords(plan, -1, reader),
  "breast-covered": () => "Foil over the breast from half way on",
  uncovered: () => "Bare from the start, without a cover",
  "breast-down-first": () => "Breast down for the first third",
  "longer-rest": () => "A quarter of an hour more rest",
  salted: () => "Salted the day before",
  dried: () => "A day longer in the fridge, uncovered",
};

/** As the dial is marked: a turn ends on a mark. */
function dialWords(plan: Plan, way: 1 | -1, { units }: Reader): string {
  const [before, after] = [plan, withDial(plan, way) ?? plan].map(({ stages }) =>
    formatTemperature(stages[0]?.airC ?? 0, units),
  );
  return `The ${isFire(plan.heat) ? "fire" : "dial"} at ${after} instead of ${before}${plan.stages.length > 1 ? ", and so on" : ""}`;
}

const turnWords = (plan: Plan, { units }: Reader): string => formatTemperatureDifference(targetTurnK(plan), units);

/** What might be done otherwise, as a cook would say it. */
export const otherwiseWords = (id: OtherwiseId, plan: Plan, reader: Reader): string =>
  OTHERWISE_WORDS[id](plan, reader);

const percentPoints = (share: number): number => Math.round(100 * share);

const SHADE = 0.12;

function skinWords(outcome: Outcome, against: Outcome): string | false {
  const [colour, before] = [colourWords(outcome.browning), colourWords(against.browning)];
  if (colour !== before) return `skin ${colour} instead of ${before}`;
  const more = outcome.browning - against.browning;
  return Math.abs(more) >= SHADE && `skin a shade ${more > 0 ? "darker" : "lighter"}`;
}

/**
 * What changes of the plan are told against, where that is not the roast as it was: they are compared with each other, all
 * out as the plan asks.
 */
export function againstWords({ asItWas, would }: Mattered, { units }: Reader): string | null {
  const against = would.find(({ id }) => id !== "out-at-goal")?.against;
  if (!against || Math.abs(asItWas.outMin - against.outMin) < AT_GOAL_MIN) return null;
  const minutes = Math.round(asItWas.outMin - against.outMin);
  const peaks = CENTRES.flatMap((centre) => {
    const celsius = against.peakC[centre];
    return celsius === undefined ? [] : [`${PART_NAMES[centre]} at most ${formatTemperature(celsius, units)}`];
  });
  const off = minutes > 0 ? "after it showed" : "before it would have shown";
  return `Out ${Math.abs(minutes)} min ${off} what the plan asks. Changes of the plan are set against the same bird, out then: ${peaks.join(", ")}.`;
}

/** What it would have given: only what a guest could tell. */
export function wouldWords({ outcome, against }: Pick<Otherwise, "outcome" | "against">, { units }: Reader): string {
  const t = (celsius: number): string => formatTemperature(celsius, units);
  const minutes = Math.round(outcome.outMin - against.outMin);
  const juice = percentPoints((outcome.juicesBreast ?? 0) - (against.juicesBreast ?? 0));
  const centres = CENTRES.flatMap((centre) => {
    const [after, before] = [outcome.peakC[centre], against.peakC[centre]];
    if (after === undefined || before === undefined || t(after) === t(before)) return [];
    return [`${PART_NAMES[centre]} at most ${t(after)} instead of ${t(before)}`];
  });
  const said = [
    ...centres,
    skinWords(outcome, against),
    juice !== 0 && `${Math.abs(juice)} % ${juice > 0 ? "more" : "less"} of the breast's juice`,
    Math.abs(minutes) >= ON_TIME_MIN && `${Math.abs(minutes)} min ${minutes > 0 ? "longer" : "less"} in the heat`,
  ].filter((each) => each !== false);
  return said.length > 0 ? `${capital(said.join("; "))}.` : "Hardly anything a guest could tell.";
}
