import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { formatDuration, formatMass, formatTemperature } from "../core/units/quantity";
import { formatSpoons, liquid } from "./amounts";
import { dayName } from "./time";
import { unbroken } from "./unbroken";

describe("a date", () => {
  it("stays on one line, in every habit", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2028, 0, 1) }),
        fc.constantFrom("day" as const, "month" as const),
        (ms, dates) => {
          const day = dayName(ms, "UTC", { dates, year: new Date(ms).getUTCFullYear() });
          const words = `Whole turkey, ${day}, 13:30`;
          expect(unbroken(words).replaceAll("\u00a0", " ")).toBe(words);
          expect(unbroken(words).split(" ")).toEqual([
            "Whole",
            "turkey,",
            `${day.replaceAll(" ", "\u00a0")},`,
            "13:30",
          ]);
        },
      ),
    );
  });
});

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
