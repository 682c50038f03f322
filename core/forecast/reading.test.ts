import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { binned, type Reading, seriesOf, worthAFit } from "./reading";

const BIN_MIN = 2;
const keyOf = (readings: readonly Reading[]): string =>
  seriesOf(readings)
    .map((own) => worthAFit(binned(own, BIN_MIN)))
    .join("\n");

describe("what is worth a fit", () => {
  it("is once a bin and probe, however often a thermometer speaks and however quickly its bird warms", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (everyS, kelvinAMinute) => {
          const readings: Reading[] = [];
          const keys = new Set<string>();
          for (let second = 0; second < 20 * 60; second += everyS) {
            const minute = second / 60;
            for (const part of ["breast", "thigh"] as const) {
              readings.push({ minute, part, celsius: 20 + kelvinAMinute * minute });
              keys.add(keyOf(readings));
            }
          }
          expect(keys.size).toBeLessThanOrEqual((2 * 20) / BIN_MIN);
        },
      ),
      { numRuns: 20 },
    );
  });

  it("is one whose time is corrected, by more than a bin or within one", () => {
    const typed = (minute: number): Reading[] => [
      { minute: 60, part: "breast", celsius: 40 },
      { minute, part: "breast", celsius: 55 },
    ];
    fc.assert(
      fc.property(fc.integer({ min: 62, max: 300 }), fc.integer({ min: 1, max: 60 }), (minute, later) => {
        expect(keyOf(typed(minute + later))).not.toBe(keyOf(typed(minute)));
      }),
    );
  });

  it("is every reading that is typed, and one that is corrected or taken out", () => {
    const typed: Reading[] = [
      { minute: 60, part: "breast", celsius: 40 },
      { minute: 90, part: "breast", celsius: 55 },
    ];
    const [first, last] = typed as [Reading, Reading];
    const all = [typed, [first], [first, { ...last, celsius: 56 }], [{ ...first, celsius: 41 }, last]];
    expect(new Set(all.map(keyOf)).size).toBe(all.length);
    expect(keyOf([first, { ...last, part: "thigh" }])).not.toBe(keyOf(typed));
  });

  it("is a bin once it is over, by what all its readings came to", () => {
    const begun: Reading = { minute: 60, part: "breast", celsius: 40 };
    const next: Reading = { minute: 62.5, part: "breast", celsius: 48 };
    const between: Reading = { minute: 61, part: "breast", celsius: 46 };
    expect(keyOf([begun, between])).toBe(keyOf([begun]));
    expect(keyOf([begun, between, next])).not.toBe(keyOf([begun, next]));
  });
});
