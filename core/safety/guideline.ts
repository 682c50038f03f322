/** What the guideline asks, and the verdict in words that stands before any computed figure. */
import { constant } from "../constants";

export type Verdict =
  | { readonly kind: "meets-guideline" }
  /** No centre is known: nothing is said of it. */
  | { readonly kind: "unknown" }
  /** Below the guideline: what was computed, and nothing is called safe. */
  | { readonly kind: "below-guideline"; readonly highestC: number; readonly logReduction: number };

/** The peaks of all centres are judged to the tenth that a kitchen thermometer shows. */
export function verdict(peaksC: readonly number[], logReduction: number): Verdict {
  if (peaksC.length === 0 || peaksC.some(Number.isNaN)) return { kind: "unknown" };
  const highestC = Math.min(...peaksC);
  if (Math.round(highestC * 10) / 10 >= constant("guidelineC")) return { kind: "meets-guideline" };
  return { kind: "below-guideline", highestC, logReduction };
}
