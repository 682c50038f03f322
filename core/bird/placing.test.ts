import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { coarseCellM, makeBody } from "./body";
import { CUTS, centresOf } from "./form";
import { wholeBounds } from "./look";
import { massRangeKg } from "./mass";
import { PLACED_FROM, type Placing, placingAt, placingOf, placingRange, stemOf } from "./placing";
import { probePath } from "./probePath";
import type { Vec3 } from "./sdf";
import { outsideM, pointIn, solidGeometry } from "./solidGeometry";
import { SPECIES } from "./species";

const apart = (a: Vec3, b: Vec3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
const TURKEY = { species: "turkey", cut: "whole" } as const;

describe("a thermometer pushed in anywhere", () => {
  it("comes to the same place as the way that was computed, on the other side: every species, any cut", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.constantFrom(...CUTS),
        fc.double({ min: 0.15, max: 0.9, noNaN: true }),
        (species, cut, share) => {
          const [low, high] = massRangeKg(species, cut);
          const massKg = low + share * (high - low);
          const geometry = solidGeometry({ species, cut }, massKg);
          const body = makeBody({ species, cut }, massKg, coarseCellM({ species }, 0.0125));
          const bounds = wholeBounds(geometry.extent);
          for (const centre of centresOf({ cut })) {
            const path = probePath(body, centre);
            if (!path) throw new Error(`no way to the ${centre} of a ${cut} ${species}`);
            const stem = stemOf(placingOf(path, geometry, bounds), geometry, bounds);
            if (!stem) throw new Error(`the stem passes beside a ${cut} ${species}`);
            const name = `${centre} of a ${cut} ${species} of ${massKg} kg, from ${path.from}`;
            // Distances are kept a few millimetres apart, and skin is grazed where it is met at a slant.
            expect(apart(stem.tip, [-path.tip[0], path.tip[1], path.tip[2]]), name).toBeLessThan(0.006);
          }
        },
      ),
      { numRuns: 3 },
    );
  });

  it("goes in through the skin, so deep, wherever it is put; or passes beside the bird", () => {
    const geometry = solidGeometry(TURKEY, 5.8);
    const bounds = wholeBounds(geometry.extent);
    const share = fc.double({ min: 0, max: 1, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom(...PLACED_FROM),
        share,
        share,
        fc.integer({ min: -60, max: 60 }),
        fc.integer({ min: -60, max: 60 }),
        fc.double({ min: 0, max: 0.12, noNaN: true }),
        (from, a, b, downDeg, inDeg, depthM) => {
          const { along, across } = placingRange(from, bounds);
          const placing: Placing = {
            from,
            alongM: along[0] + a * (along[1] - along[0]),
            acrossM: across[0] + b * (across[1] - across[0]),
            downDeg,
            inDeg,
            depthM,
            behind: 0,
          };
          const stem = stemOf(placing, geometry, bounds);
          if (!stem) return;
          expect(Math.abs(outsideM(geometry, stem.entry))).toBeLessThan(0.003);
          expect(apart(stem.entry, stem.tip)).toBeCloseTo(depthM, 9);
          expect(Math.hypot(...stem.way)).toBeCloseTo(1, 9);
          expect(pointIn(geometry, stem.tip).offBoneCm).toBeTypeOf("number");
        },
      ),
      { numRuns: 300 },
    );
  });

  it("goes in where the skin was pointed at, on that side", () => {
    const geometry = solidGeometry(TURKEY, 5.8);
    const bounds = wholeBounds(geometry.extent);
    const { positions, normals } = geometry.skin;
    let seen = 0;
    for (let n = 0; n < positions.length; n += 3 * 211) {
      const at = [0, 1, 2].map((k) => positions[n + k]) as unknown as Vec3;
      const outward = [0, 1, 2].map((k) => normals[n + k]) as unknown as Vec3;
      const placing = placingAt(at, outward, 0.03, geometry, bounds);
      const stem = stemOf(placing, geometry, bounds);
      // A place that is met at a slant alone, from under a wing, has no straight way in.
      if (!stem || apart(stem.entry, at) > 0.006) continue;
      seen++;
      // Against the skin that was pointed at, not out through it.
      expect(stem.way[0] * outward[0] + stem.way[1] * outward[1] + stem.way[2] * outward[2]).toBeLessThan(0);
    }
    expect(seen).toBeGreaterThan(40);
  });
});
