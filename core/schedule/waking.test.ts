import { TZDate } from "@date-fns/tz";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { EVENING, earliestWithin, isWithin, latestWithin, localHour, WAKING } from "./waking";

const ZONES = ["UTC", "Europe/Lisbon", "America/New_York", "Asia/Kolkata", "Australia/Lord_Howe", "Pacific/Apia"];
const anyMs = fc.integer({ min: Date.UTC(2024, 0, 1), max: Date.UTC(2030, 0, 1) });

describe("the hours at which a cook is up", () => {
  it("are read off the wall of the cook's zone, as an independent library reads it", () => {
    fc.assert(
      fc.property(anyMs, fc.constantFrom(...ZONES), (ms, zone) => {
        const wall = new TZDate(ms, zone);
        expect(localHour(ms, zone)).toBeCloseTo(wall.getHours() + wall.getMinutes() / 60, 9);
      }),
    );
  });

  it("are found by going back or on, by less than a day, and by nothing when the cook is up", () => {
    fc.assert(
      fc.property(anyMs, fc.constantFrom(...ZONES), fc.constantFrom(WAKING, EVENING), (ms, zone, hours) => {
        const at = latestWithin(ms, zone, hours);
        expect(isWithin(at, zone, hours)).toBe(true);
        expect(at).toBeLessThanOrEqual(ms);
        expect(ms - at).toBeLessThan(24 * 3_600_000);
        const then = earliestWithin(ms, zone, hours);
        expect(isWithin(then, zone, hours)).toBe(true);
        expect(then).toBeGreaterThanOrEqual(ms);
        if (isWithin(ms, zone, hours)) expect([at, then]).toEqual([ms, ms]);
      }),
    );
  });

  it("stay on the wall through the nights of the clock changes", () => {
    for (const [month, day] of [
      [2, 29],
      [9, 25],
    ] as const) {
      const threeAtNight = new TZDate(2026, month, day, 4, 0, "Europe/Lisbon").getTime();
      const at = new TZDate(latestWithin(threeAtNight, "Europe/Lisbon", WAKING), "Europe/Lisbon");
      expect([at.getDate(), at.getHours(), at.getMinutes()]).toEqual([day - 1, 22, 0]);
    }
  });
});
