/** A practised roast in words: what is hidden, and what it truly was. */
import { CENTRES } from "../core/bird/solid";
import { constant } from "../core/constants";
import type { Debrief, Difficulty, Truth } from "../core/practice/practice";
import {
  formatDuration,
  formatTemperature,
  formatTemperatureDifference,
  type UnitSystem,
} from "../core/units/quantity";
import { offWords } from "./log";
import { colourWords, PART_NAMES } from "./names";

export const DIFFICULTY_NAMES: Record<Difficulty, string> = {
  calm: "Calm",
  usual: "The usual trouble",
  worst: "The worst day",
};

export const DIFFICULTY_SAYS: Record<Difficulty, string> = {
  calm: "Bird and oven are much as they are said to be; the probes stay where they are.",
  usual:
    "An oven off its dial, a bird of its own shape, a tip that slips, a door left open once, readings that are lost.",
  worst: "The same, and everything further off than one usually meets.",
};

/** What was hidden. */
export function hiddenWords({ ovenOffsetK, breastThickness }: Debrief, units: UnitSystem): string {
  const oven =
    Math.abs(ovenOffsetK) < 1
      ? "The oven was as hot as its dial said"
      : `The oven was ${formatTemperatureDifference(Math.abs(ovenOffsetK), units)} ${ovenOffsetK > 0 ? "hotter" : "cooler"} than its dial said`;
  const thicker = Math.round(100 * (breastThickness - 1));
  const bird =
    thicker === 0
      ? "the breast as thick as usual"
      : `the breast ${Math.abs(thicker)} % ${thicker > 0 ? "thicker" : "thinner"} than usual`;
  return `${oven}, ${bird}.`;
}

/** The verdict, in words first: on time or not, done or not. */
export function verdictWords({ lateMin, asItWent }: Debrief, units: UnitSystem): string {
  const time =
    lateMin === null
      ? "It was not carved"
      : Math.abs(lateMin) <= ON_TIME_MIN
        ? "Dinner was on time"
        : `Dinner was ${offWords(lateMin)} than wanted`;
  const guideline = formatTemperature(constant("guidelineC"), units);
  return asItWent.isAtGuideline
    ? `${time}, and every centre came to the guideline of ${guideline}.`
    : `${time}, and not every centre came to the guideline of ${guideline}: it would have gone back in.`;
}
const ON_TIME_MIN = 15;

const percent = (share: number | null): string => (share === null ? "–" : `${Math.round(100 * share)} %`);

/** What one way came to, a figure each: in the heat, highest at the centres, guideline, juice, skin. */
export const truthFigures = (truth: Truth, units: UnitSystem): readonly string[] => [
  formatDuration(truth.outMin * 60),
  CENTRES.flatMap((centre) => {
    const celsius = truth.peakC[centre];
    return celsius === undefined ? [] : [`${PART_NAMES[centre]} ${formatTemperature(celsius, units)}`];
  }).join(", "),
  truth.isAtGuideline ? "yes" : "no",
  percent(truth.juicesBreast),
  colourWords(truth.browning),
];
export const TRUTH_NAMES = [
  "In the heat",
  "Highest, at its centres",
  "At the guideline",
  "Breast’s juice kept",
  "Skin",
];
