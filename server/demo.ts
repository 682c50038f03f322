/** The demo's simulated thermometer: when its bird went in is kept, so that a server that starts again goes on with it. */

import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { loadKernel } from "../cli/loadKernel";
import { ensembleOptions } from "../core/forecast/plannedInput";
import { MINUTE_MS } from "../core/units/time";
import { IN_PROGRESS_SEED, IN_SINCE_MIN, planInProgress } from "../demo/inProgress";
import { type DeviceClock, runThermometer } from "./thermometer";

/** A bird that went in so long ago is eaten: the next demo has a new one. */
const LONGEST_MIN = 5 * 60;

export interface DemoFiles {
  readonly inAtMs: number;
  /** Folder in which the readings of its bird are kept. */
  readonly readings: string;
}

/** @param folder where the demo keeps what it needs between two starts */
export function demoFiles(folder: string, nowMs: number): DemoFiles {
  mkdirSync(folder, { recursive: true });
  const started = join(folder, "demo-in-at.txt");
  const readings = join(folder, "demo-readings");
  const kept = existsSync(started) ? Date.parse(readFileSync(started, "utf8")) : Number.NaN;
  if (nowMs - kept < LONGEST_MIN * MINUTE_MS) return { inAtMs: kept, readings };
  const inAtMs = nowMs - IN_SINCE_MIN * MINUTE_MS;
  rmSync(readings, { force: true, recursive: true });
  writeFileSync(started, new Date(inAtMs).toISOString());
  return { inAtMs, readings };
}

/** Puts the probes into the demo's bird. */
export function startDemoThermometer(
  url: string,
  inAtMs: number,
  clock: DeviceClock,
  signal?: AbortSignal,
): Promise<void> {
  loadKernel();
  const options = ensembleOptions(planInProgress(inAtMs, "UTC"), {});
  return runThermometer({ options, seed: IN_PROGRESS_SEED, inAtMs, url, clock, ...(signal && { signal }) });
}
