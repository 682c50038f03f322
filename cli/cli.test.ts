import { spawnSync } from "node:child_process";
import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { beforeAll, describe, expect, it } from "vitest";
import { sampleFile } from "../tests/helpers/sampleRoast";
import { loadKernel } from "./loadKernel";
import { run } from "./run";

/** In this process, for speed; one case below runs the command as anyone does from outside. */
function bruma(...args: readonly string[]) {
  const { exitCode: status, ...said } = run(args);
  return { status, ...said };
}

const COARSE = ["--mass", "12lb", "--stage", "200C@0m", "--grid", "10mm"];

describe("the command", () => {
  it("runs from outside: one JSON object, or one line and the exit code", () => {
    const outside = (...args: readonly string[]) =>
      spawnSync("npm", ["run", "--silent", "bruma", "--", ...args], { encoding: "utf8" });
    const good = outside("simulate", ...COARSE, "--until", "time=10m");
    expect(JSON.parse(good.stdout).pullMinutes).toBe(10);
    expect(good.status).toBe(0);
    const bad = outside("roast");
    expect(bad.status).toBe(2);
    expect(bad.stderr).toContain("command: got roast, allowed is simulate, check");
  });
});

describe("simulate", () => {
  beforeAll(() => void loadKernel());

  it("prints one JSON object of the contract's shape", () => {
    const { status, stdout } = bruma(
      "simulate",
      "--species",
      "turkey",
      "--cut",
      "spatchcock",
      ...COARSE,
      "--until",
      "breast=68C",
      "--rest",
      "10m,cover=foil",
    );
    expect(status).toBe(0);
    const result = JSON.parse(stdout);
    expect(Object.keys(result)).toEqual(["pullMinutes", "pullBand", "atPull", "rest", "lethalityLog10", "series"]);
    expect(result.atPull.breastC).toBeGreaterThanOrEqual(68);
    expect(result.rest).toMatchObject({ minutes: 10 });
    expect(result.rest.peakBreastC).toBeGreaterThan(result.atPull.breastC);
    expect(Object.keys(result.series[0])).toEqual(["minute", "airC", "breastC", "thighC", "coldestC"]);
    expect(result.series.at(-1).minute).toBe(result.pullMinutes + 10);
  });

  it("stops at a time when asked what a probe would have shown then", () => {
    const { stdout } = bruma("simulate", ...COARSE, "--until", "time=60m");
    expect(JSON.parse(stdout)).toMatchObject({ pullMinutes: 60, pullBand: { p10: 60, p90: 60 } });
  });

  it.each([
    [["--mass", "heavy", "--stage", "163C@0m", "--until", "breast=74C"], "mass: got heavy"],
    [["--mass", "90kg", "--stage", "163C@0m", "--until", "breast=74C"], "mass of the turkey: got 90"],
    [["--mass", "6kg", "--stage", "163C", "--until", "breast=74C"], "--stage: got 163C"],
    [
      ["--mass", "6kg", "--stage", "163C@0m,shield=breast", "--until", "breast=74C"],
      "--stage option: got shield=breast",
    ],
    [["--mass", "6kg", "--stage", "163C@0m", "--until", "wing=74C"], "--until: got wing=74C"],
    [["--mass", "6kg", "--stage", "163C@5m", "--until", "breast=74C"], "first oven stage: got 5"],
    [["--mass", "6kg", "--stage", "163C@0m", "--until", "breast=NaN"], "temperature: got NaN"],
    [["--species", "goose"], "--species: got goose"],
    [["--nonsense"], "Unknown option"],
  ])("refuses %j with one line and exit 2", (args, says) => {
    const { status, stdout, stderr } = bruma("simulate", ...args);
    expect(status).toBe(2);
    expect(stdout).toBe("");
    expect(stderr).toContain(says);
    expect(stderr.trim().split("\n")).toHaveLength(1);
  });

  it("says with exit 3 what was highest when the target is never met", () => {
    const { status, stderr } = bruma(
      "simulate",
      "--mass",
      "6kg",
      "--grid",
      "15mm",
      "--stage",
      "65C@0m",
      "--until",
      "breast=74C",
    );
    expect(status).toBe(3);
    expect(stderr).toMatch(/^never met: breast 74 °C; highest was \d+(\.\d)? °C, because/);
  });
});

describe("check", () => {
  const folder = mkdtempSync(join(tmpdir(), "bruma-check-"));

  it("knows its own file, and says what is wrong with another", () => {
    const good = join(folder, "good.json");
    writeFileSync(good, JSON.stringify(sampleFile()));
    expect(JSON.parse(bruma("check", good).stdout)).toEqual({
      format: "bruma-roasts",
      version: 1,
      valid: true,
      roasts: 1,
    });
    const bad = join(folder, "bad.json");
    writeFileSync(bad, JSON.stringify(sampleFile()).replace('"whole"', '"halved"'));
    expect(JSON.parse(bruma("check", bad).stdout)).toMatchObject({
      valid: false,
      faults: [{ where: "roasts.0.roast.plan.bird.cut" }],
    });
  });

  it("refuses a file that is not there", () => {
    const { status, stderr } = bruma("check", join(folder, "none.json"));
    expect(status).toBe(2);
    expect(stderr).toContain("cannot read");
  });
});
