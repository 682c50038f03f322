import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { coarseCellM, makeBody } from "./body";
import { CUTS, type Cut, centresOf } from "./form";
import { massRangeKg } from "./mass";
import { probePath } from "./probePath";
import { SPECIES, type Species } from "./species";

const bodyOf = (species: Species, cut: Cut, share: number) => {
  const [low, high] = massRangeKg(species, cut);
  return makeBody({ species, cut }, low + share * (high - low), coarseCellM({ species }, 0.0125));
};

describe("where a thermometer goes in", () => {
  it("is near the deepest meat, clear of bone, within a stem's reach and never from below: every bird, cut and mass", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.constantFrom(...CUTS),
        fc.double({ min: 0.1, max: 0.95, noNaN: true }),
        (species, cut, share) => {
          const body = bodyOf(species, cut, share);
          for (const centre of centresOf({ cut })) {
            const path = probePath(body, centre);
            if (!path) throw new Error(`no way to the ${centre} of a ${cut} ${species}`);
            expect(path.offCentreCm).toBeLessThanOrEqual(0.5);
            expect(path.offBoneCm).toBeGreaterThanOrEqual(0.8 - 1e-6);
            expect(path.depthCm).toBeLessThanOrEqual(12);
            expect(path.depthCm).toBeGreaterThanOrEqual(2);
            expect(path.aboveBoardCm).toBeGreaterThanOrEqual(0);
            expect(path.downDeg).toBeGreaterThan(-10);
            // The side that is named is the one the stem sticks out of, never the gap between two legs.
            const [x, y, z] = path.entry.map((each, axis) => each - (path.tip[axis] as number)) as [
              number,
              number,
              number,
            ];
            const out = { neck: y, tail: -y, side: x, above: z }[path.from];
            expect(out).toBeGreaterThanOrEqual(0.57 * Math.hypot(x, y, z));
          }
        },
      ),
      { numRuns: 30 },
    );
  });

  it("is measured from the board that the bird lies on and from its neck's own end, to the millimetre", () => {
    fc.assert(
      fc.property(fc.constantFrom(...SPECIES), fc.constantFrom(...CUTS), (species, cut) => {
        const body = bodyOf(species, cut, 0.4);
        const { low, high } = body.unit.shape.bounds;
        // Point by point, near the lowest and the foremost that the box allows.
        const stepM = 0.003;
        let [boardZ, neckY] = [high[2], low[1]];
        const isMeat = (x: number, y: number, z: number): boolean => body.unit.shape.body.at(x, y, z) < 0;
        for (let x = 0; x < high[0]; x += stepM) {
          for (let y = low[1]; y < high[1]; y += stepM)
            for (let z = low[2]; z < Math.min(boardZ, low[2] + 0.04); z += stepM / 3) if (isMeat(x, y, z)) boardZ = z;
          for (let z = low[2]; z < high[2]; z += stepM)
            for (let y = high[1]; y > Math.max(neckY, high[1] - 0.04); y -= stepM / 3) if (isMeat(x, y, z)) neckY = y;
        }
        const cm = 100 * body.scale;
        for (const centre of centresOf({ cut })) {
          const path = probePath(body, centre);
          const [, y, z] = path?.entry ?? [0, 0, 0];
          const name = `${centre} of a ${cut} ${species}`;
          expect(Math.abs((path?.aboveBoardCm ?? 0) - cm * (z - boardZ)), name).toBeLessThan(0.3 * body.scale);
          expect(Math.abs((path?.fromNeckCm ?? 0) - cm * (neckY - y)), name).toBeLessThan(0.3 * body.scale);
        }
      }),
      { numRuns: 4 },
    );
  });

  it("comes into the breast of a whole bird from its neck end, as common practice has it", () => {
    for (const [species, share] of [
      ["turkey", 0.15],
      ["chicken", 0.3],
      ["duck", 0.3],
    ] as const) {
      expect(probePath(bodyOf(species, "whole", share), "breast")?.from, species).toBe("neck");
    }
  });

  it("goes into the breast of a turkey about a hand's breadth, into its thigh less (common practice)", () => {
    const body = makeBody({ species: "turkey", cut: "whole" }, 5.8, 0.0125);
    const [breast, thigh] = (["breast", "thigh"] as const).map((centre) => probePath(body, centre)?.depthCm ?? 0);
    expect(breast).toBeGreaterThan(8);
    expect(breast).toBeLessThan(12.1);
    expect(thigh).toBeGreaterThan(4);
    expect(thigh).toBeLessThan(breast as number);
  });

  it("says the place that the drawing shows: heights and sides are the entry's own", () => {
    const body = bodyOf("turkey", "whole", 0.3);
    for (const centre of ["breast", "thigh"] as const) {
      const path = probePath(body, centre);
      if (!path) throw new Error("no way");
      const { entry, tip } = path;
      const cm = 100 * body.scale;
      expect(path.depthCm).toBeCloseTo(cm * Math.hypot(entry[0] - tip[0], entry[1] - tip[1], entry[2] - tip[2]), 6);
      const way = [entry[0] - tip[0], entry[1] - tip[1], entry[2] - tip[2]].map((each) => (each * cm) / path.depthCm);
      const largest =
        { neck: way[1], tail: -(way[1] ?? 0), side: Math.abs(way[0] ?? 0), above: way[2] }[path.from] ?? 0;
      for (const each of way) expect(largest).toBeGreaterThanOrEqual(Math.abs(each) - 1e-9);
      expect(Math.sin((path.downDeg * Math.PI) / 180)).toBeCloseTo(way[2] ?? 0, 6);
    }
  });

  it("is nothing for a centre that a bird has not", () => {
    expect(probePath(bodyOf("turkey", "crown", 0.5), "thigh")).toBeNull();
  });
});
