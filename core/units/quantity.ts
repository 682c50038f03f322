/** What people type, into SI-side numbers, and back. Mass in kg, temperature in °C, duration in s, length in cm, volume in L. */
import { QuantityError, requireBetween } from "../errors";
import { cleaned, LAST_DIGIT, NUMBER, toNumber, ungrouped } from "./typedNumber";

export const KG_PER_POUND = 0.45359237;
export const KG_PER_OUNCE = KG_PER_POUND / 16;
export const CM_PER_INCH = 2.54;
/** US liquid quart. */
export const L_PER_QUART = 0.946352946;

export type UnitSystem = "metric" | "us";

const POUNDS_AND_OUNCES = new RegExp(
  String.raw`^${NUMBER}\s*(?:lbs?|pounds?|#)\s*(?:(?:and\s*)?${NUMBER}\s*(?:oz|ounces?)?)?$`,
);
const ONE_MASS = new RegExp(String.raw`^${NUMBER}\s*(kgs?|kilos?|kilograms?|g|grams?|oz|ounces?)?$`);
const TEMPERATURE = new RegExp(String.raw`^([-+−]?)\s*${NUMBER}\s*(?:°|deg(?:rees?)?)?\s*(c|f|celsius|fahrenheit)?$`);
const LENGTH = new RegExp(String.raw`^${NUMBER}\s*(cm|mm|inch(?:es)?|in|")?$`);
const VOLUME = new RegExp(String.raw`^${NUMBER}\s*(l|lit(?:er|re)s?|ml|quarts?|qt|gal(?:lons?)?)?$`);
const BARE = new RegExp(`^${NUMBER}$`);
/** Minutes that are said after hours, without their unit. */
const HOURS_AND = /(h|hrs?|hours?)(\s*[0-5]?\d)$/;
const CLOCK_DURATION = /^(\d+)\s*:\s*([0-5]\d)$/;
const DURATION_PART = new RegExp(String.raw`${NUMBER}\s*(days?|d|hours?|hrs?|h|minutes?|mins?|m|seconds?|sec|s)`, "g");

/**
 * Mass in kg from "14 lb", "12 lb 8 oz", "4½ lb", "6.3kg", "5800 g"; a bare number is in the cook's own unit.
 * @throws QuantityError when the text is not a mass.
 */
export function parseMassKg(text: string, bareUnit: UnitSystem = "metric"): number {
  const clean = ungrouped(cleaned(text));
  const pounds = POUNDS_AND_OUNCES.exec(clean);
  if (pounds?.[1]) {
    return toNumber(pounds[1]) * KG_PER_POUND + (pounds[2] ? toNumber(pounds[2]) * KG_PER_OUNCE : 0);
  }
  const one = ONE_MASS.exec(clean);
  if (!one?.[1]) throw new QuantityError("mass", text, { kind: "read-as", what: "mass" });
  const value = toNumber(one[1]);
  const unit = one[2] ?? (bareUnit === "us" ? "lb" : "kg");
  if (unit === "lb") return value * KG_PER_POUND;
  if (unit.startsWith("k")) return value;
  return unit.startsWith("g") ? value / 1000 : value * KG_PER_OUNCE;
}

const MASS_RANGE = /^(.+?)\s*(?:-|–|to|until)\s*(.+)$/;
const MASS_SPREAD = /^(.+?)\s*(?:±|\+\/-|give or take)\s*(.+)$/;

/**
 * A mass as a label has it, in kg: "5.5 to 6.5 kg", "12–14 lb", "6 kg ± 300 g", or one alone, which is not off at all.
 * @throws QuantityError when the text is no mass, or its ends are the wrong way round
 */
export function parseMassRangeKg(
  text: string,
  bareUnit: UnitSystem = "metric",
): { readonly massKg: number; readonly offKg: number } {
  const clean = cleaned(text);
  const spread = MASS_SPREAD.exec(clean);
  const range = spread ?? MASS_RANGE.exec(clean);
  if (!range?.[1] || !range[2]) return { massKg: parseMassKg(text, bareUnit), offKg: 0 };
  // "5.5 to 6.5 kg": the unit is said once, for both.
  const unit = /[a-z]+\s*$/.exec(range[2])?.[0] ?? "";
  const first = /[a-z]\s*$/.test(range[1]) ? range[1] : `${range[1]} ${unit}`;
  const [one, other] = [parseMassKg(first, bareUnit), parseMassKg(range[2], bareUnit)];
  if (spread) return { massKg: one, offKg: other };
  if (other < one) throw new QuantityError("mass", text, { kind: "rule", rule: "lighter-end-first" });
  return { massKg: (one + other) / 2, offKg: (other - one) / 2 };
}

