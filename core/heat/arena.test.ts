import { readFileSync } from "node:fs";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { installKernel } from "../compiled";
import { kernelMemoriesMade, newArena, openKernelScope } from "./arena";

const module = new WebAssembly.Module(readFileSync(new URL("../../build/kernel.wasm", import.meta.url)));

describe("kernel memory", () => {
  beforeAll(() => installKernel(module));
  afterAll(() => installKernel(undefined));

  it("is used again once it is given back, wiped, and grown where it is too small", () => {
    const before = kernelMemoriesMade();
    for (let bytes = 1000; bytes < 5_000_000; bytes *= 1.5) {
      const arena = newArena(bytes);
      const array = arena.float64(Math.floor(bytes / 16));
      expect(array.every((value) => value === 0)).toBe(true);
      array.fill(7);
      arena.release();
    }
    expect(kernelMemoriesMade() - before).toBe(1);
  });

  it("is never shared by two that are held", () => {
    const [a, b] = [newArena(10_000), newArena(10_000)];
    const [x, y] = [a.float64(100).fill(1), b.float64(100).fill(2)];
    expect(x.every((value) => value === 1)).toBe(true);
    expect(y.every((value) => value === 2)).toBe(true);
    // Given back twice is given back once.
    a.release();
    a.release();
    const [c, d] = [newArena(10_000), newArena(10_000)];
    expect(c.float64(10).buffer).not.toBe(d.float64(10).buffer);
    for (const each of [b, c, d]) each.release();
  });

  it("comes back at the end of a scope from whoever forgot it", () => {
    newArena(10_000).release();
    const before = kernelMemoriesMade();
    for (let job = 0; job < 50; job++) {
      const end = openKernelScope();
      newArena(10_000);
      newArena(10_000).release();
      end();
    }
    expect(kernelMemoriesMade() - before).toBeLessThanOrEqual(1);
  });
});
