import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CUTS } from "../bird/form";
import { soldRangeKg } from "../bird/mass";
import { SPECIES } from "../bird/species";
import { constant } from "../constants";
import { bathFor, iceToCoolKg, SALT_SHARES } from "./brining";
import { gravyFor, simmeredMl, stockMl, stockWaterMl } from "./gravy";
import { birdsToBuy, cookedMeatKg, MOST_HEADS, massToBuyKg, portionsAt, portionsOf, type Table } from "./guests";
import { brine } from "./salt";

const table = (usual: number, leftoverMeals = 0): Table => ({ guests: { light: 0, usual, hearty: 0 }, leftoverMeals });

describe("what to buy", () => {
  it.each([
    ["whole", 10, 4.5, 5.2, "about 1 lb or 0.5 kg a person whole"],
    ["crown", 10, 3.3, 3.7, "350 g a person as a crown"],
    ["boneless-breast", 10, 2, 2.5, "200 to 250 g boneless"],
  ] as const)("a %s turkey for %i: %d to %d kg (common practice: %s%s)", (cut, heads, low, high, _says) => {
    expect(massToBuyKg(table(heads), "turkey", cut)).toBeGreaterThanOrEqual(low);
    expect(massToBuyKg(table(heads), "turkey", cut)).toBeLessThanOrEqual(high);
  });

  it("is one bird while there is one so large, then several alike; never less than was asked for until four are not enough", () => {
    expect(birdsToBuy(table(11), "turkey", "whole")).toEqual({ count: 1, massKg: 5.5, isEnough: true });
    expect(birdsToBuy(table(11), "chicken", "whole").count).toBeGreaterThan(1);
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom(...SPECIES),
        fc.constantFrom(...CUTS),
        (usual, species, cut) => {
          const { count, massKg, isEnough } = birdsToBuy(table(usual), species, cut);
          const [low, high] = soldRangeKg(species, cut);
          expect(massKg).toBeGreaterThanOrEqual(low);
          expect(massKg).toBeLessThanOrEqual(high);
          expect(isEnough).toBe(count * massKg > massToBuyKg(table(usual), species, cut) - 0.001);
          if (count < 4) expect(isEnough).toBe(true);
        },
      ),
    );
  });

  it("is nothing that no shop has: no turkey for one is smaller than they come, and no chicken for forty larger", () => {
    expect(birdsToBuy(table(1), "turkey", "whole").massKg).toBe(2.5);
    expect(birdsToBuy(table(1), "duck", "whole").massKg).toBe(1.6);
    expect(birdsToBuy(table(40), "chicken", "whole")).toEqual({ count: 4, massKg: 2.6, isEnough: false });
  });

  it("grows with every guest, with appetite and with leftovers", () => {
    fc.assert(
      fc.property(
        fc.nat(20),
        fc.nat(20),
        fc.nat(20),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (light, usual, hearty, left) => {
          fc.pre(light + usual + hearty > 0);
          const at = (guests: Table["guests"], leftoverMeals: number) => portionsAt({ guests, leftoverMeals });
          const now = at({ light, usual, hearty }, left);
          expect(at({ light: light + 1, usual, hearty }, left)).toBeGreaterThan(now);
          expect(at({ light, usual: usual + 1, hearty }, left)).toBeGreaterThan(
            at({ light: light + 1, usual, hearty }, left),
          );
          expect(at({ light, usual, hearty }, left + 1)).toBeGreaterThanOrEqual(now);
        },
      ),
    );
  });

  it("feeds the open-day table: 11 from a 5.8 kg turkey, a good 200 g each", () => {
    const portions = portionsOf(table(11), 5.8, "turkey", "spatchcock");
    expect(portions.eachKg).toBeGreaterThan(0.2);
    expect(portions.lightKg + portions.darkKg).toBeCloseTo(cookedMeatKg(5.8, "turkey", "spatchcock"), 9);
  });

  it("yields as published: 47 % of a raw turkey, 36 to 41 % of a chicken, less of a duck", () => {
    expect(cookedMeatKg(10, "turkey", "whole")).toBeCloseTo(4.7, 6);
    expect(cookedMeatKg(1, "chicken", "whole")).toBeGreaterThan(0.36);
    expect(cookedMeatKg(1, "chicken", "whole")).toBeLessThan(0.41);
    expect(cookedMeatKg(1, "duck", "whole")).toBeLessThan(0.36);
  });

  it("is reckoned for one where nobody sits at the table yet", () => {
    expect(massToBuyKg(table(0, 1), "duck", "whole")).toBe(massToBuyKg(table(1, 1), "duck", "whole"));
    expect(portionsOf(table(0), 2, "duck", "whole")).toEqual(portionsOf(table(1), 2, "duck", "whole"));
  });

  it("refuses a crowd that cannot be counted", () => {
    expect(() => portionsAt(table(Number.NaN))).toThrow("guests with a usual appetite: got NaN");
    expect(() => portionsAt(table(400))).toThrow("got 400");
  });
});

