import { describe, expect, it } from "vitest";
import { coarseCellM, makeBody, viewIn } from "./body";
import { type Posture, viewOf } from "./exposure";
import { REGION } from "./regions";
import type { DistanceField } from "./sdf";
import { PART_NAMES, type PartName } from "./solid";
import { voxelise } from "./voxelise";

const ALONE: Posture = { side: "up", neighbours: 0 };
const WHOLE = { species: "turkey", cut: "whole" } as const;

describe("what the skin sees", () => {
  it("is everything, on a body without hollows: oven above, tray below, and turned over the other way round", () => {
    const field: DistanceField = { at: (x, y, z) => Math.hypot(x, y, z) - 0.05 };
    const edge = 0.056;
    const { surface, grid } = voxelise(
      {
        parts: [{ name: "breast", tissue: "leanBreast", field }],
        body: field,
        bounds: { low: [0, -edge, -edge], high: [edge, edge, edge] },
      },
      0.004,
    );
    const layer = (n: number): number => Math.floor((surface.cell[n] as number) / (grid.nx * grid.ny));
    for (const side of ["up", "down"] as const) {
      const { open, pan } = viewOf(grid, surface, { side, neighbours: 0 });
      open.forEach((share, n) => {
        expect(share + (pan[n] as number)).toBeGreaterThan(0.93);
        const height = side === "up" ? layer(n) : grid.nz - 1 - layer(n);
        if (height > grid.nz * 0.9) expect(pan[n]).toBeLessThan(0.05);
        if (height < grid.nz * 0.1) expect(pan[n]).toBeGreaterThan(0.8);
      });
    }
  });

  it("is little in the cavity, and less between leg and body than on top of the breast", () => {
    const { unit } = makeBody(WHOLE, 5.8, 0.008);
    const { open, region } = viewIn(unit, ALONE);
    const mean = (keep: (n: number) => boolean): number => {
      const kept = [...open.keys()].filter(keep);
      return kept.reduce((sum, n) => sum + (open[n] as number), 0) / kept.length;
    };
    const of = (name: PartName) => (n: number) =>
      unit.part[unit.surface.cell[n] as number] === PART_NAMES.indexOf(name) && region[n] !== REGION.cavity;
    expect(mean((n) => region[n] === REGION.cavity)).toBeLessThan(0.15);
    expect(mean(of("thigh"))).toBeLessThan(mean(of("breast")));
  });

  it("is the same left and right on the whole grid, and as on a half", () => {
    const total = (bothHalves: boolean): number => {
      const { unit } = makeBody(WHOLE, 5.8, 0.011, bothHalves);
      const { open } = viewIn(unit, ALONE);
      return open.reduce((sum, share, n) => sum + share * (unit.surface.area[n] as number), 0);
    };
    expect(total(true) / total(false)).toBeCloseTo(2, 1);
  });

  it("is taken away by neighbours on both sides alike, on the whole grid as on a half", () => {
    const lost = (bothHalves: boolean): number => {
      const { unit } = makeBody(WHOLE, 5.8, 0.011, bothHalves);
      const [alone, between] = ([0, 2] as const).map((neighbours) => {
        const { open } = viewIn(unit, { side: "up", neighbours });
        return open.reduce((sum, share, n) => sum + share * (unit.surface.area[n] as number), 0);
      }) as [number, number];
      return alone - between;
    };
    expect(lost(true)).toBeGreaterThan(0);
    expect(lost(true) / lost(false)).toBeCloseTo(2, 1);
  });

  it("is taken away by a neighbour, on the side where it stands", () => {
    const { unit } = makeBody(WHOLE, 5.8, 0.011, true);
    const alone = viewIn(unit, ALONE).open;
    const beside = viewIn(unit, { side: "up", neighbours: 1 }).open;
    const onSide = (right: boolean): number =>
      beside.reduce((sum, share, n) => {
        const isRight = (unit.surface.cell[n] as number) % unit.grid.nx > unit.grid.nx / 2;
        return isRight === right ? sum + (alone[n] as number) - share : sum;
      }, 0);
    expect(onSide(true)).toBeGreaterThan(5);
    expect(onSide(false)).toBeLessThan(0.15 * onSide(true));
  });

  it.each([
    { species: "turkey", cut: "leg-roll", kg: 2 },
    { species: "turkey", cut: "spatchcock", kg: 5 },
    { species: "chicken", cut: "parts", kg: 1.8 },
    { species: "turkey", cut: "boneless-breast", kg: 2 },
  ] as const)("of what lies on the tray does not depend on how the grid falls: $species, $cut", ({ kg, ...form }) => {
    const lyingM2 = (turkeyCellM: number): number => {
      const { unit } = makeBody(form, kg, coarseCellM(form, turkeyCellM));
      const { region } = viewIn(unit, { side: "up", neighbours: 0 });
      const { area } = unit.surface;
      return unit.cellM ** 2 * area.reduce((sum, each, n) => sum + (region[n] === REGION.contact ? each : 0), 0);
    };
    const fine = lyingM2(0.005);
    for (const cellM of [0.0095, 0.0085, 0.0075, 0.006]) {
      expect(lyingM2(cellM) / fine).toBeGreaterThan(0.75);
      expect(lyingM2(cellM) / fine).toBeLessThan(1.33);
    }
  });
});
