/** How long a fit to two hundred readings takes: on one thread, and spread over the app's own pool. */
import { readFileSync } from "node:fs";
import { Worker } from "node:worker_threads";
import { type Probe, placeOf } from "../core/bird/probe";
import { fitting } from "../core/forecast/assimilate";
import type { EnsembleOptions } from "../core/forecast/ensemble";
import { hiddenRoast } from "../core/forecast/hiddenRoast";
import { ensembleOptions } from "../core/forecast/plannedInput";
import type { Reading } from "../core/forecast/reading";
import type { Plan } from "../core/plan/schema";
import { drain } from "../core/processes/cook";
import { Fits } from "../workers/fits";
import { type WorkerLike, WorkerPool } from "../workers/pool";
import { timed } from "./timed";

/** The first of a plan, and one with the prior's birds there already, ms. */
interface FitTimes {
  readonly firstMs: number;
  readonly nextMs: number;
}
export interface FitFigures extends FitTimes {
  readonly readings: number;
  /** Over a pool of so many workers. */
  readonly spread: FitTimes & { readonly workers: number };
}

/** Two, as a laptop of two processors is asked for. */
const WORKERS = 2;
const TURNS = 3;

/** A thread reads TypeScript once it was taught to. */
const THREAD = `import("tsx/esm/api").then(({ register }) => {
  register();
  return import(${JSON.stringify(new URL("./benchThread.ts", import.meta.url).href)});
});`;

function threadLike(): WorkerLike {
  const thread = new Worker(THREAD, { eval: true });
  const like: WorkerLike = {
    postMessage: (message) => thread.postMessage(message),
    terminate: () => void thread.terminate(),
    onmessage: null,
    onerror: null,
  };
  thread.on("message", (data) => like.onmessage?.({ data } as MessageEvent));
  thread.on("error", (error) => like.onerror?.(error as unknown as ErrorEvent));
  return like;
}

async function spreadOver(workers: number, asked: EnsembleOptions, readings: readonly Reading[]): Promise<FitTimes> {
  const threads: WorkerLike[] = [];
  const start = (): WorkerLike => {
    const thread = threadLike();
    threads.push(thread);
    return thread;
  };
  const kernel = WebAssembly.compile(readFileSync("build/kernel.wasm"));
  const pool = new WorkerPool({ size: workers, start, kernel });
  try {
    const known = new Fits(pool);
    return {
      firstMs: await timed(() => new Fits(pool).ask("stove", asked, readings), TURNS),
      nextMs: await timed(() => known.ask("stove", asked, readings), TURNS),
    };
  } finally {
    for (const thread of threads) thread.terminate();
  }
}

export async function benchFit(plan: Plan): Promise<FitFigures> {
  const { shownC: _, ...options } = ensembleOptions(plan, {});
  const hidden = hiddenRoast({ options, seed: "bench", everyMin: 2, trouble: false, longestMin: 120 });
  const readings = [...hidden].flatMap(({ minute, shownC }) =>
    Object.entries(shownC).map(([probe, celsius]) => ({ minute, celsius, ...placeOf(probe as Probe) })),
  );
  const asked = { ...options, shownC: { breast: 74, thigh: 74 } };
  const { prior } = drain(fitting(asked, readings));
  return {
    readings: readings.length,
    firstMs: await timed(() => drain(fitting(asked, readings)), TURNS),
    nextMs: await timed(() => drain(fitting(asked, readings, prior)), TURNS),
    spread: { workers: WORKERS, ...(await spreadOver(WORKERS, asked, readings)) },
  };
}
