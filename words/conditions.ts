/** What is waited for, in words. */

import { type Colour, type Condition, isColour } from "../core/processes/conditions";
import { PART_NAMES } from "./names";

const COLOUR_WORDS: Record<Colour, string> = {
  "first-gold": "first gold",
  golden: "golden",
  "deep-gold": "deep gold",
};

/** Short, for labels: "breast 60 °C", "first gold". @param write a temperature in the cook's unit */
export const conditionName = (condition: Condition, write: (celsius: number) => string): string =>
  isColour(condition) ? COLOUR_WORDS[condition.colour] : `${PART_NAMES[condition.centre]} ${write(condition.reachesC)}`;

/** After "when": "the breast shows 60 °C", "it is first gold". */
export const conditionWords = (condition: Condition, write: (celsius: number) => string): string =>
  isColour(condition)
    ? `it is ${COLOUR_WORDS[condition.colour]}`
    : `the ${PART_NAMES[condition.centre]} shows ${write(condition.reachesC)}`;
