import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { makeBody } from "../bird/body";
import { CUTS } from "../bird/form";
import { massRangeKg } from "../bird/mass";
import { SPECIES } from "../bird/species";
import { withForm } from "./edits";
import { PlanSchema } from "./schema";
import { usualPlan } from "./usualPlan";

/** Coarser than anything that is simulated: whether it can be made shows all the same. */
const CELL_M = 0.03;

describe("a plan that is taken in", () => {
  it("has a bird that can be made: of a mass that its cut has, filled where it has a cavity", () => {
    const anyBird = fc.record({
      species: fc.constantFrom(...SPECIES),
      cut: fc.constantFrom(...CUTS),
      cavity: fc.constantFrom("empty", "aromatics", "stuffed" as const),
      massKg: fc.double({ min: 0.03, max: 16, noNaN: true }),
    });
    fc.assert(
      fc.property(ANY_PLAN, anyBird, (plan, bird) => {
        const isTaken = PlanSchema.safeParse({ ...plan, bird: { ...plan.bird, ...bird, count: 1 } }).success;
        const make = (): unknown => makeBody(bird, bird.massKg, CELL_M);
        if (isTaken) expect(make).not.toThrow();
        else expect(make).toThrow();
      }),
      plansAsked(100),
    );
  });

  it("has four birds side by side at the most, and of pieces as many as six birds give", () => {
    for (const cut of CUTS) {
      const most = { whole: 4, spatchcock: 4, parts: 4, crown: 4, legs: 6, "boneless-breast": 12, "leg-roll": 12 }[cut];
      const bird = { species: "duck", cut, massKg: massRangeKg("duck", cut)[0], state: "fresh" } as const;
      const plan = (count: number) =>
        usualPlan({ bird: { ...bird, count }, method: "steady", serveAt: "2026-12-25T18:00:00.000Z", zone: "UTC" });
      expect(PlanSchema.safeParse(plan(most)).success).toBe(true);
      const refused = PlanSchema.safeParse(plan(most + 1)).error?.issues[0];
      expect(refused).toMatchObject({ path: ["bird", "count"], maximum: most });
      // Cut otherwise it is a plan still.
      for (const other of CUTS) expect(() => PlanSchema.parse(withForm({ cut: other })(plan(most)))).not.toThrow();
    }
  });
});
