import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lineThrough, onLine, RecentLine } from "./line";

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

  it("is level through any number of one moment, whatever rounding leaves between them and their mean", () => {
    fc.assert(
      fc.property(number, fc.array(number, { minLength: 1, maxLength: 12 }), (offMin, celsius) => {
        const minute = 300 + offMin;
        expect(lineThrough(celsius.map((each) => ({ minute, celsius: each }))).slopeKPerMin).toBe(0);
      }),
    );
  });
});

describe("a line through the newest readings, as they come", () => {
  it("is the line through those within reach, whatever has come and gone", () => {
    const step = fc.oneof(fc.double({ min: 0.01, max: 9, noNaN: true }), fc.constant(0));
    fc.assert(
      fc.property(
        fc.array(fc.tuple(step, number), { minLength: 1, maxLength: 80 }),
        fc.double({ min: 1, max: 30, noNaN: true }),
        (steps, reachMin) => {
          const line = new RecentLine(reachMin);
          const all: { minute: number; celsius: number }[] = [];
          let minute = 300;
          for (const [more, celsius] of steps) {
            minute += more;
            const within = all.filter((each) => each.minute >= minute - reachMin);
            const newest = line.before(minute, 3);
            expect(newest === null).toBe(within.length < 3);
            if (newest) expect(onLine(newest, minute)).toBeCloseTo(onLine(lineThrough(within), minute), 3);
            all.push({ minute, celsius });
            line.add({ minute, celsius });
          }
        },
      ),
    );
  });
});
