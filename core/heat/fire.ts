/** A fire outdoors under a lid: what it burns swings its air, and the weather takes heat from the lid. */
import { constant } from "../constants";
import type { Fuel } from "./sources";

export interface Weather {
  readonly airC: number;
  readonly windy: boolean;
}
/** The day that plain rules, and practice at a fire, are for. */
export const MILD_DAY: Weather = { airC: 15, windy: false };

export interface Fire {
  readonly fuel: Fuel;
  readonly weather: Weather;
}

/** How air goes up and down about what it is set to. */
export interface Swing {
  readonly amplitudeK: number;
  readonly periodMin: number;
}

/** Fresh coals first burn up and then sink until they are fed again; a hopper's thermostat is slower than an oven's. */
const FUEL_SWING: Record<Fuel, () => Swing> = {
  charcoal: () => ({ amplitudeK: constant("charcoalSwingK"), periodMin: constant("feedEveryMin") }),
  wood: () => ({ amplitudeK: constant("woodSwingK"), periodMin: constant("feedEveryMin") }),
  pellets: () => ({ amplitudeK: constant("pelletSwingK"), periodMin: constant("pelletSwingMin") }),
  gas: () => ({ amplitudeK: 0, periodMin: constant("ovenSwingMin") }),
};

/** @param fire none is an oven with its thermostat */
export const swingOf = (fire: Fire | null): Swing =>
  fire === null ? { amplitudeK: constant("ovenSwingK"), periodMin: constant("ovenSwingMin") } : FUEL_SWING[fire.fuel]();

/** Share of the way from the air inside to the air outside at which a lid of bare steel comes to rest. */
function lidShare({ windy }: Weather): number {
  const outside = constant(windy ? "lidInWindWPerM2K" : "lidInStillAirWPerM2K");
  return outside / (outside + constant("lidInsideWPerM2K"));
}

/**
 * How much colder than on a mild and calm day the walls are that the bird sees, K; negative on a hotter one. On a mild day
 * the coals' glow makes good what the lid is colder than the air: that is the day practice at a fire speaks of.
 */
export const lidFallK = (insideC: number, weather: Weather): number =>
  constant("lidViewShare") *
  (lidShare(weather) * (insideC - weather.airC) - lidShare(MILD_DAY) * (insideC - MILD_DAY.airC));
