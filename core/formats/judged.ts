/** A value held against a schema, whatever it is: also one with more wrong in it than the schemas' library can hold. */
import type * as z from "zod/mini";
import { type Fault, faultOf } from "../faults";

export type Judged<Value> =
  | { readonly success: true; readonly data: Value }
  | { readonly success: false; readonly faults: readonly Fault[] };

export function judgedBy<Value>(schema: z.ZodMiniType<Value>, value: unknown): Judged<Value> {
  try {
    const parsed = schema.safeParse(value, { reportInput: true });
    return parsed.success ? parsed : { success: false, faults: parsed.error.issues.map(faultOf) };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    // Hundreds of thousands of faults, handed on as arguments of one call: the stack does not hold them.
    return { success: false, faults: [{ where: "", wrong: { kind: "rule", rule: "less-that-is-wrong" } }] };
  }
}
