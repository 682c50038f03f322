import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { QuantityError } from "../errors";
import { boilingPointC, corrected, isUnfit, pressurePa, readByHand } from "./calibration";

describe("a thermometer's calibration", () => {
  // High-altitude cooking tables as printed by the USDA FSIS ("High altitude cooking and food safety", from memory, °F).
  it.each([
    [0, 212],
    [2000, 208.4],
    [5000, 203],
    [7500, 198.4],
    [10000, 194],
  ])("water boils at %s ft where the published table says", (feet, fahrenheit) => {
    const celsius = boilingPointC(feet * 0.3048);
    expect(Math.abs(celsius - (fahrenheit - 32) / 1.8)).toBeLessThan(0.7);
  });

  // The standard atmosphere's own table (ISO 2533).
  it.each([
    [0, 101325],
    [1000, 89874],
    [2000, 79495],
  ])("the air at %s m presses as the standard atmosphere has it", (metres, pascal) => {
    expect(pressurePa(metres)).toBeCloseTo(pascal, -2);
  });

  it("makes ice nought and boiling water what it is, and leaves an exact thermometer alone", () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: 93, max: 103, noNaN: true }),
        fc.integer({ min: 0, max: 3000 }),
        (iceC, boilC, altitudeM) => {
          const calibration = { iceC, boilC, altitudeM };
          expect(corrected(iceC, calibration)).toBeCloseTo(0, 9);
          expect(corrected(boilC, calibration)).toBeCloseTo(boilingPointC(altitudeM), 9);
          expect(corrected(70, { iceC, altitudeM })).toBeCloseTo(70 - iceC, 9);
        },
      ),
    );
    expect(corrected(74, undefined)).toBe(74);
    expect(corrected(74, { iceC: 0, boilC: boilingPointC(0), altitudeM: 0 })).toBeCloseTo(74, 9);
  });

  it("puts right what a hand reads, keeps what was shown beside it, and refuses what none shows", () => {
    const calibration = { iceC: 1, altitudeM: 0 };
    expect(readByHand("breast reading", 61, undefined)).toEqual({ celsius: 61 });
    expect(readByHand("breast reading", 61, calibration)).toEqual({ celsius: 60, shownC: 61 });
    expect(readByHand("breast reading", 330, { iceC: -2, altitudeM: 0 }).celsius).toBe(330);
    expect(() => readByHand("breast reading", 331, calibration)).toThrow(QuantityError);
  });

  it("says of one that is far off that it is unfit", () => {
    expect(isUnfit({ iceC: 1, boilC: 96, altitudeM: 1000 })).toBe(false);
    expect(isUnfit({ iceC: 4, altitudeM: 0 })).toBe(true);
    expect(isUnfit({ iceC: 0, boilC: 96, altitudeM: 0 })).toBe(true);
    expect(() => boilingPointC(9000)).toThrow("altitude: got 9000");
  });
});
