/** Charcoal by the hour (common practice): more in cold and in wind. */
import type { HeatSource } from "../heat/ovens";
import { constant } from "../sources";

export const burnsCharcoal = (source: HeatSource): boolean =>
  source === "covered-grill" || source === "smoker" || source === "spit";

/** Outdoors: charcoal burns faster in cold and wind. */
export interface Weather {
  readonly airC: number;
  readonly windy: boolean;
}

/** Outdoors of a mild day, which the plain rule is for. */
const MILD_C = 15;
const INSIDE_C = 190;

/** Briquettes an hour, both sides together; in proportion to what the lid loses to the weather. */
export function briquettesPerHour({ weather }: { readonly weather: Weather }): number {
  const loss = (INSIDE_C - weather.airC) / (INSIDE_C - MILD_C);
  return Math.ceil(2 * constant("briquettesASideHour") * loss * (weather.windy ? constant("windFuelShare") : 1));
}

/** To start with, so that the coals carry the first hour. */
export const briquettesToStart = (plan: { readonly weather: Weather }): number => 8 * briquettesPerHour(plan);
