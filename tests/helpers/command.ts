/** The command line in this process, for speed, and what its tests ask of it again and again. */
import { writeFileSync } from "node:fs";
import { join } from "node:path";
import { run } from "../../cli/run";
import type { Roast } from "../../core/plan/roast";
import { sampleFile } from "./sampleRoast";

/** What a command prints, and its exit code. */
export function bruma(...args: readonly string[]) {
  const { exitCode: status, ...said } = run(args);
  return { status, ...said };
}

/** A file with one roast that all this has happened to. */
export function fileOf(folder: string, happened: Roast["happened"]): string {
  const path = join(folder, "happened.json");
  const file = sampleFile();
  const [entry] = file.roasts;
  writeFileSync(path, JSON.stringify({ ...file, roasts: [{ ...entry, roast: { ...entry.roast, happened } }] }));
  return path;
}

/** A bird that is soon simulated. */
export const COARSE = ["--mass", "12lb", "--stage", "200C@0m", "--grid", "10mm"];
