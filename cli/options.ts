/** Reading options of the command line. */
import { CommandError, USAGE } from "./errors";

/** @throws CommandError naming the option, what was given and what is allowed */
export function oneOf<Value extends string>(
  option: string,
  value: string | undefined,
  allowed: readonly Value[],
  fallback?: Value,
): Value {
  const found = allowed.find((known) => known === (value ?? fallback));
  if (found === undefined) {
    throw new CommandError(USAGE, `${option}: got ${value ?? "nothing"}, allowed is ${allowed.join(", ")}`);
  }
  return found;
}

/** @throws CommandError when an option that must be there is not */
export function required<Value>(option: string, value: Value | undefined, example: string): Value {
  if (value === undefined) throw new CommandError(USAGE, `${option} is missing, such as ${example}`);
  return value;
}

export const tenth = (value: number): number => Math.round(value * 10) / 10;
