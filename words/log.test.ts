import { describe, expect, it } from "vitest";
import { bandWords, heldWords, lastTime, offWords } from "./log";

describe("the log in words", () => {
  it("says how far off it was", () => {
    expect([8, -12, 1, 0, null].map((minutes) => offWords(minutes))).toEqual([
      "8 min later",
      "12 min sooner",
      "as predicted",
      "as predicted",
      "nothing was predicted",
    ]);
    expect(bandWords(false)).toBe("outside what was said");
  });

  it("says how far predictions were to be believed", () => {
    expect(heldWords({ roasts: 10, inBand: 8, medianOffMin: 6 })).toMatch(/^8 of 10 .* within 6 min /);
    expect(heldWords({ roasts: 1, inBand: 0, medianOffMin: 30 })).toBe(
      "One roast with a prediction: outside its give or take.",
    );
    expect(heldWords({ roasts: 3, inBand: 3, medianOffMin: 0 })).toContain("half of them to the minute.");
  });

  it("hands on what was noted", () => {
    const reader = { units: "metric", clock: "24h", dates: "day", weekStart: 1, year: 2026 } as const;
    expect(lastTime("Salt a day longer.", Date.UTC(2026, 8, 27), "UTC", reader)).toBe(
      "Last time (Sun 27 Sep): Salt a day longer.",
    );
  });
});
