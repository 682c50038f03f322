/** Charcoal by the hour (common practice): more in cold and in wind. */

import { constant } from "../constants";
import { type Fuel, type HeatSource, isFire } from "../heat/sources";

interface Fire {
  readonly heat: HeatSource;
  readonly fuel: Fuel;
}
/** Whether a hand has to feed it by the hour: a hopper and a bottle do that by themselves. */
export const isFed = ({ heat, fuel }: Fire): boolean => isFire(heat) && (fuel === "charcoal" || fuel === "wood");

/** Pellets an hour of a mild day, kg: half a kilogram to one and a half at roasting heat (common practice, from memory). */
const PELLETS_KG_PER_HOUR = 0.9;
export const pelletsKg = (plan: { readonly weather: Weather }, hours: number): number =>
  PELLETS_KG_PER_HOUR *
  hours *
  (briquettesPerHour(plan) / briquettesPerHour({ weather: { airC: MILD_C, windy: false } }));

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
