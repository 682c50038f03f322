import { describe, expect, it } from "vitest";
import { parseSaltPercent } from "./saltShare";

const read = (text: string, gramsPerTeaspoon = 6, high = 30): number =>
  parseSaltPercent(text, { what: "salt", low: 0, high, gramsPerTeaspoon });

describe("a share of salt as recipes have it", () => {
  it.each([
    ["1.2", 1.2],
    ["0,8 %", 0.8],
    ["10 g/kg", 1],
    ["12 grams per kilo", 1.2],
    // By hand: half a teaspoon of table salt, 3 g, in 453.6 g.
    ["1/2 tsp per pound", 0.7],
    ["½ tsp a pound", 0.7],
    ["1 tsp/lb", 1.3],
    ["1 tbsp for 5 lbs", 0.8],
    ["1 1/2 tsp per kg", 0.9],
    // 48 teaspoons of 6 g in 3.785 kg of water.
    ["1 cup per gallon", 7.6],
    ["¼ cup a quart", 7.6],
  ])("%s", (text, percent) => expect(read(text)).toBeCloseTo(percent, 9));

  it("goes by the cook's own salt: a light flake weighs half as much a spoon", () => {
    expect(read("1 tsp/lb", 3)).toBeCloseTo(0.7, 9);
  });

  it("is refused in one sentence where it is none, or too much", () => {
    expect(() => read("a pinch")).toThrow(/salt-share/);
    expect(() => read("3 tbsp/lb", 6, 2)).toThrow(/salt: got 11.9, allowed: 0 to 2 %/);
    expect(() => read("")).toThrow(/salt/);
    expect(() => read("1 tsp/mile")).toThrow(/salt/);
  });
});
