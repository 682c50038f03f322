/** The app's one pool, with the compiled kernel fetched once, and the fits that go over it. */
import kernelUrl from "../build/kernel.wasm?url";
import { Fits } from "./fits";
import { type WorkerLike, WorkerPool } from "./pool";

/** However many processors there are, no more are put to work: each keeps bodies and memory of its own. */
const MOST_WORKERS = 6;
const processors = navigator.hardwareConcurrency || 2;
/** One processor is left to the page and its picture. */
const spare = Math.max(1, Math.min(MOST_WORKERS, processors - 1));
/** Of two it is lent to a fit, which takes as long again on one. */
const kept = processors === 2 ? 1 : 0;

async function fetchKernel(): Promise<WebAssembly.Module | null> {
  try {
    return await WebAssembly.compileStreaming(fetch(kernelUrl));
  } catch (error) {
    // The reference kernel gives the same numbers, slower; say so where a developer looks.
    console.warn("the compiled kernel did not load; simulating with the reference kernel", error);
    return null;
  }
}

const start = (): WorkerLike =>
  new Worker(new URL("./simulation.worker.ts", import.meta.url), { type: "module", name: "simulation" });

/**
 * Plan, list, stove and comparison ask for the same few birds: kept are picture and preview of the roast at hand and of
 * the one before, and their bands, a handful of members a job. A picture takes 1 to 3 MB, a handful a tenth of one.
 */
const KEEPING = { plan: 4, members: 12, life: 1 } as const;

export const simulations = new WorkerPool({ size: spare + kept, kept, start, kernel: fetchKernel(), keeping: KEEPING });
export const fits = new Fits(simulations);
