import { describe, expect, it } from "vitest";
import { makeBody } from "./body";
import { probeWays } from "./size";

describe("the way of a probe", () => {
  const way = (massKg: number) => probeWays(makeBody({ species: "turkey", cut: "whole" }, massKg, 0.012));

  it("is longer in a larger bird, by the cube root of its mass, and never shorter than the nearest surface", () => {
    const [small, large] = [way(4), way(8)];
    for (const centre of ["breast", "thigh"] as const) {
      expect(small[centre]?.fromNeckCm).toBeGreaterThan(small[centre]?.underCm ?? 0);
      // The breast of a heavier bird is thicker for its size.
      const grows = (large[centre]?.underCm ?? 0) / (small[centre]?.underCm ?? 1);
      expect(grows).toBeGreaterThan(2 ** (1 / 3) - 0.02);
      expect(grows).toBeLessThan(1.45);
    }
  });

  it("is a thumb's breadth or so under the surface (common practice), and into the breast about a hand's from the neck", () => {
    const { breast, thigh } = way(5.8);
    for (const centre of [breast, thigh]) {
      expect(centre?.underCm).toBeGreaterThan(1.8);
      expect(centre?.underCm).toBeLessThan(3.5);
    }
    expect(breast?.fromNeckCm).toBeGreaterThan(8);
    expect(breast?.fromNeckCm).toBeLessThan(14);
  });
});
