/** What is wrong with a value, in one sentence: the thing, what was met, what is allowed; in the cook's own units. */
import { type Allowed, QuantityError, type Readable, type Rule } from "../core/errors";
import {
  formatLength,
  formatMass,
  formatTemperature,
  formatTemperatureDifference,
  formatVolume,
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

/** Of what is kept in these units, a cook who measures in others reads their own. */
const IN_US: Record<string, (value: number) => string> = {
  "°C": (value) => formatTemperature(value, "us"),
  K: (value) => formatTemperatureDifference(value, "us"),
  kg: (value) => formatMass(value, "us"),
  cm: (value) => formatLength(value, "us"),
  L: (value) => formatVolume(value, "us"),
};

const LONGEST_VALUE = 60;

const plain = (value: number, unit: string): string => `${Number(value.toFixed(3))}${unit && ` ${unit}`}`;

function range(low: number, high: number, unit: string, units: UnitSystem): string {
  const write = units === "us" ? IN_US[unit] : undefined;
  return write ? `${write(low)} to ${write(high)}` : `${low} to ${plain(high, unit)}`;
}

function allowedWords(allowed: Allowed, units: UnitSystem): string {
  switch (allowed.kind) {
    case "between":
      return range(allowed.low, allowed.high, allowed.unit === "K" && units === "metric" ? "°C" : allowed.unit, units);
    case "above":
      return `above ${(units === "us" && IN_US[allowed.unit]?.(allowed.than)) || plain(allowed.than, allowed.unit)}`;
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
      ? (units === "us" && IN_US[unit]?.(value)) || plain(value, unit === "K" ? "°C" : unit)
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
