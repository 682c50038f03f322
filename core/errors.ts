/** What a text can be read as. */
export type Readable =
  | "mass"
  | "temperature"
  | "duration"
  | "length"
  | "volume"
  | "height"
  | "salt-share"
  | "cell-size"
  | "time-of-day"
  | "log-time";

/** What a plan or a call has to keep to, where neither a range nor a list says it. */
export type Rule =
  | "no-cavity-to-fill"
  | "first-stage-at-zero"
  | "lighter-end-first"
  | "enough-water-for-the-bird"
  | "letters-on-one-line"
  | "years-of-this-century"
  | "a-time-there-is";

/** What would have been right, as data. */
export type Allowed =
  | { readonly kind: "between"; readonly low: number; readonly high: number; readonly unit: string }
  | { readonly kind: "above"; readonly than: number; readonly unit: string }
  | { readonly kind: "one-of"; readonly values: readonly string[] }
  | { readonly kind: "read-as"; readonly what: Readable }
  | { readonly kind: "rule"; readonly rule: Rule };

const plainly = (allowed: Allowed): string => {
  switch (allowed.kind) {
    case "between":
      return `${allowed.low} to ${allowed.high}${allowed.unit && ` ${allowed.unit}`}`;
    case "above":
      return `> ${allowed.than}${allowed.unit && ` ${allowed.unit}`}`;
    case "one-of":
      return allowed.values.join(", ");
    case "read-as":
      return allowed.what;
    case "rule":
      return allowed.rule;
  }
};

/**
 * Errors are data: what it is about, the value met and what is allowed. The message is for developers; cooks read
 * `faultWords` of words/faults.ts.
 */
export class QuantityError extends RangeError {
  readonly code = "quantity";
  constructor(
    readonly quantity: string,
    readonly value: unknown,
    readonly allowed: Allowed,
  ) {
    super(`${quantity}: got ${String(value)}, allowed: ${plainly(allowed)}`);
    this.name = "QuantityError";
  }
}

/**
 * Refuses a number outside [low, high]; NaN and infinities never pass.
 * @throws QuantityError naming the quantity, the value and the allowed range.
 */
export function requireBetween(quantity: string, value: number, low: number, high: number, unit = ""): number {
  if (!(value >= low && value <= high)) throw new QuantityError(quantity, value, { kind: "between", low, high, unit });
  return value;
}
