/** What a guideline asks, and the verdict in words that stands before any computed figure. */
import type { Cut } from "../bird/form";
import type { Centre, CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import { fahrenheitToC } from "../units/quantity";

/** Countries differ: seen once; less hot, and held; hotter for whole birds. The first is the usual one. */
export const GUIDELINES = ["at-once", "held", "whole-hotter"] as const;
export type GuidelineId = (typeof GUIDELINES)[number];

/** What has to be seen at the thermal centres, °C, and for how long, min. */
export interface Guideline {
  readonly meatC: number;
  readonly fillingC: number;
  readonly heldMin: number;
}

const alike = (celsius: number, heldMin = 0): Guideline => ({ meatC: celsius, fillingC: celsius, heldMin });
export const AT_ONCE = alike(constant("guidelineC"));
const HELD = alike(constant("guidelineHeldC"), constant("guidelineHeldMin"));
const WHOLE_HOTTER: Guideline = { ...AT_ONCE, meatC: constant("guidelineWholeC") };

const isWholeBird = (cut: Cut): boolean => cut === "whole" || cut === "spatchcock";

/** What a kitchen's guideline asks of a bird; the usual one where it has chosen none. */
export function guidelineFor(id: GuidelineId | undefined, cut: Cut): Guideline {
  switch (id) {
    case "held":
      return HELD;
    case "whole-hotter":
      return isWholeBird(cut) ? WHOLE_HOTTER : AT_ONCE;
    default:
      return AT_ONCE;
  }
}

export const askedC = ({ meatC, fillingC }: Guideline, centre: Centre): number =>
  centre === "filling" ? fillingC : meatC;

export type Verdict =
  | { readonly kind: "meets-guideline" }
  /** No centre is known: nothing is said of it. */
  | { readonly kind: "unknown" }
  /** Below the guideline: what was computed, and nothing is called safe. */
  | { readonly kind: "below-guideline"; readonly highestC: number; readonly logReduction: number };

const toTheTenth = (celsius: number): number => Math.round(10 * celsius) / 10;

/** The usual guidance is 165 °F, and is written 74 °C, a tenth more: what shows 165 °F is not below it. */
const leastC = (celsius: number): number =>
  toTheTenth(celsius === AT_ONCE.meatC ? Math.min(celsius, fahrenheitToC(165)) : celsius);

/** Judged to the tenth that a kitchen thermometer shows. @param guidelineC that is asked for there */
export const meetsGuideline = (celsius: number, guidelineC = AT_ONCE.meatC): boolean =>
  toTheTenth(celsius) >= leastC(guidelineC);

/** A thermometer that shows a goal to half a degree shows it; but half a degree below the guideline is below the guideline. */
export const SHOWN_K = 0.5;
export const shows = (celsius: number, goalC: number, guidelineC = AT_ONCE.meatC): boolean =>
  celsius >= goalC - SHOWN_K && (meetsGuideline(celsius, guidelineC) || !meetsGuideline(goalC, guidelineC));

/** From its peak a centre falls by less than this in the two minutes around it, K (see the test, on the smallest pieces). */
export const PEAK_FALLS_K = 0.7;

/** @param peaksC highest of every centre that is known */
export function verdict(peaksC: CentreTemperatures, logReduction: number, guideline = AT_ONCE): Verdict {
  const peaks = Object.entries(peaksC) as [Centre, number][];
  if (peaks.length === 0 || peaks.some(([, celsius]) => Number.isNaN(celsius))) return { kind: "unknown" };
  const pastK = guideline.heldMin > 0 ? PEAK_FALLS_K : 0;
  const short = peaks.filter(([centre, celsius]) => !meetsGuideline(celsius - pastK, askedC(guideline, centre)));
  if (short.length === 0) return { kind: "meets-guideline" };
  return { kind: "below-guideline", highestC: Math.min(...short.map(([, celsius]) => celsius)), logReduction };
}
