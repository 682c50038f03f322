import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { areaOf, loneEdges, volumeOf } from "../../tests/helpers/meshes";
import { ellipsoid } from "./fields";
import { meshOf } from "./mesh";
import type { DistanceField, Vec3 } from "./sdf";

const BOUNDS = { low: [0, -0.13, -0.13], high: [0.13, 0.13, 0.13] } as const;

const dot = (a: Vec3, b: Vec3): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

describe("meshOf", () => {
  it("has an ellipsoid's volume, and a sphere's area: 4/3·π·abc and 4·π·r²", () => {
    fc.assert(
      fc.property(
        fc.tuple(...Array.from({ length: 3 }, () => fc.double({ min: 0.05, max: 0.12, noNaN: true }))),
        (radii) => {
          const mesh = meshOf(ellipsoid([0, 0, 0], radii as unknown as Vec3), BOUNDS, 0.006);
          const [a, b, c] = radii as [number, number, number];
          expect(volumeOf(mesh)).toBeCloseTo((4 / 3) * Math.PI * a * b * c, 4);
          expect(loneEdges(mesh)).toBe(0);
        },
      ),
      { numRuns: 6 },
    );
    const sphere = meshOf(ellipsoid([0, 0, 0], [0.1, 0.1, 0.1]), BOUNDS, 0.006);
    expect(areaOf(sphere)).toBeCloseTo(4 * Math.PI * 0.01, 3);
  });

  it("lies on the surface, its normals outwards", () => {
    const field: DistanceField = { at: (x, y, z) => Math.hypot(x, y, z) - 0.09 };
    const { positions, normals } = meshOf(field, BOUNDS, 0.007);
    expect(positions.length).toBeGreaterThan(1000);
    for (let n = 0; n < positions.length; n += 3) {
      const at: Vec3 = [positions[n] as number, positions[n + 1] as number, positions[n + 2] as number];
      const normal: Vec3 = [normals[n] as number, normals[n + 1] as number, normals[n + 2] as number];
      expect(Math.abs(field.at(...at))).toBeLessThan(1e-5);
      expect(dot(at, normal) / Math.hypot(...at)).toBeGreaterThan(0.999);
    }
  });

  it("is empty where there is nothing", () => {
    expect(meshOf({ at: () => 1 }, BOUNDS, 0.01).triangles).toHaveLength(0);
  });
});
