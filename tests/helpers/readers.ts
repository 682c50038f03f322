import { habitsOf } from "../../core/units/habits";
import type { UnitSystem } from "../../core/units/quantity";
import type { Reader } from "../../words/time";

/** Two cooks who write everything differently, and read in the year of the samples. */
export const READERS: Record<UnitSystem, Reader> = {
  metric: { ...habitsOf("en-GB"), year: 2026 },
  us: { ...habitsOf("en-US"), year: 2026 },
};

/** What a cook with these habits never reads. Spoons are everybody's. */
const FOREIGN: Record<UnitSystem, RegExp> = {
  metric:
    /° ?F|(?<!:\d)\d ?(lb|oz|in|ft|quarts?|cups?|gallons?)\b|½ cup|\d (am|pm)\b|\b(inch(es)?|feet|pounds?|ounces?)\b/i,
  us: /° ?C\b|\d ?(kg|g|cm|mm|mL|L|m)\b|g\/kg|\b([01]\d|2[0-3]):\d\d(?!:| ?(am|pm|h))|(centi|milli)met|kilogram|\bgrams?\b|\blit(re|er)s?\b/i,
};

/** Words about the first foreign unit of a text; nothing where there is none. */
export function foreignIn(text: string, units: UnitSystem): string {
  const met = FOREIGN[units].exec(text);
  return met ? `…${text.slice(Math.max(0, met.index - 40), met.index + 15)}…` : "";
}
