/** Amounts as a list writes them, in the cook's units. */
import { NEVER } from "../core/forecast/ensemble";
import type { Schedule } from "../core/schedule/backward";
import { formatDuration, formatMass, type UnitSystem } from "../core/units/quantity";

const ML_PER_CUP = 236.6;
const GRAMS_PER_OUNCE = 28.35;
const LITRES_PER_QUART = 0.9464;

const tens = (value: number): number => Math.round(value / 10) * 10;

export const liquid = (ml: number, units: UnitSystem): string => {
  if (units === "us") {
    return ml > 8 * ML_PER_CUP
      ? `${(ml / 1000 / LITRES_PER_QUART).toFixed(1)} quarts`
      : `${(ml / ML_PER_CUP).toFixed(1)} cups`;
  }
  return ml < 1000 ? `${tens(ml)} mL` : `${(ml / 1000).toFixed(1)} L`;
};
export const small = (grams: number, units: UnitSystem): string => {
  if (grams >= 1000) return formatMass(grams / 1000, units);
  return units === "us" ? `${(grams / GRAMS_PER_OUNCE).toFixed(1)} oz` : `${Math.round(grams)} g`;
};
export const ice = (kg: number, units: UnitSystem): string => formatMass(Math.ceil(kg * 10) / 10, units);

/** The warmest a fridge, a brine or a cooler may be, as the guidance of each unit system puts it (USDA FSIS). */
export const COLD_LIMIT: Record<UnitSystem, string> = { metric: "4 °C", us: "40 °F" };

/** How long it rests: from a late bird to an early one. */
export const restRange = ({ early, late }: Schedule["restMin"]): string =>
  late === NEVER
    ? `up to ${minutes(early)}`
    : early < LONG_MIN
      ? `${Math.round(late)} to ${minutes(early)}`
      : `some ${minutes(early)}`;
/** Longer is told in hours or days: nobody rests a bird so long on purpose. */
const LONG_MIN = 300;
const minutes = (min: number): string => (min < LONG_MIN ? `${Math.round(min)} min` : formatDuration(min * 60));

const QUARTERS = ["", "¼", "½", "¾"] as const;

/** Spoons as a cook measures them: tablespoons of three teaspoons, and teaspoons to the quarter. */
export function formatSpoons(teaspoons: number): string {
  const quarters = Math.round(teaspoons * 4);
  const tablespoons = Math.floor(quarters / 12);
  const left = quarters - tablespoons * 12;
  const small = `${Math.floor(left / 4) || (left % 4 ? "" : "0")}${QUARTERS[left % 4] ?? ""}`;
  if (tablespoons === 0) return `${small} tsp`;
  return left === 0 ? `${tablespoons} tbsp` : `${tablespoons} tbsp + ${small} tsp`;
}
