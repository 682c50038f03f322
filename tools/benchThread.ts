/** The app's own worker in a thread of this process: what a page says to it is handed on. */
import { parentPort } from "node:worker_threads";
import type { FromWorker, ToWorker } from "../workers/protocol";

/** What a worker of a browser has as `self`. */
const scope: { onmessage?: (event: { readonly data: ToWorker }) => void; postMessage(message: FromWorker): void } = {
  postMessage: (message) => parentPort?.postMessage(message),
};
Object.assign(globalThis, { self: scope });
await import("../workers/simulation.worker");
parentPort?.on("message", (data: ToWorker) => scope.onmessage?.({ data }));
