import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { KG_PER_POUND } from "../units/quantity";
import { saltPlan } from "./saltPlan";
import type { Plan } from "./schema";

const { plan } = sampleRoast();
const of = (salt: Partial<Plan["salt"]>, bird: Partial<Plan["bird"]> = {}) =>
  saltPlan({ bird: { ...plan.bird, ...bird }, salt: { ...plan.salt, ...salt } });
/** Litres in a US gallon, millilitres in a US cup; table salt: USDA SR, 292 g a cup. */
const GALLON_L = 3.785;

describe("what to weigh", () => {
  it("dry: half a teaspoon of table salt a pound is 0.66 %, inside the 0.7 to 1.5 % of common practice with the default 1 % above it", () => {
    const pounds = plan.bird.massKg / KG_PER_POUND;
    expect(of({ percent: 0.66 }).teaspoons).toBeCloseTo(pounds / 2, 1);
    expect(of({}).grams / plan.bird.massKg / 10).toBeCloseTo(1, 9);
  });

  it("brine: three quarters of a cup of table salt a gallon (USDA FSIS) is within the strengths of common practice, 58 to 77 g/L", () => {
    const published = (0.75 * 292) / GALLON_L;
    expect(published).toBeGreaterThan(57);
    const usual = of({ method: "brine" });
    expect(usual.bath?.gramsPerLitre).toBeGreaterThan(published);
    expect(usual.bath?.gramsPerLitre).toBeLessThan(77);
    expect(usual.grams).toBeCloseTo((usual.bath?.gramsPerLitre ?? 0) * (usual.bath?.waterL ?? 0), 6);
  });

  it("equilibrium: salt shared evenly over the meat's water and the bath gives the meat what was asked for", () => {
    for (const bath of ["pot", "bag"] as const) {
      const made = of({ method: "equilibrium", percent: 0.9, bath });
      expect(made.meatPercentMost).toBeCloseTo(0.9, 6);
      // Weaker than a brine by time, since there is no clock to stop it.
      expect(made.bath?.gramsPerLitre).toBeLessThan(of({ method: "brine" }).bath?.gramsPerLitre ?? 0);
    }
  });

  it("a closed bag needs less brine and a smaller vessel; a cooler needs ice for its hours", () => {
    const [pot, bag] = [of({ method: "brine" }), of({ method: "brine", bath: "bag" })];
    expect(bag.bath?.waterL).toBeLessThan((pot.bath?.waterL ?? 0) / 2);
    expect(bag.bath?.containerL).toBeLessThan(pot.bath?.containerL ?? 0);
    expect(of({ method: "brine" }).coolerIceKg).toBeNull();
    const [short, long] = [6, 24].map((saltHours) => of({ method: "brine", keptIn: "cooler", saltHours }).coolerIceKg);
    expect(long).toBeCloseTo(4 * (short ?? 0), 6);
  });

  it("by the cook's own spoon once a spoonful was weighed, and by its kind before", () => {
    expect(of({ gramsPerTeaspoon: 2.9 }).teaspoons).toBeCloseTo(of({}).grams / 2.9, 9);
    expect(of({ kind: "light-flake" }).teaspoons).toBeCloseTo(2 * of({ kind: "table" }).teaspoons, 6);
    expect(of({ kind: "dense-flake" }).teaspoons).toBeGreaterThan(of({ kind: "table" }).teaspoons);
  });

  it("is caught where it is too much: on a bird sold salted, and above what anybody asks for", () => {
    expect(of({}).tooSalty).toBe(false);
    expect(of({}, { preSalted: true }).tooSalty).toBe(true);
    expect(of({ method: "none" }, { preSalted: true }).tooSalty).toBe(false);
    expect(of({ percent: 2 }).tooSalty).toBe(true);
    expect(of({ method: "brine", brinePercent: 12 }).tooSalty).toBe(true);
  });

  it("grows with the birds, and is nothing where there is none", () => {
    fc.assert(
      fc.property(ANY_PLAN, ({ bird, salt }) => {
        const one = saltPlan({ bird: { ...bird, count: 1 }, salt });
        const three = saltPlan({ bird: { ...bird, count: 3 }, salt });
        expect(three.grams).toBeCloseTo(3 * one.grams, 6);
        expect(three.meatPercentMost).toBe(one.meatPercentMost);
        const none = saltPlan({ bird, salt: { ...salt, method: "none" } });
        expect([none.grams, none.sugarGrams, none.hours, none.bath]).toEqual([0, 0, 0, null]);
      }),
    );
  });
});
