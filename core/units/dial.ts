/** What an oven's dial is marked in, and how finely: every 10 °C, or every 25 °F (common practice). */
import { cToFahrenheit, fahrenheitToC } from "./quantity";

export const DIALS = ["celsius", "fahrenheit"] as const;
export type Dial = (typeof DIALS)[number];

const MARKS_C = 10;
const MARKS_F = 25;

const markC = (celsius: number, dial: Dial, toWhole: (marks: number) => number): number =>
  dial === "fahrenheit"
    ? fahrenheitToC(MARKS_F * toWhole(cToFahrenheit(celsius) / MARKS_F))
    : MARKS_C * toWhole(celsius / MARKS_C);

/** The mark nearest to a temperature, °C. */
export const onDialC = (celsius: number, dial: Dial): number => markC(celsius, dial, Math.round);

/** The highest mark that is not above a temperature, °C. */
export const highestMarkC = (mostC: number, dial: Dial): number => markC(mostC, dial, Math.floor);

/** A turn of the dial that is worth the walk: 20 °C, or 25 °F; in K. */
export const dialTurnK = (dial: Dial): number => (dial === "fahrenheit" ? MARKS_F / 1.8 : 2 * MARKS_C);
