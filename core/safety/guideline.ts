/** What the guideline asks, and the verdict in words that stands before any computed figure. */
import { constant } from "../constants";
import { fahrenheitToC } from "../units/quantity";

export type Verdict =
  | { readonly kind: "meets-guideline" }
  /** No centre is known: nothing is said of it. */
  | { readonly kind: "unknown" }
  /** Below the guideline: what was computed, and nothing is called safe. */
  | { readonly kind: "below-guideline"; readonly highestC: number; readonly logReduction: number };

const toTheTenth = (celsius: number): number => Math.round(10 * celsius) / 10;

/** The guidance is 165 °F, and is written 74 °C, a tenth more: what shows 165 °F is not below it. */
const LEAST_C = toTheTenth(Math.min(constant("guidelineC"), fahrenheitToC(165)));

/** Judged to the tenth that a kitchen thermometer shows. */
export const meetsGuideline = (celsius: number): boolean => toTheTenth(celsius) >= LEAST_C;

/** A thermometer that shows a goal to half a degree shows it; but half a degree below the guideline is below the guideline. */
export const SHOWN_K = 0.5;
export const shows = (celsius: number, goalC: number): boolean =>
  celsius >= goalC - SHOWN_K && (meetsGuideline(celsius) || !meetsGuideline(goalC));

/** The peaks of all centres. */
export function verdict(peaksC: readonly number[], logReduction: number): Verdict {
  if (peaksC.length === 0 || peaksC.some(Number.isNaN)) return { kind: "unknown" };
  const highestC = Math.min(...peaksC);
  if (meetsGuideline(highestC)) return { kind: "meets-guideline" };
  return { kind: "below-guideline", highestC, logReduction };
}
