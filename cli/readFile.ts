import { readFileSync } from "node:fs";
import { CommandError, USAGE } from "./errors";

/** The text of the file a command names. @throws CommandError when there is none, or it cannot be read */
export function readNamed(command: string, [path]: readonly string[]): { path: string; text: string } {
  if (!path) throw new CommandError(USAGE, `${command}: name a file`);
  try {
    return { path, text: readFileSync(path, "utf8") };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    throw new CommandError(USAGE, `${command}: cannot read ${path}: ${why}`);
  }
}
