/** A practised roast in words: what is hidden, and what it truly was. */

import { CENTRES } from "../core/bird/solid";
import { type HeatSource, isFire, shutBy } from "../core/heat/sources";
import { sears } from "../core/plan/methods";
import type { Plan } from "../core/plan/schema";
import type { Debrief, Decision, Truth } from "../core/practice/practice";
import { type Call, type Difficulty, ON_TIME_MIN, type Trouble } from "../core/practice/scenarios";
import type { Moment } from "../core/schedule/rehearsal";
import {
  formatDuration,
  formatTemperature,
  formatTemperatureDifference,
  type UnitSystem,
} from "../core/units/quantity";
import { capital } from "./capital";
import { guidelineWords } from "./guideline";
import { allOf } from "./listing";
import { offWords } from "./log";
import { CHORE_NAMES, colourWords, heatWords, PART_NAMES, TASK_NAMES } from "./names";
import type { TimetableRow } from "./timetable";

export const DIFFICULTY_NAMES: Record<Difficulty, string> = {
  calm: "Calm",
  usual: "The usual trouble",
  worst: "The worst day",
};

/** What such a day brings at a heat. */
export function difficultyWords(difficulty: Difficulty, heat: HeatSource): string {
  const door = shutBy(heat);
  switch (difficulty) {
    case "calm":
      return `Bird and ${heatWords(heat).is} are much as they are said to be; the probes stay where they are.`;
    case "usual":
      return `${isFire(heat) ? "A fire that is not as hot as it was set" : "An oven off its dial"}, a bird of its own shape, a tip that slips, ${door ? `a ${door} left open once, ` : ""}readings that are lost.`;
    case "worst":
      return "The same, and everything further off than one usually meets.";
  }
}

/** What was hidden. */
export function hiddenWords({ ovenOffsetK, breastThickness }: Debrief, heat: HeatSource, units: UnitSystem): string {
  const { is } = heatWords(heat);
  const than = isFire(heat) ? "it was set" : "its dial said";
  const oven =
    Math.abs(ovenOffsetK) < 1
      ? `The ${is} was as hot as ${than}`
      : `The ${is} was ${formatTemperatureDifference(Math.abs(ovenOffsetK), units)} ${ovenOffsetK > 0 ? "hotter" : "cooler"} than ${than}`;
  const thicker = Math.round(100 * (breastThickness - 1));
  const bird =
    thicker === 0
      ? "the breast as thick as usual"
      : `the breast ${Math.abs(thicker)} % ${thicker > 0 ? "thicker" : "thinner"} than usual`;
  return `${oven}, ${bird}.`;
}

/** The verdict, in words first: on time or not, done or not. */
export function verdictWords({ lateMin, asItWent }: Debrief, plan: Plan, units: UnitSystem): string {
  const time =
    lateMin === null
      ? "It was not carved"
      : Math.abs(lateMin) <= ON_TIME_MIN
        ? "Dinner was on time"
        : `Dinner was ${offWords(lateMin)} than wanted`;
  const guideline = guidelineWords(plan, units);
  return asItWent.isAtGuideline
    ? `${time}, and every centre came to the guideline of ${guideline}.`
    : `${time}, and not every centre came to the guideline of ${guideline}: it would have gone back in.`;
}

const percent = (share: number | null): string => (share === null ? "–" : `${Math.round(100 * share)} %`);

/** What one way came to, a figure each: in the heat, highest at the centres, guideline, juice, skin. */
export const truthFigures = (truth: Truth, plan: Plan, units: UnitSystem): readonly string[] => [
  formatDuration(truth.outMin * 60),
  CENTRES.flatMap((centre) => {
    const celsius = truth.peakC[centre];
    return celsius === undefined ? [] : [`${PART_NAMES[centre]} ${formatTemperature(celsius, units)}`];
  }).join(", "),
  truth.isAtGuideline ? "yes" : "no",
  percent(truth.juicesBreast),
  colourWords(truth.browning, sears(plan)),
];
export const TRUTH_NAMES = [
  "In the heat",
  "Highest, at its centres",
  "At the guideline",
  "Breast's juice kept",
  "Skin",
];

