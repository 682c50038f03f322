/** Fuel by the hour (common practice): how much, more in cold and in wind, and when a hand feeds it. */

import { constant } from "../constants";
import { type Fire, MILD_DAY, type Weather } from "../heat/fire";
import { type Fuel, type HeatSource, heatsByStage, isFire, smokes } from "../heat/sources";
import type { OvenStage } from "../processes/stages";

interface Burning {
  readonly heat: HeatSource;
  readonly fuel: Fuel;
  readonly stages: readonly OvenStage[];
}
/** Whether a hand has to feed it by the hour: a hopper and a bottle do that by themselves. */
const isFed = (fuel: Fuel): boolean => fuel === "charcoal" || fuel === "wood";

/** What burns without smoke of its own gets wood besides, where the bird is to be smoked. */
export const wantsSmokeWood = (source: HeatSource, fuel: Fuel): boolean =>
  smokes(source) && (fuel === "charcoal" || fuel === "gas");

/** What burns, and in what weather; null where nothing does. */
export const fireOf = ({ heat, stages, fuel, weather }: Burning & { readonly weather: Weather }): Fire | null =>
  heatsByStage(heat, stages).some(isFire) ? { fuel, weather } : null;

/** When a stage begins, as far as that is known beforehand. */
const byItsClock = ({ fromMin, when }: OvenStage): number | null => (when ? null : fromMin);

/**
 * Minutes of a roast at which a hand feeds its fire, up to one: by the hour for as long as the bird is over it.
 * @param beginsMin minute at which a stage begins; null: not known, the fire is kept up until it is
 */
export function feedMinutes(
  { heat, fuel, stages }: Burning,
  untilMin: number,
  beginsMin: (stage: OvenStage, n: number) => number | null = byItsClock,
): number[] {
  const everyMin = constant("feedEveryMin");
  const minutes: number[] = [];
  let sinceMin: number | null = null;
  const feed = (endMin: number): void => {
    if (sinceMin === null) return;
    for (let at = sinceMin + everyMin; at <= Math.min(endMin, untilMin); at += everyMin) minutes.push(at);
  };
  if (!isFed(fuel)) return minutes;
  for (const [n, source] of heatsByStage(heat, stages).entries()) {
    const stage = stages[n] as OvenStage;
    const atMin = n === 0 ? 0 : beginsMin(stage, n);
    if (isFire(source)) sinceMin ??= atMin ?? stage.fromMin;
    else if (sinceMin !== null && atMin !== null) {
      feed(atMin);
      sinceMin = null;
    }
  }
  feed(untilMin);
  return minutes;
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
