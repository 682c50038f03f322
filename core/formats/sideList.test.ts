import fc from "fast-check";
import { describe, expect, it } from "vitest";

import { SIDE_SLOTS } from "../plan/schema";
import { type Dish, sidesFromCsv, sidesToCsv } from "./sideList";

describe("side dishes from a CSV file", () => {
  it("come in with usual values for what is not said, whatever writes the file", () => {
    const text = '\uFEFFName;Minutes;Oven\r\n"Potatoes; crisp";45;200 C\r\nGreens;12 min;\r\n';
    expect(sidesFromCsv(text, 12, "metric")).toEqual({
      dishes: [
        { name: "Potatoes; crisp", minutes: 45, ovenC: 200, ring: false, slot: "auto" },
        { name: "Greens", minutes: 12, ovenC: null, ring: true, slot: "auto" },
      ],
      rejected: [],
    });
  });

  it("are rejected line by line, each with its reason; the good ones still come in", () => {
    const text = [
      "name,minutes,oven,ring,slot",
      "Beans,soon,,,",
      ",20,,,",
      "Gratin,40,900 C,,",
      "Rolls,10,190 C,,later",
      "Mash,30,,perhaps,",
      "Roots,35,400 F,no,with",
    ].join("\n");
    const { dishes, rejected } = sidesFromCsv(text, 12, "metric");
    expect(dishes).toMatchObject([{ name: "Roots", minutes: 35, ring: false, slot: "with" }]);
    expect(rejected.map(({ line }) => line)).toEqual([2, 3, 4, 5, 6]);
    expect(rejected.map(({ where }) => where)).toEqual(["duration", "name", "oven", "slot", "ring"]);
  });

  it("stop where the plan is full, and say so", () => {
    const { dishes, rejected } = sidesFromCsv("name,minutes\nA,10\nB,10\nC,10", 2, "metric");
    expect(dishes.map(({ name }) => name)).toEqual(["A", "B"]);
    expect(rejected).toEqual([{ line: 4, where: "", wrong: { kind: "rule", rule: "room-for-more-dishes" } }]);
  });

  it("need a header that says what is what", () => {
    const [fault] = sidesFromCsv("dish,time\nPotatoes,45", 12, "metric").rejected;
    expect(fault?.line).toBe(1);
    expect(fault?.wrong).toMatchObject({ kind: "no-column", columns: ["name"] });
    expect(sidesFromCsv("", 12, "metric").rejected).toHaveLength(1);
  });

  it("come back as they were written", () => {
    const anyDish = fc.record<Dish>({
      name: fc
        .string({ minLength: 1, maxLength: 60 })
        .filter((name) => name.trim() === name && !/[\r\uFEFF]/.test(name)),
      minutes: fc.integer({ min: 1, max: 600 }),
      ovenC: fc.option(fc.integer({ min: 60, max: 300 })),
      ring: fc.boolean(),
      slot: fc.constantFrom(...SIDE_SLOTS),
    });
    fc.assert(
      fc.property(fc.array(anyDish, { minLength: 1, maxLength: 12 }), (dishes) => {
        expect(sidesFromCsv(sidesToCsv(dishes, "metric"), 12, "metric")).toEqual({ dishes, rejected: [] });
      }),
    );
  });
});
