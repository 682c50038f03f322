import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { MINUTE_MS } from "../units/time";
import { type Busy, freeBeside } from "./hands";

const busy = (startMs: number, minutes: number, hands = 1): Busy => ({
  id: "work",
  startMs,
  endMs: startMs + minutes * MINUTE_MS,
  hands,
});

describe("a free pair of hands", () => {
  it("is found right between two jobs that leave just so much room, however their moments were computed", () => {
    const minutes = fc.integer({ min: 1, max: 120 });
    const moment = fc.double({ min: 1.6e12, max: 1.9e12, noNaN: true });
    fc.assert(
      fc.property(
        moment,
        minutes,
        minutes,
        minutes,
        fc.double({ min: 0.3, max: 1.7, noNaN: true }),
        (at, a, b, c, x) => {
          // As a forecast has them: shares of a roast, and one moment counted from another.
          const knifeMs = at + 170 * x * MINUTE_MS;
          const gravy = busy(knifeMs - b * MINUTE_MS - a * MINUTE_MS, a);
          const found = freeBeside([gravy, busy(knifeMs, c)], 1)(knifeMs, b);
          expect(Math.abs(found - gravy.endMs)).toBeLessThan(1);
        },
      ),
    );
  });

  it("is none where fewer are left than are wanted, and never after the moment that is asked for", () => {
    const jobs = fc.array(fc.tuple(fc.integer({ min: 0, max: 300 }), fc.integer({ min: 1, max: 60 })), {
      maxLength: 12,
    });
    fc.assert(
      fc.property(jobs, fc.integer({ min: 1, max: 3 }), fc.integer({ min: 1, max: 60 }), (all, hands, minutes) => {
        const taken = all.map(([startMin, lasts]) => busy(startMin * MINUTE_MS, lasts));
        const startMs = freeBeside(taken, hands)(200 * MINUTE_MS, minutes);
        expect(startMs).toBeLessThanOrEqual(200 * MINUTE_MS);
        for (let ms = startMs; ms < startMs + minutes * MINUTE_MS; ms += MINUTE_MS) {
          expect(taken.filter((each) => each.startMs <= ms && each.endMs > ms).length).toBeLessThan(hands);
        }
      }),
    );
  });
});
