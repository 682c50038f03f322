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

/** What a browser throws when it has no room left, by itself or inside what a broken-off transaction throws. */
const NO_ROOM = "QuotaExceededError";

const isNoRoom = (error: unknown): boolean =>
  error instanceof Error &&
  (error.name === NO_ROOM || error.message.includes(NO_ROOM) || isNoRoom((error as { inner?: unknown }).inner));

/** The words of whatever was thrown. */
export function messageOf(error: unknown): string {
  if (isNoRoom(error)) {
    return "this device has no room left for Bruma: free some, or write everything to a file (Kitchen) and delete old roasts";
  }
  return error instanceof Error ? error.message : String(error);
}
