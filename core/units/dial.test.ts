import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { DIALS, highestMarkC, onDialC } from "./dial";
import { cToFahrenheit, formatTemperature, parseTemperatureC } from "./quantity";

describe("an oven's dial", () => {
  // Common practice: the pairs that recipes written for both dials give.
  it.each([
    [120, "250 °F"],
    [150, "300 °F"],
    [160, "325 °F"],
    [180, "350 °F"],
    [190, "375 °F"],
    [200, "400 °F"],
    [220, "425 °F"],
    [230, "450 °F"],
  ])("has %i °C at the mark of %s", (celsius, fahrenheit) => {
    expect(formatTemperature(onDialC(celsius, "fahrenheit"), "us")).toBe(fahrenheit);
    expect(onDialC(celsius, "celsius")).toBe(celsius);
  });

  it("has a highest mark under what may not be passed", () => {
    expect(highestMarkC(205, "celsius")).toBe(200);
    expect(formatTemperature(highestMarkC(205, "fahrenheit"), "us")).toBe("400 °F");
  });

  it("has its marks where they are, and none further than half a step from anything", () => {
    fc.assert(
      fc.property(fc.double({ min: 60, max: 320, noNaN: true }), fc.constantFrom(...DIALS), (celsius, dial) => {
        const mark = onDialC(celsius, dial);
        expect(onDialC(mark, dial)).toBeCloseTo(mark, 9);
        expect(Math.abs(mark - celsius)).toBeLessThanOrEqual(dial === "celsius" ? 5 : 12.5 / 1.8 + 1e-9);
        const shown = dial === "celsius" ? mark / 10 : cToFahrenheit(mark) / 25;
        expect(Math.abs(shown - Math.round(shown))).toBeLessThan(1e-9);
      }),
    );
  });
});

describe("what was typed", () => {
  it("comes back as typed, in either unit: every whole degree of a dial", () => {
    fc.assert(
      fc.property(fc.integer({ min: -20, max: 600 }), fc.constantFrom("metric", "us"), (degrees, units) => {
        const unit = units === "us" ? "°F" : "°C";
        expect(formatTemperature(parseTemperatureC(`${degrees}`, units), units)).toBe(`${degrees} ${unit}`);
        expect(formatTemperature(parseTemperatureC(`${degrees} ${unit}`), units)).toBe(`${degrees} ${unit}`);
      }),
    );
  });
});
