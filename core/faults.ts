/** What is wrong with what comes in from outside, as data: `words/incoming.ts` says it. */
import type * as z from "zod/mini";
import type { Allowed } from "./errors";

/** What schemas, logs and lists hold to, where no shape, range or choice says it. */
export const FORMAT_RULES = [
  "unprintable",
  "of-this-century",
  "known-zone",
  "device-name",
  "no-cavity-to-fill",
  "first-stage-at-zero",
  "stages-in-order",
  "one-addition-an-id",
  "one-dish-an-id",
  "one-pot-a-kind",
  "one-roast-an-id",
  "after-a-moment-that-is-told",
  "not-before-the-moment-before",
  "some-roast",
  "whole-address",
  "less-that-is-wrong",
  "something-readable",
  "after-the-bird-went-in",
  "meat-of-this-bird",
  "within-two-days",
  "room-for-more-dishes",
] as const;
export type FormatRule = (typeof FORMAT_RULES)[number];

/** The rule a schema's own check stands for: schemas carry it where their library has a message. */
export const rule = (id: FormatRule): FormatRule => id;
const ruleCalled = (message: string): FormatRule => FORMAT_RULES.find((id) => id === message) ?? "something-readable";

export type Wrong =
  | { readonly kind: "missing" }
  | { readonly kind: "not-a"; readonly what: string }
  | { readonly kind: "not-one-of"; readonly values: readonly string[] }
  | { readonly kind: "unknown-names"; readonly names: readonly string[] }
  /** Of a number, of letters in a text, or of things in a list. */
  | { readonly kind: "too-little" | "too-much"; readonly limit: number; readonly of: string }
  | { readonly kind: "rule"; readonly rule: FormatRule }
  | { readonly kind: "value"; readonly value: unknown; readonly allowed: Allowed }
  /** None of these, of which one is needed. */
  | { readonly kind: "no-column"; readonly columns: readonly string[]; readonly got: readonly string[] }
  | { readonly kind: "not-json"; readonly said: string }
  | { readonly kind: "another-format"; readonly format: string; readonly got: string | null }
  | { readonly kind: "newer-version"; readonly version: number; readonly upTo: number }
  | { readonly kind: "too-large"; readonly megabytes: number; readonly upTo: number };

/** One thing wrong, and where. */
export interface Fault {
  /** Dotted path from the top, such as `roasts.0.roast.plan.bird.massKg`; empty for the whole. */
  readonly where: string;
  readonly wrong: Wrong;
}

/** A row of a table that was not taken in. */
export interface RejectedRow {
  /** Line of the file, its header being the first. */
  readonly line: number;
  /** Its column; empty for the whole row. */
  readonly where: string;
  readonly wrong: Wrong;
}

/** A file may hold any number of names; a few say enough. */
const MOST_NAMES = 8;

/** What a schema found, as data. It has to have been asked to report its input. */
export function faultOf(issue: z.core.$ZodIssue): Fault {
  return { where: issue.path.map(String).join("."), wrong: wrongOf(issue) };
}

function wrongOf(issue: z.core.$ZodIssue): Wrong {
  switch (issue.code) {
    case "custom":
      return { kind: "rule", rule: ruleCalled(issue.message) };
    case "unrecognized_keys":
      return { kind: "unknown-names", names: issue.keys.slice(0, MOST_NAMES) };
  }
  if (issue.input === undefined) return { kind: "missing" };
  switch (issue.code) {
    case "invalid_type":
      return { kind: "not-a", what: issue.expected };
    case "invalid_value":
      return { kind: "not-one-of", values: issue.values.map(String) };
    case "invalid_format":
      return issue.format === "datetime"
        ? { kind: "not-a", what: issue.format }
        : { kind: "rule", rule: ruleCalled(issue.message) };
    case "too_small":
      return { kind: "too-little", limit: Number(issue.minimum), of: issue.origin };
    case "too_big":
      return { kind: "too-much", limit: Number(issue.maximum), of: issue.origin };
    default:
      return { kind: "rule", rule: "something-readable" };
  }
}
