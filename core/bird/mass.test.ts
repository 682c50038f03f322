import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CUTS } from "./form";
import { massRangeKg, shownMassKg } from "./mass";
import { SPECIES } from "./species";

describe("the mass that a bird is shown with", () => {
  it("is one that such a bird can have, and near its own, to either end of the range", () => {
    const anyShare = fc.oneof(fc.constantFrom(0, 1), fc.double({ min: 0, max: 1, noNaN: true }));
    fc.assert(
      fc.property(fc.constantFrom(...SPECIES), fc.constantFrom(...CUTS), anyShare, (species, cut, share) => {
        const [low, high] = massRangeKg(species, cut);
        const boughtKg = Math.min(high, low + share * (high - low));
        const massKg = shownMassKg(species, cut, boughtKg);
        expect(massKg).toBeGreaterThanOrEqual(low);
        expect(massKg).toBeLessThanOrEqual(high);
        expect(Math.abs(massKg - boughtKg)).toBeLessThan(0.026);
      }),
    );
  });
});
