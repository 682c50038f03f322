/** Killing of Salmonella at one point of the bird, integrated over its temperature history. */
import { constant } from "../sources";

/** Below this no credit is taken: the published tables start here. */
const LOWEST_C = 54.4;

/**
 * Decimal reductions a minute at a temperature: first order, D(60 °C) = 25.2/7 min, z = 10 °F, after the USDA FSIS
 * time–temperature tables for chicken at about 1 % fat (from memory).
 */
export function logReductionPerMin(celsius: number): number {
  if (celsius < LOWEST_C) return 0;
  return 10 ** ((celsius - 60) / constant("salmonellaZK")) / constant("salmonellaDMin");
}

/** Running sum; the temperature is taken as straight between two calls. */
export class Lethality {
  logReduction = 0;
  /** The temperature the sum has come up to; NaN before the first. */
  lastC = Number.NaN;

  /** Goes on from an earlier state. */
  resume(logReduction: number, lastC: number): void {
    this.logReduction = logReduction;
    this.lastC = lastC;
  }

  add(celsius: number, minutes: number): void {
    const from = Number.isNaN(this.lastC) ? celsius : this.lastC;
    // Simpson's rule: the rate is exponential in temperature, so the end points alone would overstate it.
    const rate =
      (logReductionPerMin(from) + 4 * logReductionPerMin((from + celsius) / 2) + logReductionPerMin(celsius)) / 6;
    this.logReduction += rate * minutes;
    this.lastC = celsius;
  }
}
