/** `check FILE`: which of our formats a file is, and whether it is valid. */
import { checkRoastFile } from "../core/formats/file";
import { readNamed } from "./readFile";

/** @throws CommandError when the file cannot be read */
export function check(args: readonly string[]): unknown {
  const { text } = readNamed("check", args);
  const result = checkRoastFile(text);
  return result.valid
    ? { format: result.format, version: result.version, valid: true, roasts: result.file.roasts.length }
    : result;
}
