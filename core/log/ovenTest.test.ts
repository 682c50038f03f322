import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { usualPrior } from "../forecast/prior";
import { USUAL_OVEN } from "../heat/ovens";
import { learned } from "./ovens";
import { type OvenTest, testSays, waterWarms } from "./ovenTest";

const SD_K = usualPrior().ovenOffset.sd;
/** The thermostat's swing, in water that has come to rest. */
const SWING_K = 1;
const MINUTES = [0, 5, 10, 15, 20];
const water = { kind: "water", heat: "oven", dialC: 180, waterKg: 4, trayM2: 0.14 } as const;
const byThermometer = (celsius: number): OvenTest => ({
  kind: "thermometer",
  heat: "oven",
  dialC: 180,
  readings: MINUTES.map((minute) => ({ minute, celsius })),
});
const tray = (offsetK: number, film = 1): OvenTest => {
  const blank = MINUTES.map((minute) => ({ minute, celsius: 15 }));
  const shown = waterWarms({ ...water, readings: blank }, { ...USUAL_OVEN, offsetK, convectionShare: film });
  return { ...water, readings: MINUTES.map((minute, n) => ({ minute, celsius: shown[n] as number })) };
};
const known = (test: OvenTest) => {
  const found = learned([{ ...testSays(test), atMs: 0 }], 0, SD_K);
  if (!found) throw new Error("nothing was learned");
  return found;
};

describe("an evening's test of an oven", () => {
  it("finds an oven hotter or cooler than its dial by a thermometer in it, and less sure than it reads", () => {
    expect(known(byThermometer(180)).hotterK).toBeCloseTo(0, 6);
    expect(known(byThermometer(192)).hotterK).toBeGreaterThan(3);
    expect(known(byThermometer(168)).hotterK).toBeCloseTo(-known(byThermometer(192)).hotterK, 6);
    expect(known(byThermometer(192)).sd).toBeLessThan(1);
  });

  it("finds it by how fast a tray of water warms", () => {
    expect(Math.abs(known(tray(0)).hotterK)).toBeLessThan(1);
    expect(known(tray(14)).hotterK).toBeGreaterThan(1.5);
    expect(known(tray(-14)).hotterK).toBeLessThan(-1.5);
    // A draught warms it too, and a bird: it is told as the same thing.
    expect(known(tray(0, 1.3)).hotterK).toBeGreaterThan(1.5);
  });

  it("warms water as its heat balance has it: monotone, more slowly the more there is, never past boiling", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 6, noNaN: true }),
        fc.double({ min: 100, max: 280, noNaN: true }),
        (waterKg, dialC) => {
          const readings = [0, 10, 20, 60, 200].map((minute) => ({ minute, celsius: 15 }));
          const shown = waterWarms({ ...water, waterKg, dialC, readings }, USUAL_OVEN);
          const more = waterWarms({ ...water, waterKg: 2 * waterKg, dialC, readings }, USUAL_OVEN);
          shown.forEach((celsius, n) => {
            expect(celsius).toBeLessThanOrEqual(100);
            if (n > 0) expect(celsius).toBeGreaterThanOrEqual((shown[n - 1] as number) - SWING_K);
            expect(more[n]).toBeLessThanOrEqual(celsius + SWING_K);
          });
        },
      ),
      { numRuns: 20 },
    );
  });

  it("claims nothing beyond any oven that is reckoned with, and is finite whatever is read", () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0, max: 350, noNaN: true }), { minLength: 3, maxLength: 10 }), (shown) => {
        const readings = shown.map((celsius, minute) => ({ minute, celsius }));
        for (const test of [
          { ...water, readings },
          { ...byThermometer(180), readings },
        ] as OvenTest[]) {
          const { slower, doubt, by } = testSays(test);
          for (const value of [slower, doubt, ...by]) expect(Number.isFinite(value)).toBe(true);
          expect(doubt).toBeGreaterThan(0);
        }
      }),
      { numRuns: 20 },
    );
  });

  it("refuses what is no test, with the name, the value and what is allowed", () => {
    expect(() => testSays({ ...byThermometer(180), dialC: 20 })).toThrow("the dial");
    expect(() => testSays({ ...water, waterKg: 0, readings: tray(0).readings })).toThrow("water");
    expect(() => testSays({ ...byThermometer(180), readings: [{ minute: 0, celsius: 180 }] })).toThrow("readings");
  });
});
