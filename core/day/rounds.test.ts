import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { RoastReading } from "../plan/roast";
import { lowestOfRounds, ROUND_MIN } from "./rounds";
import { placesSeen } from "./seen";

const NOON_MS = Date.UTC(2026, 10, 26, 12);
const typed = (minute: number, celsius: number, change: Partial<RoastReading> = {}): RoastReading => ({
  at: new Date(NOON_MS + 60_000 * minute).toISOString(),
  part: "breast",
  celsius,
  source: "typed",
  ...change,
});
const minuteOf = ({ at }: RoastReading): number => (Date.parse(at) - NOON_MS) / 60_000;

const anyReadings = fc
  .array(
    fc.record({
      minute: fc.integer({ min: 0, max: 60 }),
      celsius: fc.integer({ min: 10, max: 80 }),
      part: fc.constantFrom("breast" as const, "thigh" as const),
      source: fc.constantFrom("typed" as const, "typed" as const, "bridge" as const),
    }),
    { maxLength: 40 },
  )
  .map((all) =>
    all
      .sort((a, b) => a.minute - b.minute)
      .map(({ minute, celsius, part, source }) => typed(minute, celsius, { part, source })),
  );

describe("birds that are read one after the other", () => {
  it("are as far as the one that is behind, whichever was read last", () => {
    const behind = typed(60, 70);
    const ahead = typed(61, 75);
    expect(lowestOfRounds([behind, ahead], 2)).toEqual([behind]);
    const lower = typed(62, 68);
    expect(lowestOfRounds([behind, ahead, lower], 3)).toEqual([lower]);
    // The next round says where they are by then.
    const later = [typed(70, 76), typed(71, 74)];
    expect(lowestOfRounds([behind, ahead, ...later], 2)).toEqual([behind, later[1]]);
    expect(lowestOfRounds([behind, ahead], 1)).toEqual([behind, ahead]);
  });

  it("are not all seen at the guideline where one of them was not", () => {
    const seenOf = (readings: readonly RoastReading[]): boolean =>
      placesSeen(
        { breast: 74 },
        lowestOfRounds(readings, 2).map((reading) => ({ ...reading, minute: minuteOf(reading) })),
      ).some(({ seen }) => seen);
    expect(seenOf([typed(60, 71), typed(61, 75)])).toBe(false);
    expect(seenOf([typed(60, 75), typed(61, 71)])).toBe(false);
    expect(seenOf([typed(60, 71), typed(61, 75), typed(66, 74.5), typed(67, 76)])).toBe(true);
  });

  it("lose no reading but to a lower one of the same place and round, and none of what a thermometer says by itself", () => {
    fc.assert(
      fc.property(anyReadings, fc.integer({ min: 2, max: 4 }), (readings, birds) => {
        const kept = lowestOfRounds(readings, birds);
        expect(kept.filter(({ source }) => source !== "typed")).toEqual(
          readings.filter(({ source }) => source !== "typed"),
        );
        for (const left of readings.filter((reading) => !kept.includes(reading))) {
          const isAnswered = kept.some(
            (each) =>
              each.source === "typed" &&
              each.part === left.part &&
              each.celsius <= left.celsius &&
              Math.abs(minuteOf(each) - minuteOf(left)) <= ROUND_MIN,
          );
          expect(isAnswered).toBe(true);
        }
        expect(lowestOfRounds(readings, 1)).toEqual(readings);
      }),
    );
  });
});
