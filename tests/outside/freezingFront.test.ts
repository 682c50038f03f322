import { describe, expect, it } from "vitest";
import { neumannError } from "../helpers/neumann";

describe("Neumann's melting front (Carslaw and Jaeger, chapter XI)", () => {
  it("is where the exact solution has it, within 2 %, on a fine grid, and nearer on a finer one", () => {
    expect(neumannError(0.0015)).toBeLessThan(0.02);
    expect(neumannError(0.0015)).toBeLessThan(neumannError(0.006));
  });
});
