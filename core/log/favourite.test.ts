import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import type { Roast } from "../plan/roast";
import { PlanSchema } from "../plan/schema";
import { favouriteOf, likedAs } from "./favourite";

const eaten = (id: string, day: number, rating: number, change: Partial<Roast["plan"]> = {}): Roast => {
  const sample = sampleRoast(id);
  const at = (hour: number): string => new Date(Date.UTC(2026, 8, day, hour)).toISOString();
  return {
    ...sample,
    plan: { ...sample.plan, serveAt: at(18), ...change },
    happened: { inAt: at(14), pulledAt: at(17), carvedAt: at(18) },
    rating,
  };
};
const turkey = { species: "turkey", cut: "whole" } as const;

describe("what was liked best", () => {
  it("is the highest rated of such a bird, the newest of those, and nothing that was only good", () => {
    const roasts = [eaten("a", 1, 4), eaten("b", 8, 5), eaten("c", 15, 5), eaten("d", 22, 3)];
    expect(favouriteOf(roasts, turkey)?.id).toBe("c");
    expect(favouriteOf([...roasts].reverse(), turkey)?.id).toBe("c");
    expect(favouriteOf(roasts, { species: "turkey", cut: "crown" })).toBeNull();
    expect(favouriteOf([eaten("d", 22, 3)], turkey)).toBeNull();
  });

  it("hands on its salt, its doneness and the rest that it had", () => {
    const favourite = eaten("a", 1, 5, { targetC: { breast: 76, thigh: 80 }, cover: "towels" });
    const plan = likedAs(sampleRoast().plan, favourite);
    expect(plan).toMatchObject({ salt: favourite.plan.salt, targetC: { breast: 76, thigh: 80 }, cover: "towels" });
    expect(plan.restMin).toBe(60);
    expect(plan.stages).toEqual(sampleRoast().plan.stages);
  });

  it("is a whole plan whatever the two are, and salts no bird twice", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, (plan, other) => {
        const made = likedAs(plan, { ...eaten("a", 1, 5), plan: other });
        expect(PlanSchema.safeParse(made).success).toBe(true);
        if (plan.bird.preSalted) expect(made.salt).toEqual(plan.salt);
        expect(Object.keys(made.targetC).sort()).toEqual(Object.keys(plan.targetC).sort());
      }),
      plansAsked(200),
    );
  });
});
