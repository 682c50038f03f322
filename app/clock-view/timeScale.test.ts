import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { HOUR_MS, MINUTE_MS } from "../../core/units/time";
import { clockScale, drawnFrom, END_PX, endOf, hourStepMin, hoursShown, lastOf } from "./timeScale";

describe("the clock's axis", () => {
  const scale = clockScale(0, 100 * HOUR_MS, 106 * HOUR_MS, 1000);

  it("reads backwards what it draws, and never runs backwards", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 106, noNaN: true }),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (hour, more) => {
          expect(scale.toMs(scale.toX(hour * HOUR_MS))).toBeCloseTo(hour * HOUR_MS, -1);
          expect(scale.toX((hour + more) * HOUR_MS)).toBeGreaterThan(scale.toX(hour * HOUR_MS));
        },
      ),
    );
  });

  it("draws nothing past its end, however long it may last, and nothing narrower than a finger finds it", () => {
    const from = fc.double({ min: 0, max: 106, noNaN: true });
    fc.assert(
      fc.property(
        from,
        fc.double({ min: 0, max: 1e6, noNaN: true }),
        fc.constantFrom(0, 6, 24),
        (hour, lasts, least) => {
          const { left, width } = drawnFrom(scale, hour * HOUR_MS, (hour + lasts) * HOUR_MS, least);
          expect(left + width).toBeLessThanOrEqual(1000 + 1e-6);
          expect(left).toBeGreaterThanOrEqual(-1e-6);
          expect(width).toBeGreaterThanOrEqual(least);
          if (hour + lasts <= 106 && left + least < 1000) expect(left).toBe(scale.toX(hour * HOUR_MS));
        },
      ),
    );
    expect(drawnFrom(scale, 101 * HOUR_MS, Number.POSITIVE_INFINITY, 0).width).toBeCloseTo(583.3, 0);
  });

  it("gives an hour of the last day far more room than an hour of the days before", () => {
    const early = scale.toX(11 * HOUR_MS) - scale.toX(10 * HOUR_MS);
    const late = scale.toX(103 * HOUR_MS) - scale.toX(102 * HOUR_MS);
    expect(late / early).toBeGreaterThan(20);
  });

  it("has room for what stands at dinner, however long before it the bird went in, and ends soon after an ordinary one", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9000 }), fc.integer({ min: 600, max: 1600 }), (hours, width) => {
        const [wideFrom, serveAt] = [100 * HOUR_MS, (100 + hours) * HOUR_MS];
        const axis = clockScale(0, wideFrom, endOf(serveAt, wideFrom, width), width);
        expect(width - axis.toX(serveAt)).toBeGreaterThan(END_PX - 0.001);
      }),
    );
    expect(endOf(5 * HOUR_MS, 0, 1200)).toBe(5.75 * HOUR_MS);
  });

  it("goes on to when a late bird is carved, and no further than an ordinary dinner for one in time", () => {
    const at = (startH: number, endH: number) => ({ startMs: startH * HOUR_MS, endMs: endH * HOUR_MS });
    expect(lastOf(5 * HOUR_MS, [at(1, 4), at(4, 5)])).toBe(5 * HOUR_MS);
    const last = lastOf(5 * HOUR_MS, [at(1, 6), at(6.2, 6.5)]);
    const axis = clockScale(0, 0, endOf(last, 0, 1000), 1000);
    expect(axis.toX(6.5 * HOUR_MS)).toBeLessThan(1000);
  });

  it("gives everything to the hours when there are no days before", () => {
    const short = clockScale(5 * HOUR_MS, 5 * HOUR_MS, 10 * HOUR_MS, 500);
    expect([short.toX(5 * HOUR_MS), short.toX(10 * HOUR_MS)]).toEqual([0, 500]);
  });

  it("names hours so far apart that none lies on another, however many days there are before", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 90 }),
        fc.integer({ min: 2, max: 60 }),
        fc.integer({ min: 600, max: 1600 }),
        (hoursBefore, hours, width) => {
          const wideFrom = 100 * HOUR_MS;
          const axis = clockScale(wideFrom - hoursBefore * HOUR_MS, wideFrom, wideFrom + hours * HOUR_MS, width);
          const next = axis.toX(wideFrom + hourStepMin(axis) * MINUTE_MS);
          expect(next - axis.toX(wideFrom)).toBeGreaterThanOrEqual(45.999);
        },
      ),
    );
  });

  it("names no hour behind what stands at dinner, nor one that its end cuts off, however long the roast", () => {
    fc.assert(
      fc.property(fc.integer({ min: 2, max: 40 }), fc.integer({ min: 600, max: 1600 }), (hours, width) => {
        const serveAt = hours * HOUR_MS;
        const axis = clockScale(0, 0, endOf(serveAt, 0, width), width);
        const all = Array.from({ length: hours + 4 }, (_, n) => n * HOUR_MS).filter((ms) => ms <= axis.untilMs);
        const shown = hoursShown(axis, serveAt, all);
        expect(shown).not.toContain(serveAt);
        for (const ms of shown) expect(axis.toX(ms)).toBeLessThanOrEqual(width - 20);
        for (const ms of shown) expect(Math.abs(axis.toX(ms) - axis.toX(serveAt))).toBeGreaterThanOrEqual(50);
        expect(shown.length).toBeGreaterThan(0);
      }),
    );
  });
});
