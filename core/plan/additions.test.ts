import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { additionGrams, burning, gravySaltGrams, saltBesidesPercent } from "./additions";
import { gravyOf } from "./gravy";
import type { Addition, Plan } from "./schema";

const addition = (change: Partial<Addition>): Addition => ({
  id: "a",
  name: "A rub",
  amount: 50,
  unit: "g",
  when: "with-the-salt",
  where: "over",
  saltPercent: 0,
  sugarPercent: 0,
  makeMin: 0,
  ...change,
});
const { plan } = sampleRoast();
const having = (...additions: Addition[]): Plan => ({ ...plan, additions });

describe("what rubs and liquids bring", () => {
  it("is grams of each unit, for all the birds; pieces are counted, not weighed", () => {
    expect(additionGrams(addition({ unit: "g/kg", amount: 10 }), plan)).toBeCloseTo(58, 9);
    expect(additionGrams(addition({ unit: "tsp", amount: 2 }), plan)).toBeCloseTo(9.86, 2);
    expect(additionGrams(addition({ unit: "pieces", amount: 3 }), plan)).toBeNull();
  });

  it("is salt in the bird where it goes on the bird, and in the gravy where it goes into that", () => {
    // By hand: 100 g of a rub that is half salt, in some 5.5 kg of meat, is 0.9 %.
    const rubbed = having(addition({ amount: 100, saltPercent: 50 }));
    expect(saltBesidesPercent(rubbed)).toBeGreaterThan(0.88);
    expect(saltBesidesPercent(rubbed)).toBeLessThan(0.96);
    expect(gravySaltGrams(rubbed)).toBe(0);
    const poured = having(addition({ when: "into-the-gravy", amount: 20, saltPercent: 20 }));
    expect(saltBesidesPercent(poured)).toBe(0);
    expect(gravySaltGrams(poured)).toBeCloseTo(4, 9);
    const [with_, without] = [gravyOf(poured, 0.5), gravyOf(having(), 0.5)];
    if (!with_ || !without) throw new Error("there is no gravy");
    expect(with_.saltPercent - without.saltPercent).toBeCloseTo(400 / without.finishedMl, 9);
  });

  it("burns where sugar lies over the skin in a hot oven, and only there", () => {
    const sweet = addition({ when: "before-the-heat", sugarPercent: 40 });
    const hot = { stages: [{ fromMin: 0, airC: 220 }] };
    expect(burning({ additions: [sweet], ...hot })).toEqual([sweet]);
    expect(burning({ additions: [sweet], stages: [{ fromMin: 0, airC: 160 }] })).toEqual([]);
    expect(burning({ additions: [{ ...sweet, where: "under-the-skin" }], ...hot })).toEqual([]);
    expect(burning({ additions: [{ ...sweet, when: "at-the-end" }], ...hot })).toEqual([]);
  });
});
