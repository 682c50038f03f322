import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lineThrough, onLine } from "./line";

const number = fc.double({ min: -50, max: 50, noNaN: true });

describe("a line through readings", () => {
  it("is the line they lie on, and level through the mean of one moment", () => {
    fc.assert(
      fc.property(
        number,
        number,
        fc.uniqueArray(fc.integer({ min: 0, max: 300 }), { minLength: 2 }),
        (from, slope, at) => {
          const line = lineThrough(at.map((minute) => ({ minute, celsius: from + slope * minute })));
          for (const minute of at) expect(onLine(line, minute)).toBeCloseTo(from + slope * minute, 6);
        },
      ),
    );
    const level = lineThrough([
      { minute: 7, celsius: 20 },
      { minute: 7, celsius: 30 },
    ]);
    expect(onLine(level, 90)).toBe(25);
  });
});
