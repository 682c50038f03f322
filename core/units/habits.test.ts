import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { habitsOf, METRIC_HABITS } from "./habits";

describe("a language's habits", () => {
  // Unicode CLDR: time data, week data and date patterns of these regions.
  it.each([
    ["en-US", "us", "12h", "month", 0],
    ["en-GB", "metric", "24h", "day", 1],
    ["de", "metric", "24h", "day", 1],
    ["fr-FR", "metric", "24h", "day", 1],
    ["pt-BR", "metric", "24h", "day", 0],
    ["en-AU", "metric", "12h", "day", 1],
    ["ja-JP", "metric", "24h", "month", 0],
    ["ar-EG", "metric", "12h", "day", 6],
  ] as const)("%s: %s, %s, the %s first, weeks from day %i", (language, units, clock, dates, weekStart) => {
    expect(habitsOf(language)).toEqual({ units, clock, dates, weekStart });
  });

  it("are metric where nobody knows the language", () => {
    for (const language of ["", "e", "not a language", "en_US"]) expect(habitsOf(language)).toEqual(METRIC_HABITS);
  });

  it("are whole for whatever a browser says", () => {
    fc.assert(
      fc.property(fc.string(), (language) => Object.values(habitsOf(language)).every((habit) => habit !== undefined)),
    );
  });
});
