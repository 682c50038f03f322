import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { KG_PER_POUND } from "../units/quantity";
import { saltPlan } from "./saltPlan";
import type { Plan } from "./schema";

const { plan } = sampleRoast();
const of = (salt: Partial<Plan["salt"]>, bird: Partial<Plan["bird"]> = {}) =>
  saltPlan({ ...plan, bird: { ...plan.bird, ...bird }, salt: { ...plan.salt, ...salt } });
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

  it("is certain of what it comes to, but for a brine that is stopped by the clock", () => {
    expect(of({}).isCertain && of({ method: "equilibrium" }).isCertain && of({ method: "injection" }).isCertain).toBe(
      true,
    );
    expect(of({ method: "brine" }).isCertain).toBe(false);
  });

  it("comes from no bath of no hours", () => {
    expect(of({ method: "brine", saltHours: 0 })).toMatchObject({ method: "none", grams: 0, bath: null });
    const thawing = { ...plan, bird: { ...plan.bird, state: "frozen" as const }, thawIn: "brine" as const };
    expect(saltPlan({ ...thawing, salt: { ...plan.salt, method: "brine", saltHours: 0 } }).grams).toBeGreaterThan(0);
  });

  it("is what is injected where there is none besides, and where that is nothing too no salt at all", () => {
    const nothing = [
      { method: "dry", percent: 0 },
      { method: "injection", percent: 0 },
      { method: "equilibrium", percent: 0 },
      { method: "brine", saltHours: 0 },
    ] as const;
    for (const salt of nothing) {
      expect(of(salt)).toMatchObject({ method: "none", grams: 0, hours: 0, bath: null, injected: null });
    }
    for (const salt of nothing.filter(({ method }) => method !== "injection")) {
      const injected = of({ ...salt, injectPercent: 0.6 });
      expect(injected).toEqual(of({ ...salt, method: "injection", percent: 0.6 }));
      expect(injected.grams).toBeGreaterThan(0);
    }
  });

  it("of two birds goes into one pot where that holds them, else into one each", () => {
    const two = (potL: number, bath: "pot" | "bag" = "pot") =>
      saltPlan({
        ...plan,
        bird: { ...plan.bird, count: 2 },
        equipment: { ...plan.equipment, potL },
        salt: { ...plan.salt, method: "brine", bath },
      }).bath;
    expect([two(60)?.vessels, two(12)?.vessels, two(60, "bag")?.vessels]).toEqual([1, 2, 2]);
    // By displacement: as much water to each bird, whichever way.
    expect(two(60)?.waterL).toBeCloseTo(2 * (two(12)?.waterL ?? 0), 6);
    expect(two(60)?.saltGrams).toBeCloseTo(2 * (two(12)?.saltGrams ?? 0), 6);
  });

  it("grows with the birds, and is nothing where there is none", () => {
    fc.assert(
      fc.property(ANY_PLAN, (any) => {
        const one = saltPlan({ ...any, bird: { ...any.bird, count: 1 } });
        const three = saltPlan({ ...any, bird: { ...any.bird, count: 3 } });
        expect(three.grams).toBeCloseTo(3 * one.grams, 6);
        expect(three.meatPercentMost).toBeCloseTo(one.meatPercentMost, 9);
        const none = saltPlan({ ...any, salt: { ...any.salt, method: "none" } });
        expect([none.grams, none.sugarGrams, none.hours, none.bath]).toEqual([0, 0, 0, null]);
      }),
    );
  });
});
