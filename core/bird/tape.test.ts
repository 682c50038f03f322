import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { makeBody } from "./body";
import { massRangeKg } from "./mass";
import { sizeOf } from "./size";
import { ANATOMY, SPECIES } from "./species";
import { massByTape } from "./tape";

describe("a bird's weight by tape", () => {
  it.each(SPECIES)("is a %s's own: what its solid measures, it weighs", (species) => {
    const [low, high] = massRangeKg(species, "whole");
    fc.assert(
      fc.property(fc.double({ min: low * 1.2, max: high * 0.8, noNaN: true }), (kg) => {
        const body = makeBody({ species, cut: "whole" }, kg, 0.008);
        const { centre, radii } = ANATOMY[species].breast;
        const lengthCm = sizeOf(body).length;
        // Heavier birds are thicker in the breast, not wider: both breasts, side by side.
        const widthCm = 200 * body.scale * (centre[0] + radii[2]);
        const { massKg, offKg } = massByTape(species, { lengthCm, widthCm });
        expect(Math.abs(massKg - kg)).toBeLessThan(offKg);
      }),
      { numRuns: 12 },
    );
  });

  it("is in more doubt where the two measures disagree, and refused where no such bird is", () => {
    const even = massByTape("turkey", { lengthCm: 38, widthCm: 21.5 });
    const odd = massByTape("turkey", { lengthCm: 42, widthCm: 19 });
    expect(odd.offKg / odd.massKg).toBeGreaterThan(even.offKg / even.massKg);
    expect(() => massByTape("chicken", { lengthCm: 60, widthCm: 35 })).toThrow(/chicken by tape: got .*0.5 to 5 kg/);
    expect(() => massByTape("turkey", { lengthCm: 5, widthCm: 20 })).toThrow(/length by tape/);
  });
});
