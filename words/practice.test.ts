import { describe, expect, it } from "vitest";
import type { Truth } from "../core/practice/practice";
import { decisionWords } from "./practice";

const went: Truth = {
  outMin: 90,
  peakC: { breast: 75, thigh: 78 },
  juicesBreast: 0.6,
  browning: 1,
  logReduction: 9,
  isAtGuideline: true,
};
const less = { ...went, juicesBreast: 0.58 };

describe("a decision that is told of afterwards", () => {
  it("tells what juice another moment would have kept", () => {
    expect(decisionWords({ kind: "out", laterMin: 20, best: { ...went, juicesBreast: 0.66 } }, went, "metric")).toBe(
      "It came out 20 min too late. The right moment would have given 6 % more of the breast's juice.",
    );
    expect(decisionWords({ kind: "rest", laterMin: 60, best: { ...went, juicesBreast: 0.63 } }, went, "metric")).toBe(
      "It rested 60 min too long. The right moment would have given 3 % more of the breast's juice.",
    );
  });

  it("holds no juice against a rest that was too short: what is pressed out is not taken back in the model", () => {
    expect(decisionWords({ kind: "rest", laterMin: -13, best: less }, went, "metric")).toBe(
      "It rested 13 min too short. The right moment would have given nothing that a guest could tell.",
    );
  });
});