describe("a bath", () => {
  it("is held by a container that takes bird and water, far smaller with a bag", () => {
    const [pot, bag] = [bathFor(5.5, false), bathFor(5.5, true)];
    expect(pot.containerL).toBeGreaterThan(5.5 / 1.06 + pot.waterL);
    expect(bag.containerL).toBeLessThan(0.75 * pot.containerL);
  });

  it("is cooled by ice as the heat balance says: 1 kg of ice takes 1.45 L from 60 to 5 °C", () => {
    // Worked by hand: 1.45 × 4.19 × 55 = 334 kJ, against 333.6 + 4.19 × 5 = 354.6 kJ a kg of ice.
    expect(iceToCoolKg(1.45, 60, 5)).toBeCloseTo(0.942, 2);
    expect(iceToCoolKg(1, 4, 10)).toBe(0);
  });

  it("of the usual strength is 58 to 77 g a litre (common practice), and at equilibrium what the balance asks", () => {
    const usual = brine({ method: "brine", percent: 6.5, waterKg: 8, meatKg: 5.5, meatWaterKg: 3.9 });
    expect(usual.gramsPerLitre).toBeGreaterThan(58);
    expect(usual.gramsPerLitre).toBeLessThan(77);
    // 1 % of 5.5 kg in 3.9 kg of water is 14.1 g/kg, the same in 8 kg: 55 + 112.8 g.
    const even = brine({ method: "equilibrium", percent: 1, waterKg: 8, meatKg: 5.5, meatWaterKg: 3.9 });
    expect(even.saltGrams).toBeCloseTo(167.8, 0);
    expect(() => brine({ method: "brine", percent: 90, waterKg: 8, meatKg: 5, meatWaterKg: 4 })).toThrow(
      "strength of the brine: got 90",
    );
  });

  it("shares a dry salt out over the whole bird", () => {
    expect(SALT_SHARES.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
  });
});

describe("gravy", () => {
  const usual = { heads: 11, species: "turkey", ovenKg: 5.1, thickener: "flour", saltPercent: 1 } as const;

  it("is for as many as can be said of a table, of every appetite together", () => {
    expect(gravyFor({ ...usual, heads: MOST_HEADS }).finishedMl).toBeCloseTo(MOST_HEADS * constant("gravyMlAHead"), 9);
  });

  it("takes 1 to 2 tablespoons of flour a cup with as much fat, half as much of starch (common practice)", () => {
    const { finishedMl, thickenerGrams, fatGrams } = gravyFor(usual);
    const tablespoonsACup = thickenerGrams / 8 / (finishedMl / 236.6);
    expect(tablespoonsACup).toBeGreaterThan(1);
    expect(tablespoonsACup).toBeLessThan(2);
    expect(fatGrams).toBe(thickenerGrams);
    expect(gravyFor({ ...usual, thickener: "starch" }).thickenerGrams).toBeCloseTo(thickenerGrams / 2, 9);
  });

  it("takes water where the drippings are too salty for stock", () => {
    expect(gravyFor({ ...usual, saltPercent: 0 }).liquid).toBe("stock");
    expect(gravyFor({ ...usual, saltPercent: 3.5 }).liquid).toBe("water");
    fc.assert(
      fc.property(fc.double({ min: 0, max: 4, noNaN: true }), (saltPercent) => {
        const made = gravyFor({ ...usual, saltPercent });
        expect(made.drippingsMl + made.liquidMl).toBeCloseTo(made.finishedMl, 6);
        expect(made.saltPercent).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  it("starts a stock with a third more water than is wanted: a quarter goes in an hour", () => {
    expect(stockWaterMl(900)).toBeCloseTo(1200, 6);
    // A pot that hardly covers its bottom burns: neck and giblets lie in half a litre (common practice).
    const small = { liquid: "half stock" as const, liquidMl: 90 };
    expect(stockWaterMl(simmeredMl(small))).toBeCloseTo(500, 6);
    expect(stockMl(small)).toBe(45);
    expect(simmeredMl({ liquid: "stock", liquidMl: 900 })).toBe(900);
    expect(simmeredMl({ liquid: "water", liquidMl: 900 })).toBe(0);
  });
});
