/** The demo's simulated thermometer and its bird: both are kept, so that a server that starts again goes on with them. */

import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { loadKernel } from "../cli/loadKernel";
import { MINUTE_MS } from "../core/units/time";
import { IN_PROGRESS_SEED, IN_SINCE_MIN, roastInProgress } from "../demo/inProgress";
import { SimulatedBird } from "./simulatedBird";
import { type DeviceClock, type ReadBird, runThermometer } from "./thermometer";

/** A bird that went in so long ago is eaten: the next demo has a new one. */
const LONGEST_MIN = 5 * 60;

export interface DemoFiles {
  readonly inAtMs: number;
  /** Folder in which the readings of its bird are kept. */
  readonly readings: string;
  /** File of what was done to it. */
  readonly roast: string;
}

/** @param folder where the demo keeps what it needs between two starts */
export function demoFiles(folder: string, nowMs: number): DemoFiles {
  mkdirSync(folder, { recursive: true });
  const started = join(folder, "demo-in-at.txt");
  const [readings, roast] = [join(folder, "demo-readings"), join(folder, "demo-roast.json")];
  const kept = existsSync(started) ? Date.parse(readFileSync(started, "utf8")) : Number.NaN;
  if (nowMs - kept < LONGEST_MIN * MINUTE_MS) return { inAtMs: kept, readings, roast };
  const inAtMs = nowMs - IN_SINCE_MIN * MINUTE_MS;
  for (const ofTheOneBefore of [readings, roast]) rmSync(ofTheOneBefore, { force: true, recursive: true });
  writeFileSync(started, new Date(inAtMs).toISOString());
  return { inAtMs, readings, roast };
}

/** @param keptIn file of what was done to it; none where it is gone with the server */
export const demoBird = (inAtMs: number, keptIn?: string): SimulatedBird =>
  new SimulatedBird({ roast: roastInProgress(inAtMs, "UTC"), inAtMs, seed: IN_PROGRESS_SEED, keptIn });

/** Puts the probes into the demo's bird. */
export function startDemoThermometer(
  url: string,
  bird: ReadBird,
  clock: DeviceClock,
  signal?: AbortSignal,
): Promise<void> {
  loadKernel();
  return runThermometer({ bird, url, clock, ...(signal && { signal }) });
}
