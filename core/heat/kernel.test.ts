import { readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { makeBody } from "../bird/body";
import { type Arena, installKernel, newArena, packTables, referenceArena } from "./arena";
import { P } from "./exchange";
import { conduct } from "./kernel";
import { SATURATED_DRIVE } from "./moistAir";
import { enthalpyAt, TISSUES, type Tissue } from "./tissue";

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
  return { faces, potential, content, runs: arena.int32(Int32Array.from(runs)) };
}

const seeded = (seed: number) => (): number => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return seed / 2 ** 32;
};

describe("the kernel", () => {
  it("moves what leaves one cell into the next: the sum stays", () => {
    fc.assert(
      fc.property(fc.integer(), (seed) => {
        const { faces, potential, content, runs } = box(referenceArena(), seeded(seed));
        conduct(content, potential, faces, runs, NX, NX * NY, 0.1);
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
      const { faces, potential, content, runs } = box(referenceArena(), () => 0);
      const from = cell(2, 2, 1);
      faces[axis][from] = 2;
      potential[from] = 10;
      conduct(content, potential, faces, runs, NX, NX * NY, 0.5);
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
        const plain = box(referenceArena(), seeded(seed));
        const arena = newArena(SIZE * 8 * 6 + 4096);
        const fast = box(arena, seeded(seed));
        conduct(plain.content, plain.potential, plain.faces, plain.runs, NX, NX * NY, 0.1);
        arena.conduct(fast.content, fast.potential, fast.faces, fast.runs, NX, NX * NY, 0.1);
        plain.content.forEach((value, c) => {
          expect(fast.content[c]).toBeCloseTo(value, 9);
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
    const fast = read(newArena(200_000));
    read(referenceArena()).forEach((celsius, n) => {
      expect(fast[n]).toBeCloseTo(celsius, 9);
      expect(celsius).toBeCloseTo(wanted[n] as number, 6);
    });
  });

  it("passes the skin as the reference does: wet, dry, in the cavity, condensing", () => {
    const { unit } = makeBody("whole", 5.8, 0.0125);
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
        inverseDepth: fill(count, (n) => surface.inverseDepth[n] as number),
        open: fill(count, (n) => surface.open[n] as number),
        pan: fill(count, (n) => surface.pan[n] as number),
        cavity: arena.uint8(surface.cavity),
        frontC: fill(count, (n) => (n % 97) + 2),
        skinC: fill(count, (n) => (n % 97) + 4),
        vapourLostKgPerM2: fill(count, (n) => (n % 13) / 4),
      };
      const enthalpy = arena.float64(size);
      const temperature = fill(size, (c) => c % 90);
      const conductivity = fill(size, () => 0.5);
      const drive = fill(SATURATED_DRIVE.length, (n) => SATURATED_DRIVE[n] as number);
      const values = [
        160, 160, 12, 5e-8, 219, 0.45, 0.3, 0.2, 2e-6, 8e-3, 2e-3, 2.35e6, 0.06, 1.2e-3, 1, 0.25, 30, 0.01, 20,
      ];
      const parameters = fill(P.count, (n) => values[n] as number);
      const heatJ = arena.exchange(enthalpy, temperature, conductivity, arrays, drive, parameters);
      return { heatJ, enthalpy: [...enthalpy], front: [...arrays.frontC], lost: [...arrays.vapourLostKgPerM2] };
    };
    const plain = run(referenceArena());
    const fast = run(newArena(size * 8 * 4 + 600_000));
    expect(fast.heatJ).toBeCloseTo(plain.heatJ, 6);
    for (const key of ["enthalpy", "front", "lost"] as const) {
      const worst = Math.max(
        ...plain[key].map((value, n) => Math.abs(value - (fast[key][n] as number)) / (1 + Math.abs(value))),
      );
      expect(worst).toBeLessThan(1e-10);
    }
  });
});
