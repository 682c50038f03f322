import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { QuantityError } from "../errors";
import { ADDED_TISSUES, TISSUE_INDEX, TISSUES, type Tissue } from "../heat/tissue";
import { type Body, coarseCellM, makeBody, makeBodyAtGrid, viewIn } from "./body";
import { birdForm, CUTS, type FormChoice, hasCavity } from "./form";
import { OUTSIDE } from "./grid";
import { massRangeKg, ovenMassKg } from "./mass";
import { REGION } from "./regions";
import type { DistanceField } from "./sdf";
import { birdShape } from "./shape";
import { type BodyPart, PART_NAMES, type PartName, partAt } from "./solid";
import { SPECIES } from "./species";
import { voxelise } from "./voxelise";

const FORMS = SPECIES.flatMap((species) => CUTS.map((cut) => ({ species, cut })));
const WHOLE: FormChoice = { species: "turkey", cut: "whole" };
const middleKg = ({ species, cut }: FormChoice): number => {
  const [low, high] = massRangeKg(species, cut);
  return (low + high) / 2;
};

/** Mass counted cell by cell, what was filled in left out. */
const massOf = ({ unit, cellSizeM }: Body): number => {
  let kgPerM3 = 0;
  for (const tissue of unit.grid.tissue) {
    if (tissue !== OUTSIDE && !ADDED_TISSUES.includes(tissue)) kgPerM3 += (TISSUES[tissue] as Tissue).densityKgPerM3;
  }
  return (unit.grid.mirrored ? 2 : 1) * kgPerM3 * cellSizeM ** 3;
};
const shareOf = ({ unit }: Body, ...names: readonly PartName[]): number => {
  const wanted = names.map((name) => PART_NAMES.indexOf(name));
  return unit.part.filter((part) => wanted.includes(part)).length / unit.grid.cellCount;
};

