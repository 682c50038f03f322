import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatDuration, formatMass, formatTemperature } from "../core/units/quantity";
import { formatSpoons, liquid } from "./amounts";
import { unbroken } from "./unbroken";

describe("a number and its unit", () => {
  it("stay on one line, in both habits, and nothing else of the words changes", () => {
    fc.assert(
      fc.property(
        fc.constantFrom("metric" as const, "us" as const),
        fc.double({ min: 0.05, max: 12, noNaN: true }),
        fc.integer({ min: 60, max: 90_000 }),
        (units, kg, seconds) => {
          const told = [formatMass(kg, units), formatTemperature(20 * kg, units), formatDuration(seconds)];
          told.push(liquid(100 * kg, units), formatSpoons(kg, units));
          const words = `Bird of ${told[0]} in at ${told[1]}, for ${told[2]} of 2 birds, with ${told[3]} and ${told[4]}`;
          const kept = unbroken(words);
          expect(kept.replaceAll("\u00a0", " ")).toBe(words);
          expect(kept).toContain("of 2 birds");
          for (const quantity of told) expect(kept, quantity).not.toMatch(/[\d¼½¾⅓⅔] (?!birds)[a-z°]/);
        },
      ),
    );
  });
});
