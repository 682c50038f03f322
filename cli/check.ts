/** `check FILE`: which of our formats a file is, and whether it is valid. */
import { checkAnyFile } from "../core/formats/anyFile";
import { rowReason } from "../words/incoming";
import { readNamed } from "./readFile";

/** @throws CommandError when the file cannot be read */
export function check(args: readonly string[]): unknown {
  const { text } = readNamed("check", args);
  const result = checkAnyFile(text);
  if ("rejected" in result) {
    const { rejected, ...told } = result;
    return { ...told, rejected: rejected.map((row) => ({ line: row.line, why: rowReason(row) })) };
  }
  return result.valid
    ? { format: result.format, version: result.version, valid: true, roasts: result.file.roasts.length }
    : result;
}
