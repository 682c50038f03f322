import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { rowReason } from "../../words/incoming";
import { readLog } from "./readingLog";

const IN = Date.UTC(2026, 8, 27, 8, 0);

const BEFORE = { wrong: { kind: "rule", rule: "after-the-bird-went-in" } };

describe("a log of temperatures", () => {
  it.each([
    ["minutes", ["minute", "breast_c", "thigh_c"], [["30", "12.5", "20"]], 30],
    ["seconds", ["seconds", "breast", "thigh"], [["1800", "12.5", "20"]], 30],
    ["hours, a comma for the point", ["Hours", "Breast °C", "Thigh °C"], [["0,5", "12,5", "20,0"]], 30],
    [
      "the time since it began",
      ["elapsed", "breast", "thigh"],
      [
        ["0:00", "", ""],
        ["0:30", "12.5", "20"],
      ],
      30,
    ],
    ["instants", ["timestamp", "breast", "thigh"], [["2026-09-27T08:30:00Z", "12.5", "20"]], 30],
    ["Fahrenheit by the column", ["min", "Breast (°F)", "thighF"], [["30", "54.5", "68"]], 30],
  ])("tells %s by its header", (_, header, rows, minute) => {
    const { readings, rejected } = readLog(header, rows, { inAtMs: IN });
    expect(rejected).toEqual([]);
    expect(readings.map(({ part }) => part)).toEqual(["breast", "thigh"]);
    for (const reading of readings) expect(reading.minute).toBeCloseTo(minute, 9);
    expect(readings[0]?.celsius).toBeCloseTo(12.5, 9);
    expect(readings[1]?.celsius).toBeCloseTo(20, 9);
  });

  it("tells the sides of a pair", () => {
    const { readings } = readLog(["minute", "left breast", "Breast_right (°F)", "thigh"], [["30", "40", "104", "41"]]);
    expect(readings).toEqual([
      { minute: 30, part: "breast", side: "left", celsius: 40 },
      { minute: 30, part: "breast", side: "right", celsius: expect.closeTo(40, 9) },
      { minute: 30, part: "thigh", celsius: 41 },
    ]);
  });

  it("goes on over midnight, and begins at its first clock time where nobody said when the bird went in", () => {
    const { readings } = readLog(
      ["time", "breast"],
      [
        ["23:40", "10"],
        ["00:10", "20"],
        ["01:00", "30"],
      ],
    );
    expect(readings.map(({ minute }) => minute)).toEqual([0, 30, 80]);
  });

  it.each([
    ["after it went in", "10:30", 30],
    ["the moment it went in", "10:00", 0],
    ["the same evening", "21:00", 660],
  ])("puts a clock time where it belongs by the clock at which the bird went in: %s", (_, at, minute) => {
    const { readings } = readLog(["time", "breast"], [[at, "20"]], { inAtMs: IN, zone: "Europe/Paris" });
    expect(readings).toMatchObject([{ minute }]);
  });

  it("puts the first clock time on the day that is nearer: after midnight for a bird of the evening", () => {
    const { readings } = readLog(["time", "breast"], [["00:30", "20"]], { inAtMs: IN, zone: "Etc/GMT-12" });
    expect(readings).toMatchObject([{ minute: 270 }]);
  });

  it("refuses a clock time from before the bird went in, over midnight too", () => {
    const early = (zone: string, at: string) =>
      readLog(["time", "breast"], [[at, "5"]], { inAtMs: IN, zone }).rejected[0];
    expect(early("Europe/Paris", "09:59")).toMatchObject(BEFORE);
    // There it went in at midnight.
    expect(early("Etc/GMT+8", "23:50")).toMatchObject(BEFORE);
  });

  it("takes a cell's own unit before its column's", () => {
    const { readings } = readLog(["min", "breast", "thigh_f"], [["10", "104 °F", "40 C"]]);
    expect(readings.map(({ celsius }) => Math.round(celsius))).toEqual([40, 40]);
  });

  it.each([
    ["1e3", "breast"],
    ["0x1F", "breast"],
    ["Infinity", "breast"],
    ["12.5.1", "breast"],
  ])("takes no %s for a temperature", (cell, where) => {
    expect(readLog(["min", "breast"], [["10", cell]]).rejected).toMatchObject([
      { where, wrong: { kind: "value", value: cell } },
    ]);
  });

  it.each(["10:75", "1e9", "0x10", "1492-10-12T08:00:00Z", "+275760-01-01T00:00:00Z", "9999"])(
    "takes no %s for a time",
    (at) => {
      const { readings, rejected } = readLog(
        ["time", "breast"],
        [
          ["0", "5"],
          [at, "20"],
        ],
      );
      expect(readings).toHaveLength(1);
      expect(rejected).toMatchObject([{ line: 3, where: "time" }]);
    },
  );

  it("is a law: whatever the cells hold, every row is taken or told in a short line", () => {
    const cell = fc.oneof(fc.string(), fc.constantFrom("12:30", "20", "20 F", "2026-09-27T08:30:00Z", "", "-", "1e99"));
    fc.assert(
      fc.property(
        fc.array(fc.tuple(cell, cell), { maxLength: 30 }),
        fc.constantFrom("UTC", "Asia/Kolkata"),
        (rows, zone) => {
          const { readings, rejected } = readLog(["time", "breast"], rows, { inAtMs: IN, zone });
          for (const { minute, celsius } of readings) {
            expect(minute).toBeGreaterThanOrEqual(0);
            expect(minute).toBeLessThanOrEqual(48 * 60);
            expect(Math.abs(celsius)).toBeLessThanOrEqual(110);
          }
          for (const row of rejected) expect(rowReason(row).length).toBeLessThan(200);
        },
      ),
      { numRuns: 300 },
    );
  });

  it("lists every cell it cannot take, with its line; a probe that said nothing is a gap", () => {
    const { readings, rejected } = readLog(
      ["min", "breast", "thigh", "oven"],
      [
        ["10", "8", "--", "160"],
        ["soon", "9", "9", "160"],
        ["20", "400", "14", "160"],
        ["30", "warm", "", ""],
      ],
    );
    expect(readings).toHaveLength(2);
    expect(rejected.map(({ line, where }) => [line, where])).toEqual([
      [3, "time"],
      [4, "breast"],
      [5, "breast"],
    ]);
  });

  it("takes what is of this bird, and names each column of meat that it does not have once", () => {
    const crown = readLog(
      ["minute", "breast", "left thigh"],
      [
        ["10", "8", "9"],
        ["20", "12", "13"],
      ],
      { centres: ["breast"] },
    );
    expect(crown.readings.map(({ part, celsius }) => [part, celsius])).toEqual([
      ["breast", 8],
      ["breast", 12],
    ]);
    expect(crown.rejected).toMatchObject([{ line: 1, where: "left thigh", wrong: { rule: "meat-of-this-bird" } }]);
  });

  it("refuses readings from before the bird went in, and a table that is no log", () => {
    const early = readLog(["at", "breast"], [["2026-09-27T07:00:00Z", "5"]], { inAtMs: IN });
    expect(early.rejected[0]).toMatchObject(BEFORE);
    expect(readLog(["min", "pot"], []).rejected.map((row) => rowReason(row))).toEqual([
      "the header has no column for breast, thigh or filling; got min, pot",
    ]);
    expect(readLog([], []).rejected.map((row) => rowReason(row))).toEqual([
      "the header has no column for time; got nothing",
    ]);
  });
});
