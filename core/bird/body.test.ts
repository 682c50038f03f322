import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { QuantityError } from "../errors";
import { TISSUES, type Tissue } from "../heat/tissue";
import { makeBody, makeBodyAtGrid, ovenMassKg, voxelise } from "./body";
import { OUTSIDE } from "./grid";
import { CUTS, PART_NAMES } from "./shape";

const massOf = ({ unit, cellSizeM }: ReturnType<typeof makeBody>): number => {
  let kgPerM3 = 0;
  for (const tissue of unit.grid.tissue) if (tissue !== OUTSIDE) kgPerM3 += (TISSUES[tissue] as Tissue).densityKgPerM3;
  return 2 * kgPerM3 * cellSizeM ** 3;
};

describe("the voxel bird", () => {
  it("weighs what was bought less giblets and what the cut removes, at any mass and grid", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 16, noNaN: true }),
        fc.constantFrom(...CUTS),
        fc.constantFrom(0.009, 0.0105, 0.0125),
        (boughtKg, cut, cellM) => {
          const body = makeBody(cut, boughtKg, cellM);
          expect(massOf(body) / ovenMassKg(boughtKg, cut)).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 20 },
    );
  });

  it("keeps to the asked grid within two per cent", () => {
    expect(Math.abs(makeBodyAtGrid("whole", 5.8, 0.007).cellSizeM / 0.007 - 1)).toBeLessThan(0.02);
  });

  it.each(CUTS)("has every part in a share a butcher would know, %s", (cut) => {
    const { part, grid } = makeBody(cut, 5.8, 0.008).unit;
    const share = (name: (typeof PART_NAMES)[number]): number =>
      part.filter((p) => p === PART_NAMES.indexOf(name)).length / grid.cellCount;
    // Common practice: breast about a third, thighs a sixth, drumsticks an eighth, wings a tenth.
    expect(share("breast")).toBeGreaterThan(0.28);
    expect(share("breast")).toBeLessThan(0.42);
    expect(share("thigh")).toBeGreaterThan(0.12);
    expect(share("thigh")).toBeLessThan(0.22);
    expect(share("drumstick")).toBeGreaterThan(0.09);
    expect(share("wing")).toBeGreaterThan(0.05);
  });

  it.each(CUTS)("has its thermal centres deep in breast and thigh, %s", (cut) => {
    const { shape, centres } = makeBody(cut, 5.8, 0.01).unit;
    for (const part of ["breast", "thigh"] as const) {
      expect(shape.body(...centres[part])).toBeLessThan(-0.02);
      const field = shape.parts.find(({ name }) => name === part)?.field;
      expect(field?.(...centres[part])).toBeLessThan(-0.02);
    }
  });

  it("has a cavity of a size cooks stuff, when whole, and none when flat", () => {
    const { surface } = makeBody("whole", 5.8, 0.008).unit;
    expect(surface.cavity.some((flag) => flag === 1)).toBe(true);
    expect(makeBody("spatchcock", 5.8, 0.008).unit.surface.cavity.some((flag) => flag === 1)).toBe(false);
  });

  it("counts true area, not stairs: a sphere's within half a per cent", () => {
    const radius = 0.05;
    const field = (x: number, y: number, z: number): number => Math.hypot(x, y, z) - radius;
    const cellM = 0.004;
    const edge = 0.056;
    const solid = voxelise(
      { parts: [{ name: "breast", field }], body: field, bounds: { low: [0, -edge, -edge], high: [edge, edge, edge] } },
      cellM,
    );
    const area = 2 * solid.surface.area.reduce((sum, value) => sum + value, 0) * cellM ** 2;
    expect(area / (4 * Math.PI * radius ** 2)).toBeCloseTo(1, 2);
  });

  it("refuses a mass it was not made for, naming value and range", () => {
    for (const boughtKg of [0, -3, 40, Number.NaN, Number.POSITIVE_INFINITY]) {
      expect(() => makeBody("whole", boughtKg, 0.01)).toThrow(QuantityError);
    }
    expect(() => makeBody("whole", 40, 0.01)).toThrow("mass of the turkey: got 40, allowed is 2 to 16 kg");
  });
});
