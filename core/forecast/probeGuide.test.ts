import { describe, expect, it } from "vitest";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { ensembleOptions } from "./plannedInput";
import { probeGuides } from "./probeGuide";

describe("what a slip of the hand shows", () => {
  it("is a degree or two a centimetre on the way that was chosen, in a large bird and in a small one", () => {
    const moreK = (species: "turkey" | "chicken", massKg: number) => {
      const plan = usualPlan({
        bird: { species, cut: "whole", massKg, state: "fresh" },
        method: "steady",
        serveAt: "2026-11-26T18:00:00.000Z",
        zone: "UTC",
      });
      return drain(probeGuides(ensembleOptions(plan, { breast: 72, thigh: 74 })));
    };
    const [large, small] = [moreK("turkey", 9), moreK("chicken", 1.6)];
    for (const guides of [large, small]) {
      expect(guides.map(({ centre }) => centre)).toEqual(["breast", "thigh"]);
      for (const { moreKPerCm } of guides) {
        expect(moreKPerCm).toBeGreaterThanOrEqual(0);
        expect(moreKPerCm).toBeLessThan(4);
      }
    }
  });
});
