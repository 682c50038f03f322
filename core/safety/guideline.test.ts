import { describe, expect, it } from "vitest";
import { constant } from "../constants";
import { verdict } from "./guideline";

describe("the verdict", () => {
  it("says nothing of nothing, and never that it meets the guideline", () => {
    expect(verdict([], 12)).toEqual({ kind: "unknown" });
    expect(verdict([Number.NaN, 80], 12)).toEqual({ kind: "unknown" });
  });

  it("is decided by the lowest centre, to the tenth that is shown", () => {
    const guidelineC = constant("guidelineC");
    expect(verdict([guidelineC - 0.04, 80], 12).kind).toBe("meets-guideline");
    expect(verdict([guidelineC - 0.06, 80], 12)).toMatchObject({
      kind: "below-guideline",
      highestC: guidelineC - 0.06,
    });
  });
});
