import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Reading } from "./reading";

import { screened } from "./screening";

/** A centre that rises along a curve, read every two minutes with the noise of a probe. */
const rising = (noise: readonly number[], from = 0): Reading[] =>
  noise.map((k, n) => ({
    minute: from + 2 * n,
    part: "breast",
    celsius: 4 + 70 * (1 - Math.exp(-(2 * n) / 110)) + 0.4 * k,
  }));
const anyNoise = fc.array(fc.double({ min: -2, max: 2, noNaN: true }), { minLength: 30, maxLength: 60 });

describe("readings that are set aside", () => {
  it("are none of an honest probe's, dense or typed", () => {
    fc.assert(
      fc.property(anyNoise, (noise) => {
        expect(screened(rising(noise)).setAside).toEqual([]);
      }),
    );
    const typed: Reading[] = [30, 75, 110].map((minute) => ({ minute, part: "thigh", celsius: minute / 2 }));
    expect(screened(typed).kept).toEqual(typed);
  });

  it("are all since a tip slipped, and only the one of a spike; the other probe's are kept", () => {
    fc.assert(
      fc.property(anyNoise, fc.integer({ min: 12, max: 24 }), fc.constantFrom(-8, 6, 12), (noise, at, by) => {
        const honest = rising(noise);
        const other = honest.map((reading) => ({ ...reading, part: "thigh" as const }));
        const slipped = honest.map((reading, n) => (n >= at ? { ...reading, celsius: reading.celsius + by } : reading));
        const { kept, setAside } = screened([...slipped, ...other]);
        expect(setAside.map(({ reading }) => reading.minute)).toEqual(honest.slice(at).map(({ minute }) => minute));
        expect(setAside.every(({ why }) => why === "slipped")).toBe(true);
        expect(kept.filter(({ part }) => part === "thigh")).toHaveLength(other.length);
        const spiked = honest.map((reading, n) =>
          n === at ? { ...reading, celsius: reading.celsius + 2 * by } : reading,
        );
        expect(screened(spiked).setAside).toMatchObject([{ reading: { minute: 2 * at }, why: "spike" }]);
      }),
    );
  });

  it("lose nothing: every reading is kept or set aside", () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            minute: fc.integer({ min: 0, max: 300 }),
            part: fc.constantFrom("breast", "thigh" as const),
            celsius: fc.double({ min: -30, max: 110, noNaN: true }),
          }),
        ),
        (readings) => {
          const { kept, setAside } = screened(readings);
          expect(kept.length + setAside.length).toBe(readings.length);
        },
      ),
    );
  });
});
