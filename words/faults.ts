/** What is wrong with a value, in one sentence: the thing, what was met, what is allowed; in the cook's own units. */
import { type Allowed, QuantityError, type Readable, type Rule } from "../core/errors";
import {
  CM_PER_INCH,
  fahrenheitToC,
  formatLength,
  formatMass,
  formatTemperature,
  formatTemperatureDifference,
  formatVolume,
  KG_PER_OUNCE,
  L_PER_QUART,
  type UnitSystem,
} from "../core/units/quantity";
import { oneLine } from "../core/units/text";

const EXAMPLES: Record<Readable, string> = {
  mass: 'a mass such as "14 lb", "12 lb 8 oz" or "6.3 kg"',
  temperature: 'a temperature such as "325 F" or "163 C"',
  duration: 'a duration such as "25m", "1h 30m" or "2:15"',
  length: 'a length such as "40 cm" or "16 in"',
  volume: 'a volume such as "12 L" or "10 quarts"',
  height: 'a height such as "1200 m" or "4000 ft"',
  "salt-share": 'a share such as "1 %", "10 g/kg", "½ tsp a pound" or "1 cup a gallon"',
  "cell-size": "a cell size such as 5mm",
  "time-of-day": 'a time such as "13:30" or "1:30 pm"',
  "log-time": "an instant, hh:mm or a number",
};

const RULES: Record<Rule, string> = {
  "no-cavity-to-fill": "an empty one: a bird cut like this has no cavity to fill",
  "first-stage-at-zero": "a stage that starts at minute 0",
  "lighter-end-first": "a range from the lighter to the heavier end",
  "enough-water-for-the-bird": "at least 0.3 kg for each kg of bird",
  "letters-on-one-line": "1 to 60 letters on one line",
  "years-of-this-century": "an instant of the years 2000 to 2099",
  "a-time-there-is": "a time that a clock shows",
};

interface Scale {
  readonly write: (value: number) => string;
  /** Between two values as they are written, and where one of them lies. */
  readonly step: number;
  readonly zero: number;
}
const K_PER_FAHRENHEIT = 1 / 1.8;

/** Of what is kept in these units, a cook who measures in others reads their own. */
const IN_US: Record<string, Scale> = {
  "°C": { write: (value) => formatTemperature(value, "us"), step: K_PER_FAHRENHEIT, zero: fahrenheitToC(0) },
  K: { write: (value) => formatTemperatureDifference(value, "us"), step: K_PER_FAHRENHEIT, zero: 0 },
  kg: { write: (value) => formatMass(value, "us"), step: KG_PER_OUNCE, zero: 0 },
  cm: { write: (value) => formatLength(value, "us"), step: CM_PER_INCH / 10, zero: 0 },
  L: { write: (value) => formatVolume(value, "us"), step: L_PER_QUART / 10, zero: 0 },
};

const LONGEST_VALUE = 60;

const plain = (value: number, unit: string): string => `${Number(value.toFixed(3))}${unit && ` ${unit}`}`;

function range(low: number, high: number, unit: string, units: UnitSystem): string {
  const scale = units === "us" ? IN_US[unit] : undefined;
  if (!scale) return `${low} to ${plain(high, unit)}`;
  const { write, step, zero } = scale;
  // What is told to be allowed is: an end that lies between two of their marks is told as the one within.
  const least = zero + step * Math.ceil((low - zero) / step - 1e-9);
  const most = zero + step * Math.floor((high - zero) / step + 1e-9);
  return least > most ? `${write(low)} to ${write(high)}` : `${write(least)} to ${write(most)}`;
}

function allowedWords(allowed: Allowed, units: UnitSystem): string {
  switch (allowed.kind) {
    case "between":
      return range(allowed.low, allowed.high, allowed.unit === "K" && units === "metric" ? "°C" : allowed.unit, units);
    case "above":
      return `above ${(units === "us" && IN_US[allowed.unit]?.write(allowed.than)) || plain(allowed.than, allowed.unit)}`;
    case "one-of":
      return allowed.values.join(", ");
    case "read-as":
      return EXAMPLES[allowed.what];
    case "rule":
      return RULES[allowed.rule];
  }
}

/** What was met and what is allowed. A text that came in is told shortly, on one line. */
export function valueWords(value: unknown, allowed: Allowed, units: UnitSystem): string {
  const unit = allowed.kind === "between" || allowed.kind === "above" ? allowed.unit : "";
  const met =
    typeof value === "number" && Number.isFinite(value)
      ? (units === "us" && IN_US[unit]?.write(value)) || plain(value, unit === "K" ? "°C" : unit)
      : oneLine(String(value), LONGEST_VALUE) || "nothing";
  return `got ${met}, allowed is ${allowedWords(allowed, units)}`;
}

/** @returns a sentence for a value that was refused; for anything else that was thrown, its own words */
export function faultWords(error: unknown, units: UnitSystem = "metric"): string {
  if (!(error instanceof QuantityError)) return messageOf(error);
  return `${error.quantity}: ${valueWords(error.value, error.allowed, units)}`;
}

/** What a browser throws when it has no room left, by itself or inside what a broken-off transaction throws. */
const NO_ROOM = "QuotaExceededError";

const isNoRoom = (error: unknown): boolean =>
  error instanceof Error &&
  (error.name === NO_ROOM || error.message.includes(NO_ROOM) || isNoRoom((error as { inner?: unknown }).inner));

/** Where a schema found the first fault of what was to be stored; null for anything else that was thrown. */
function misshapen(error: unknown): string | null {
  if (!(error instanceof Error && "issues" in error && Array.isArray(error.issues))) return null;
  const [first] = error.issues as readonly { readonly path?: readonly PropertyKey[] }[];
  return (first?.path ?? []).map(String).join(".") || "all of it";
}

/** The words of whatever was thrown. */
export function messageOf(error: unknown): string {
  if (isNoRoom(error)) {
    return "this device has no room left for Bruma: free some, or write everything to a file (Kitchen) and delete old roasts";
  }
  const where = misshapen(error);
  // No cook can mend it: what was there stays, and whoever hears of it can find the place.
  if (where !== null) return `what would come of it cannot be kept (${where}); nothing was changed`;
  return error instanceof Error ? error.message : String(error);
}
