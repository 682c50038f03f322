import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { SPECIES } from "../bird/species";
import { verdict } from "./guideline";
import {
  FAT_PERCENT,
  HOLDING_TABLES,
  LOWEST_C,
  lethalityTable,
  logReductionPerMin,
  sevenLogMinutes,
} from "./lethality";

const inC = (fahrenheit: number): number => (fahrenheit - 32) / 1.8;

describe("lethality", () => {
  it.each(["chicken", "turkey"] as const)("gives back the published rows for %s, lean and fat", (species) => {
    for (const { fatPercent, rows } of HOLDING_TABLES[species]) {
      for (const [fahrenheit, minutes] of rows) {
        expect(sevenLogMinutes(species, fatPercent, inC(fahrenheit)) / minutes).toBeCloseTo(1, 6);
      }
    }
  });

  it("follows the first-order model close to the lean chicken column: D(60 °C) = 25.2/7 min, z = 10 °F", () => {
    for (const fahrenheit of [138, 140, 145, 150, 155]) {
      const model = 25.2 * 10 ** ((140 - fahrenheit) / 10);
      expect(sevenLogMinutes("chicken", 1, inC(fahrenheit)) / model).toBeGreaterThan(0.75);
      expect(sevenLogMinutes("chicken", 1, inC(fahrenheit)) / model).toBeLessThan(1.3);
    }
  });

  it("is slower in fatter meat, slower in turkey than in chicken, and slowest for a duck", () => {
    fc.assert(
      fc.property(fc.double({ min: 58, max: 71, noNaN: true }), (celsius) => {
        expect(sevenLogMinutes("chicken", 6, celsius)).toBeGreaterThan(sevenLogMinutes("chicken", 1, celsius));
        expect(sevenLogMinutes("turkey", 1, celsius)).toBeGreaterThan(sevenLogMinutes("chicken", 1, celsius));
        expect(sevenLogMinutes("duck", 12, celsius)).toBeGreaterThanOrEqual(sevenLogMinutes("turkey", 12, celsius));
      }),
    );
  });

  it("takes no credit where the tables are silent, and none beyond their last row", () => {
    expect(logReductionPerMin("turkey", 3, 50)).toBe(0);
    expect(logReductionPerMin("turkey", 3, Number.NaN)).toBe(0);
    expect(sevenLogMinutes("turkey", 3, 90)).toBe(sevenLogMinutes("turkey", 3, inC(165)));
  });

  it.each(SPECIES)("sums a ramp as the integral does, %s", (species) => {
    const table = lethalityTable(species);
    let sum = 0;
    let fine = 0;
    for (let celsius = 50; celsius < 75; celsius += 1) sum += table.between(celsius, celsius + 1) * 2;
    for (let celsius = 50; celsius < 75; celsius += 0.001) {
      fine += logReductionPerMin(species, FAT_PERCENT[species], celsius) * 0.002;
    }
    expect(sum / fine).toBeCloseTo(1, 2);
    expect(table.between(LOWEST_C - 5, LOWEST_C - 1)).toBe(0);
  });
});

describe("the verdict", () => {
  it("never calls met what a thermometer would not show, at any centre", () => {
    expect(verdict({ breast: 73.8, thigh: 80 }, 20).kind).toBe("below-guideline");
    expect(verdict({ breast: 74, thigh: 74 }, 20).kind).toBe("meets-guideline");
    expect(verdict({ breast: 78, thigh: 79, filling: 71 }, 20)).toMatchObject({
      kind: "below-guideline",
      highestC: 71,
    });
  });
});
