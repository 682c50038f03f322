/** One command from its words to what is printed and the exit code; `main.ts` does the printing. */
import { QuantityError } from "../core/errors";
import { faultWords } from "../words/faults";
import { check } from "./check";
import { CommandError, USAGE } from "./errors";
import { forecast } from "./forecast";
import { learn } from "./learn";
import { log } from "./log";
import { plan } from "./plan";
import { practice } from "./practice";
import { salt } from "./salt";
import { simulate } from "./simulate";
import { thaw } from "./thaw";
import { type CommandName, HELP, USAGES } from "./usage";

const COMMANDS: Record<CommandName, (args: readonly string[]) => unknown> = {
  simulate,
  thaw,
  salt,
  plan,
  forecast,
  log,
  learn,
  practice,
  check,
};

export interface Ran {
  readonly exitCode: number;
  readonly stdout: string;
  readonly stderr: string;
}

/** Node takes "--start -18C" for two options; a value that begins with a minus and a digit is a value. */
const joinNegatives = (args: readonly string[]): string[] =>
  args.reduce<string[]>((joined, word) => {
    const before = joined.at(-1);
    if (before?.startsWith("--") && !before.includes("=") && /^[-−]\d/.test(word)) {
      joined[joined.length - 1] = `${before}=${word}`;
    } else joined.push(word);
    return joined;
  }, []);

const isCommand = (name: string): name is CommandName => Object.hasOwn(COMMANDS, name);
const isHelp = (word: string): boolean => word === "--help" || word === "-h";

/** @returns one object, or text as it is to be printed @throws CommandError for a command that there is none of */
function answerTo(name: string, args: readonly string[]): unknown {
  if (isHelp(name)) return HELP;
  if (!isCommand(name)) {
    throw new CommandError(USAGE, `command: got ${name || "nothing"}, allowed is ${Object.keys(COMMANDS).join(", ")}`);
  }
  return args.some(isHelp) ? `${USAGES[name]}\n` : COMMANDS[name](args);
}

/** Refusals become one line and their exit code; any other error is a fault of the program and is thrown on. */
export function run([name = "", ...args]: readonly string[]): Ran {
  try {
    const answer = answerTo(name, joinNegatives(args));
    // A table is text as it is; all else is one JSON object.
    return { exitCode: 0, stdout: typeof answer === "string" ? answer : `${JSON.stringify(answer)}\n`, stderr: "" };
  } catch (error) {
    const refused = error instanceof CommandError || error instanceof QuantityError;
    if (!refused) throw error;
    const exitCode = error instanceof CommandError ? error.exitCode : USAGE;
    return { exitCode, stdout: "", stderr: `${faultWords(error).split("\n")[0]}\n` };
  }
}
