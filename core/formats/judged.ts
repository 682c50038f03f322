/** A value held against a schema, whatever it is: also one with more wrong in it than the schemas' library can hold. */
import type { z } from "zod";
import { LONGEST_REASON, oneLine } from "../units/text";

interface Issue {
  readonly path: readonly PropertyKey[];
  readonly message: string;
}

export type Judged<Value> =
  | { readonly success: true; readonly data: Value }
  | { readonly success: false; readonly issues: readonly Issue[] };

/** The first of what is wrong, with its place: one line that a person reads. */
export function reasonOf([first]: readonly Issue[]): string {
  const where = first?.path.map(String).join(".");
  return oneLine(`${where ? `${where}: ` : ""}${first?.message ?? "cannot be read"}`, LONGEST_REASON);
}

const KINDS: Readonly<Record<string, string>> = {
  string: "a text",
  number: "a number",
  boolean: "true or false",
  array: "a list",
  object: "an object",
  record: "an object",
};

/** What a schema has to say, in words for who wrote the file or the post; its own where there are none here. */
const plain: z.core.$ZodErrorMap = (issue) => {
  if (issue.input === undefined && issue.code !== "unrecognized_keys") return "is missing";
  switch (issue.code) {
    case "invalid_type":
      return `has to be ${KINDS[issue.expected] ?? issue.expected}`;
    case "invalid_value":
      return `allowed: ${issue.values.map(String).join(", ")}`;
    case "unrecognized_keys":
      return `nothing is known here of ${issue.keys.map((key) => `"${key}"`).join(", ")}`;
    case "invalid_format":
      return issue.format === "datetime" ? "has to be an instant, such as 2026-11-26T17:00:00Z" : undefined;
    default:
      return undefined;
  }
};

export function judgedBy<Value>(schema: z.ZodType<Value>, value: unknown): Judged<Value> {
  try {
    const parsed = schema.safeParse(value, { error: plain });
    return parsed.success ? parsed : { success: false, issues: parsed.error.issues };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    // Hundreds of thousands of faults, handed on as arguments of one call: the stack does not hold them.
    return { success: false, issues: [{ path: [], message: "far more is wrong with it than can be told" }] };
  }
}
