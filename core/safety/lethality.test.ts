import { describe, expect, it } from "vitest";
import { verdict } from "./guideline";
import { Lethality, logReductionPerMin } from "./lethality";

describe("lethality", () => {
  /** USDA FSIS cooking guideline, chicken at about 1 % fat, minutes to 7 decimal reductions (from memory). */
  it.each([
    [136, 63.3],
    [138, 39.7],
    [140, 25.2],
    [145, 8.4],
    [150, 2.7],
    [155, 44 / 60],
    [160, 14 / 60],
  ])("at %i °F takes about the table's %f min to 7 log", (fahrenheit, minutes) => {
    const celsius = (fahrenheit - 32) / 1.8;
    const model = 7 / logReductionPerMin(celsius);
    expect(model / minutes).toBeGreaterThan(0.75);
    expect(model / minutes).toBeLessThan(1.25);
  });

  it("takes no credit where the tables are silent", () => {
    expect(logReductionPerMin(50)).toBe(0);
  });

  it("sums a ramp as the integral does", () => {
    const lethality = new Lethality();
    for (let celsius = 55; celsius <= 75; celsius += 0.5) lethality.add(celsius, 1);
    let fine = 0;
    for (let celsius = 55; celsius < 75; celsius += 0.001) fine += logReductionPerMin(celsius) * 0.002;
    expect(lethality.logReduction / fine).toBeCloseTo(1, 1);
  });
});

describe("the verdict", () => {
  it("never calls met what a thermometer would not show", () => {
    expect(verdict(73.8, 80, 20).kind).toBe("below-guideline");
    expect(verdict(74, 74, 20).kind).toBe("meets-guideline");
  });
});
