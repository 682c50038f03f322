import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ellipsoid, normalAt, roundBox, roundCone, smoothUnion } from "./sdf";

const place = fc.double({ min: -0.3, max: 0.3, noNaN: true });

describe("distance fields", () => {
  it("of an ellipsoid are zero on its surface, at every turn", () => {
    fc.assert(
      fc.property(fc.double({ min: -90, max: 90, noNaN: true }), (aboutYDeg) => {
        const field = ellipsoid([0.01, 0.02, 0.03], [0.05, 0.1, 0.02], { aboutYDeg });
        const turn = (aboutYDeg * Math.PI) / 180;
        // The tip of the first half-axis, turned with the body.
        expect(field(0.01 + 0.05 * Math.cos(turn), 0.02, 0.03 - 0.05 * Math.sin(turn))).toBeCloseTo(0, 9);
        expect(field(0.01, 0.12, 0.03)).toBeCloseTo(0, 9);
      }),
    );
  });

  it("of an ellipsoid are deepest at its centre, by its least half-axis", () => {
    const field = ellipsoid([0, 0, 0], [0.05, 0.1, 0.02]);
    expect(field(0, 0, 0)).toBeCloseTo(-0.02, 9);
    fc.assert(fc.property(place, place, place, (x, y, z) => field(x, y, z) >= -0.02 - 1e-12));
  });

  it("of a limb are its end balls at the ends and thin between", () => {
    const field = roundCone([0, 0, 0], [0, 0.2, 0], 0.03, 0.01);
    expect(field(0, -0.03, 0)).toBeCloseTo(0, 9);
    expect(field(0, 0.21, 0)).toBeCloseTo(0, 9);
    expect(field(0.02, 0.1, 0)).toBeCloseTo(0, 9);
  });

  it("of a box are exact off its faces", () => {
    const field = roundBox([0, 0, 0], [0.1, 0.05, 0.02], 0.005);
    expect(field(0.15, 0, 0)).toBeCloseTo(0.05, 9);
    expect(field(0, 0, 0.02)).toBeCloseTo(0, 9);
  });

  it("joined smoothly lie on or outside neither part, and at most a quarter of the blend outside", () => {
    fc.assert(
      fc.property(place, place, (a, b) => {
        const joined = smoothUnion(a, b, 0.02);
        expect(joined).toBeLessThanOrEqual(Math.min(a, b) + 1e-12);
        expect(joined).toBeGreaterThanOrEqual(Math.min(a, b) - 0.005 - 1e-12);
      }),
    );
  });

  it("have outward unit normals", () => {
    const [x, y, z] = normalAt((u, v, w) => Math.hypot(u, v, w) - 0.1, 0.06, 0, 0.08, 1e-4);
    expect(x).toBeCloseTo(0.6, 6);
    expect(y).toBeCloseTo(0, 6);
    expect(z).toBeCloseTo(0.8, 6);
  });
});
