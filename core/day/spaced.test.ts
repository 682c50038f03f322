import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { RoastReading } from "../plan/roast";
import { spaced } from "./spaced";

const NOON_MS = Date.UTC(2026, 10, 26, 12);
const reading = (ms: number, change: Partial<RoastReading> = {}): RoastReading => ({
  at: new Date(NOON_MS + ms).toISOString(),
  part: "breast",
  celsius: 40,
  source: "bridge",
  ...change,
});

const anyReadings = fc
  .array(
    fc.record({
      ms: fc.integer({ min: 0, max: 7_200_000 }),
      part: fc.constantFrom("breast", "thigh"),
      side: fc.constantFrom("left", "right", undefined),
      source: fc.constantFrom("typed", "bridge", "simulated"),
    }),
    { maxLength: 200 },
  )
  .map((all) => all.sort((a, b) => a.ms - b.ms).map(({ ms, ...rest }) => reading(ms, rest as Partial<RoastReading>)));

describe("the readings that a day follows", () => {
  it("are as many as there are tens of seconds, however often a thermometer speaks", () => {
    const talkative = Array.from({ length: 4 * 3600 * 2 }, (_, n) => reading(500 * n, { celsius: n / 500 }));
    const followed = spaced(talkative);
    expect(followed).toHaveLength(4 * 360);
    expect(followed.at(-1)).toBe(talkative.at(-1));
  });

  it("keep all that was typed, the newest of each probe, and none that was not there", () => {
    fc.assert(
      fc.property(anyReadings, (readings) => {
        const followed = spaced(readings);
        expect(followed.every((each) => readings.includes(each))).toBe(true);
        expect(new Set(followed).size).toBe(followed.length);
        const isTyped = ({ source }: RoastReading): boolean => source === "typed";
        expect(followed.filter(isTyped)).toEqual(readings.filter(isTyped));
        for (const part of ["breast", "thigh"]) {
          for (const side of ["left", "right", undefined]) {
            const isOwn = (each: RoastReading): boolean => each.part === part && each.side === side && !isTyped(each);
            expect(followed.findLast(isOwn)).toBe(readings.findLast(isOwn));
          }
        }
        // Nothing is left out but beside one of its own probe in the same ten seconds.
        expect(spaced(followed)).toEqual(followed);
      }),
    );
  });
});
