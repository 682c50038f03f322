/** Numbers that come from outside: what a field of them takes. */
import * as z from "zod/mini";

/** A number in a range, both ends in it. */
export const between = (low: number, high: number) => z.number().check(z.gte(low), z.lte(high));

/** A whole number in a range, both ends in it. */
export const whole = (low: number, high: number) => z.int().check(z.gte(low), z.lte(high));
