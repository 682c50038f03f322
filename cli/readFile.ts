import { readFileSync } from "node:fs";
import { checkRoastFile, type RoastFile } from "../core/formats/file";
import { messageOf } from "../words/faults";
import { firstFault } from "../words/incoming";
import { CommandError, USAGE } from "./errors";
import { type CommandOptions, readOptions } from "./options";

/** The text of a file. @param who the command or option that names it @throws CommandError when it cannot be read */
export function readText(who: string, path: string): string {
  try {
    return readFileSync(path, "utf8");
  } catch (error) {
    const why = messageOf(error);
    throw new CommandError(USAGE, `${who}: cannot read ${path}: ${why}`);
  }
}

/** The text of the one file that a command names. @throws CommandError when there is none or another, or it cannot be read */
export function readNamed<const Options extends CommandOptions = Record<string, never>>(
  command: string,
  args: readonly string[],
  options: Options = {} as Options,
) {
  const { values, positionals } = readOptions(args, options, "a file");
  const [path, another] = positionals;
  if (!path) throw new CommandError(USAGE, `${command}: name a file`);
  if (another !== undefined)
    throw new CommandError(USAGE, `${command}: got ${another} besides ${path}, allowed is one file`);
  return { path, text: readText(command, path), values };
}

/** A roast file's roasts. @throws CommandError when it is none, with what is wrong and where */
export const roastsIn = (who: string, path: string, text: string): RoastFile["roasts"] =>
  fileIn(who, path, text).roasts;

/** A roast file. @throws CommandError when it is none, with what is wrong and where */
export function fileIn(who: string, path: string, text: string): RoastFile {
  const checked = checkRoastFile(text);
  if (checked.valid) return checked.file;
  throw new CommandError(USAGE, `${who}: ${path} is no valid roast file: ${firstFault(checked.faults)}`);
}
