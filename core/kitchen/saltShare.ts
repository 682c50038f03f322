/** A share of salt as recipes have it: per cent, grams a kilogram, spoons a pound, cups a gallon. */
import { QuantityError, requireBetween } from "../errors";
import { KG_PER_POUND } from "../units/quantity";

const FRACTIONS: Readonly<Record<string, number>> = { "¼": 0.25, "½": 0.5, "¾": 0.75, "⅓": 1 / 3, "⅔": 2 / 3 };
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

const NUMBER = "(\\d+\\s+\\d+/\\d+|\\d+/\\d+|\\d*[.,]?\\d*\\s*[¼½¾⅓⅔]|\\d*[.,]?\\d+)";
const PART = new RegExp(
  // biome-ignore lint/plugin: what a cook may type
  `^${NUMBER}\\s*(g|gram|grams|tsp|teaspoons?|tbsp|tablespoons?|cups?)\\s*(?:/|a|an|per|to the|for|in)\\s*(?:(?:a|an|every|each)\\s+)?${NUMBER}?\\s*(kg|kilos?|lbs?|pounds?|l|litres?|liters?|quarts?|gallons?)$`,
);

/** "1 1/2", "½", "0,5". */
function numberOf(text: string): number {
  return text
    .trim()
    .split(/\s+/)
    .reduce((sum, word) => {
      const [above, below] = word.split("/");
      if (below) return sum + Number(above) / Number(below);
      const last = word.at(-1) ?? "";
      const fraction = FRACTIONS[last];
      if (fraction === undefined) return sum + Number(word.replace(",", "."));
      return sum + fraction + Number(word.slice(0, -1).replace(",", ".") || 0);
    }, 0);
}

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
  const clean = text.trim().toLowerCase();
  const plain = /^(\d*[.,]?\d+)\s*%?$/.exec(clean);
  if (plain?.[1]) return requireBetween(what, Number(plain[1].replace(",", ".")), low, high, "%");
  const [, much, unit, base, of] = PART.exec(clean) ?? [];
  if (!much || !unit || !of) {
    throw new QuantityError(what, text, { kind: "read-as", what: "salt-share" });
  }
  const spoons = TEASPOONS[singular(unit)];
  const grams = numberOf(much) * (spoons === undefined ? 1 : spoons * gramsPerTeaspoon);
  const kg = (base ? numberOf(base) : 1) * (KG_IN[singular(of)] ?? Number.NaN);
  return requireBetween(what, Math.round(grams / kg) / 10, low, high, "%");
}
