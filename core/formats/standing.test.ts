import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import type { Roast } from "../plan/roast";
import type { RoastEntry } from "./file";
import { standingOf } from "./standing";

const reading = (minute: number) => ({
  at: new Date(Date.UTC(2026, 8, 27, 9, minute)).toISOString(),
  part: "breast" as const,
  celsius: 20 + minute,
  source: "typed" as const,
});
const entry = (minutes: readonly number[], change: Partial<Roast> = {}): RoastEntry => ({
  roast: { ...sampleRoast(), ...change },
  readings: minutes.map(reading),
});
const inAt = { inAt: "2026-09-27T08:00:00Z" };

describe("a roast of a file beside the stored one", () => {
  it.each([
    ["new", entry([]), undefined],
    ["same", entry([1, 2]), entry([1, 2])],
    ["newer", entry([1, 2]), entry([1])],
    ["newer", entry([1], { happened: inAt }), entry([1])],
    ["newer", entry([1], { notes: "one\ntwo" }), entry([1], { notes: "two" })],
    ["older", entry([1]), entry([1], { rating: 4 })],
    ["different", entry([1]), entry([2])],
    ["different", entry([1, 2]), entry([1], { title: "Another name" })],
    ["different", entry([], { happened: inAt }), entry([], { happened: { inAt: "2026-09-27T08:01:00Z" } })],
  ])("is %s", (standing, sent, stored) => expect(standingOf(sent, stored)).toBe(standing));

  it("is a law: what is newer one way is older the other, and nothing that is taken without asking loses a thing", () => {
    const anyEntry = fc
      .record({
        minutes: fc.uniqueArray(fc.integer({ min: 0, max: 4 })),
        notes: fc.constantFrom("", "a", "a\nb", "b"),
        happened: fc.constantFrom({}, inAt),
      })
      .map(({ minutes, notes, happened }) => entry(minutes, { notes, happened }));
    const back = { new: "new", same: "same", newer: "older", older: "newer", different: "different" };
    fc.assert(
      fc.property(anyEntry, anyEntry, (one, other) => {
        const standing = standingOf(one, other);
        expect(standingOf(other, one)).toBe(back[standing]);
        if (standing !== "newer") return;
        const kept = one.readings.map(({ at }) => at);
        expect(kept).toEqual(expect.arrayContaining(other.readings.map(({ at }) => at)));
      }),
      { numRuns: 300 },
    );
  });
});
