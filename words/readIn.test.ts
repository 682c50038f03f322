import { describe, expect, it } from "vitest";
import { usualPlan } from "../core/plan/usualPlan";
import { toBeSeen, whereRead } from "./readIn";

const roast = (over = {}) => ({
  ...usualPlan({
    bird: { species: "turkey", cut: "whole", massKg: 5, state: "fresh" },
    method: "steady",
    serveAt: "2026-11-26T18:00:00.000Z",
    zone: "UTC",
  }),
  ...over,
});
const plan = roast();

describe("what is to be seen before carving", () => {
  it("names every centre, or the one its cook goes by", () => {
    expect(whereRead(plan)).toBe("every centre");
    expect(whereRead({ ...plan, decidedBy: "breast" })).toBe("the breast");
    expect(whereRead({ ...plan, decidedBy: "breast", bird: { ...plan.bird, cavity: "stuffed" } })).toBe(
      "the breast and the stuffing",
    );
    expect(whereRead({ ...plan, decidedBy: "thigh", bird: { ...plan.bird, cut: "crown" } })).toBe("every centre");
  });

  it("is what its cook aims at, not the guideline that the cook left", () => {
    expect(toBeSeen(plan, "metric")).toBe("74 °C at every centre");
    expect(toBeSeen(plan, "us")).toBe("165 °F at every centre");
    expect(toBeSeen({ ...plan, decidedBy: "breast", targetC: { breast: 62, thigh: 74 } }, "metric")).toBe(
      "62 °C in the breast",
    );
    expect(toBeSeen({ ...plan, bird: { ...plan.bird, count: 2 }, targetC: { breast: 68, thigh: 80 } }, "metric")).toBe(
      "68 °C in the breast and 80 °C in the thigh in both birds",
    );
    // The guideline that wants a whole bird hotter wants no more of its stuffing.
    const stuffed = { ...plan, bird: { ...plan.bird, cavity: "stuffed" as const } };
    expect(toBeSeen({ ...stuffed, targetC: { breast: 82, thigh: 82, filling: 74 } }, "metric")).toBe(
      "82 °C in the breast, 82 °C in the thigh and 74 °C in the stuffing",
    );
  });

  it("is looked at again where the guideline wants the heat held", () => {
    const held = roast({ equipment: { ...plan.equipment, guideline: "held" }, targetC: { breast: 70, thigh: 70 } });
    expect(toBeSeen(held, "metric")).toBe("70 °C at every centre, and still 2 minutes later");
  });
});
