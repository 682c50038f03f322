import { describe, expect, it } from "vitest";
import { worstSlab, worstSphere } from "../helpers/convergence";

const FINEST_M = 0.005;

describe("exact conduction (Carslaw and Jaeger's series)", () => {
  it("slab with a convective surface within 0.3 °C at the finest grid", () => {
    expect(worstSlab(FINEST_M)).toBeLessThan(0.3);
  });

  it("sphere with a convective surface within 0.3 °C at the finest grid", () => {
    expect(worstSphere(FINEST_M)).toBeLessThan(0.3);
  });

  it("a finer grid comes closer", () => {
    expect(worstSlab(0.003)).toBeLessThan(worstSlab(0.006));
    expect(worstSphere(0.003)).toBeLessThan(worstSphere(0.008));
  });
});
