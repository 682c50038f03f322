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

export function judgedBy<Value>(schema: z.ZodType<Value>, value: unknown): Judged<Value> {
  try {
    const parsed = schema.safeParse(value);
    return parsed.success ? parsed : { success: false, issues: parsed.error.issues };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    // Hundreds of thousands of faults, handed on as arguments of one call: the stack does not hold them.
    return { success: false, issues: [{ path: [], message: "far more is wrong with it than can be told" }] };
  }
}
