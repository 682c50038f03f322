/** Amounts as a list writes them, in the cook's units. */
import { constant } from "../core/constants";
import { NEVER } from "../core/forecast/shares";
import { type Spooned, teaspoonsOf } from "../core/kitchen/spoons";
import type { SaltPlan } from "../core/plan/saltPlan";
import type { Schedule } from "../core/schedule/backward";
import {
  CM_PER_INCH,
  formatDuration,
  formatMass,
  formatVolume,
  KG_PER_POUND,
  L_PER_QUART,
  type UnitSystem,
} from "../core/units/quantity";

export const ML_PER_CUP = 236.6;
export const GRAMS_PER_OUNCE = 28.35;

const tens = (value: number): number => Math.round(value / 10) * 10;

/** Parts of a cup as measuring cups have them. */
const CUP_PARTS = [
  [0, ""],
  [1 / 4, "¼"],
  [1 / 3, "⅓"],
  [1 / 2, "½"],
  [2 / 3, "⅔"],
  [3 / 4, "¾"],
  [1, ""],
] as const;

/** "½ cup", "1¼ cups": to the nearest measure there is. */
function cups(amount: number): string {
  const whole = Math.floor(amount);
  const off = ([part]: (typeof CUP_PARTS)[number]): number => Math.abs(amount - whole - part);
  const [part, sign] = CUP_PARTS.reduce((best, each) => (off(each) < off(best) ? each : best));
  const full = part === 1 ? whole + 1 : whole;
  return `${full || ""}${sign} ${full + (sign ? 0.5 : 0) > 1 ? "cups" : "cup"}`;
}

/** Of a liquid, as it is measured out: jugs in mL and L; spoons, cups and quarts. */
export const liquid = (ml: number, units: UnitSystem): string => {
  if (units === "metric" && ml < 25) return `${Math.max(1, Math.round(ml))} mL`;
  if (units === "metric") return ml < 1000 ? `${tens(ml)} mL` : `${(ml / 1000).toFixed(1)} L`;
  if (ml < ML_PER_CUP / 4) return inSpoons(Math.max(1 / 4, ml / ML_PER_TEASPOON), units);
  if (ml < 8 * ML_PER_CUP) return cups(ml / ML_PER_CUP);
  const halves = Math.round((2 * ml) / 1000 / L_PER_QUART);
  return `${Math.floor(halves / 2)}${halves % 2 ? "½" : ""} quarts`;
};
/** Of a pinch, as a fine scale weighs it. */
export const fine = (grams: number, units: UnitSystem): string =>
  units === "us" ? `${(grams / GRAMS_PER_OUNCE).toFixed(2)} oz` : `${grams.toFixed(1)} g`;

/** Less than a kitchen's scale or spoon shows. */
export const PINCH = "a pinch";

/** Of a dry thing, as it is weighed. */
export const small = (grams: number, units: UnitSystem): string => {
  if (grams < (units === "us" ? 0.05 * GRAMS_PER_OUNCE : 0.5)) return PINCH;
  if (units === "metric") return grams >= 1000 ? formatMass(grams / 1000, units) : `${Math.round(grams)} g`;
  if (grams >= 16 * GRAMS_PER_OUNCE) return formatMass(grams / 1000, units);
  const ounces = grams / GRAMS_PER_OUNCE;
  // A tenth of an ounce is much of the salt of a small piece.
  return `${Number(ounces.toFixed(ounces < 1 ? 2 : 1))} oz`;
};
export const ice = (kg: number, units: UnitSystem): string => formatMass(Math.ceil(kg * 10) / 10, units);
/** Where a cooler's ice goes: meat and brine stay apart from what melts. */
export const iceGoes = ({ bath }: Pick<SaltPlan, "bath">): string =>
  bath && !bath.inBag ? "around the pot" : "outside the bag";

/** The warmest a fridge, a brine or a cooler may be, as the guidance of each unit system puts it (USDA FSIS). */
export const COLD_LIMIT: Record<UnitSystem, string> = { metric: "4 °C", us: "40 °F" };

/** The zone in which bacteria grow, as the guidance of each unit system puts it (USDA FSIS). */
export const ZONE: Record<UnitSystem, string> = { metric: "4 to 60 °C", us: "40 to 140 °F" };

/**
 * Sides of a thing, one after the other: "29 × 46 cm", "11½ × 18 in".
 * @param lengthsCm to whole centimetres or half inches: the nearest, unless rounded otherwise
 */
export function sides(lengthsCm: readonly number[], units: UnitSystem, rounded = Math.round): string {
  if (units === "metric") return `${lengthsCm.map(rounded).join(" × ")} cm`;
  const halves = lengthsCm.map((cm) => rounded((2 * cm) / CM_PER_INCH));
  return `${halves.map((half) => `${Math.floor(half / 2)}${half % 2 ? "½" : ""}`).join(" × ")} in`;
}

