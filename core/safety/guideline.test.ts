import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { constant } from "../constants";
import { fahrenheitToC, formatTemperature, type UnitSystem } from "../units/quantity";
import { shows, verdict } from "./guideline";

describe("the verdict", () => {
  it("says nothing of nothing, and never that it meets the guideline", () => {
    expect(verdict([], 12)).toEqual({ kind: "unknown" });
    expect(verdict([Number.NaN, 80], 12)).toEqual({ kind: "unknown" });
  });

  it("is decided by the lowest centre, to the tenth that is shown: 165 °F, which is 73.9 °C, is the guideline", () => {
    expect(verdict([fahrenheitToC(165), 80], 12).kind).toBe("meets-guideline");
    expect(verdict([constant("guidelineC"), 80], 12).kind).toBe("meets-guideline");
    expect(verdict([73.84, 80], 12)).toMatchObject({ kind: "below-guideline", highestC: 73.84 });
    expect(verdict([fahrenheitToC(164.8), 80], 12).kind).toBe("below-guideline");
  });
});

describe("a goal", () => {
  const shownIn = (units: UnitSystem, celsius: number): number => Number.parseFloat(formatTemperature(celsius, units));
  const inC = (units: UnitSystem, shown: number): number => (units === "us" ? fahrenheitToC(shown) : shown);

  it("is there when the thermometer shows what the goal is shown as, in either scale", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 55, max: 90, noNaN: true }),
        fc.constantFrom("metric", "us" as const),
        (goalC, units) => {
          expect(shows(inC(units, shownIn(units, goalC)), goalC)).toBe(true);
        },
      ),
    );
    expect(shows(fahrenheitToC(165), constant("guidelineC"))).toBe(true);
  });

  it("that is the guideline is not there half a degree below it", () => {
    expect(shows(73.6, constant("guidelineC"))).toBe(false);
    expect(shows(73.6, fahrenheitToC(165))).toBe(false);
    expect(shows(69.6, 70)).toBe(true);
  });
});
