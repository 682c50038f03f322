/** Drills in words: what is asked, what was right, what it came to. */
import type { DrillId, DrillResult, SpoonQuestion, Verdict } from "../core/practice/drills";
import { formatTemperatureDifference, type UnitSystem } from "../core/units/quantity";
import { fine, formatSpoons, small } from "./amounts";
import { SALT_NAMES } from "./names";
import { offLength } from "./probing";

export const DRILL_NAMES: Record<DrillId, string> = {
  thickest: "Find the thickest place",
  "both-probes": "Place both probes",
  "breast-side": "Which is the breast side?",
  "knife-order": "The order of the knife",
  spoons: "Spoons on the scale",
  "is-it-done": "Is it done?",
};

export const DRILL_SAYS: Record<DrillId, string> = {
  thickest: "Ten birds: push the thermometer to the deepest meat, and see how far off you were.",
  "both-probes": "Five birds: breast and thigh, as you would before the oven.",
  "breast-side": "Eight birds on the board: do they lie breast up or back up?",
  "knife-order": "Put the steps of carving into their order.",
  spoons: "Three salts, six spoonfuls: what do they weigh?",
  "is-it-done": "Three readings: out, on, or read again?",
};

export const VERDICT_NAMES: Record<Verdict, string> = {
  done: "Done: take it out",
  "not-done": "Not yet: the lowest decides",
  "read-again": "Read again: one is not of the deepest meat",
};

export const spoonWords = ({ kind, teaspoons }: SpoonQuestion, units: UnitSystem): string =>
  `${formatSpoons(teaspoons, units)} of ${SALT_NAMES[kind]}`;

/** What spoonfuls weigh: ounces in hundredths, where grams are whole. */
export const spoonWeight = (grams: number, units: UnitSystem): string =>
  units === "us" ? fine(grams, units) : small(grams, units);

/** How a drill went. */
export function drillWords({ right, of, offMm, offK }: DrillResult, units: UnitSystem): string {
  const placed =
    offMm === undefined
      ? ""
      : `; half of them within ${offLength(offMm, units)}${offK === undefined ? "" : ` and ${formatTemperatureDifference(offK, units)}`} of the deepest meat`;
  return `${right} of ${of} right${placed}`;
}
