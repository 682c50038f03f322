import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { HOUR_MS, MINUTE_MS } from "../../core/units/time";
import { fieldTime, instantOf, midnights, momentsMeant, tickStepMin, wholeTicks } from "./time";

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
    expect(fieldTime(before + 25 * HOUR_MS, ZONE)).toMatch(/12:00$/);
  });

  it("typed in the place of another are of its day, or near it over midnight", () => {
    const instants = fc.integer({ min: Date.UTC(2026, 0), max: Date.UTC(2028, 0) });
    const twoDigits = (most: number) =>
      fc.integer({ min: 0, max: most }).map((value) => String(value).padStart(2, "0"));
    fc.assert(
      fc.property(instants, twoDigits(23), twoDigits(59), (atMs, hour, minute) => {
        const meant = momentsMeant(`${hour}:${minute}`, atMs, ZONE);
        const dayOf = (ms: number): string => fieldTime(ms, ZONE).slice(0, 10);
        const own = meant.find((ms) => dayOf(ms) === dayOf(atMs)) as number;
        const other = meant.find((ms) => ms !== own) ?? own;
        for (const ms of meant) {
          // A time that the change in spring leaves out is an hour on.
          expect([0, 1]).toContain((Number(fieldTime(ms, ZONE).slice(11, 13)) - Number(hour) + 24) % 24);
          expect(fieldTime(ms, ZONE).slice(14)).toBe(minute);
        }
        // The other is never further off, but in the hour that a change of the clocks moves.
        expect(Math.abs(other - atMs)).toBeLessThanOrEqual(Math.abs(own - atMs) + HOUR_MS);
        expect(meant[0]).toBe(Math.abs(other - atMs) <= 6 * HOUR_MS ? other : own);
      }),
    );
  });

  it.each([
    ["2026-12-01T00:10", "23:55", "2026-11-30T23:55"],
    ["2026-11-30T23:40", "00:05", "2026-12-01T00:05"],
    ["2026-12-01T00:10", "00:20", "2026-12-01T00:20"],
    // A thaw may have begun half a day later than planned.
    ["2026-12-01T09:00", "22:00", "2026-12-01T22:00"],
  ])("in the place of %s: %s is %s", (before, time, meant) => {
    expect(fieldTime(momentsMeant(time, instantOf(before, "UTC"), "UTC")[0], "UTC")).toBe(meant);
  });

  it("find the midnights of the zone, not those of the world's", () => {
    const from = instantOf("2026-10-24T12:00", ZONE);
    const found = midnights(from, from + 3 * 24 * HOUR_MS, ZONE);
    expect(found.map((ms) => fieldTime(ms, ZONE).slice(-5))).toEqual(["00:00", "00:00", "00:00"]);
  });

  it.each(["", "tomorrow", "2026-13"])("take no nonsense: %j", (text) => expect(instantOf(text, ZONE)).toBeNaN());
});

describe("ticks of a wall clock", () => {
  it("stand as far apart as they are asked to, and no further than the next step", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-4, max: 20, noNaN: true }),
        fc.integer({ min: 20, max: 90 }),
        (pixelsPerMin, apart) => {
          const step = tickStepMin(pixelsPerMin, apart);
          expect(step * pixelsPerMin).toBeGreaterThanOrEqual(apart - 1e-6);
          expect(step === 30 || (step / 2) * pixelsPerMin <= apart + 1e-6).toBe(true);
        },
      ),
    );
  });

  it("stand where it shows whole hours, half-hour zones too", () => {
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
        expect(fieldTime(ms, zone), zone).toMatch(/:00$/);
        expect((ms / MINUTE_MS + offsetMin) % 60, zone).toBe(0);
      }
    }
  });
});
