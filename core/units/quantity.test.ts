import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { QuantityError } from "../errors";
import {
  formatAltitude,
  formatDuration,
  formatLength,
  formatMass,
  formatTemperature,
  formatTemperatureDifference,
  formatVolume,
  isDuration,
  KG_PER_POUND,
  parseAltitudeM,
  parseDurationS,
  parseLengthCm,
  parseMassKg,
  parseMinutes,
  parseNumber,
  parseTemperatureC,
  parseTemperatureDifferenceK,
  parseVolumeL,
} from "./quantity";

describe("what people type", () => {
  it.each([
    ["1200 m", 1200],
    ["4000 ft", 1219.2],
    ["4000 feet", 1219.2],
    ["-10", -10],
  ])("height %s", (text, metres) => {
    expect(parseAltitudeM(text)).toBeCloseTo(metres, 6);
    expect(parseAltitudeM(formatAltitude(metres, "us"))).toBeCloseTo(metres, -1);
  });
  it("refuses a height that is none", () => expect(() => parseAltitudeM("up there")).toThrow(QuantityError));

  it.each([
    ["14 lb", 14 * KG_PER_POUND],
    ["14lbs", 14 * KG_PER_POUND],
    ["12 lb 8 oz", 12.5 * KG_PER_POUND],
    ["6.3kg", 6.3],
    ["6,3 kg", 6.3],
    ["5800 g", 5.8],
    ["5.8", 5.8],
  ])("mass %s", (text, kg) => expect(parseMassKg(text)).toBeCloseTo(kg, 9));

  it.each([
    ["325f", 162.8],
    ["325 °F", 162.8],
    ["163 C", 163],
    ["-18C", -18],
    ["−18 °C", -18],
    ["74", 74],
  ])("temperature %s", (text, celsius) => expect(parseTemperatureC(text)).toBeCloseTo(celsius, 1));

  it.each([
    ["40 cm", 40],
    ["400mm", 40],
    ["16 in", 40.64],
    ['16"', 40.64],
    ["38,5", 38.5],
  ])("length %s", (text, cm) => expect(parseLengthCm(text)).toBeCloseTo(cm, 9));

  it("every half inch comes to the very hundredth of a centimetre that limits are declared in", () => {
    for (let half = 1; half <= 400; half++)
      expect(parseLengthCm(`${half / 2} in`)).toBe(Number((1.27 * half).toFixed(2)));
  });

  it.each([
    ["12 L", 12],
    ["500 mL", 0.5],
    ["10 quarts", 9.46],
    ["3 gal", 11.36],
  ])("volume %s", (text, litres) => expect(parseVolumeL(text)).toBeCloseTo(litres, 2));

  it.each([
    ["8", 8],
    ["8 °C", 8],
    ["18 F", 10],
  ])("difference of temperature %s", (text, kelvin) =>
    expect(parseTemperatureDifferenceK(text)).toBeCloseTo(kelvin, 9),
  );

  it("reads a bare number in the cook's own unit", () => {
    expect(parseLengthCm("16", "us")).toBeCloseTo(40.64, 9);
    expect(parseVolumeL("10", "us")).toBeCloseTo(9.46, 2);
    expect(parseTemperatureC("325", "us")).toBeCloseTo(162.8, 1);
    expect(parseMassKg("14", "us")).toBeCloseTo(14 * KG_PER_POUND, 9);
  });

  it.each([
    ["25m", 1500],
    ["1h 30m", 5400],
    ["2:15", 8100],
    ["3 days", 259_200],
    ["90", 5400],
    ["90 s", 90],
  ])("duration %s", (text, seconds) => expect(parseDurationS(text)).toBe(seconds));

  it.each([
    () => parseMassKg("a big one"),
    () => parseMassKg(""),
    () => parseMassKg("14 lb lb"),
    () => parseMassKg("-3 kg"),
    () => parseMassKg("NaN"),
    () => parseTemperatureC("hot"),
    () => parseTemperatureC("Infinity"),
    () => parseDurationS(""),
    () => parseDurationS("soon"),
    () => parseLengthCm("wide"),
    () => parseVolumeL("big"),
  ])("refuses what it cannot read, case %#", (parse) => expect(parse).toThrow(QuantityError));

  it("understands what it writes, either way", () => {
    fc.assert(
      fc.property(fc.integer({ min: 200, max: 1600 }), fc.integer({ min: -30, max: 300 }), (hundredths, celsius) => {
        const kg = hundredths / 100;
        expect(parseMassKg(formatMass(kg, "metric"))).toBeCloseTo(kg, 9);
        expect(parseMassKg(formatMass(kg, "us"))).toBeCloseTo(kg, 1);
        expect(parseTemperatureC(formatTemperature(celsius, "metric"))).toBe(celsius);
        expect(Math.abs(parseTemperatureC(formatTemperature(celsius, "us")) - celsius)).toBeLessThan(0.3);
        for (const units of ["metric", "us"] as const) {
          expect(parseLengthCm(formatLength(kg * 10, units), units)).toBeCloseTo(kg * 10, 0);
          expect(parseVolumeL(formatVolume(kg * 4, units), units)).toBeCloseTo(kg * 4, 0);
        }
      }),
    );
  });
});

describe("a plain number", () => {
  it.each([
    ["6", 6],
    [" 6,5 ", 6.5],
    ["6.5 %", 6.5],
    ["6.5%", 6.5],
  ])("is read from %j", (text, value) => expect(parseNumber("sugar", text, 0, 100, "%")).toBe(value));

  it.each(["", "none", "6 g", "1e1", "0x10", "6 %%", "NaN", "∞"])("is none in %j, and told as it was typed", (text) => {
    expect(() => parseNumber("sugar", text, 0, 100, "%")).toThrow(expect.objectContaining({ value: text }));
  });

  it("is refused outside its range, a unit of signs and letters or none", () => {
    expect(() => parseNumber("sugar", "-1 %", 0, 100, "%")).toThrow(expect.objectContaining({ value: -1 }));
    expect(() => parseNumber("guests", "61 people", 1, 60, "people")).toThrow(expect.objectContaining({ value: 61 }));
    expect(parseNumber("guests", "4", 1, 60)).toBe(4);
    expect(parseNumber("amount", "2 1/2-inch sticks", 0, 9, "1/2-inch sticks")).toBe(2);
  });
});

describe("whole minutes", () => {
  it.each([
    ["90", 90],
    ["1h 30m", 90],
    ["1 h 30 min", 90],
    ["1:30", 90],
    ["1,4", 1],
  ])("are read from %j, and taken for a duration", (text, minutes) => {
    expect(isDuration(text)).toBe(true);
    expect(parseMinutes("out before", text, 0, 240)).toBe(minutes);
  });

  it.each(["65 °C", "150F", "golden", "never"])("are not what %j means", (text) => {
    expect(isDuration(text)).toBe(false);
  });

  it.each(["soon", "", "5 h"])("are refused in %j", (text) => {
    expect(() => parseMinutes("out before", text, 0, 240)).toThrow(QuantityError);
  });
});

describe("what cooks read", () => {
  it("durations", () => {
    expect([1500, 11_100, 291_600, 345_600].map(formatDuration)).toEqual(["25 min", "3 h 5 min", "3 d 9 h", "4 days"]);
  });

  it("differences of temperature without the offset of the scale", () => {
    expect(formatTemperatureDifference(10, "us")).toBe("18 °F");
  });
});