/**
 * Temperature in °C from "325f", "163 °C", "-18C"; a bare number is in the cook's own unit.
 * @throws QuantityError when the text is not a temperature.
 */
export function parseTemperatureC(text: string, bareUnit: UnitSystem = "metric"): number {
  const match = TEMPERATURE.exec(cleaned(text));
  if (!match?.[2]) throw new QuantityError("temperature", text, { kind: "read-as", what: "temperature" });
  const value = toNumber(match[2]) * (match[1] === "-" || match[1] === "−" ? -1 : 1);
  const unit = match[3] ?? (bareUnit === "us" ? "f" : "c");
  return unit.startsWith("f") ? fahrenheitToC(value) : value;
}

/** A difference of temperatures in K from "8", "8 °C", "15 F". @throws QuantityError when the text is none */
export function parseTemperatureDifferenceK(text: string, bareUnit: UnitSystem = "metric"): number {
  const zero = parseTemperatureC(text.replace(/[-+−]?[^a-z°º˚]*/i, "0 "), bareUnit);
  return parseTemperatureC(text, bareUnit) - zero;
}

const escaped = (text: string): string => text.replace(/[^\w\s]/g, "\\$&");

/**
 * A plain number, with a point or a comma; its unit may stand behind it.
 * @throws QuantityError with what was typed where it is no number, or one outside [low, high]
 */
export function parseNumber(quantity: string, text: string, low: number, high: number, unit = ""): number {
  const match = new RegExp(String.raw`^([-+−]?)${NUMBER}\s*(?:${escaped(unit)})?$`, "i").exec(text.trim());
  if (!match?.[2]) throw new QuantityError(quantity, text.trim(), { kind: "between", low, high, unit });
  return requireBetween(quantity, toNumber(match[2]) * (/[-−]/.test(match[1] ?? "") ? -1 : 1), low, high, unit);
}

/** Whether a text that may be of something else too is meant as a duration. */
export const isDuration = (text: string): boolean => DURATION_LIKE.test(text);
const DURATION_LIKE = new RegExp(String.raw`^\s*${NUMBER}\s*$|${LAST_DIGIT}\s*[dhms:]`, "i");

/** Whole minutes from a duration, see {@link parseDurationS}. @throws QuantityError outside [low, high] too */
export const parseMinutes = (quantity: string, text: string, low: number, high: number): number =>
  Math.round(requireBetween(quantity, parseDurationS(text) / 60, low, high, "min"));

/**
 * Duration in s from "25m", "1h 30m", "2h30", "1½ h", "2:15" (hours and minutes), "3 days"; a bare number is in minutes.
 * @throws QuantityError when the text is not a duration.
 */
export function parseDurationS(text: string): number {
  const clean = cleaned(text).replace(HOURS_AND, "$1$2 m");
  const clock = CLOCK_DURATION.exec(clean);
  if (clock) return Number(clock[1]) * 3600 + Number(clock[2]) * 60;
  if (BARE.test(clean)) return toNumber(clean) * 60;
  let totalS = 0;
  const rest = clean.replace(DURATION_PART, (_, amount: string, unit: string) => {
    totalS += toNumber(amount) * { d: 86400, h: 3600, m: 60, s: 1 }[unit[0] as "d" | "h" | "m" | "s"];
    return "";
  });
  if (rest.trim() !== "" || clean === "") {
    throw new QuantityError("duration", text, { kind: "read-as", what: "duration" });
  }
  return totalS;
}

/**
 * Length in cm from "40 cm", "400 mm", "16 in" or 16"; a bare number is in the cook's own unit.
 * @throws QuantityError when the text is not a length.
 */
export function parseLengthCm(text: string, bareUnit: UnitSystem = "metric"): number {
  const match = LENGTH.exec(cleaned(text));
  if (!match?.[1]) throw new QuantityError("length", text, { kind: "read-as", what: "length" });
  const unit = match[2] ?? (bareUnit === "us" ? "in" : "cm");
  const value = toNumber(match[1]);
  // By whole numbers: what is written to the half inch comes to the very hundredth.
  return unit === "cm" ? value : unit === "mm" ? value / 10 : (value * (100 * CM_PER_INCH)) / 100;
}

