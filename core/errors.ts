/**
 * Errors are data: a code, what it is about, the value met and what is allowed. Wording beyond the plain message
 * belongs to the edge (screen or command line).
 */
export class QuantityError extends RangeError {
  readonly code = "quantity";
  constructor(
    readonly quantity: string,
    readonly value: unknown,
    readonly allowed: string,
  ) {
    super(`${quantity}: got ${String(value)}, allowed is ${allowed}`);
    this.name = "QuantityError";
  }
}

/**
 * Refuses a number outside [low, high]; NaN and infinities never pass.
 * @throws QuantityError naming the quantity, the value and the allowed range.
 */
export function requireBetween(quantity: string, value: number, low: number, high: number, unit = ""): number {
  if (!(value >= low && value <= high)) {
    throw new QuantityError(quantity, value, `${low} to ${high}${unit ? ` ${unit}` : ""}`);
  }
  return value;
}

/** The words of whatever was thrown. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));