/** What is needed is no less than it says; inches that went through centimetres are still whole. */
const roundedUp = (value: number): number => Math.ceil(value - 1e-6);

/** Room that a thing takes. */
export const roomFor = (lengthsCm: readonly number[], units: UnitSystem): string => sides(lengthsCm, units, roundedUp);

/** A pot that so much goes into, to the tenth. */
export function potFor(litres: number, units: UnitSystem): string {
  const tenth = (units === "us" ? L_PER_QUART : 1) / 10;
  return formatVolume(roundedUp(litres / tenth) * tenth, units);
}

/** Of string, m: cut a little long. */
export const stringLength = (metres: number, units: UnitSystem): string =>
  units === "us" ? `${Math.ceil(metres / 0.3048 - 0.4)} ft` : `${metres} m`;

/** Between needles of an injector, and the like. */
export const aboutThreeCm: Record<UnitSystem, string> = { metric: "3 cm", us: "an inch" };

/** What birds are weighed by. */
export const WEIGHED_BY: Record<UnitSystem, string> = { metric: "kilogram", us: "pound" };

/** The rule of thumb that a plan is held against. */
export const plainRuleWords = (units: UnitSystem): string => {
  const minutes = constant("minutesPerPound") / (units === "us" ? 1 : KG_PER_POUND);
  return `${Math.round(minutes)} minutes a ${WEIGHED_BY[units]}`;
};

/** The layer of a centimetre under the skin. */
export const OUTERMOST: Record<UnitSystem, string> = { metric: "outer centimetre", us: "outer ⅜ of an inch" };

/** Salt in a bath. */
export const strength = (gramsPerLitre: number, units: UnitSystem): string =>
  units === "us" ? `${small(gramsPerLitre * L_PER_QUART, units)} a quart` : `${small(gramsPerLitre, units)} a litre`;

/** How long it rests: from a late bird to an early one. */
export const restRange = ({ early, late }: Schedule["restMin"]): string =>
  late === NEVER
    ? `up to ${minutes(early)}`
    : early < LONG_MIN
      ? `${Math.round(late) === Math.round(early) ? "" : `${Math.round(late)} to `}${minutes(early)}`
      : `some ${minutes(early)}`;
/** Longer is told in hours or days: nobody rests a bird so long on purpose. */
const LONG_MIN = 300;
const minutes = (min: number): string => (min < LONG_MIN ? `${Math.round(min)} min` : formatDuration(min * 60));

const QUARTERS = ["", "¼", "½", "¾"] as const;

/** To ten grams or an ounce: of what nobody weighs more closely. */
export const roughly = (grams: number, units: UnitSystem): string =>
  small(units === "us" ? GRAMS_PER_OUNCE * Math.round(grams / GRAMS_PER_OUNCE) : tens(grams), units);

/**
 * Spoons as a cook measures them: tablespoons of three teaspoons, and teaspoons to the quarter. What would be a long
 * count of spoons is measured in a jug, or in cups.
 */
export function formatSpoons(teaspoons: number, units: UnitSystem): string {
  if (teaspoons >= SPOONS_TO_COUNT) {
    return units === "us" ? cupsAndSpoons(teaspoons) : `${tens(teaspoons * ML_PER_TEASPOON)} mL`;
  }
  const quarters = Math.round(teaspoons * 4);
  if (quarters === 0) return PINCH;
  const tablespoons = Math.floor(quarters / 12);
  const left = quarters - tablespoons * 12;
  const small = `${Math.floor(left / 4) || ""}${QUARTERS[left % 4] ?? ""}`;
  if (tablespoons === 0) return `${small} tsp`;
  return left === 0 ? `${tablespoons} tbsp` : `${tablespoons} tbsp + ${small} tsp`;
}

/** By the half teaspoon, from two tablespoons on by the tablespoon: nothing of it hangs on less. */
function inSpoons(teaspoons: number, units: UnitSystem): string {
  if (teaspoons < 1) return formatSpoons(teaspoons, units);
  return formatSpoons(teaspoons < 5.5 ? Math.round(2 * teaspoons) / 2 : 3 * Math.round(teaspoons / 3), units);
}

export const spooned = (what: Spooned, grams: number, units: UnitSystem): string =>
  units === "metric" ? small(grams, units) : inSpoons(teaspoonsOf(what, grams), units);

/** Whole quarters of a cup, and what is left in tablespoons. */
function cupsAndSpoons(teaspoons: number): string {
  const tablespoons = Math.round(teaspoons / 3);
  const quarters = Math.floor(tablespoons / 4);
  const left = tablespoons - 4 * quarters;
  return left === 0 ? cups(quarters / 4) : `${cups(quarters / 4)} + ${left} tbsp`;
}

/** Eight tablespoons: half a cup. */
const SPOONS_TO_COUNT = 24;
const ML_PER_TEASPOON = ML_PER_CUP / 48;