/** What somebody says while it roasts, and what may be answered. */
export function callWords(
  call: Call,
  units: UnitSystem,
): { readonly says: string; readonly yes: string; readonly no: string } {
  if (call.kind === "guests-late") {
    return {
      says: `The guests ring: they will be ${call.byMin} minutes late.`,
      yes: `Dinner ${call.byMin} minutes later`,
      no: "Dinner as it was",
    };
  }
  return {
    says: `“The gratin has to go in now: ${formatTemperature(call.airC, units)}, ${call.minutes} minutes!”`,
    yes: `Turn the oven to ${formatTemperature(call.airC, units)} for it`,
    no: "It waits until the bird is out",
  };
}

const TROUBLE_WORDS: Record<Exclude<Trouble, "door">, string> = {
  slip: "a tip slipped",
  bone: "the right thigh's tip sat on the bone",
  ice: "there was still ice in the middle as it went in",
  "hot-side": "the oven was hotter on one side than on the other",
  "fire-dies": "the fire sank for a while",
  "guests-late": "the guests were late",
  dish: "a dish wanted the oven",
};

/** What went wrong, in a sentence; empty on a calm day. */
export const troublesWords = (troubles: readonly Trouble[], heat: HeatSource): string => {
  if (troubles.length === 0) return "";
  const text = allOf(
    troubles.map((trouble) =>
      trouble === "door" ? `the ${shutBy(heat) ?? "heat"} stood open once` : TROUBLE_WORDS[trouble],
    ),
  );
  return `${capital(text)}.`;
};

/** Of less than this nobody says that it was early or late, min. */
const RIGHT_MIN = 4;

/** A decision and what the best one would have given, everything else as it was. */
export function decisionWords({ kind, laterMin, best }: Decision, asItWent: Truth, units: UnitSystem): string {
  const what = kind === "out" ? "It came out" : "It rested";
  const off =
    Math.abs(laterMin) < RIGHT_MIN
      ? kind === "out"
        ? "at the right moment"
        : "as long as it should"
      : kind === "out"
        ? `${formatDuration(60 * Math.abs(laterMin))} too ${laterMin > 0 ? "late" : "early"}`
        : `${formatDuration(60 * Math.abs(laterMin))} too ${laterMin > 0 ? "long" : "short"}`;
  if (Math.abs(laterMin) < RIGHT_MIN) return `${what} ${off}.`;
  const gains: string[] = [];
  const coldest = (truth: Truth): number => Math.min(...Object.values(truth.peakC));
  if (best.isAtGuideline && !asItWent.isAtGuideline) gains.push("every centre at the guideline");
  const warmerK = coldest(best) - coldest(asItWent);
  if (Math.abs(warmerK) >= 1) {
    gains.push(
      `the coldest centre ${formatTemperatureDifference(Math.abs(warmerK), units)} ${warmerK > 0 ? "warmer" : "cooler"}`,
    );
  }
  const juice = Math.round(100 * ((best.juicesBreast ?? 0) - (asItWent.juicesBreast ?? 0)));
  // The model presses juice out and never takes it back: it has nothing to say against a longer rest.
  const isCounted = kind === "out" || laterMin > 0;
  if (isCounted && juice !== 0) gains.push(`${Math.abs(juice)} % ${juice > 0 ? "more" : "less"} of the breast's juice`);
  return `${what} ${off}. The right moment would have given ${gains.length > 0 ? allOf(gains) : "nothing that a guest could tell"}.`;
}

const NAMES: Readonly<Record<string, string>> = { ...TASK_NAMES, ...CHORE_NAMES };

/** What has to be done at once, and how many hands that takes. */
export function atOnceWords({ rows, wanted, busy }: Moment<TimetableRow>, hands: number): string {
  const called = rows.map(({ what }) => what).join("; ");
  const under = busy.flatMap((id) => NAMES[id] ?? []);
  const meanwhile = under.length > 0 ? `, while there is “${under.join("” and “")}” to go on with` : "";
  return `${called}${meanwhile}. ${wanted} pairs of hands are wanted, ${hands === 1 ? "one is" : `${hands} are`} there.`;
}
