import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { conductivityWPerMK, densityKgPerM3, iceFraction, sensibleHeatJPerKgK } from "./composition";
import { constantTissue, enthalpyAt, makeTissue, TISSUES, temperatureAt } from "./tissue";

const lean = { water: 0.74, protein: 0.24, fat: 0.01, ash: 0.01 };

describe("properties by composition (Choi and Okos)", () => {
  it("of lean turkey breast lie by the measured values of the ASHRAE chapter (from memory)", () => {
    // Turkey breast: 0.496 W/mK at 3 °C; specific heat above freezing 3.5 to 3.6 kJ/kgK.
    expect(conductivityWPerMK(lean, 3)).toBeGreaterThan(0.46);
    expect(conductivityWPerMK(lean, 3)).toBeLessThan(0.53);
    expect(conductivityWPerMK(lean, -25)).toBeGreaterThan(1.1);
    // The parallel model is the upper bound of the measured 1.3 to 1.7: it assumes ice without a break.
    expect(conductivityWPerMK(lean, -25)).toBeLessThan(1.8);
    expect(sensibleHeatJPerKgK(lean, 20) / 1000).toBeCloseTo(3.6, 1);
    expect(densityKgPerM3(lean, 20)).toBeGreaterThan(1030);
    expect(densityKgPerM3(lean, 20)).toBeLessThan(1090);
  });

  it("hold no ice above freezing and ever more below, never more than the water", () => {
    expect(iceFraction(lean, -0.5)).toBe(0);
    fc.assert(
      fc.property(fc.double({ min: -39, max: -1.1, noNaN: true }), (celsius) => {
        const ice = iceFraction(lean, celsius);
        expect(ice).toBeLessThan(lean.water);
        expect(iceFraction(lean, celsius - 0.5)).toBeGreaterThan(ice);
      }),
    );
  });
});

describe("tissue tables", () => {
  it("give back the temperature whose enthalpy they were asked for, through freezing too", () => {
    fc.assert(
      fc.property(fc.double({ min: -35, max: 120, noNaN: true }), fc.constantFrom(...TISSUES), (celsius, tissue) => {
        expect(temperatureAt(tissue, enthalpyAt(tissue, celsius))).toBeCloseTo(celsius, 6);
      }),
    );
  });

  it("need most of the heat from −18 to 0 °C for melting", () => {
    const tissue = makeTissue("lean", lean);
    const thawing = enthalpyAt(tissue, 0) - enthalpyAt(tissue, -18);
    const melted = iceFraction(lean, -18) * 333_600 * tissue.densityKgPerM3;
    expect(melted / thawing).toBeGreaterThan(0.75);
    expect(melted / thawing).toBeLessThan(0.95);
  });

  it("of a constant material are straight lines", () => {
    const tissue = constantTissue("check", 0.5, 3e6);
    expect(enthalpyAt(tissue, 50) - enthalpyAt(tissue, 20)).toBeCloseTo(9e7, 0);
  });
});
