import { describe, expect, it } from "vitest";
import { boardMin, carvingMin, stringM, TIED_KG } from "./cutting";

describe("carving", () => {
  it("takes as long as the bird is large, and half as long again of each one more", () => {
    const whole = (massKg: number, birds = 1): number => carvingMin("whole", massKg, birds, "off-the-bone");
    expect([0.5, 1.7, 5, 14].map((massKg) => whole(massKg))).toEqual([10, 15, 20, 30]);
    expect(whole(0.5, 4)).toBe(25);
    expect(carvingMin("whole", 5, 1, "from-the-bone")).toBe(30);
    expect(carvingMin("boneless-breast", 0.06, 1, "off-the-bone")).toBe(10);
    // Of pieces in a row the next one is quick.
    expect(carvingMin("boneless-breast", 0.3, 12, "off-the-bone")).toBe(20);
    expect([boardMin("boneless-breast", 1), boardMin("boneless-breast", 12), boardMin("whole", 2)]).toEqual([
      15, 26, 20,
    ]);
  });
});

describe("string", () => {
  it("is less for a smaller piece, and never more than its own guide cuts off", () => {
    for (const cut of ["boneless-breast", "leg-roll"] as const) {
      const lengths = [0.1, 0.24, 0.6, 1, TIED_KG].map((massKg) => stringM(cut, massKg));
      expect(lengths).toEqual([...lengths].sort((one, other) => one - other));
      expect(lengths[0]).toBe(0.5);
      expect(lengths.every((metres) => Number.isInteger(2 * metres))).toBe(true);
    }
    expect(stringM("boneless-breast", TIED_KG)).toBe(2);
    expect(stringM("leg-roll", TIED_KG)).toBe(3);
  });

  it("ties the legs of a whole bird, and nothing of what lies open", () => {
    expect([stringM("whole", 1.2), stringM("whole", 9)]).toEqual([1, 1]);
    expect([stringM("spatchcock", 2), stringM("parts", 2), stringM("crown", 2), stringM("legs", 1)]).toEqual([
      0, 0, 0, 0,
    ]);
  });
});
