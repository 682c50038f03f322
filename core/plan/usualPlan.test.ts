import { describe, expect, it } from "vitest";
import { CUTS, centresOf } from "../bird/form";
import { massRangeKg } from "../bird/mass";
import { SPECIES } from "../bird/species";
import { METHODS } from "./methods";
import { PlanSchema } from "./schema";
import { usualPlan } from "./usualPlan";

describe("the usual plan", () => {
  it.each(SPECIES)("is valid for every cut and method of a %s, and aims at each centre it has", (species) => {
    for (const cut of CUTS) {
      for (const { id } of METHODS.filter(({ cuts }) => cuts.includes(cut))) {
        const [low, high] = massRangeKg(species, cut);
        const bird = { species, cut, massKg: (low + high) / 2, state: "fresh" } as const;
        const plan = usualPlan({ bird, method: id, serveAt: "2026-09-27T11:30:00.000Z", zone: "UTC" });
        expect(PlanSchema.parse(plan)).toEqual(plan);
        expect(Object.keys(plan.targetC)).toEqual([...centresOf(bird)]);
      }
    }
  });
});
