import { mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { bruma } from "../tests/helpers/command";
import { sampleFile, sampleRoast } from "../tests/helpers/sampleRoast";

describe("log", () => {
  const folder = mkdtempSync(join(tmpdir(), "bruma-log-"));
  const path = join(folder, "roasts.json");
  const happened = {
    inAt: "2026-09-27T08:00:00.000Z",
    pulledAt: "2026-09-27T10:58:00.000Z",
    carvedAt: "2026-09-27T11:30:00.000Z",
    predicted: {
      pullP10At: "2026-09-27T10:30:00.000Z",
      pullP50At: "2026-09-27T10:50:00.000Z",
      pullP90At: "2026-09-27T11:10:00.000Z",
      pullC: {},
    },
  };
  const notes = 'Good.\n=Salt "longer", by a day';
  const file = { ...sampleFile(), roasts: [{ roast: { ...sampleRoast(), happened, notes }, readings: [] }] };
  writeFileSync(path, JSON.stringify(file));

  it("prints what became of every roast, and how often the band held", () => {
    const { predicted, rows } = JSON.parse(bruma("log", path).stdout);
    expect(predicted).toEqual({ roasts: 1, inBand: 1, medianOffMin: 8 });
    expect(rows).toMatchObject([{ species: "turkey", minutesOff: 8, inBand: true, outAt: happened.pulledAt }]);
  });

  it("prints it as a table that no spreadsheet takes for a formula", () => {
    const [header, line, ...more] = bruma("log", path, "--csv").stdout.trim().split("\r\n");
    expect(header).toBe(
      "outAt,name,species,cut,massKg,count,heat,oven,method,serveAt,inAt,predictedAt,minutesOff,inBand,rating,note,isArchived,id,movedTo",
    );
    expect(line).toContain(`,8,true,,"'=Salt ""longer"", by a day",false,sample`);
    expect(more).toEqual([]);
  });

  it("refuses what is no file of roasts, in one line", () => {
    const other = join(folder, "other.json");
    writeFileSync(other, "{}");
    const { status, stderr } = bruma("log", other);
    expect(status).toBe(2);
    expect(stderr.trim().split("\n")).toHaveLength(1);
  });
});
