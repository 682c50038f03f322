/** Numbers as people type them: "6.3", "6,3", "½", "14½", "4 1/2". */

const FRACTIONS: Readonly<Record<string, number>> = {
  "¼": 1 / 4,
  "½": 1 / 2,
  "¾": 3 / 4,
  "⅓": 1 / 3,
  "⅔": 2 / 3,
  "⅛": 1 / 8,
  "⅜": 3 / 8,
  "⅝": 5 / 8,
  "⅞": 7 / 8,
};
const SIGNS = Object.keys(FRACTIONS).join("");

/** Takes one, as a group of its own. */
export const NUMBER = String.raw`((?:\d+\s+)?\d+\s*[/⁄]\s*0*[1-9]\d*|\d*\s*[${SIGNS}]|\d+(?:[.,]\d+)?|[.,]\d+)`;
/** What one ends with. */
export const LAST_DIGIT = String.raw`[\d${SIGNS}]`;

const BROKEN = /^(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)$/;
const SIGNED = new RegExp(String.raw`^(\d*)\s*([${SIGNS}])$`);

/** @param text as {@link NUMBER} takes it */
export function toNumber(text: string): number {
  const [, whole, above, below] = BROKEN.exec(text) ?? [];
  if (below) return Number(whole ?? 0) + Number(above) / Number(below);
  const [, before, sign = ""] = SIGNED.exec(text) ?? [];
  return sign in FRACTIONS ? Number(before) + (FRACTIONS[sign] as number) : Number(text.replace(",", "."));
}

/** In small letters; units without the dot of an abbreviation, and no other ring than that of a degree. */
export const cleaned = (text: string): string =>
  text
    .trim()
    .toLowerCase()
    .replace(/([a-z])\./g, "$1")
    .replace(/[º˚]/g, "°");

const PERCENT = new RegExp(String.raw`^${NUMBER}\s*%?$`);

/** "1", "0.8 %"; null for what is no plain share. */
export function percentIn(text: string): number | null {
  const [, share] = PERCENT.exec(cleaned(text)) ?? [];
  return share === undefined ? null : toNumber(share);
}

const GROUPED = /^(\d{1,3})[ ,'’\u00a0\u202f](\d{3})(?=\s*(?:g|grams?|ml)$)/;

/** Thousands that stand apart, of units so small that nobody has a thousandth of them: "6,300 g". */
export const ungrouped = (text: string): string => text.replace(GROUPED, "$1$2");
