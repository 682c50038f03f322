import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { clockScale } from "./timeScale";

const HOUR = 3_600_000;

describe("the clock's axis", () => {
  const scale = clockScale(0, 100 * HOUR, 106 * HOUR, 1000);

  it("reads backwards what it draws, and never runs backwards", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 106, noNaN: true }),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (hour, more) => {
          expect(scale.toMs(scale.toX(hour * HOUR))).toBeCloseTo(hour * HOUR, -1);
          expect(scale.toX((hour + more) * HOUR)).toBeGreaterThan(scale.toX(hour * HOUR));
        },
      ),
    );
  });

  it("gives an hour of the last day far more room than an hour of the days before", () => {
    const early = scale.toX(11 * HOUR) - scale.toX(10 * HOUR);
    const late = scale.toX(103 * HOUR) - scale.toX(102 * HOUR);
    expect(late / early).toBeGreaterThan(20);
  });

  it("gives everything to the hours when there are no days before", () => {
    const short = clockScale(5 * HOUR, 5 * HOUR, 10 * HOUR, 500);
    expect([short.toX(5 * HOUR), short.toX(10 * HOUR)]).toEqual([0, 500]);
  });
});
