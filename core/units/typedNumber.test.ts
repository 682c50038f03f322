import fc from "fast-check";
import { describe, expect, it } from "vitest";
import {
  CM_PER_INCH,
  isDuration,
  KG_PER_POUND,
  L_PER_QUART,
  parseDurationS,
  parseLengthCm,
  parseMassKg,
  parseMassRangeKg,
  parseNumber,
  parseTemperatureC,
  parseTemperatureDifferenceK,
  parseVolumeL,
} from "./quantity";

const EIGHTHS: readonly (readonly [string, string])[] = [
  ["⅛", "1/8"],
  ["¼", "1/4"],
  ["⅜", "3/8"],
  ["½", "1/2"],
  ["⅝", "5/8"],
  ["¾", "3/4"],
  ["⅞", "7/8"],
];

describe("a number that is typed with a fraction", () => {
  it("is the same with a sign, with a stroke and with a point or a comma, in every unit and in both habits", () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 40 }), fc.integer({ min: 1, max: 7 }), (whole, eighths) => {
        const [sign, stroke] = EIGHTHS[eighths - 1] as readonly [string, string];
        const value = whole + eighths / 8;
        const ways = [
          `${whole || ""}${sign}`,
          `${whole || ""} ${sign}`.trim(),
          `${whole || ""} ${stroke}`.trim(),
          `${value}`,
          `${value}`.replace(".", ","),
        ];
        for (const typed of ways) {
          expect(parseMassKg(`${typed} lb`), typed).toBeCloseTo(value * KG_PER_POUND, 9);
          expect(parseMassKg(`${typed} lb. ${typed} oz.`), typed).toBeCloseTo((value * 17 * KG_PER_POUND) / 16, 9);
          expect(parseMassKg(typed, "us"), typed).toBeCloseTo(value * KG_PER_POUND, 9);
          expect(parseMassRangeKg(`${typed} to 60 lb`).offKg, typed).toBeCloseTo(((60 - value) / 2) * KG_PER_POUND, 9);
          expect(parseLengthCm(`${typed} in`), typed).toBeCloseTo(value * CM_PER_INCH, 9);
          expect(parseLengthCm(typed, "metric"), typed).toBeCloseTo(value, 9);
          expect(parseVolumeL(`${typed} quarts`), typed).toBeCloseTo(value * L_PER_QUART, 9);
          expect(parseDurationS(`${typed} h`), typed).toBeCloseTo(3600 * value, 6);
          expect(isDuration(`${typed} h`), typed).toBe(true);
          expect(parseNumber("rest", `${typed} cm`, 0, 50, "cm"), typed).toBeCloseTo(value, 9);
          expect(parseTemperatureDifferenceK(`${typed} °F`), typed).toBeCloseTo(value / 1.8, 9);
        }
      }),
    );
  });

  it("is none with nothing below the stroke, or with two strokes", () => {
    for (const typed of ["1/0 lb", "1/ lb", "/2 lb", "1/2/2 lb", "½½ lb", "1½½ lb", "½ 1 lb"]) {
      expect(() => parseMassKg(typed), typed).toThrow();
    }
  });
});

describe("what else a hand types", () => {
  it.each([
    ["14 lb.", 14 * KG_PER_POUND],
    ["14 lb 8", 14.5 * KG_PER_POUND],
    ["14#", 14 * KG_PER_POUND],
    ["6 kilograms", 6],
    ["6 kgs", 6],
    ["6,300 g", 6.3],
    ["6 300 g", 6.3],
    ["6’300 g", 6.3],
    ["6,300 kg", 6.3],
    ["5,8 g", 0.0058],
  ])("mass %s", (text, kg) => expect(parseMassKg(text)).toBeCloseTo(kg, 9));

  it.each([
    ["165º F", 73.9],
    ["165 degrees Fahrenheit", 73.9],
    ["1 degree", 1],
    ["74 Celsius", 74],
  ])("temperature %s", (text, celsius) => expect(parseTemperatureC(text)).toBeCloseTo(celsius, 1));

  it.each([
    ["2h30", 9000],
    ["2 h 30", 9000],
    ["2 hrs. 5", 7500],
    ["1½ h 10 min", 6000],
    ["1,500 mL", 1.5],
  ])("%s", (text, value) => expect(/mL/.test(text) ? parseVolumeL(text) : parseDurationS(text)).toBeCloseTo(value, 9));
});
