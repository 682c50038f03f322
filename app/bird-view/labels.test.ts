import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { labelPlaces } from "./labels";

/** Letters are half as wide as they are high, and a line of them as high as one. */
function isClear(marks: readonly { x: number; y: number; label: string }[], size: number): void {
  const places = labelPlaces(marks, size);
  const half = (n: number): number => 0.25 * size * (marks[n]?.label.length ?? 0);
  for (const [n, words] of places.entries()) {
    for (const [m, other] of places.entries()) {
      const isBeside = Math.abs(words.x - other.x) >= half(n) + half(m) || Math.abs(words.y - other.y) >= size;
      if (m > n) expect(isBeside, `${n} and ${m} of ${JSON.stringify(marks)}`).toBe(true);
    }
    for (const mark of marks) {
      const isBeside = Math.abs(words.x - mark.x) >= half(n) || Math.abs(words.y - mark.y) >= 0.8 * size;
      expect(isBeside, `${n} over a mark of ${JSON.stringify(marks)}`).toBe(true);
    }
  }
}

describe("words of marks", () => {
  it("stand at their own mark where there is room", () => {
    const [words] = labelPlaces([{ x: 0, y: 50, label: "breast 64 °C" }], 4);
    expect(words?.x).toBe(0);
    expect(words?.y).toBeCloseTo(45.92, 9);
  });

  it("are clear of one another and of every mark where marks lie close together", () => {
    const marks = [
      { x: 50, y: 50, label: "breast 64 °C" },
      { x: 47, y: 47, label: "coldest 61 °C" },
      { x: 51, y: 51, label: "filling 60 °C" },
    ];
    isClear(marks, 4);
  });

  it("are so where the last one's nearest places are all taken", () => {
    const marks = [
      { x: 37, y: 27, label: "breast 153 °F" },
      { x: 49, y: 1, label: "thigh 154 °F" },
      { x: 42, y: 22, label: "stuffing 134 °F" },
      { x: 45, y: 16, label: "coldest 126 °F" },
    ];
    isClear(marks, 4);
  });

  it("are so in a small bird too, whose four marks lie in a hand's breadth", () => {
    const place = fc.record({ x: fc.integer({ min: 0, max: 60 }), y: fc.integer({ min: 0, max: 30 }) });
    const labels = ["breast 153 °F", "thigh 154 °F", "stuffing 134 °F", "coldest 126 °F"];
    fc.assert(
      fc.property(fc.tuple(place, place, place, place), (places) => {
        isClear(
          places.map((each, n) => ({ ...each, label: labels[n] ?? "" })),
          4,
        );
      }),
      { numRuns: 500 },
    );
  });
});
