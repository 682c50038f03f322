/** Exit codes of the command line's contract. */
export const USAGE = 2;
export const NEVER_MET = 3;

/** A failure with its exit code; the message is one line. */
export class CommandError extends Error {
  constructor(
    readonly exitCode: number,
    message: string,
  ) {
    super(message);
    this.name = "CommandError";
  }
}
