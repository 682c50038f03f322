import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { HOUR_MS } from "../core/units/time";
import { Arrivals } from "./arrival";

const START = Date.UTC(2026, 8, 27, 9);

/** A device whose clock is off by so much; `behindMs` has its lines sent that long after they were taken. */
function device(offMs: number) {
  let nowMs = START;
  const arrivals = new Arrivals({ now: () => nowMs, rate: 1 });
  return {
    /** @returns how far off, in seconds, the readings of a post are placed */
    post: (atMs: number, ages: readonly number[]) => {
      nowMs = atMs;
      const lines = ages.map((age) => ({
        at: new Date(atMs - age + offMs).toISOString(),
        probe: "breast" as const,
        celsius: 40,
      }));
      return arrivals
        .place(lines)
        .map(({ at, placedAt }, n) => (Date.parse(placedAt ?? at) - (atMs - (ages[n] ?? 0))) / 1000);
    },
  };
}

describe("when a reading was taken", () => {
  it("is what a right clock says, late or not", () => {
    const right = device(0);
    expect(right.post(START, [0])).toEqual([0]);
    expect(right.post(START + 5000, [0])).toEqual([0]);
    // Out of reach for an hour: its memory comes in one go, oldest first, in several posts.
    expect(right.post(START + HOUR_MS, [HOUR_MS - 10_000, HOUR_MS - 15_000])).toEqual([0, 0]);
    expect(right.post(START + HOUR_MS + 300, [HOUR_MS / 2, HOUR_MS / 2 - 5000])).toEqual([0, 0]);
    expect(right.post(START + HOUR_MS + 2000, [1000, 0])).toEqual([0, 0]);
  });

  it("is the moment it came for a clock that is ahead, whatever came with it", () => {
    expect(device(3 * HOUR_MS).post(START, [5000, 0])).toEqual([0, 0]);
    const year = 365 * 24 * HOUR_MS;
    expect(device(40 * year).post(START, [0])).toEqual([0]);
  });

  it("is so for a clock that was set back, from its second word on", () => {
    const back = device(-HOUR_MS);
    back.post(START, [0]);
    expect(back.post(START + 5000, [0])).toEqual([0]);
    expect(back.post(START + 10_000, [4000, 0])).toEqual([0, 0]);
  });

  it("is a law: a probe that speaks every five seconds is never silent for long, whatever its clock says", () => {
    fc.assert(
      fc.property(fc.integer({ min: -50 * 365 * 24 * 3600, max: 50 * 365 * 24 * 3600 }), (offS) => {
        const one = device(1000 * offS);
        one.post(START, [0]);
        const off = [1, 2, 3].flatMap((n) => one.post(START + 5000 * n, [0]));
        expect(Math.max(...off.map(Math.abs))).toBeLessThanOrEqual(120);
      }),
    );
  });
});
