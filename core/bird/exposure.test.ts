import { describe, expect, it } from "vitest";
import { makeBody, voxelise } from "./body";
import { PART_NAMES } from "./shape";

describe("what the skin sees", () => {
  it("is everything, on a body without hollows: oven above, tray below", () => {
    const field = (x: number, y: number, z: number): number => Math.hypot(x, y, z) - 0.05;
    const edge = 0.056;
    const { surface, grid } = voxelise(
      { parts: [{ name: "breast", field }], body: field, bounds: { low: [0, -edge, -edge], high: [edge, edge, edge] } },
      0.004,
    );
    const layer = (n: number): number => Math.floor((surface.cell[n] as number) / (grid.nx * grid.ny));
    surface.open.forEach((open, n) => {
      expect(open + (surface.pan[n] as number)).toBeGreaterThan(0.93);
      if (layer(n) > grid.nz * 0.9) expect(surface.pan[n]).toBeLessThan(0.05);
      if (layer(n) < grid.nz * 0.1) expect(surface.pan[n]).toBeGreaterThan(0.8);
    });
  });

  it("is little in the cavity, and less between leg and body than on top of the breast", () => {
    const { surface, part } = makeBody("whole", 5.8, 0.008).unit;
    const mean = (keep: (n: number) => boolean): number => {
      const kept = [...surface.open.keys()].filter(keep);
      return kept.reduce((sum, n) => sum + (surface.open[n] as number), 0) / kept.length;
    };
    const of = (name: (typeof PART_NAMES)[number]) => (n: number) =>
      part[surface.cell[n] as number] === PART_NAMES.indexOf(name) && surface.cavity[n] === 0;
    expect(mean((n) => surface.cavity[n] === 1)).toBeLessThan(0.15);
    expect(mean(of("thigh"))).toBeLessThan(mean(of("breast")));
  });
});
