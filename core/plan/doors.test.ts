import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../units/time";
import { withDoor } from "./happened";

const START_MS = Date.parse("2026-12-24T10:00:00Z");
const at = (minute: number): string => new Date(START_MS + minute * MINUTE_MS).toISOString();

/** By the minutes in which the cook says that it stood open until then. */
const told = fc.array(
  fc.record({ untilMin: fc.integer({ min: 40, max: 120 }), openMin: fc.constantFrom(0.5, 1, 2, 5) }),
  {
    maxLength: 12,
  },
);

describe("a door", () => {
  it("stands open in every minute that was told, and in each of them once", () => {
    fc.assert(
      fc.property(told, (openings) => {
        const { doors = [] } = openings.reduce(
          (happened, { untilMin, openMin }) => withDoor(happened, { at: at(untilMin - openMin), openMin }),
          {} as Parameters<typeof withDoor>[0],
        );
        const openAt = (ms: number): number =>
          doors.filter(({ at: from, openMin }) => ms >= Date.parse(from) && ms < Date.parse(from) + openMin * MINUTE_MS)
            .length;
        for (let ms = START_MS; ms < START_MS + 130 * MINUTE_MS; ms += MINUTE_MS / 2) {
          const minute = (ms - START_MS) / MINUTE_MS;
          const isTold = openings.some(({ untilMin, openMin }) => minute >= untilMin - openMin && minute < untilMin);
          expect(openAt(ms)).toBe(isTold ? 1 : 0);
        }
      }),
    );
  });

  it("that is told twice by a doubled tap was open once", () => {
    const once = withDoor({}, { at: at(10), openMin: 2 });
    const { doors } = withDoor(once, { at: at(10.003), openMin: 2 });
    expect(doors).toHaveLength(1);
    expect(doors?.[0]?.openMin).toBeCloseTo(2, 1);
  });

  it("stands open for no longer than the record holds", () => {
    const openings = Array.from({ length: 20 }, (_, n) => ({ at: at(2 * n), openMin: 2 }));
    const { doors } = openings.reduce(withDoor, {} as Parameters<typeof withDoor>[0]);
    expect(doors).toEqual([{ at: at(10), openMin: 30 }]);
  });
});
