import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { FILE_VERSION } from "../core/formats/migrations";
import { bruma } from "../tests/helpers/command";
import { sampleFile } from "../tests/helpers/sampleRoast";

describe("check", () => {
  const folder = mkdtempSync(join(tmpdir(), "bruma-check-"));

  it("knows its own file, and says what is wrong with another", () => {
    const good = join(folder, "good.json");
    writeFileSync(good, JSON.stringify(sampleFile()));
    expect(JSON.parse(bruma("check", good).stdout)).toEqual({
      format: "bruma-roasts",
      version: FILE_VERSION,
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

  const checked = (text: string): unknown => {
    const path = join(folder, "any");
    writeFileSync(path, text);
    return JSON.parse(bruma("check", path).stdout);
  };
  const LINE = '{"at":"2026-09-27T09:00:00Z","probe":"breast","celsius":41.5}';

  it.each([
    ["minute,breast_c,thigh_c\n30,12.4,19.8\n", "readings-csv", 2],
    ["name,minutes,oven\nRoast potatoes,45,200 C\n", "dishes-csv", 1],
    [`${LINE}\n${LINE}\n`, "thermometer-lines", 2],
    [`[${LINE}]`, "thermometer-lines", 1],
  ])("knows %j too", (text, format, entries) => {
    expect(checked(text)).toEqual({ format, valid: true, entries, rejected: [] });
  });

  it.each([
    ["minute,breast_c\n30,hot\n", "readings-csv", 2, "breast: got hot"],
    ["minute,wing\n30,40\n", "readings-csv", 1, "breast"],
    ["name,minutes\nPotatoes,45\nCarrots,-2\n", "dishes-csv", 3, "got -2"],
    [`${LINE}\n${LINE.replace("41.5", "410")}\n`, "thermometer-lines", 2, "celsius"],
  ])("says what is wrong with %j, and in which line", (text, format, line, says) => {
    expect(checked(text)).toMatchObject({
      format,
      valid: false,
      rejected: [{ line, why: expect.stringContaining(says) }],
    });
  });

  it("refuses a file that is not there", () => {
    const { status, stderr } = bruma("check", join(folder, "none.json"));
    expect(status).toBe(2);
    expect(stderr).toContain("cannot read");
  });
});
