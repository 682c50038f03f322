/** The app's one pool, with the compiled kernel fetched once. */
import kernelUrl from "../build/kernel.wasm?url";
import { type WorkerLike, WorkerPool } from "./pool";

/** Lanes for work that is spread: one processor is left to the page and its picture. */
export const SPARE_LANES = Math.max(1, Math.min(6, (navigator.hardwareConcurrency || 2) - 1));

async function fetchKernel(): Promise<WebAssembly.Module | null> {
  try {
    return await WebAssembly.compileStreaming(fetch(kernelUrl));
  } catch (error) {
    // The reference kernel gives the same numbers, slower; say so where a developer looks.
    console.warn("the compiled kernel did not load; simulating with the reference kernel", error);
    return null;
  }
}

const startWorker = (): WorkerLike =>
  new Worker(new URL("./simulation.worker.ts", import.meta.url), { type: "module", name: "simulation" });

export const simulations = new WorkerPool(startWorker, fetchKernel());
