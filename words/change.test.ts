import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { changeWords } from "./change";

const because = { kind: "lost", probe: "left breast" } as const;

describe("what moved a forecast, in words", () => {
  it("is by how many minutes, and why", () => {
    expect(changeWords({ byMin: -7.6, because }, "metric")).toBe(
      "8 min sooner: the probe in the left breast is not believed any more",
    );
    const reading = { kind: "reading", part: "breast", readC: 50, expectedC: 53.4 } as const;
    expect(changeWords({ byMin: 6.2, because: reading }, "metric")).toBe(
      "6 min later: the breast read 50.0 °C, 53.4 °C was expected",
    );
  });

  it("counts no minutes to what is never there", () => {
    const byMin = fc.oneof(fc.double({ min: -500, max: 500, noNaN: true }), fc.constantFrom(1 / 0, -1 / 0));
    fc.assert(
      fc.property(byMin, (each) => {
        expect(changeWords({ byMin: each, because }, "us")).not.toMatch(/Infinity|NaN/);
      }),
    );
    expect(changeWords({ byMin: Number.POSITIVE_INFINITY, because }, "us")).toContain("Not to be had as it is");
    expect(changeWords({ byMin: Number.NEGATIVE_INFINITY, because }, "us")).toContain("There after all");
  });
});
