/** A thermometer against ice and against boiling water: what it is off by, and its readings put right. */

import { constant } from "../constants";
import { QuantityError, requireBetween } from "../errors";
import { saturationPa } from "../heat/moistAir";

/** What the thermometer showed; boiling water is left out where only ice was tried. */
export interface Calibration {
  /** In a glass of crushed ice and water, stirred, °C. */
  readonly iceC: number;
  /** In boiling water, °C. */
  readonly boilC?: number | undefined;
  /** Of the kitchen above the sea, m. */
  readonly altitudeM: number;
}

/** Off by more at ice or at boiling, it is no use at the stove, K (common practice: it is replaced). */
export const MOST_OFF_K = 3;

/**
 * Pressure of the standard atmosphere, Pa: p₀·(1 − L·h/T₀)^(g·M/(R·L)) (ISO 2533; constants from memory).
 * @throws QuantityError for a height outside −400 to 5000 m
 */
export function pressurePa(altitudeM: number): number {
  requireBetween("altitude", altitudeM, -400, 5000, "m");
  return constant("atmospherePa") * (1 - 2.25577e-5 * altitudeM) ** 5.25588;
}

/** Where water boils at a height, °C: Antoine's equation the other way round. */
export function boilingPointC(altitudeM: number): number {
  const aim = pressurePa(altitudeM);
  let [low, high] = [70, 105];
  for (let n = 0; n < 40; n++) {
    const middle = (low + high) / 2;
    if (saturationPa(middle) < aim) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}

/** What a reading stands for: a straight line through both points, or the shift that the ice shows. */
export function corrected(readC: number, calibration: Calibration | undefined): number {
  if (!calibration) return readC;
  const { iceC, boilC, altitudeM } = calibration;
  if (boilC === undefined) return readC - iceC;
  if (!(boilC > iceC))
    throw new QuantityError("reading in boiling water", boilC, { kind: "above", than: iceC, unit: "°C" });
  return ((readC - iceC) * boilingPointC(altitudeM)) / (boilC - iceC);
}

/** What a thermometer can be read as at all, °C: a cook who types an oven's air is asked, not refused. */
const LOWEST_C = -40;
const HIGHEST_C = 330;

/**
 * What was read off a thermometer by hand, put right, to a tenth; what it showed is kept beside it where it was ever tried.
 * @throws QuantityError for what none shows
 */
export function readByHand(
  name: string,
  shownC: number,
  calibration: Calibration | undefined,
): { readonly celsius: number; readonly shownC?: number } {
  requireBetween(name, shownC, LOWEST_C, HIGHEST_C, "°C");
  const put = Math.round(10 * corrected(shownC, calibration)) / 10;
  return { celsius: Math.min(HIGHEST_C, Math.max(LOWEST_C, put)), ...(calibration && { shownC }) };
}

/** Whether the thermometer is so far off that it should not be trusted. */
export const isUnfit = ({ iceC, boilC, altitudeM }: Calibration): boolean =>
  Math.abs(iceC) > MOST_OFF_K || (boilC !== undefined && Math.abs(boilC - boilingPointC(altitudeM)) > MOST_OFF_K);
