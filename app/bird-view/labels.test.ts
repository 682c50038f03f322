import { describe, expect, it } from "vitest";
import { labelPlaces } from "./labels";

describe("words of marks", () => {
  it("stand at their own mark where there is room", () => {
    expect(labelPlaces([{ x: 0, y: 50, label: "breast 64 °C" }], 4)[0]).toBeCloseTo(45.92, 9);
  });

  it("are clear of one another and of every mark where marks lie close together", () => {
    const marks = [
      { x: 50, y: 50, label: "breast 64 °C" },
      { x: 47, y: 47, label: "coldest 61 °C" },
      { x: 51, y: 51, label: "filling 60 °C" },
    ];
    const places = labelPlaces(marks, 4);
    for (const [n, y] of places.entries()) {
      for (const [m, other] of places.entries()) if (m > n) expect(Math.abs(y - other)).toBeGreaterThanOrEqual(4.39);
      for (const mark of marks) expect(Math.abs(y - mark.y)).toBeGreaterThan(3.5);
    }
  });
});
