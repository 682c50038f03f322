import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { lidFallK, MILD_DAY, swingOf } from "./fire";
import { BARE_SKIN, type OvenMoment, ovenSurroundings, USUAL_OVEN } from "./ovens";
import { FUELS, HEAT_SOURCES, isFire, isLidded } from "./sources";

const insideC = fc.double({ min: 90, max: 300, noNaN: true });
const outsideC = fc.double({ min: -30, max: 45, noNaN: true });

describe("a lid in the weather", () => {
  it("is as on the day that practice speaks of when it is mild and calm", () => {
    fc.assert(
      fc.property(insideC, (celsius) => {
        expect(lidFallK(celsius, MILD_DAY)).toBe(0);
      }),
    );
  });

  it("is the colder the colder it is outdoors, and colder in wind, but never colder than outdoors", () => {
    fc.assert(
      fc.property(insideC, outsideC, (celsius, airC) => {
        const calm = lidFallK(celsius, { airC, windy: false });
        const inWind = lidFallK(celsius, { airC, windy: true });
        expect(inWind).toBeGreaterThan(calm);
        expect(lidFallK(celsius, { airC: airC - 5, windy: false })).toBeGreaterThan(calm);
        expect(celsius - inWind).toBeGreaterThan(airC);
      }),
    );
  });

  it("is met by the bird under it, and by no other", () => {
    const weather = { airC: -10, windy: true };
    for (const source of HEAT_SOURCES) {
      const moment: OvenMoment = {
        source,
        burns: true,
        traits: USUAL_OVEN,
        airC: 160,
        wallC: 160,
        shield: "none",
        wrap: "none",
        dressing: BARE_SKIN,
        weather: null,
        underlay: "rack",
        underlayC: 160,
        cavityC: 20,
        skinC: 60,
        birds: 1,
        sizeM: 0.17,
      };
      const { skin: inKitchen } = ovenSurroundings(moment);
      const { skin: outdoors } = ovenSurroundings({ ...moment, weather });
      if (isLidded(source)) expect(outdoors.wallC).toBeLessThan(inKitchen.wallC - 20);
      else expect(outdoors).toEqual(inKitchen);
      if (!isFire(source)) expect(isLidded(source)).toBe(false);
    }
  });
});

describe("a fire's air", () => {
  it("swings by what burns: a fed fire far and slowly, a hopper's less, gas not at all", () => {
    const [charcoal, wood, pellets, gas] = FUELS.map((fuel) => swingOf({ fuel, weather: MILD_DAY }));
    expect(wood?.amplitudeK).toBeGreaterThan(charcoal?.amplitudeK ?? 0);
    expect(charcoal?.amplitudeK).toBeGreaterThan(pellets?.amplitudeK ?? 0);
    expect(pellets?.amplitudeK).toBeGreaterThan(swingOf(null).amplitudeK);
    expect(gas?.amplitudeK).toBe(0);
  });
});
