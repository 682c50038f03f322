import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { constant } from "../constants";
import { fahrenheitToC, formatTemperature, type UnitSystem } from "../units/quantity";
import { guidelineFor, shows, verdict } from "./guideline";

describe("the verdict", () => {
  it("says nothing of nothing, and never that it meets the guideline", () => {
    expect(verdict({}, 12)).toEqual({ kind: "unknown" });
    expect(verdict({ breast: Number.NaN, thigh: 80 }, 12)).toEqual({ kind: "unknown" });
  });

  it("is decided by the lowest centre, to the tenth that is shown: 165 °F, which is 73.9 °C, is the guideline", () => {
    expect(verdict({ breast: fahrenheitToC(165), thigh: 80 }, 12).kind).toBe("meets-guideline");
    expect(verdict({ breast: constant("guidelineC"), thigh: 80 }, 12).kind).toBe("meets-guideline");
    expect(verdict({ breast: 73.84, thigh: 80 }, 12)).toMatchObject({ kind: "below-guideline", highestC: 73.84 });
    expect(verdict({ breast: fahrenheitToC(164.8), thigh: 80 }, 12).kind).toBe("below-guideline");
  });
});

describe("another country's guideline", () => {
  const held = guidelineFor("held", "whole");
  const hotter = guidelineFor("whole-hotter", "spatchcock");

  it("is met less hot where it is held, and not as it just touches it", () => {
    expect(verdict({ breast: 70.7, thigh: 78 }, 9, held).kind).toBe("meets-guideline");
    expect(verdict({ breast: 70.6, thigh: 78 }, 9, held).kind).toBe("below-guideline");
    expect(verdict({ breast: 70.6, thigh: 78 }, 9).kind).toBe("below-guideline");
  });

  it("asks more of whole birds, and of their pieces and their stuffing what is usual", () => {
    expect(verdict({ breast: 81.9, thigh: 84 }, 20, hotter).kind).toBe("below-guideline");
    expect(verdict({ breast: 82, thigh: 84, filling: 74 }, 20, hotter).kind).toBe("meets-guideline");
    expect(verdict({ breast: 80, thigh: 84, filling: 75 }, 20, hotter)).toMatchObject({ highestC: 80 });
    for (const cut of ["parts", "crown", "legs", "boneless-breast", "leg-roll"] as const) {
      expect(guidelineFor("whole-hotter", cut)).toEqual(guidelineFor(undefined, cut));
    }
  });

  it("is not shown half a degree below it", () => {
    expect(shows(69.6, 70, held.meatC)).toBe(false);
    expect(shows(81.6, 82, hotter.meatC)).toBe(false);
    expect(shows(82, 82, hotter.meatC)).toBe(true);
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
