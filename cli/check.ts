/** `check FILE`: which of our formats a file is, and whether it is valid. */
import { readFileSync } from "node:fs";
import { checkRoastFile } from "../core/formats/file";
import { CommandError, USAGE } from "./errors";

/** @throws CommandError when the file cannot be read */
export function check(args: readonly string[]): unknown {
  const [path] = args;
  if (!path) throw new CommandError(USAGE, "check: name a file");
  let text: string;
  try {
    text = readFileSync(path, "utf8");
  } catch (error) {
    throw new CommandError(
      USAGE,
      `check: cannot read ${path}: ${error instanceof Error ? error.message : String(error)}`,
    );
  }
  const result = checkRoastFile(text);
  return result.valid
    ? { format: result.format, version: result.version, valid: true, roasts: result.file.roasts.length }
    : result;
}
