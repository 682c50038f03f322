/** Work of many seeds shared out over the processors: a tool runs itself again, a part each. */
import { fork } from "node:child_process";
import { availableParallelism } from "node:os";
import { fileURLToPath, pathToFileURL } from "node:url";

const PART = "part";

/** Whether this module is what was run, and not only imported. */
export const isRun = (module: string): boolean => module === pathToFileURL(process.argv[1] ?? "").href;

/** The arguments of the tool; null in a part of it. */
export const toolArguments = (): readonly string[] | null => (process.argv[2] === PART ? null : process.argv.slice(2));

/** In a part: answers for every seed that is its own. */
export function answerPart(answer: (seed: number) => unknown): void {
  const [n = 0, of = 1, count = 0, from = 0] = process.argv.slice(3).map(Number);
  for (let seed = from + n; seed < from + count; seed += of) process.send?.(answer(seed));
  process.disconnect?.();
}

/** All answers, in no order. @param module the tool's own address */
export async function answersOfAll<Answer>(module: string, count: number, first: number): Promise<Answer[]> {
  const processes = Math.min(availableParallelism(), count);
  const all = await Promise.all(
    Array.from(
      { length: processes },
      (_, n) =>
        new Promise<Answer[]>((resolve, reject) => {
          const own: Answer[] = [];
          const child = fork(fileURLToPath(module), [PART, ...[n, processes, count, first].map(String)]);
          child.on("message", (answer: Answer) => own.push(answer));
          child.on("error", reject);
          child.on("exit", (code) => (code === 0 ? resolve(own) : reject(new Error(`a part ended with ${code}`))));
        }),
    ),
  );
  return all.flat();
}
