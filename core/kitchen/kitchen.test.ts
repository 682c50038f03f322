import { describe, expect, it } from "vitest";
import { KG_PER_POUND } from "../units/quantity";
import { drySalt, formatSpoons, gramsPerTeaspoon } from "./salt";
import { THAW_TABLE, thawTime } from "./thaw";

describe("dry salt", () => {
  it("is one per cent of the bird, by weight and by the spoons of the cook's own kind", () => {
    expect(drySalt(5.8, 1, "table").grams).toBeCloseTo(58, 9);
    expect(drySalt(5.8, 1, "light-flake").teaspoons).toBeCloseTo(2 * drySalt(5.8, 1, "table").teaspoons, 9);
  });

  it("half a teaspoon a pound is about 3 g of table salt and 1.4 g of light flake (common practice)", () => {
    expect(gramsPerTeaspoon("table") / 2).toBeCloseTo(3, 1);
    expect(gramsPerTeaspoon("light-flake") / 2).toBeCloseTo(1.4, 0);
  });

  it("is none on a bird sold salted, and never more than two per cent", () => {
    expect(drySalt(5.8, 1, "table", true).grams).toBe(0);
    expect(() => drySalt(5.8, 5, "table")).toThrow("salt: got 5");
  });

  it("is measured in spoons a cook has", () => {
    expect([0.5, 1, 3, 9.67, 12.25].map(formatSpoons)).toEqual([
      "½ tsp",
      "1 tsp",
      "1 tbsp",
      "3 tbsp + ¾ tsp",
      "4 tbsp + ¼ tsp",
    ]);
  });
});

describe("thaw (USDA FSIS, The big thaw)", () => {
  it.each(THAW_TABLE)(
    "lies inside its row for the middle of $fromLb to $toLb lb",
    ({ fromLb, toLb, fridgeDays, waterHours }) => {
      const middleKg = ((fromLb + toLb) / 2) * KG_PER_POUND;
      const fridge = thawTime(middleKg, "fridge").hours / 24;
      const water = thawTime(middleKg, "water").hours;
      expect(fridge).toBeGreaterThanOrEqual(fridgeDays[0]);
      expect(fridge).toBeLessThanOrEqual(fridgeDays[1]);
      expect(water).toBeGreaterThanOrEqual(waterHours[0]);
      expect(water).toBeLessThanOrEqual(waterHours[1]);
    },
  );

  it("refuses what is no bird", () =>
    expect(() => thawTime(Number.NaN, "fridge")).toThrow("mass of the bird: got NaN"));
});
