import { describe, expect, it } from "vitest";
import { KG_PER_POUND } from "../units/quantity";
import { drySaltGrams, gramsPerTeaspoon } from "./salt";
import { publishedThaw, THAW_TABLE } from "./thaw";

describe("dry salt", () => {
  it("is one per cent of the bird, by weight", () => expect(drySaltGrams(5.8, 1)).toBeCloseTo(58, 9));

  it("half a teaspoon a pound is about 3 g of table salt and 1.4 g of light flake (common practice)", () => {
    expect(gramsPerTeaspoon("table") / 2).toBeCloseTo(3, 1);
    expect(gramsPerTeaspoon("light-flake") / 2).toBeCloseTo(1.4, 0);
  });

  it("is never more than two per cent", () => expect(() => drySaltGrams(5.8, 5)).toThrow("salt: got 5"));
});

describe("thaw (USDA FSIS, The big thaw)", () => {
  it.each(THAW_TABLE)("is its own row for the middle of $fromLb to $toLb lb", ({ fromLb, toLb, ...row }) => {
    const middleKg = ((fromLb + toLb) / 2) * KG_PER_POUND;
    const [fromDays, toDays] = row.fridgeDays;
    expect(publishedThaw(middleKg, "fridge")).toEqual({ fromHours: 24 * fromDays, toHours: 24 * toDays });
    const [fromHours, toHours] = row.waterHours;
    expect(publishedThaw(middleKg, "water")).toEqual({ fromHours, toHours });
  });

  it("refuses what is no bird", () =>
    expect(() => publishedThaw(Number.NaN, "fridge")).toThrow("mass of the bird: got NaN"));
});
