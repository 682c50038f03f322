import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { planOtherwise } from "./otherwise";
import { OTHERWISES } from "./roast";
import { PlanSchema } from "./schema";
import { aimsAtGuideline } from "./targets";
import { usualPlan } from "./usualPlan";

const anyWent = fc.record({
  outMin: fc.double({ min: 20, max: 600, noNaN: true }),
  restMin: fc.double({ min: 0, max: 120, noNaN: true }),
});

describe("a plan with one thing different", () => {
  it("is a whole plan, and another one, whatever the plan was", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyWent, fc.constantFrom(...OTHERWISES), (plan, went, id) => {
        const changed = planOtherwise(id, plan, went);
        if (!changed) return;
        expect(PlanSchema.safeParse(changed).error).toBeUndefined();
        if (id !== "out-at-goal") expect(changed).not.toEqual(plan);
      }),
      plansAsked(400),
    );
  });

  it("never proposes a target below the guideline", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyWent, (plan, went) => {
        const cooler = planOtherwise("out-cooler", plan, went);
        expect(cooler === null || aimsAtGuideline(cooler)).toBe(true);
      }),
      plansAsked(200),
    );
  });

  it("covers the breast half way through, and lays it breast down for a third", () => {
    const plan = usualPlan({
      bird: { species: "turkey", cut: "whole", massKg: 6, state: "fresh" },
      method: "steady",
      serveAt: "2026-11-26T18:00:00.000Z",
      zone: "UTC",
    });
    const went = { outMin: 182, restMin: 30 };
    expect(planOtherwise("breast-covered", plan, went)?.stages.at(-1)).toMatchObject({ fromMin: 90, shield: "breast" });
    const turned = planOtherwise("breast-down-first", plan, went)?.stages;
    expect(turned).toMatchObject([{ side: "down" }, { fromMin: 60, side: "up" }]);
    expect(planOtherwise("uncovered", plan, went)).toBeNull();
    expect(planOtherwise("salted", plan, went)).toBeNull();
  });
});
