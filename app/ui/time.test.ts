import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { HOUR_MS, MINUTE_MS } from "../../core/units/time";
import {
  clockTime,
  countdown,
  dayAndTime,
  fieldTime,
  giveOrTake,
  instantOf,
  largeCountdown,
  midnights,
  wholeTicks,
} from "./time";

// A zone rule without a place: Central European time changes on the last Sundays of March and October.
const ZONE = "CET";

describe("local times", () => {
  it("give a date field back the instant it was filled from", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: Date.UTC(2026, 0), max: Date.UTC(2028, 0) }),
        fc.constantFrom("UTC", ZONE),
        (ms, zone) => {
          const minute = Math.floor(ms / MINUTE_MS) * MINUTE_MS;
          const back = instantOf(fieldTime(minute, zone), zone);
          // In the hour that a clock change repeats, a local time has two instants.
          expect(Math.abs(back - minute) % HOUR_MS).toBe(0);
          expect(Math.abs(back - minute)).toBeLessThanOrEqual(HOUR_MS);
          expect(fieldTime(back, zone)).toBe(fieldTime(minute, zone));
        },
      ),
    );
  });

  it("survive a clock change in the night: a day of 25 hours between two middays", () => {
    const before = instantOf("2026-10-24T12:00", ZONE);
    const after = instantOf("2026-10-25T12:00", ZONE);
    expect((after - before) / HOUR_MS).toBe(25);
    expect(clockTime(before + 25 * HOUR_MS, ZONE)).toBe("12:00");
  });

  it("say a day as a cook does", () => {
    expect(dayAndTime(Date.UTC(2026, 8, 27, 11, 30), ZONE)).toBe("Sun 27 Sep, 13:30");
  });

  it("find the midnights of the zone, not those of the world's", () => {
    const from = instantOf("2026-10-24T12:00", ZONE);
    const found = midnights(from, from + 3 * 24 * HOUR_MS, ZONE);
    expect(found.map((ms) => clockTime(ms, ZONE))).toEqual(["00:00", "00:00", "00:00"]);
  });

  it.each(["", "tomorrow", "2026-13"])("take no nonsense: %j", (text) => expect(instantOf(text, ZONE)).toBeNaN());
});

describe("spans", () => {
  it("count down and stop at nothing", () => {
    expect([3_849_000, 754_000, -5000].map(countdown)).toEqual(["1:04:09", "12:34", "0:00"]);
  });

  it("say the doubt in minutes, coarser where it is large", () => {
    expect(giveOrTake(0, 24 * MINUTE_MS)).toBe("give or take 12 min");
    expect(giveOrTake(0, 47 * MINUTE_MS)).toBe("give or take 25 min");
    expect(giveOrTake(0, 0)).toBe("give or take 1 min");
  });
});

describe("a wait read from two metres", () => {
  it("is as few figures as tell it, with their unit", () => {
    const said = [0, 9.5, 46.9, 100, 700, 4000].map((minutes) => largeCountdown(minutes * MINUTE_MS));
    expect(said.map(({ figure, unit }) => `${figure} ${unit}`)).toEqual([
      "0:00 min",
      "9:30 min",
      "46 min",
      "1:40 h",
      "12 h",
      "3 days",
    ]);
    for (const { figure } of said) expect(figure.length).toBeLessThanOrEqual(4);
    expect(largeCountdown(-5).figure).toBe("0:00");
  });

  it("ticks where the clock on the wall shows whole hours, half-hour zones too", () => {
    for (const [zone, offsetMin] of [
      ["UTC", 0],
      ["Asia/Kolkata", 330],
      ["Asia/Kathmandu", 345],
      ["America/New_York", -240],
    ] as const) {
      const fromMs = Date.UTC(2026, 8, 27, 8, 7);
      const ticks = wholeTicks(fromMs, fromMs + 5 * HOUR_MS, 60, zone);
      expect(ticks, zone).toHaveLength(5);
      for (const ms of ticks) {
        expect(clockTime(ms, zone), zone).toMatch(/:00$/);
        expect((ms / MINUTE_MS + offsetMin) % 60, zone).toBe(0);
      }
    }
  });
});
