import { readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { makeBody, viewIn } from "../bird/body";
import { REGIONS } from "../bird/regions";
import { evenNumbers } from "../chance";
import { installKernel } from "../compiled";
import { type Arena, latticeIn, newArena, packTables, referenceArena } from "./arena";
import { P, takeUp } from "./exchange";
import { conduct } from "./kernel";
import { SATURATED_DRIVE } from "./moistAir";
import { enthalpyAt, TISSUE_TABLE_BYTES, TISSUES, type Tissue } from "./tissue";

/** A lopsided box: different along every axis, so that a swapped stride shows. */
const NX = 7;
const NY = 5;
const NZ = 4;
const SIZE = NX * NY * NZ;
const cell = (i: number, j: number, k: number): number => i + NX * (j + NY * k);

function box(arena: Arena, random: () => number) {
  const faces = { x: arena.float64(SIZE), y: arena.float64(SIZE), z: arena.float64(SIZE) };
  const potential = arena.float64(SIZE);
  const content = arena.float64(SIZE);
  const runs: number[] = [];
  for (let k = 1; k < NZ - 1; k++) {
    for (let j = 1; j < NY - 1; j++) {
      runs.push(cell(1, j, k), cell(NX - 1, j, k));
      for (let i = 1; i < NX - 1; i++) {
        const c = cell(i, j, k);
        potential[c] = 100 * random();
        if (i < NX - 2) faces.x[c] = random();
        if (j < NY - 2) faces.y[c] = random();
        if (k < NZ - 2) faces.z[c] = random();
      }
    }
  }
  const lattice = latticeIn(arena, { runs: Int32Array.from(runs), nx: NX, ny: NY, nz: NZ });
  return { faces, potential, content, lattice };
}

describe("the kernel", () => {
  it("moves what leaves one cell into the next: the sum stays", () => {
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const { faces, potential, content, lattice } = box(referenceArena(), evenNumbers(seed));
        conduct(content, potential, faces, lattice, 0.1);
        expect(Math.abs(content.reduce((sum, value) => sum + value, 0))).toBeLessThan(1e-9);
      }),
    );
  });

  it("carries along each axis to the right neighbour", () => {
    for (const [axis, offset] of [
      ["x", 1],
      ["y", NX],
      ["z", NX * NY],
    ] as const) {
      const { faces, potential, content, lattice } = box(referenceArena(), () => 0);
      const from = cell(2, 2, 1);
      faces[axis][from] = 2;
      potential[from] = 10;
      conduct(content, potential, faces, lattice, 0.5);
      expect(content[from]).toBe(-10);
      expect(content[from + offset]).toBe(10);
    }
  });
});

