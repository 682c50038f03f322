import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_ROAST } from "../../tests/helpers/anyRoast";
import { type RoastReading, readingKey } from "../plan/roast";
import { countedReadings } from "./counted";

const at = (minute: number): string => new Date(Date.UTC(2026, 8, 27, 9, minute)).toISOString();
const read = (minute: number, more: Partial<RoastReading> = {}): RoastReading => ({
  at: at(minute),
  part: "breast",
  side: "left",
  celsius: 20 + minute,
  source: "bridge",
  ...more,
});

describe("the readings of a roast that count", () => {
  it("are all, where nothing was said of them", () => {
    const readings = [read(1), read(2, { source: "typed" })];
    expect(countedReadings(readings, { happened: {} })).toEqual(readings);
  });

  it("are not those of a thermometer that was taken for its own; what that reads later, and others do, are", () => {
    const readings = [1, 2, 3].flatMap((minute) => [
      read(minute, { device: "one" }),
      read(minute, { device: "two", part: "thigh" }),
      read(minute, { source: "typed", part: "thigh" }),
    ]);
    const happened = { notItsOwn: [{ device: "one", until: at(2) }] };
    expect(countedReadings(readings, { happened })).toEqual(
      readings.filter((each) => each.device !== "one" || each.at === at(3)),
    );
  });

  it("are not those struck out, whether before or after their probe was said to sit elsewhere", () => {
    const readings = [read(1), read(2), read(3)];
    const probes = [
      {
        device: "",
        probe: "left breast",
        sits: "right thigh",
        before: [{ sits: "left breast", until: at(9) }],
      } as const,
    ].map((each) => ({ ...each, before: [...each.before] }));
    const placed = countedReadings(readings, { probes, happened: {} });
    expect(placed.map(({ part, side }) => `${side} ${part}`)).toEqual(readings.map(() => "right thigh"));
    const struck = [readingKey(read(1)), readingKey(placed[1] as RoastReading)];
    expect(countedReadings(readings, { probes, happened: { struck } })).toEqual([placed[2]]);
  });

  it("are never more than there are, and each shows what it showed", () => {
    fc.assert(
      fc.property(ANY_ROAST, ({ roast, readings }) => {
        const shown = countedReadings(readings, roast).map(({ at: when, celsius }) => `${when} ${celsius}`);
        const stored = readings.map(({ at: when, celsius }) => `${when} ${celsius}`);
        expect(shown.every((each) => stored.includes(each))).toBe(true);
        expect(shown.length).toBeLessThanOrEqual(stored.length);
      }),
    );
  });
});
