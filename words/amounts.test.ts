import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CM_PER_INCH } from "../core/units/quantity";
import { formatSpoons, liquid, PINCH, potFor, roomFor, roughly, sides, small, spooned } from "./amounts";

describe("spoons", () => {
  it("are what a cook has", () => {
    expect([0.5, 1, 3, 9.67, 12.25].map((teaspoons) => formatSpoons(teaspoons, "metric"))).toEqual([
      "½ tsp",
      "1 tsp",
      "1 tbsp",
      "3 tbsp + ¾ tsp",
      "4 tbsp + ¼ tsp",
    ]);
  });

  it("give way to a jug, or to cups, where there would be many", () => {
    expect([24, 97].map((teaspoons) => formatSpoons(teaspoons, "us"))).toEqual(["½ cup", "2 cups"]);
    expect([31, 97].map((teaspoons) => formatSpoons(teaspoons, "us"))).toEqual(["½ cup + 2 tbsp", "2 cups"]);
    expect([24, 97].map((teaspoons) => formatSpoons(teaspoons, "metric"))).toEqual(["120 mL", "480 mL"]);
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 2000, noNaN: true }),
        fc.constantFrom("metric", "us"),
        (teaspoons, units) => {
          expect(Number(/(\d+) tbsp/.exec(formatSpoons(teaspoons, units))?.[1] ?? 0)).toBeLessThan(9);
        },
      ),
    );
  });
});

/** What an amount in spoons, cups and quarts comes to, mL: by the definitions of NIST Handbook 44. */
const US_ML: Record<string, number> = { tsp: 4.929, tbsp: 14.787, cup: 236.59, cups: 236.59, quarts: 946.35 };
const SIGNS: Record<string, number> = { "": 0, "¼": 0.25, "⅓": 1 / 3, "½": 0.5, "⅔": 2 / 3, "¾": 0.75 };
const inMl = (text: string): number =>
  text
    .split(" + ")
    .map((part) => /^(\d*)([¼⅓½⅔¾]?) (\w+)$/.exec(part) as RegExpExecArray)
    .reduce(
      (sum, [, whole, sign, unit]) => sum + (Number(whole) + (SIGNS[sign ?? ""] ?? 0)) * (US_ML[unit ?? ""] ?? 0),
      0,
    );

describe("liquids in cups", () => {
  it("are what they were, as near as measuring cups come", () => {
    expect([30, 100, 237, 480, 960, 9000].map((ml) => liquid(ml, "us"))).toEqual([
      "2 tbsp",
      "½ cup",
      "1 cup",
      "2 cups",
      "4 cups",
      "9½ quarts",
    ]);
    fc.assert(
      fc.property(fc.double({ min: 5, max: 30_000, noNaN: true }), (ml) => {
        const off = Math.abs(inMl(liquid(ml, "us")) - ml);
        expect(off, `${ml} mL as ${liquid(ml, "us")}`).toBeLessThan(Math.max(1, 0.35 * ml, 0) + 0.7);
        // Halfway from ¾ of a cup to a whole one is an eighth off in seven eighths.
        if (ml > 120) expect(off, `${ml} mL as ${liquid(ml, "us")}`).toBeLessThan((1 / 7 + 0.001) * ml);
      }),
    );
  });
});

describe("dry things", () => {
  it("are told roughly where nobody weighs them more closely", () => {
    expect([283, 838, 1290].map((grams) => roughly(grams, "metric"))).toEqual(["280 g", "840 g", "1.29 kg"]);
    expect([283, 838].map((grams) => roughly(grams, "us"))).toEqual(["10 oz", "1 lb 14 oz"]);
  });

  it("are measured by spoons and cups where that is the habit, and weighed elsewhere", () => {
    // USDA SR, household measures (from memory): g a cup, a tablespoon, a teaspoon.
    expect([spooned("flour", 125, "us"), spooned("sugar", 200, "us"), spooned("starch", 128, "us")]).toEqual([
      "1 cup",
      "1 cup",
      "1 cup",
    ]);
    expect([spooned("fat", 14.2, "us"), spooned("baking powder", 4.6, "us")]).toEqual(["1 tbsp", "1 tsp"]);
    expect([spooned("flour", 17.4, "metric"), spooned("sugar", 0.2, "metric")]).toEqual(["17 g", PINCH]);
    const inTeaspoons = (said: string): number => inMl(said) / 4.929;
    fc.assert(
      fc.property(fc.double({ min: 2, max: 900, noNaN: true }), (grams) => {
        const said = spooned("fat", grams, "us");
        expect(Math.abs(inTeaspoons(said) * 4.6 - grams) / grams, said).toBeLessThan(0.26);
      }),
    );
  });

  it("are weighed in the cook's own units, without an idle decimal", () => {
    expect([small(58, "us"), small(500, "us"), small(56.7, "us"), small(58.4, "metric")]).toEqual([
      "2 oz",
      "1 lb 2 oz",
      "2 oz",
      "58 g",
    ]);
  });

  it("say what was weighed to a twentieth, the salt of a small piece too", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.06, max: 12, noNaN: true }), (ounces) => {
        const said = small(ounces * 28.3495, "us");
        expect(Math.abs(Number.parseFloat(said) - ounces) / ounces, said).toBeLessThan(0.09);
        if (ounces > 0.1) expect(Math.abs(Number.parseFloat(said) - ounces) / ounces, said).toBeLessThan(0.051);
      }),
    );
  });
});

describe("room", () => {
  const numberIn = (text: string): number => {
    const [, whole = "0", half = ""] = /^(\d*)(½?)/.exec(text) ?? [];
    return Number(whole || 0) + (half ? 0.5 : 0);
  };

  it("that is needed is more than there is in words, too, where it is, and never where it is not", () => {
    const places = fc.oneof(
      fc.record({ units: fc.constant("metric" as const), hasCm: fc.integer({ min: 10, max: 90 }) }),
      fc.record({
        units: fc.constant("us" as const),
        hasCm: fc.integer({ min: 8, max: 70 }).map((halves) => (halves / 2) * CM_PER_INCH),
      }),
    );
    fc.assert(
      fc.property(places, fc.double({ min: -2, max: 2, noNaN: true }), ({ units, hasCm }, moreCm) => {
        const needsCm = hasCm + (Math.abs(moreCm) < 0.001 ? 0 : moreCm);
        const needs = numberIn(roomFor([needsCm], units));
        expect(needs > numberIn(sides([hasCm], units))).toBe(needsCm > hasCm);
      }),
    );
  });

  it("in a pot likewise", () => {
    expect(potFor(12.04, "metric")).toBe("12.1 L");
    expect(potFor(12, "metric")).toBe("12 L");
    expect(potFor(8 * 0.946352946, "us")).toBe("8 quarts");
    expect(potFor(7.6, "us")).toBe("8.1 quarts");
  });
});
