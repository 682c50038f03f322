import { beforeAll, describe, expect, it } from "vitest";
import { loadKernel } from "../../cli/loadKernel";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { plannedCook, plannedInput } from "../forecast/planned";
import { PlanSchema } from "../formats/roast";
import { drain } from "../processes/cook";
import { comparisonOf, planByWay, WAYS, waysFor } from "./compare";

const { plan } = sampleRoast();
const compared = (id: string) => {
  const way = WAYS.find((known) => known.id === id) as (typeof WAYS)[number];
  const cook = drain(plannedCook(plannedInput(planByWay(plan, way)), "preview"));
  if (cook.kind !== "done") throw new Error("never met");
  return comparisonOf(cook, way.cut);
};

describe("ways to cook one bird", () => {
  beforeAll(() => void loadKernel());

  it.each(WAYS)("$name is a whole plan, and keeps the table and the salt", (way) => {
    const taken = PlanSchema.parse(planByWay(plan, way));
    expect(taken.salt).toEqual(plan.salt);
    expect(taken.bird.massKg).toBe(plan.bird.massKg);
  });

  it("says what is known of them: flat is far quicker than whole, parts quicker still, a shield holds the breast back", () => {
    const [whole, flat, parts, shielded] = ["whole-hot", "flat-hot", "parts-hot", "whole-shield"].map(compared) as [
      ReturnType<typeof compared>,
      ReturnType<typeof compared>,
      ReturnType<typeof compared>,
      ReturnType<typeof compared>,
    ];
    expect(flat.roastMin).toBeLessThan(0.7 * whole.roastMin);
    expect(parts.roastMin).toBeLessThan(flat.roastMin);
    expect(shielded.breastAheadMin).toBeLessThan(whole.breastAheadMin ?? 0);
    expect(whole.wholeAtTable).toBe(true);
    expect(flat.wholeAtTable).toBe(false);
    for (const way of [whole, flat, parts, shielded]) {
      expect(way.juicesBreast).toBeGreaterThan(0.4);
      expect(way.juicesBreast).toBeLessThan(1);
    }
  });

  it("does not cut again what was bought as a crown", () => {
    const crown = { ...plan, bird: { ...plan.bird, cut: "crown" as const, massKg: 3 }, targetC: { breast: 74 } };
    expect(waysFor(crown).every(({ cut }) => cut === "crown")).toBe(true);
  });
});
