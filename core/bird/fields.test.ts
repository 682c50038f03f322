import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { compiledKernel, installKernel } from "../compiled";
import {
  above,
  below,
  ellipsoid,
  type Field,
  flowing,
  grown,
  keptAbove,
  mirrored,
  neckwards,
  roundBox,
  roundCone,
  union,
  within,
  without,
} from "./fields";
import { birdForm, CUTS } from "./form";
import { normalAt } from "./sdf";
import { birdShape } from "./shape";
import { SPECIES } from "./species";

const place = fc.double({ min: -0.3, max: 0.3, noNaN: true });

describe("distance fields", () => {
  it("of an ellipsoid are zero on its surface, at every turn", () => {
    fc.assert(
      fc.property(fc.double({ min: -90, max: 90, noNaN: true }), (aboutYDeg) => {
        const field = ellipsoid([0.01, 0.02, 0.03], [0.05, 0.1, 0.02], { aboutYDeg });
        const turn = (aboutYDeg * Math.PI) / 180;
        // The tip of the first half-axis, turned with the body.
        expect(field.at(0.01 + 0.05 * Math.cos(turn), 0.02, 0.03 - 0.05 * Math.sin(turn))).toBeCloseTo(0, 9);
        expect(field.at(0.01, 0.12, 0.03)).toBeCloseTo(0, 9);
      }),
    );
  });

  it("of an ellipsoid are deepest at its centre, by its least half-axis", () => {
    const field = ellipsoid([0, 0, 0], [0.05, 0.1, 0.02]);
    expect(field.at(0, 0, 0)).toBeCloseTo(-0.02, 9);
    fc.assert(fc.property(place, place, place, (x, y, z) => field.at(x, y, z) >= -0.02 - 1e-12));
  });

  it("of a limb are its end balls at the ends and thin between", () => {
    const field = roundCone([0, 0, 0], [0, 0.2, 0], 0.03, 0.01);
    expect(field.at(0, -0.03, 0)).toBeCloseTo(0, 9);
    expect(field.at(0, 0.21, 0)).toBeCloseTo(0, 9);
    expect(field.at(0.02, 0.1, 0)).toBeCloseTo(0, 9);
  });

  it("of a box are exact off its faces", () => {
    const field = roundBox([0, 0, 0], [0.1, 0.05, 0.02], 0.005);
    expect(field.at(0.15, 0, 0)).toBeCloseTo(0.05, 9);
    expect(field.at(0, 0, 0.02)).toBeCloseTo(0, 9);
  });

  it("that flow together lie on or outside neither, and at most a quarter of the blend outside", () => {
    const [one, other] = [ellipsoid([0, 0, 0], [0.05, 0.1, 0.02]), roundCone([0.06, 0, 0], [0, 0.2, 0], 0.03, 0.01)];
    const joined = flowing([one, other], 0.02);
    fc.assert(
      fc.property(place, place, place, (x, y, z) => {
        const apart = Math.min(one.at(x, y, z), other.at(x, y, z));
        expect(joined.at(x, y, z)).toBeLessThanOrEqual(apart + 1e-12);
        expect(joined.at(x, y, z)).toBeGreaterThanOrEqual(apart - 0.005 - 1e-12);
      }),
    );
  });

  it("put together are what they are apart: least, greatest, without, further out, from a height on, mirrored", () => {
    const [one, other] = [ellipsoid([0.02, 0, 0], [0.05, 0.1, 0.02]), roundBox([0, 0.02, 0], [0.1, 0.05, 0.02], 0.005)];
    fc.assert(
      fc.property(place, place, place, (x, y, z) => {
        const [a, b] = [one.at(x, y, z), other.at(x, y, z)];
        expect(union(one, other).at(x, y, z)).toBe(Math.min(a, b));
        expect(union().at(x, y, z)).toBe(Number.POSITIVE_INFINITY);
        expect(within(one, other).at(x, y, z)).toBe(Math.max(a, b));
        expect(without(one, other).at(x, y, z)).toBe(Math.max(a, -b));
        expect(grown(one, 0.01).at(x, y, z)).toBe(a - 0.01);
        expect(keptAbove(one, 0.05, -1).at(x, y, z)).toBe(z > 0.05 ? a : -1);
        expect(above(0.05).at(x, y, z)).toBeCloseTo(0.05 - z, 15);
        expect(below(0.05).at(x, y, z)).toBeCloseTo(z - 0.05, 15);
        expect(neckwards(0.05).at(x, y, z)).toBeCloseTo(0.05 - y, 15);
        // One that is mirrored within one that is mirrored, beside one that is not.
        const whole = union(mirrored(union(mirrored(one), other)), one);
        expect(whole.at(x, y, z)).toBe(Math.min(a, one.at(Math.abs(x), y, z), other.at(Math.abs(x), y, z)));
      }),
    );
  });

  it("have outward unit normals", () => {
    const [x, y, z] = normalAt({ at: (u, v, w) => Math.hypot(u, v, w) - 0.1 }, 0.06, 0, 0.08, 1e-4);
    expect(x).toBeCloseTo(0.6, 6);
    expect(y).toBeCloseTo(0, 6);
    expect(z).toBeCloseTo(0.8, 6);
  });
});

describe("the compiled fields", () => {
  const reference = (field: Field, x: number, y: number, z: number): number => {
    const kernel = compiledKernel();
    installKernel(undefined);
    const value = field.at(x, y, z);
    installKernel(kernel);
    return value;
  };

  it("are those of the reference to the last bit, for every part of every species and cut", () => {
    expect(compiledKernel()).toBeDefined();
    for (const species of SPECIES) {
      for (const cut of CUTS) {
        const { parts, body, cavity, tips, skin } = birdShape(birdForm({ species, cut }));
        const fields = [...parts.map(({ field }) => field), body, cavity, tips, skin?.outer].filter((each) => !!each);
        fc.assert(
          fc.property(place, place, place, (x, y, z) => {
            for (const field of fields) expect(field.at(x, y, z)).toBe(reference(field, x, y, z));
          }),
          { numRuns: 30 },
        );
      }
    }
  });

  it("stay themselves when more of them are asked than the memory holds", () => {
    const many = Array.from({ length: 6000 }, (_, n) => ellipsoid([0, 0, 0], [0.05, 0.1, 0.02 + 0.000001 * n]));
    const asked = (): readonly number[] => many.map((field) => field.at(0, 0, 0));
    expect(asked()).toEqual(many.map((_, n) => -(0.02 + 0.000001 * n)));
    expect(asked()).toEqual(many.map((_, n) => -(0.02 + 0.000001 * n)));
  });
});