describe("the compiled kernel", () => {
  beforeAll(() => installKernel(new WebAssembly.Module(readFileSync("build/kernel.wasm"))));

  it("conducts as the reference does", () => {
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const plain = box(referenceArena(), evenNumbers(seed));
        const arena = newArena(SIZE * 8 * 6 + 4096);
        const fast = box(arena, evenNumbers(seed));
        conduct(plain.content, plain.potential, plain.faces, plain.lattice, 0.1);
        arena.conduct(fast.content, fast.potential, fast.faces, fast.lattice, 0.1);
        plain.content.forEach((value, c) => {
          expect(fast.content[c]).toBeCloseTo(value, 9);
        });
      }),
    );
  });

  it("joins cells as the reference does: conductances of faces, and of all of a cell's together", () => {
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const joined = (arena: Arena): readonly Float64Array[] => {
          const { faces, lattice } = box(arena, evenNumbers(seed));
          const { runs } = lattice;
          const next = evenNumbers(seed + 1);
          const conductivity = arena.float64(SIZE);
          for (let r = 0; r < runs.length; r += 2) {
            for (let c = runs[r] as number; c < (runs[r + 1] as number); c++) conductivity[c] = 0.2 + next();
          }
          for (const face of [faces.x, faces.y, faces.z]) face.fill(0);
          const total = arena.float64(SIZE);
          arena.joinCells(conductivity, faces, total, lattice, 0.01);
          return [faces.x, faces.y, faces.z, total];
        };
        const fast = joined(newArena(SIZE * 8 * 8 + 4096));
        joined(referenceArena()).forEach((values, n) => {
          values.forEach((value, c) => {
            expect(fast[n]?.[c]).toBeCloseTo(value, 12);
          });
        });
      }),
    );
  });

  it("reads temperatures as the reference does, frozen and hot", () => {
    const wanted = [-30, -5, -1.2, 0, 20, 74, 120];
    const read = (arena: Arena): number[] => {
      const content = arena.float64(wanted.length);
      wanted.forEach((celsius, n) => {
        content[n] = enthalpyAt(TISSUES[n % TISSUES.length] as Tissue, celsius);
      });
      const tissue = arena.uint8(Uint8Array.from(wanted, (_, n) => n % TISSUES.length));
      const out = arena.float64(wanted.length);
      arena.temperatures(
        out,
        content,
        tissue,
        packTables(arena, TISSUES),
        arena.int32(Int32Array.of(0, wanted.length)),
      );
      return [...out];
    };
    const fast = read(newArena(20_000 + TISSUES.length * TISSUE_TABLE_BYTES));
    read(referenceArena()).forEach((celsius, n) => {
      expect(fast[n]).toBeCloseTo(celsius, 9);
      expect(celsius).toBeCloseTo(wanted[n] as number, 6);
    });
  });

  it("spreads and settles as the reference does, and as conducting does where heat goes straight with temperature", () => {
    fc.assert(
      fc.property(fc.integer(), fc.integer({ min: 1, max: 7 }), (seed, steps) => {
        const fields = (arena: Arena) => {
          const drawn = box(arena, evenNumbers(seed));
          const [perContent, atZeroW, lessWPerK] = [arena.float64(SIZE), arena.float64(SIZE), arena.float64(SIZE)];
          const next = evenNumbers(seed + 1);
          const skin: number[] = [];
          for (let r = 0; r < drawn.lattice.runs.length; r += 2) {
            for (let c = drawn.lattice.runs[r] as number; c < (drawn.lattice.runs[r + 1] as number); c++) {
              perContent[c] = 0.2 + next();
              if (next() < 0.5) continue;
              skin.push(c);
              atZeroW[c] = 50 * next();
              lessWPerK[c] = next();
            }
          }
          return { ...drawn, perContent, inflow: { atZeroW, lessWPerK }, skin: arena.int32(Int32Array.from(skin)) };
        };
        const run = (arena: Arena) => {
          const { faces, potential, content, lattice, perContent, inflow } = fields(arena);
          const [begin, other] = [arena.float64(SIZE), arena.float64(SIZE)];
          arena.mark(begin, potential, lattice.runs);
          const watts = arena.spread(potential, other, perContent, inflow, faces, lattice, 0.1, steps);
          const after = steps % 2 === 0 ? potential : other;
          arena.settle(content, after, begin, perContent, lattice.runs);
          const apartC = arena.furthest(after, begin, lattice.runs);
          return {
            watts,
            apartC,
            content: [...content],
            after: [...after],
            coldest: arena.coldest(after, lattice.runs),
          };
        };
        const plain = run(referenceArena());
        const fast = run(newArena(SIZE * 8 * 12 + 4096));
        const { potential, content, faces, lattice, perContent, inflow, skin } = fields(referenceArena());
        const beginC = potential.slice();
        let heatJ = 0;
        for (let step = 0; step < steps; step++) {
          const nowC = potential.slice();
          conduct(content, nowC, faces, lattice, 0.1);
          heatJ += takeUp(content, nowC, skin, inflow, 0.1, 1);
          for (let c = 0; c < SIZE; c++) {
            potential[c] = (beginC[c] as number) + (content[c] as number) * (perContent[c] as number);
          }
        }
        expect(fast.coldest).toBe(plain.coldest);
        expect(fast.apartC).toBeCloseTo(plain.apartC, 9);
        expect(plain.apartC).toBe(
          Math.max(...plain.after.map((celsius, c) => Math.abs(celsius - (beginC[c] as number)))),
        );
        expect(plain.watts * 0.1).toBeCloseTo(heatJ, 9);
        expect(fast.watts).toBeCloseTo(plain.watts, 9);
        content.forEach((value, c) => {
          expect(plain.content[c]).toBeCloseTo(value, 9);
          expect(fast.content[c]).toBeCloseTo(value, 9);
          expect(fast.after[c]).toBeCloseTo(plain.after[c] as number, 9);
        });
      }),
    );
  });

  it("passes the skin as the reference does: wet, dry, in the cavity, condensing", () => {
    const { unit } = makeBody({ species: "turkey", cut: "whole" }, 5.8, 0.0125);
    const view = viewIn(unit, { side: "up", neighbours: 0 });
    const { surface } = unit;
    const size = unit.grid.nx * unit.grid.ny * unit.grid.nz;
    const run = (arena: Arena) => {
      const count = surface.cell.length;
      const fill = (length: number, value: (n: number) => number) => {
        const array = arena.float64(length);
        for (let n = 0; n < length; n++) array[n] = value(n);
        return array;
      };
      const arrays = {
        cell: arena.int32(surface.cell),
        areaM2: fill(count, (n) => (surface.area[n] as number) * 1e-4),
        inner: fill(count, (n) => (surface.inverseDepth[n] as number) * 50),
        open: fill(count, (n) => view.open[n] as number),
        pan: fill(count, (n) => view.pan[n] as number),
        hot: fill(count, (n) => (n % 11) / 10 - 0.5),
        region: arena.uint8(view.region.map((_, n) => n % REGIONS.length)),
        frontC: fill(count, (n) => (n % 97) + 2),
        skinC: fill(count, (n) => (n % 97) + 4),
        vapourLostKgPerM2: fill(count, (n) => (n % 13) / 4),
      };
      const inflow = { atZeroW: arena.float64(size), lessWPerK: arena.float64(size) };
      const enthalpy = arena.float64(size);
      const temperature = fill(size, (c) => c % 90);
      const drive = fill(SATURATED_DRIVE.length, (n) => SATURATED_DRIVE[n] as number);
      // A row a region: an open oven, a hot side, a pan, the cavity, a wrap and a kitchen, each in its own numbers.
      const rows = [
        [160, 150, 0, 12, 0, 5e-8, 0.45, 0.3, 219, 1.2e-3, 0.06, 5, 5e5, 8e-3, 2e-3, 2.35e6],
        [160, 160, 30, 8, 0, 5e-8, 0.3, 0.2, 219, 1.2e-3, 0.06, 5, 5e5, 1e-2, 3e-3, 2.35e6],
        [210, 210, 0, 120, 1, 0, 1, 0.3, 22, 1.2e-3, 0.06, 5, 5e5, 8e-3, 2e-3, 2.35e6],
        [40, 160, 0, 1, 1, 5e-8, 0.45, 0.3, 0, 1.2e-3, 0.06, 5, 5e5, 8e-3, 2e-3, 2.35e6],
        [120, 120, 0, 9, 0, 0, 0.45, 0.3, 219, 1.2e-3, 0.9, 5, 5e5, 8e-3, 2e-3, 2.35e6],
        [21, 21, 0, 5, 0, 5e-8, 0.45, 0.3, 219, 1.2e-3, 0.012, 5, 5e5, 8e-3, 2e-3, 2.35e6],
      ];
      const parameters = fill(P.count * REGIONS.length, (n) => rows[Math.floor(n / P.count)]?.[n % P.count] as number);
      arena.exchange(temperature, arrays, inflow, drive, parameters, 30);
      const heatJ = arena.takeUp(enthalpy, temperature, arrays.cell, inflow, 30, 0.01);
      return {
        heatJ,
        less: [...inflow.lessWPerK],
        atZero: [...inflow.atZeroW],
        enthalpy: [...enthalpy],
        front: [...arrays.frontC],
        lost: [...arrays.vapourLostKgPerM2],
      };
    };
    const plain = run(referenceArena());
    const fast = run(newArena(size * 8 * 6 + 600_000));
    expect(fast.heatJ).toBeCloseTo(plain.heatJ, 6);
    for (const key of ["enthalpy", "front", "lost", "atZero", "less"] as const) {
      const worst = Math.max(
        ...plain[key].map((value, n) => Math.abs(value - (fast[key][n] as number)) / (1 + Math.abs(value))),
      );
      expect(worst).toBeLessThan(1e-10);
    }
  });
});
