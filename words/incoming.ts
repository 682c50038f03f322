/** What is wrong with what comes in from outside, in one line each: files, posts, logs and lists. */
import type { Fault, FormatRule, RejectedRow, Wrong } from "../core/faults";
import type { UnitSystem } from "../core/units/quantity";
import { LONGEST_REASON, oneLine } from "../core/units/text";
import { valueWords } from "./faults";
import { anyOf } from "./listing";

const RULES: Record<FormatRule, string> = {
  unprintable: "holds characters that cannot be shown",
  "of-this-century": "has to be an instant of the years 2000 to 2099",
  "known-zone": "has to be a time zone that the clock of this machine knows",
  "device-name": "has to be a name of letters and figures, 40 at most",
  "no-cavity-to-fill": "has to be empty: a bird cut like this has no cavity to fill",
  "first-stage-at-zero": "the first stage has to start at minute 0",
  "stages-in-order": "each stage has to start after the one before",
  "one-addition-an-id": "two additions have one id",
  "one-dish-an-id": "two dishes have one id",
  "one-pot-a-kind": "two pots are of one kind",
  "one-roast-an-id": "another roast has this id",
  "after-a-moment-that-is-told": "wants the moment before it: in, out, carved and closed follow each other",
  "not-before-the-moment-before": "is before the moment before it: in, out, carved and closed follow each other",
  "some-roast": "there is no roast in it",
  "whole-address": "the address is not whole; scan it again",
  "less-that-is-wrong": "far more is wrong with it than can be told",
  "something-readable": "cannot be read",
  "after-the-bird-went-in": "is before the bird went in",
  "meat-of-this-bird": "is of meat that this bird does not have",
  "within-two-days": "is more than 48 hours after the bird went in",
  "room-for-more-dishes": "no more dishes fit this plan",
};

const SHAPES: Readonly<Record<string, string>> = {
  string: "a text",
  number: "a number",
  int: "a whole number",
  boolean: "true or false",
  array: "a list",
  object: "an object",
  record: "an object",
  datetime: "an instant, such as 2026-11-26T17:00:00Z",
};

/** What a limit counts. */
const COUNTED: Readonly<Record<string, readonly [one: string, more: string]>> = {
  string: [" letter", " letters"],
  array: [" entry", " entries"],
};
const limited = (limit: number, of: string): string => `${limit}${COUNTED[of]?.[limit === 1 ? 0 : 1] ?? ""}`;

const LONGEST_LIST = 100;
const LONGEST_WRONG = 160;

/** What is wrong, without its place, in one short line. */
export const wrongWords = (wrong: Wrong, units: UnitSystem = "metric"): string =>
  oneLine(wordsOf(wrong, units), LONGEST_WRONG);

function wordsOf(wrong: Wrong, units: UnitSystem): string {
  switch (wrong.kind) {
    case "missing":
      return "is missing";
    case "not-a":
      return `has to be ${SHAPES[wrong.what] ?? wrong.what}`;
    case "not-one-of":
      return `allowed: ${wrong.values.join(", ")}`;
    case "unknown-names":
      return `nothing is known here of ${wrong.names.map((name) => `"${name}"`).join(", ")}`;
    case "too-little":
      return `has to be at least ${limited(wrong.limit, wrong.of)}`;
    case "too-much":
      return `has to be ${limited(wrong.limit, wrong.of)} at most`;
    case "rule":
      return RULES[wrong.rule];
    case "value":
      return valueWords(wrong.value, wrong.allowed, units);
    case "no-column":
      return `the header has no column for ${anyOf(wrong.columns)}; got ${oneLine(wrong.got.join(", "), LONGEST_LIST) || "nothing"}`;
    case "not-json":
      return `not JSON: ${wrong.said}`;
    case "another-format":
      return `expected "${wrong.format}" with a version, got ${wrong.got === null ? "none" : `"${wrong.got}"`}`;
    case "newer-version":
      return `written by a newer Bruma: version ${wrong.version}, this one reads up to ${wrong.upTo}`;
    case "too-large":
      return `${wrong.megabytes} MB: files up to ${wrong.upTo} MB are read`;
  }
}

const placed = (where: string, what: string): string => oneLine(where ? `${where}: ${what}` : what, LONGEST_REASON);

/** With its place: one line that a person reads. */
export const faultLine = ({ where, wrong }: Fault, units?: UnitSystem): string =>
  placed(where, wrongWords(wrong, units));

/** The first of what a schema found. */
export const firstFault = ([first]: readonly Fault[]): string =>
  first ? faultLine(first) : RULES["something-readable"];

/** Why a row was not taken in. */
export const rowReason = ({ where, wrong }: RejectedRow, units?: UnitSystem): string =>
  placed(where, wrongWords(wrong, units));

/** "1 roast", "12 roasts" */
export const roastsWords = (count: number): string => `${count} ${count === 1 ? "roast" : "roasts"}`;
