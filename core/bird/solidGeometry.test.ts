import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { loneEdges, volumeOf } from "../../tests/helpers/meshes";
import { coarseCellM, makeBody } from "./body";
import { CUTS } from "./form";
import type { Vec3 } from "./sdf";
import { isBone } from "./solid";
import { MOST_DISTANCE_M, pointIn, solidGeometry } from "./solidGeometry";
import { SPECIES, SPECIES_RECORDS } from "./species";
import {
  volumeOf as blockOf,
  readBytes,
  VOLUME_HIGH_C,
  VOLUME_LOW_C,
  VOLUME_MOST_BROWNING,
  volumeC,
  volumeLattice,
} from "./volume";

/** Every other cut, of one species after the other. */
const FORMS = CUTS.filter((_, n) => n % 2 === 0).map((cut, n) => ({
  species: SPECIES[n % SPECIES.length] as (typeof SPECIES)[number],
  cut,
}));
const usualKg = (species: (typeof SPECIES)[number]): number => SPECIES_RECORDS[species].anatomy.referenceKg;

describe("solidGeometry", () => {
  it("of every species and cut is closed, as large as its voxels, its centres deep in meat", () => {
    for (const form of FORMS) {
      const share = form.cut === "whole" || form.cut === "spatchcock" || form.cut === "parts" ? 1 : 0.4;
      const massKg = share * usualKg(form.species);
      const geometry = solidGeometry(form, massKg);
      const { unit } = makeBody(form, massKg, coarseCellM(form, 0.0075));
      const name = `${form.species} ${form.cut}`;
      expect(loneEdges(geometry.skin), name).toBe(0);
      const voxelsM3 = 2 * unit.grid.cellCount * unit.cellM ** 3;
      // The cavity's wall looks inwards: what it holds counts against the whole.
      const meatM3 = volumeOf(geometry.skin) + (geometry.cavity ? volumeOf(geometry.cavity) : 0);
      expect(Math.abs(meatM3 / voxelsM3 - 1), name).toBeLessThan(0.04);
      if (geometry.cavity) expect(loneEdges(geometry.cavity), name).toBe(0);
      for (const [centre, point] of Object.entries(geometry.centres)) {
        const there = pointIn(geometry, point as Vec3);
        expect(there.is, `${name}, ${centre}`).toBe("meat");
        expect(there.underSkinCm, `${name}, ${centre}`).toBeGreaterThan(0.8);
      }
    }
  });

  it("says of any point what the fields say", () => {
    const form = { species: "turkey", cut: "whole" } as const;
    const geometry = solidGeometry(form, 5.8);
    const { shape } = makeBody(form, 5.8, coarseCellM(form, 0.0075)).unit;
    const { low, high } = shape.bounds;
    const bones = shape.parts.filter(isBone);
    const outer = shape.skin?.outer as NonNullable<typeof shape.skin>["outer"];
    const along = (from: number, to: number) => fc.double({ min: from, max: to, noNaN: true });
    const { stepM } = geometry.distances.lattice;
    fc.assert(
      fc.property(along(-high[0], high[0]), along(low[1], high[1]), along(low[2], high[2]), (x, y, z) => {
        const there = pointIn(geometry, [x, y, z]);
        const away = Math.min(...bones.map((bone) => bone.field.at(Math.abs(x), y, z)));
        const out = outer.at(Math.abs(x), y, z);
        // Between samples and bytes; far off no further than a byte goes.
        const near = 100 * geometry.scale * stepM;
        if (Math.abs(out) < MOST_DISTANCE_M) {
          expect(Math.abs(there.underSkinCm + 100 * geometry.scale * out)).toBeLessThan(near);
        }
        if (Math.abs(away) < MOST_DISTANCE_M) {
          expect(Math.abs(there.offBoneCm - 100 * geometry.scale * away)).toBeLessThan(near);
        }
        if (out > stepM) expect(there.is).toBe("outside");
        if (away < -stepM) expect(there.is).toBe("bone");
        if (shape.body.at(Math.abs(x), y, z) > stepM && out < -stepM && away > stepM) expect(there.is).toBe("cavity");
      }),
      { numRuns: 400 },
    );
  });
});

describe("a volume", () => {
  const form = { species: "chicken", cut: "whole" } as const;
  const { unit } = makeBody(form, 2, coarseCellM(form, 0.0075));
  const lattice = volumeLattice(unit);

  it("gives back a field that is even in space, to half a byte", () => {
    const celsius = Float64Array.from({ length: unit.grid.tissue.length }, (_, cell) => 20 + (cell % unit.grid.nx));
    const block = blockOf(unit, celsius);
    const byteK = (VOLUME_HIGH_C - VOLUME_LOW_C) / 255;
    for (const centre of Object.values(unit.centres) as Vec3[]) {
      const i = (centre[0] - lattice.origin[0]) / lattice.stepM;
      expect(Math.abs(volumeC(lattice, block, centre) - (20 + i))).toBeLessThan(byteK);
      const twin: Vec3 = [-centre[0], centre[1], centre[2]];
      expect(volumeC(lattice, block, twin)).toBe(volumeC(lattice, block, centre));
    }
  });

  it("is the same up to the skin where everything is the same, and holds what is out of its range", () => {
    const warm = blockOf(unit, new Float64Array(unit.grid.tissue.length).fill(60));
    const { low, high } = unit.shape.bounds;
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: high[0], noNaN: true }),
        fc.double({ min: low[1], max: high[1], noNaN: true }),
        fc.double({ min: low[2], max: high[2], noNaN: true }),
        (x, y, z) => {
          if (unit.shape.body.at(x, y, z) < 0) expect(volumeC(lattice, warm, [x, y, z])).toBeCloseTo(60, 0);
        },
      ),
      { numRuns: 300 },
    );
    const hot = blockOf(unit, new Float64Array(unit.grid.tissue.length).fill(300));
    expect(volumeC(lattice, hot, unit.centres.breast as Vec3)).toBeCloseTo(VOLUME_HIGH_C, 9);
  });

  it("carries the browning of the skin to what is drawn beside it", () => {
    const browning = new Float32Array(unit.surface.cell.length).fill(1);
    const block = blockOf(unit, new Float64Array(unit.grid.tissue.length).fill(60), browning);
    const { positions, normals } = solidGeometry(form, 2).skin;
    for (let n = 0; n < positions.length; n += 300) {
      const inward = [0, 1, 2].map(
        (k) => (positions[n + k] as number) - 0.5 * lattice.stepM * (normals[n + k] as number),
      ) as unknown as Vec3;
      expect((VOLUME_MOST_BROWNING * readBytes(lattice, block, inward, 1, 2)) / 255).toBeCloseTo(1, 1);
    }
  });
});
