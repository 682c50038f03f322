/** What a handbook is made of: chapters in the order of the job, sections that can be linked to, blocks of text. */
import { formatLength, formatMass, formatTemperature, KG_PER_POUND } from "../../core/units/quantity";
import type { Reader } from "../time";

export type Block =
  | string
  | { readonly list: readonly string[] }
  | { readonly steps: readonly string[] }
  | { readonly caution: string };

/** Pictures and answers that the model gives; drawn by the screen. */
export const FIGURES = [
  "how-long",
  "two-birds",
  "thaw",
  "salt-by-day",
  "faster-salted",
  "faster-cut",
  "counter",
  "basting",
  "stuffed",
  "probe-places",
  "rest",
  "cut-guides",
  "carving",
  "holding",
  "conversions",
  "glossary",
] as const;
export type FigureId = (typeof FIGURES)[number];

export interface Section {
  readonly id: string;
  readonly title: string;
  readonly says: (write: Write) => readonly Block[];
  readonly figure?: FigureId;
  /** Where one reads on: "chapter/section". */
  readonly see?: readonly string[];
}

export interface Chapter {
  readonly id: string;
  readonly title: string;
  /** One line for the table of contents. */
  readonly about: string;
  readonly sections: readonly Section[];
}

/** Quantities in the reader's own units. */
export interface Write {
  readonly reader: Reader;
  t(celsius: number): string;
  kg(mass: number): string;
  cm(length: number): string;
  /** "2 to 3 cm" */
  cmRange(low: number, high: number): string;
}

export function writeFor(reader: Reader): Write {
  const { units } = reader;
  const cm = (length: number): string =>
    formatLength(units === "us" ? (Math.round((2 * length) / CM_PER_INCH) / 2) * CM_PER_INCH : length, units);
  return {
    reader,
    t: (celsius) => formatTemperature(celsius, units),
    kg: (mass) => formatMass(units === "us" ? (Math.round((4 * mass) / KG_PER_POUND) / 4) * KG_PER_POUND : mass, units),
    cm,
    cmRange: (low, high) => {
      const [from, to] = [cm(low), cm(high)];
      return from === to ? `about ${to}` : `${from.slice(0, from.lastIndexOf(" "))} to ${to}`;
    },
  };
}
const CM_PER_INCH = 2.54;

/** A section's words, for a search and for those who read without pictures. */
export const plainText = ({ title, says }: Section, write: Write): string =>
  [title, ...says(write).flatMap(textsOf)].join("\n");

const textsOf = (block: Block): readonly string[] => {
  if (typeof block === "string") return [block];
  if ("list" in block) return block.list;
  return "steps" in block ? block.steps : [block.caution];
};
