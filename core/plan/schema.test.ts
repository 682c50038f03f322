import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { makeBody } from "../bird/body";
import { CUTS } from "../bird/form";
import { SPECIES } from "../bird/species";
import { PlanSchema } from "./schema";

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
        const isTaken = PlanSchema.safeParse({ ...plan, bird: { ...plan.bird, ...bird } }).success;
        const make = (): unknown => makeBody(bird, bird.massKg, CELL_M);
        if (isTaken) expect(make).not.toThrow();
        else expect(make).toThrow();
      }),
      plansAsked(100),
    );
  });
});
