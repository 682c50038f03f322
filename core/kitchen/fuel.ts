/** Fuel by the hour (common practice): how much, more in cold and in wind, and when a hand feeds it. */

import { constant } from "../constants";
import { type Fire, MILD_DAY, type Weather } from "../heat/fire";
import { type Fuel, type HeatSource, isFire } from "../heat/sources";

interface Burning {
  readonly heat: HeatSource;
  readonly fuel: Fuel;
}
/** Whether a hand has to feed it by the hour: a hopper and a bottle do that by themselves. */
const isFed = ({ heat, fuel }: Burning): boolean => isFire(heat) && (fuel === "charcoal" || fuel === "wood");

/** What burns, and in what weather; null in a kitchen. */
export const fireOf = ({ heat, fuel, weather }: Burning & { readonly weather: Weather }): Fire | null =>
  isFire(heat) ? { fuel, weather } : null;

/** A fire is lit so long before it is brought to its heat (common practice). */
export const LIGHTING_MIN = 10;

/** Heat that is brought up before the bird goes in, or none. */
export type BroughtUp = Pick<Burning, "heat"> & { readonly preheat: { readonly minutes: number } };

/** From a cold heat to the bird's going in, min. */
export const heatLeadMin = ({ heat, preheat }: BroughtUp): number =>
  preheat.minutes + (isFire(heat) ? LIGHTING_MIN : 0);

/** Into a cold oven, which is turned on as the bird goes in. A fire burns before anything lies over it. */
export const goesInCold = (plan: BroughtUp): boolean => heatLeadMin(plan) === 0;

/** Minutes of a roast at which a hand feeds its fire, up to one. */
export function feedMinutes(fire: Burning, untilMin: number): number[] {
  const every = constant("feedEveryMin");
  const count = isFed(fire) ? Math.max(0, Math.floor(untilMin / every)) : 0;
  return Array.from({ length: count }, (_, n) => (n + 1) * every);
}

/** Pellets an hour of a mild day, kg: half a kilogram to one and a half at roasting heat (common practice, from memory). */
const PELLETS_KG_PER_HOUR = 0.9;
export const pelletsKg = (plan: { readonly weather: Weather }, hours: number): number =>
  PELLETS_KG_PER_HOUR * hours * (briquettesPerHour(plan) / briquettesPerHour({ weather: MILD_DAY }));

const INSIDE_C = 190;

/** Briquettes an hour, both sides together; in proportion to what the lid loses to the weather. */
export function briquettesPerHour({ weather }: { readonly weather: Weather }): number {
  const loss = (INSIDE_C - weather.airC) / (INSIDE_C - MILD_DAY.airC);
  return Math.ceil(2 * constant("briquettesASideHour") * loss * (weather.windy ? constant("windFuelShare") : 1));
}

/** To start with, so that the coals carry the first hour. */
export const briquettesToStart = (plan: { readonly weather: Weather }): number => 8 * briquettesPerHour(plan);
