/** The real server as a process of its own: started on a folder, asked, killed. */
import { type ChildProcess, spawn } from "node:child_process";
import { readFileSync } from "node:fs";
import { get } from "node:http";

export interface ServerProcess {
  readonly url: string;
  /** From the start of the process to its word that it listens. */
  readonly startMs: number;
  memoryMb(): number;
  /** At once, without a word to it. */
  kill(): Promise<void>;
  stop(): Promise<void>;
}

let port = 21_000 + 10 * (process.pid % 1000);

const ended = (child: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) resolve();
    else child.once("exit", () => resolve());
  });

/** @throws Error with what it said, when it ends instead of listening */
export function startServer(folder: string): Promise<ServerProcess> {
  const begun = performance.now();
  const env = { ...process.env, PORT: String(port++), BRUMA_DATA: folder };
  const child = spawn(process.execPath, ["--import", "tsx", "server/main.ts"], {
    env,
    stdio: ["ignore", "pipe", "pipe"],
  });
  return new Promise((resolve, reject) => {
    let said = "";
    const hear = (text: Buffer): void => {
      said += text;
      const url = /is at (http:\/\/127\.0\.0\.1:\d+)\//.exec(said)?.[1];
      if (!url) return;
      const end = (signal: NodeJS.Signals) => async (): Promise<void> => {
        child.kill(signal);
        await ended(child);
      };
      const rss = (): number => {
        const kb = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${child.pid}/status`, "utf8"))?.[1];
        return Math.round(Number(kb) / 1024);
      };
      resolve({
        url,
        startMs: Math.round(performance.now() - begun),
        memoryMb: rss,
        kill: end("SIGKILL"),
        stop: end("SIGTERM"),
      });
    };
    child.stdout.on("data", hear);
    child.stderr.on("data", hear);
    void ended(child).then(() => reject(new Error(said.trim())));
  });
}

/** Listens to a stream. @param onEvents how many have come, each time some do @returns what ends it */
export function hear(url: string, path: string, onEvents: (count: number) => void): () => void {
  const request = get(url + path, { agent: false }, (response) => {
    response.setEncoding("utf8");
    let rest = "";
    response.on("data", (chunk: string) => {
      const blocks = (rest + chunk).split("\n\n");
      rest = blocks.pop() ?? "";
      onEvents(blocks.filter((block) => block.startsWith("id: ")).length);
    });
  });
  // Ended on purpose, or with its server: what it has heard is what counts.
  request.on("error", () => undefined);
  return () => request.destroy();
}

/** Asks for something small again and again. @returns the longest it took, once it is told to end */
export function watchWaits(url: string): () => Promise<number> {
  let longest = 0;
  let isOn = true;
  const done = (async () => {
    while (isOn) {
      const before = performance.now();
      await new Promise<void>((resolve) => {
        get(`${url}/api/mode`, { agent: false }, (response) => response.resume().on("end", resolve)).on("error", () =>
          resolve(),
        );
      });
      longest = Math.max(longest, performance.now() - before);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
  })();
  return async () => {
    isOn = false;
    await done;
    return Math.round(longest);
  };
}

export const reading = (n: number) => ({
  at: new Date(Date.now() - 60_000 + (n % 1000)).toISOString(),
  probe: "breast" as const,
  celsius: n / 1e6 + 20,
  device: "faults",
});

/** Posts some readings. @returns those that were acknowledged, and the status */
export async function post(url: string, from: number, count: number) {
  const lines = Array.from({ length: count }, (_, n) => reading(from + n));
  const response = await fetch(`${url}/api/readings`, { method: "POST", body: JSON.stringify(lines) });
  const { accepted } = (await response.json()) as { accepted: number };
  return { status: response.status, values: lines.slice(0, accepted).map(({ celsius }) => celsius) };
}
