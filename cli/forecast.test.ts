import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { runMember } from "../core/forecast/ensemble";
import { minuteAllShown, shownAt } from "../core/forecast/member";
import { ensembleOptions } from "../core/forecast/plannedInput";
import { bruma, fileOf } from "../tests/helpers/command";
import { sampleFile, sampleRoast } from "../tests/helpers/sampleRoast";

describe("forecast", () => {
  const folder = mkdtempSync(join(tmpdir(), "bruma-forecast-"));
  const planPath = join(folder, "plan.json");
  writeFileSync(planPath, JSON.stringify(sampleFile()));
  const options = ensembleOptions(sampleRoast().plan, sampleRoast().plan.targetC);
  /** A bird a good deal slower than the usual one, read every five minutes. */
  const truth = runMember({ ...options, atLeastMin: 400 }, [-1, -1, 0.5, 0.8, 0, 0, 0]);
  const doneMin = minuteAllShown(truth, options.shownC);
  const logPath = join(folder, "log.csv");
  const minutes = Array.from({ length: 30 }, (_, n) => 5 * (n + 1));
  const rows = minutes.map((minute) =>
    [minute, ...(["breast", "thigh"] as const).map((part) => shownAt(truth, { part }, minute).toFixed(1))].join(","),
  );
  writeFileSync(logPath, ["minute,breast_c,thigh_c", ...rows, "200,hot,"].join("\n"));
  const forecast = (...more: readonly string[]) =>
    bruma("forecast", "--plan", planPath, "--readings", logPath, ...more);

  /** Of the whole log, and of its first hour; each asked once. */
  const asked = new Map<string, ReturnType<typeof forecast>>();
  const once = (...more: readonly string[]) => {
    const known = asked.get(more.join(" ")) ?? forecast(...more);
    asked.set(more.join(" "), known);
    return known;
  };
  const ofAll = () => once();
  const ofAnHour = () => once("--at", "60m");

  it("says when each target will be shown, with its doubt, and which rows it did not take", () => {
    const { status, stdout } = ofAll();
    expect(status).toBe(0);
    const answer = JSON.parse(stdout);
    for (const part of ["breast", "thigh"]) {
      const { p10, p50, p90 } = answer.targets[part];
      expect(p10).toBeLessThan(p50);
      expect(p50).toBeLessThan(p90);
    }
    expect(Math.abs(answer.all.p50 - doneMin)).toBeLessThan(10);
    expect(answer.all.p10).toBeLessThan(doneMin);
    expect(answer.all.p90).toBeGreaterThan(doneMin);
    expect(answer.readings).toMatchObject({ used: 60, rejected: [{ line: 32 }], setAside: [] });
  });

  it("knows no more than what had been read by then", () => {
    const early = JSON.parse(ofAnHour().stdout);
    const late = JSON.parse(ofAll().stdout);
    expect(early.atMinute).toBe(60);
    expect(early.all.p90 - early.all.p10).toBeGreaterThan(late.all.p90 - late.all.p10);
  });

  it("knows what happened to the roast, as far as it had by then", () => {
    const inAt = "2026-09-27T08:00:00.000Z";
    const heatOffs = [{ offAt: "2026-09-27T10:20:00.000Z", onAt: "2026-09-27T11:00:00.000Z" }];
    const path = fileOf(folder, { inAt, heatOffs });
    const by = (...more: readonly string[]) =>
      JSON.parse(bruma("forecast", "--plan", path, "--readings", logPath, ...more).stdout);
    expect(by().all.p50).toBeGreaterThan(doneMin + 10);
    expect(by("--at", "60m")).toEqual(JSON.parse(ofAnHour().stdout));
  });

  it("refuses what it cannot read, in one line", () => {
    expect(bruma("forecast", "--plan", planPath)).toMatchObject({
      status: 2,
      stderr: expect.stringContaining("--readings is missing"),
    });
    const odd = join(folder, "odd.csv");
    writeFileSync(odd, "pot,lid\n1,2\n");
    expect(bruma("forecast", "--plan", planPath, "--readings", odd).stderr).toContain("no column for time");
    expect(bruma("forecast", "--plan", join(folder, "none.json"), "--readings", logPath).stderr).toContain(
      "cannot read",
    );
  });
});
