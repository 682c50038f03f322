/** The bruma command: `npm run --silent bruma -- <command>`. One JSON object on standard output. */
import { QuantityError } from "../core/errors";
import { check } from "./check";
import { CommandError, USAGE } from "./errors";
import { loadKernel } from "./loadKernel";
import { simulate } from "./simulate";

const COMMANDS: Record<string, (args: readonly string[]) => unknown> = { simulate, check };

function main([name = "", ...args]: readonly string[]): number {
  const command = COMMANDS[name];
  try {
    if (!command)
      throw new CommandError(
        USAGE,
        `command: got ${name || "nothing"}, allowed is ${Object.keys(COMMANDS).join(", ")}`,
      );
    loadKernel();
    process.stdout.write(`${JSON.stringify(command(args))}\n`);
    return 0;
  } catch (error) {
    // Anything else is a fault of the program and may show its trace.
    const refused = error instanceof CommandError || error instanceof QuantityError;
    const badOption =
      error instanceof TypeError && String((error as { code?: unknown }).code).startsWith("ERR_PARSE_ARGS");
    if (!refused && !badOption) throw error;
    process.stderr.write(`${error.message.split("\n")[0]}\n`);
    return error instanceof CommandError ? error.exitCode : USAGE;
  }
}

process.exitCode = main(process.argv.slice(2));