describe("the voxel bird", () => {
  it("weighs what was bought less giblets and what the cut removes, at any mass, form and grid", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...FORMS),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.constantFrom(0.009, 0.0125),
        fc.double({ min: 0.8, max: 1.25, noNaN: true }),
        (form, share, turkeyCellM, breastThickness) => {
          const [low, high] = massRangeKg(form.species, form.cut);
          const boughtKg = low + share * (high - low);
          const body = makeBody({ ...form, breastThickness }, boughtKg, coarseCellM(form, turkeyCellM));
          expect(massOf(body) / ovenMassKg({ ...form, massKg: boughtKg })).toBeCloseTo(1, 9);
        },
      ),
      { numRuns: 25 },
    );
  });

  it("weighs the same as halves and as a whole grid", () => {
    const half = makeBody(WHOLE, 5.8, 0.01);
    const whole = makeBody(WHOLE, 5.8, 0.01, true);
    expect(massOf(whole)).toBeCloseTo(massOf(half), 9);
    expect(whole.unit.grid.cellCount).toBe(2 * half.unit.grid.cellCount);
    expect(whole.unit.surface.area.reduce((sum, area) => sum + area, 0)).toBeCloseTo(
      2 * half.unit.surface.area.reduce((sum, area) => sum + area, 0),
      6,
    );
  });

  it("keeps to the asked grid within two per cent", () => {
    expect(Math.abs(makeBodyAtGrid(WHOLE, 5.8, 0.007).cellSizeM / 0.007 - 1)).toBeLessThan(0.02);
  });

  it.each(["turkey", "chicken"] as const)("has every part of a %s in a share a butcher would know", (species) => {
    for (const cut of ["whole", "spatchcock", "parts"] as const) {
      const form = { species, cut };
      const body = makeBody(form, middleKg(form), coarseCellM(form, 0.008));
      // Common practice: breast about a third, thighs a sixth to a fifth, drumsticks an eighth, wings a tenth.
      expect(shareOf(body, "breast", "tenderloin")).toBeGreaterThan(0.28);
      expect(shareOf(body, "breast", "tenderloin")).toBeLessThan(0.5);
      expect(shareOf(body, "thigh")).toBeGreaterThan(0.14);
      expect(shareOf(body, "thigh")).toBeLessThan(0.31);
      expect(shareOf(body, "drumstick")).toBeGreaterThan(0.09);
      expect(shareOf(body, "wing")).toBeGreaterThan(0.05);
    }
  });

  it("makes a duck no big chicken: smaller legs, and fat under all of its skin", () => {
    const [duck, chicken] = (["duck", "chicken"] as const).map((species) => {
      const form = { species, cut: "whole" as const };
      return makeBody(form, 2, coarseCellM(form, 0.008));
    }) as [Body, Body];
    expect(shareOf(duck, "thigh", "drumstick")).toBeLessThan(0.75 * shareOf(chicken, "thigh", "drumstick"));
    const kinds = ({ unit }: Body, name: string): number =>
      [...unit.grid.tissue].filter((tissue) => TISSUES[tissue]?.name === name).length / unit.grid.cellCount;
    // USDA SR (from memory): duck with skin is 39 % fat, and most of it lies under the skin.
    expect(kinds(duck, "waterfowlFat")).toBeGreaterThan(0.25);
    expect(kinds(chicken, "skin")).toBeLessThan(0.2);
  });

  it.each(FORMS)("has its thermal centres deep in the meat and off the bone: $species $cut", (form) => {
    const { shape, centres } = makeBody(form, middleKg(form), coarseCellM(form, 0.012)).unit;
    const points = Object.entries(centres);
    expect(points.length).toBeGreaterThan(0);
    for (const [name, point] of points) {
      expect(shape.body.at(...point)).toBeLessThan(-0.012);
      const field = shape.parts.find((part) => part.name === name)?.field;
      expect(field?.at(...point)).toBeLessThan(-0.008);
      for (const { tissue, field: bone } of shape.parts) {
        if (tissue === "bone") expect(bone.at(...point)).toBeGreaterThan(0.004);
      }
    }
  });

  it("has a cavity when whole, none when flat, and holds in it what is filled in", () => {
    const cells = (choice: FormChoice): number =>
      makeBody(choice, 5.8, 0.01).unit.surface.region.filter((region) => region === REGION.cavity).length;
    expect(cells(WHOLE)).toBeGreaterThan(100);
    expect(cells({ species: "turkey", cut: "spatchcock" })).toBe(0);
    expect(cells({ ...WHOLE, cavity: "stuffed" })).toBe(0);
    const stuffed = makeBody({ ...WHOLE, cavity: "stuffed" }, 5.8, 0.01);
    // About ¾ cup a pound (common practice): 9½ cups of 0.24 L at 0.65 kg/L, here as the cavity has room.
    expect(stuffed.fillingKg).toBeGreaterThan(0.6);
    expect(stuffed.fillingKg).toBeLessThan(1.6);
    expect(stuffed.massKg).toBeCloseTo(makeBody(WHOLE, 5.8, 0.01).massKg, 9);
    expect(stuffed.unit.centres.filling).toBeDefined();
    expect(makeBody({ ...WHOLE, cavity: "aromatics" }, 5.8, 0.01).unit.centres.filling).toBeUndefined();
  });

  it("is reshaped by a measured breast at the same mass", () => {
    const depth = (breastThickness: number): number => {
      const { unit, scale } = makeBody({ ...WHOLE, breastThickness }, 5.8, 0.012);
      const field = unit.shape.parts.find(({ name }) => name === "breast")?.field;
      return -scale * (field?.at(...(unit.centres.breast as [number, number, number])) ?? 0);
    };
    expect(depth(1.15)).toBeGreaterThan(1.08 * depth(1));
    expect(depth(0.9)).toBeLessThan(0.95 * depth(1));
  });

  it("stands its legs off the body when they are left open", () => {
    const open = makeBody({ ...WHOLE, legs: "open" }, 5.8, 0.01).unit.shape.bounds.high[0];
    expect(open).toBeGreaterThan(makeBody(WHOLE, 5.8, 0.01).unit.shape.bounds.high[0]);
  });

  it("lays its pieces apart, flat on the tray", () => {
    const form = { species: "chicken", cut: "parts" } as const;
    const { unit } = makeBody(form, 1.8, coarseCellM(form, 0.007));
    const { region } = viewIn(unit, { side: "up", neighbours: 0 });
    const lying = (name: PartName): boolean =>
      region.some(
        (each, n) => each === REGION.contact && unit.part[unit.surface.cell[n] as number] === PART_NAMES.indexOf(name),
      );
    for (const name of ["breast", "thigh"] as const) expect(lying(name)).toBe(true);
  });

  it("counts true area, not stairs: a sphere's within half a per cent", () => {
    const radius = 0.05;
    const field: DistanceField = { at: (x, y, z) => Math.hypot(x, y, z) - radius };
    const cellM = 0.004;
    const edge = 0.056;
    const solid = voxelise(
      {
        parts: [{ name: "breast", tissue: "leanBreast", field }],
        body: field,
        bounds: { low: [0, -edge, -edge], high: [edge, edge, edge] },
      },
      cellM,
    );
    const area = 2 * solid.surface.area.reduce((sum, value) => sum + value, 0) * cellM ** 2;
    expect(area / (4 * Math.PI * radius ** 2)).toBeCloseTo(1, 2);
  });

  it("refuses a mass or a form it was not made for, naming value and range", () => {
    for (const boughtKg of [0, -3, 40, Number.NaN, Number.POSITIVE_INFINITY]) {
      expect(() => makeBody(WHOLE, boughtKg, 0.01)).toThrow(QuantityError);
    }
    expect(() => makeBody(WHOLE, 40, 0.01)).toThrow("mass of the turkey: got 40, allowed: 2 to 16 kg");
    expect(() => makeBody({ species: "duck", cut: "crown" }, 9, 0.01)).toThrow("mass of the duck (crown): got 9");
    expect(() => makeBody({ ...WHOLE, breastThickness: 3 }, 6, 0.01)).toThrow("breast thickness: got 3");
    expect(() => makeBody({ species: "turkey", cut: "spatchcock", cavity: "stuffed" }, 6, 0.01)).toThrow(
      "no-cavity-to-fill",
    );
  });
});

