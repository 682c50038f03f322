/** A share of salt as recipes have it: per cent, grams a kilogram, spoons a pound, cups a gallon. */
import { QuantityError, requireBetween } from "../errors";
import { KG_PER_POUND } from "../units/quantity";
import { cleaned, NUMBER, percentIn, toNumber } from "../units/typedNumber";

/** US customary units, NIST Handbook 44: teaspoons in each. */
const TEASPOONS: Readonly<Record<string, number>> = { tsp: 1, teaspoon: 1, tbsp: 3, tablespoon: 3, cup: 48 };
/** Kilograms in each; of water, where it is a volume. */
const KG_IN: Readonly<Record<string, number>> = {
  kg: 1,
  kilo: 1,
  lb: KG_PER_POUND,
  pound: KG_PER_POUND,
  l: 1,
  litre: 1,
  liter: 1,
  quart: 0.9464,
  gallon: 3.785,
};

const PART = new RegExp(
  // biome-ignore lint/plugin: what a cook may type
  `^${NUMBER}\\s*(g|gram|grams|tsp|teaspoons?|tbsp|tablespoons?|cups?)\\s*(?:/|a|an|per|to the|for|in)\\s*(?:(?:a|an|every|each)\\s+)?${NUMBER}?\\s*(kg|kilos?|lbs?|pounds?|l|litres?|liters?|quarts?|gallons?)$`,
);

const singular = (unit: string): string => (unit.length > 2 ? unit.replace(/s$/, "") : unit.replace(/^lbs$/, "lb"));

/**
 * Per cent by mass.
 * @param gramsPerTeaspoon of the cook's own salt
 * @throws QuantityError when the text is none, or is outside of what is allowed
 */
export function parseSaltPercent(
  text: string,
  { what, low, high, gramsPerTeaspoon }: { what: string; low: number; high: number; gramsPerTeaspoon: number },
): number {
  const plain = percentIn(text);
  if (plain !== null) return requireBetween(what, plain, low, high, "%");
  const [, much, unit, base, of] = PART.exec(cleaned(text)) ?? [];
  if (!much || !unit || !of) {
    throw new QuantityError(what, text, { kind: "read-as", what: "salt-share" });
  }
  const spoons = TEASPOONS[singular(unit)];
  const grams = toNumber(much) * (spoons === undefined ? 1 : spoons * gramsPerTeaspoon);
  const kg = (base ? toNumber(base) : 1) * (KG_IN[singular(of)] ?? Number.NaN);
  return requireBetween(what, Math.round(grams / kg) / 10, low, high, "%");
}
