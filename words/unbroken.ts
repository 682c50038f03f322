/** A number stays with its unit, and a date in one piece, wherever a narrow screen breaks the line. */
import { DAYS, MONTHS } from "./time";

const UNITS = "[°%]|(?:kg|g|lb|oz|mL|L|tsp|tbsp|cups?|quarts?|cm|m|ft|min|h)\\b";
const DAY = `(?:${DAYS.join("|")})`;
const MONTH = `(?:${MONTHS.join("|")})\\b`;
const KEPT = new RegExp(
  [
    `(?<=[\\d¼½¾⅓⅔⅜]) (?=${UNITS})`,
    // "Sat 5 Dec", "Sat, Dec 5".
    `(?<=\\b${DAY},?) (?=\\d|${MONTH})`,
    `(?<=\\d) (?=${MONTH})`,
    `(?<=\\b${MONTH}) (?=\\d{1,2}\\b)`,
  ].join("|"),
  "g",
);

export const unbroken = (words: string): string => words.replace(KEPT, "\u00a0");