describe("a solid's cells", () => {
  it("are those that a look at every point of the lattice finds, for every species and cut, hollow and filled", () => {
    const cellM = 0.009;
    for (const species of SPECIES) {
      for (const cut of CUTS) {
        for (const cavity of hasCavity(cut) ? (["empty", "stuffed", "aromatics"] as const) : (["empty"] as const)) {
          const shape = birdShape(birdForm({ species, cut, cavity, breastThickness: 1.3 }));
          const { grid, origin } = voxelise(shape, cellM);
          const { nx, ny, nz, tissue } = grid;
          const { skin } = shape;
          let wrong = 0;
          for (let cell = 0; cell < nx * ny * nz; cell++) {
            const [i, j, k] = [cell % nx, Math.floor(cell / nx) % ny, Math.floor(cell / (nx * ny))];
            if (i < 1 || i > nx - 2 || j < 1 || j > ny - 2 || k < 1 || k > nz - 2) continue;
            const [x, y, z] = [origin[0] + i * cellM, origin[1] + j * cellM, origin[2] + k * cellM];
            const own = TISSUE_INDEX[(shape.parts[partAt(shape.parts, x, y, z)] as BodyPart).tissue];
            const inSkin = skin && !ADDED_TISSUES.includes(own) && skin.outer.at(x, y, z) > -skin.depthM;
            const wanted = shape.body.at(x, y, z) < 0 ? (inSkin ? TISSUE_INDEX[skin.tissue] : own) : OUTSIDE;
            if (tissue[cell] !== wanted) wrong++;
          }
          expect(wrong, `${species} ${cut} ${cavity}`).toBe(0);
        }
      }
    }
  });
});

describe("the box around a bird", () => {
  it("is the one that a walk over every point of the lattice finds, for every species, cut and thickness", () => {
    const step = 0.012;
    const across = 25;
    for (const species of SPECIES) {
      for (const cut of CUTS) {
        for (const breastThickness of [1.3]) {
          const { body, bounds } = birdShape(birdForm({ species, cut, breastThickness, legs: "open" }));
          const low = [0, 1, 1];
          const high = [0, -1, -1];
          for (let i = 0; i <= across; i++) {
            for (let j = -across; j <= across; j++) {
              for (let k = -across; k <= across; k++) {
                if (body.at(i * step, j * step, k * step) > step / 2) continue;
                [i, j, k].forEach((n, axis) => {
                  if (axis > 0) low[axis] = Math.min(low[axis] as number, (n - 1) * step);
                  high[axis] = Math.max(high[axis] as number, (n + 1) * step);
                });
              }
            }
          }
          [low, high].forEach((corner, n) => {
            corner.forEach((value, axis) => {
              expect((n === 0 ? bounds.low : bounds.high)[axis], `${species} ${cut}`).toBeCloseTo(value, 9);
            });
          });
        }
      }
    }
  });
});