/**
 * Volume in L from "12 L", "500 mL", "10 quarts", "3 gal"; a bare number is in litres, or in US quarts.
 * @throws QuantityError when the text is not a volume.
 */
export function parseVolumeL(text: string, bareUnit: UnitSystem = "metric"): number {
  const match = VOLUME.exec(ungrouped(cleaned(text)));
  if (!match?.[1]) throw new QuantityError("volume", text, { kind: "read-as", what: "volume" });
  const unit = match[2] ?? (bareUnit === "us" ? "q" : "l");
  const litres = unit.startsWith("q") ? L_PER_QUART : unit.startsWith("g") ? 4 * L_PER_QUART : 1;
  return toNumber(match[1]) * (unit.startsWith("m") ? 0.001 : litres);
}

const M_PER_FOOT = 0.3048;
const ALTITUDE = new RegExp(String.raw`^([-−]?)\s*${NUMBER}\s*(m|met(?:er|re)s?|ft|feet|foot)?$`);

/**
 * Height above the sea in m from "1200 m", "4000 ft"; a bare number is in the cook's own unit.
 * @throws QuantityError when the text is not a height.
 */
export function parseAltitudeM(text: string, bareUnit: UnitSystem = "metric"): number {
  const match = ALTITUDE.exec(cleaned(text));
  if (!match?.[2]) throw new QuantityError("height", text, { kind: "read-as", what: "height" });
  const value = toNumber(match[2]) * (match[1] ? -1 : 1);
  const unit = match[3] ?? (bareUnit === "us" ? "ft" : "m");
  return unit.startsWith("m") ? value : value * M_PER_FOOT;
}

/** "1200 m" or "3937 ft". */
export const formatAltitude = (metres: number, system: UnitSystem): string =>
  system === "us" ? `${Math.round(metres / M_PER_FOOT)} ft` : `${Math.round(metres)} m`;

export const fahrenheitToC = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;
export const cToFahrenheit = (celsius: number): number => celsius * 1.8 + 32;

/** As it stands behind a temperature, and on a thermometer. */
export const TEMPERATURE_UNITS: Record<UnitSystem, string> = { metric: "°C", us: "°F" };

/** "74 °C" or "165 °F": whole degrees unless asked. */
export function formatTemperature(celsius: number, system: UnitSystem, decimals = 0): string {
  const value = system === "us" ? cToFahrenheit(celsius) : celsius;
  return `${value.toFixed(decimals)} ${TEMPERATURE_UNITS[system]}`;
}

/** A difference of temperatures, where the offset of the scale must not be added. */
export function formatTemperatureDifference(kelvin: number, system: UnitSystem): string {
  return `${(system === "us" ? kelvin * 1.8 : kelvin).toFixed(0)} ${TEMPERATURE_UNITS[system]}`;
}

/** "5.8 kg" or "12 lb 13 oz"; of less than one, "400 g" or "14 oz". */
export function formatMass(massKg: number, system: UnitSystem): string {
  if (system === "metric") return massKg < 1 ? `${Math.round(massKg * 1000)} g` : `${Number(massKg.toFixed(2))} kg`;
  const ounces = Math.round(massKg / KG_PER_OUNCE);
  const whole = Math.floor(ounces / 16);
  const rest = ounces % 16;
  if (whole === 0) return `${rest} oz`;
  return rest === 0 ? `${whole} lb` : `${whole} lb ${rest} oz`;
}

/** "40 cm" or "15.7 in". */
export const formatLength = (cm: number, system: UnitSystem): string =>
  system === "us" ? `${Number((cm / CM_PER_INCH).toFixed(1))} in` : `${Number(cm.toFixed(1))} cm`;

/** "12 L", "1 quart" or "12.7 quarts". */
export function formatVolume(litres: number, system: UnitSystem): string {
  const tenths = Number((system === "us" ? litres / L_PER_QUART : litres).toFixed(1));
  return system === "us" ? `${tenths} ${tenths === 1 ? "quart" : "quarts"}` : `${tenths} L`;
}

/** "3 d 12 h", "3 h 5 min", "25 min". */
export function formatDuration(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (minutes < 100) return `${minutes} min`;
  const hours = Math.floor(minutes / 60);
  if (hours < 48) return minutes % 60 === 0 ? `${hours} h` : `${hours} h ${minutes % 60} min`;
  const wholeHours = Math.round(minutes / 60);
  const days = Math.floor(wholeHours / 24);
  return wholeHours % 24 === 0 ? `${days} days` : `${days} d ${wholeHours % 24} h`;
}
