/** Reading options of the command line. */

import { type ParseArgsConfig, parseArgs } from "node:util";
import { CUTS, type Cut } from "../core/bird/form";
import { SPECIES, type Species } from "../core/bird/species";
import { QuantityError } from "../core/errors";
import { parseMassKg } from "../core/units/quantity";
import { CommandError, USAGE } from "./errors";

export type CommandOptions = NonNullable<ParseArgsConfig["options"]>;

/** What a command takes besides its options: nothing, or the name of one file. */
type Beside = "nothing" | "a file";

/** Node's word of it is of several sentences, and names nothing that would be right. */
const REFUSED: Record<string, RegExp> = {
  ERR_PARSE_ARGS_UNKNOWN_OPTION: /option '([^']*)'/,
  ERR_PARSE_ARGS_UNEXPECTED_POSITIONAL: /argument '([^']*)'/,
};

/**
 * The words after a command, by its options.
 * @throws CommandError for a word that it does not take, with those that it does
 */
export function readOptions<const Options extends CommandOptions>(
  args: readonly string[],
  options: Options,
  beside: Beside = "nothing",
) {
  try {
    return parseArgs({ args: [...args], options, allowPositionals: beside === "a file" });
  } catch (error) {
    const { code = "", message } = error as { readonly code?: string; readonly message: string };
    if (!code.startsWith("ERR_PARSE_ARGS")) throw error;
    const refused = REFUSED[code]?.exec(message)?.[1];
    if (refused === undefined) throw new CommandError(USAGE, message);
    const allowed = [...Object.keys(options).map((name) => `--${name}`), ...(beside === "a file" ? ["a file"] : [])];
    throw new CommandError(USAGE, `option: got ${refused}, allowed is ${allowed.join(", ") || "none"}`);
  }
}

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

/** @throws QuantityError for what is no cell size */
export function parseGridM(text: string): number {
  const grid = /^([\d.]+)\s*mm$/.exec(text);
  if (!grid) throw new QuantityError("--grid", text, { kind: "read-as", what: "cell-size" });
  return Number(grid[1]) / 1000;
}

export const tenth = (value: number): number => Math.round(value * 10) / 10;

/** What every command about a bird takes. */
export const BIRD_OPTIONS = {
  species: { type: "string" },
  mass: { type: "string" },
  cut: { type: "string" },
} as const;

/** @throws CommandError or QuantityError naming what is wrong with species, cut or mass */
export function birdOf(values: { species?: string | undefined; mass?: string | undefined; cut?: string | undefined }): {
  readonly species: Species;
  readonly cut: Cut;
  readonly boughtKg: number;
} {
  return {
    species: oneOf("--species", values.species, SPECIES, "turkey"),
    cut: oneOf("--cut", values.cut, CUTS, "whole"),
    boughtKg: parseMassKg(required("--mass", values.mass, "--mass 14lb")),
  };
}
