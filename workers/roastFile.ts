/** A file of roasts, read by a worker of its own that ends with it: broken off, it stops at once. */
import type { Wrong } from "../core/faults";
import type { FileCheck } from "../core/formats/file";

/** Two thousand roasts with a few pictures each. */
const LARGEST_BYTES = 200 * 1024 * 1024;

/** @returns null when it was broken off @throws Error when the browser cannot read the file */
export async function readRoastFile(file: Blob, signal: AbortSignal): Promise<FileCheck | null> {
  if (file.size > LARGEST_BYTES) {
    const inMb = (bytes: number): number => Math.round(bytes / 1024 / 1024);
    const wrong: Wrong = { kind: "too-large", megabytes: inMb(file.size), upTo: inMb(LARGEST_BYTES) };
    return { valid: false, format: null, version: null, faults: [{ where: "", wrong }], more: 0 };
  }
  const worker = new Worker(new URL("./roastFile.worker.ts", import.meta.url), { type: "module", name: "roast file" });
  try {
    return await new Promise<FileCheck | null>((resolve, reject) => {
      worker.onmessage = ({ data }: MessageEvent<FileCheck>) => resolve(data);
      worker.onerror = ({ message }) => reject(new Error(message || "the file cannot be read"));
      signal.addEventListener("abort", () => resolve(null));
      worker.postMessage(file);
    });
  } finally {
    worker.terminate();
  }
}
