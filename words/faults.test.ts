import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { CUTS } from "../core/bird/form";
import { massRangeKg } from "../core/bird/mass";
import { SPECIES } from "../core/bird/species";
import { QuantityError, requireBetween } from "../core/errors";
import { RoastSchema } from "../core/plan/roast";
import { PlanSchema } from "../core/plan/schema";
import { parseLengthCm, parseMassKg, parseTemperatureC, parseVolumeL } from "../core/units/quantity";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { faultWords, messageOf } from "./faults";

/** What storing it throws. */
function thrownBy(act: () => unknown): unknown {
  try {
    act();
  } catch (error) {
    return error;
  }
  throw new Error("nothing was thrown");
}

describe("a range that is told", () => {
  it("is allowed at either end as it is written, in both habits of units", () => {
    const readers: Record<string, (text: string) => number> = {
      kg: (text) => parseMassKg(text, "us"),
      "°C": (text) => parseTemperatureC(text, "us"),
      cm: (text) => parseLengthCm(text, "us"),
      L: (text) => parseVolumeL(text, "us"),
    };
    const told = (low: number, high: number, unit: string, units: "metric" | "us"): readonly string[] => {
      const refused = thrownBy(() => requireBetween("it", high + 1000, low, high, unit));
      return /allowed is (.*) to (.*)$/.exec(faultWords(refused, units))?.slice(1) ?? [];
    };
    for (const species of SPECIES) {
      for (const cut of CUTS) {
        const [low, high] = massRangeKg(species, cut);
        for (const end of told(low, high, "kg", "us")) {
          expect(() => requireBetween("it", parseMassKg(end, "us"), low, high, "kg"), `${cut} ${end}`).not.toThrow();
        }
      }
    }
    fc.assert(
      fc.property(
        fc.constantFrom("kg", "°C", "cm", "L"),
        // As limits are declared: to the hundredth.
        fc.integer({ min: 10, max: 10_000 }),
        fc.integer({ min: 300, max: 20_000 }),
        (unit, lowHundredths, widthHundredths) => {
          const [low, high] = [lowHundredths / 100, (lowHundredths + widthHundredths) / 100];
          for (const end of told(low, high, unit, "us")) {
            const value = readers[unit]?.(end) ?? Number.NaN;
            expect(() => requireBetween("it", value, low, high, unit), `${end} in ${unit}`).not.toThrow();
          }
        },
      ),
    );
  });
});

describe("what was thrown", () => {
  it("is one sentence that names the place, where what would be stored is misshapen", () => {
    const roast = sampleRoast();
    const stages = [...roast.plan.stages, { fromMin: 0, airC: 160 }];
    const misshapen = thrownBy(() => RoastSchema.parse({ ...roast, plan: { ...roast.plan, stages } }));
    const place = `plan.stages.${stages.length - 1}.fromMin`;
    expect(messageOf(misshapen)).toBe(`what would come of it cannot be kept (${place}); nothing was changed`);
    expect(faultWords(misshapen)).toBe(messageOf(misshapen));
    expect(messageOf(thrownBy(() => PlanSchema.parse(null)))).toMatch(/\(all of it\)/);
  });

  it("is its own words otherwise, a refused value in the cook's units", () => {
    expect(messageOf(new Error("no roast is stored"))).toBe("no roast is stored");
    expect(messageOf("gone")).toBe("gone");
    const refused = new QuantityError("oven temperature", 400, { kind: "between", low: 60, high: 320, unit: "°C" });
    expect(faultWords(refused)).toMatch(/^oven temperature: got 400 °C/);
    expect(faultWords(refused, "us")).toMatch(/°F/);
    expect(messageOf(new DOMException("full", "QuotaExceededError"))).toMatch(/no room left/);
  });
});
