import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { loadKernel } from "../../cli/loadKernel";
import { makeBody } from "../bird/body";
import { HeatSolver } from "../heat/solver";
import { ovenSurroundings, restSurroundings } from "../heat/surroundings";
import { type CookDone, type CookOptions, cooking, drain } from "./cook";
import { checkStages, ovenAirC } from "./roast";

const COARSE_M = 0.0125;

function cook(change: Partial<CookOptions> & { massKg?: number; airC?: number } = {}): CookDone {
  const { massKg = 5.8, airC = 163, ...options } = change;
  const outcome = drain(
    cooking({
      body: makeBody("whole", massKg, COARSE_M),
      startC: 4,
      stages: [{ fromMin: 0, airC }],
      finish: { kind: "until", targetsC: { breast: 74, thigh: 74 } },
      restMin: 30,
      cover: "foil",
      everyMin: 2,
      ...options,
    }),
  );
  if (outcome.kind !== "done") throw new Error(`never met: ${JSON.stringify(outcome)}`);
  return outcome;
}

describe("a cook", () => {
  beforeAll(() => void loadKernel());

  it("takes longer for a heavier bird and not longer in a hotter oven", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 10, noNaN: true }),
        fc.double({ min: 150, max: 200, noNaN: true }),
        (massKg, airC) => {
          const usual = cook({ massKg, airC }).pullMinute;
          expect(cook({ massKg: massKg * 1.15, airC }).pullMinute).toBeGreaterThan(usual);
          expect(cook({ massKg, airC: airC + 15 }).pullMinute).toBeLessThanOrEqual(usual);
        },
      ),
      { numRuns: 8 },
    );
  });

  it("closes its energy balance to 0.1 %, roast and rest", () => {
    const solver = new HeatSolver(makeBody("spatchcock", 5, 0.01));
    solver.startAt(4);
    const before = solver.heatJ();
    for (let n = 0; n < 40; n++) solver.advance(120, ovenSurroundings(200));
    for (let n = 0; n < 20; n++) solver.advance(120, restSurroundings("foil"));
    expect((solver.heatJ() - before) / solver.heatInJ).toBeCloseTo(1, 3);
  });

  it("goes through thawing ice with the balance closed", () => {
    const solver = new HeatSolver(makeBody("whole", 4, COARSE_M));
    solver.startAt(-18);
    const before = solver.heatJ();
    for (let n = 0; n < 60; n++) solver.advance(300, ovenSurroundings(163));
    expect((solver.heatJ() - before) / solver.heatInJ).toBeCloseTo(1, 3);
    expect(solver.temperatureC.every(Number.isFinite)).toBe(true);
  });

  it("carries over no more than the hotter outside can give", () => {
    const { peak, atPull, history, pullMinute } = cook();
    const hottest = Math.max(...history.filter((point) => point.minute <= pullMinute).map((point) => point.airC));
    expect(peak.breast.celsius).toBeGreaterThanOrEqual(atPull.breastC);
    expect(peak.breast.celsius).toBeLessThan(hottest);
    expect(peak.breast.celsius - atPull.breastC).toBeLessThan(20);
  });

  it("is pulled so early that the rest just shows the target and its margin at both centres", () => {
    const done = cook({ finish: { kind: "carried", targetsC: { breast: 74, thigh: 74 }, marginK: 1 }, airC: 200 });
    expect(done.atPull.breastC).toBeLessThan(74);
    const lower = Math.min(done.peak.breast.celsius, done.peak.thigh.celsius);
    expect(lower).toBeGreaterThanOrEqual(75);
    expect(lower).toBeLessThan(77.5);
  });

  it("keeps a history that runs forward, roast and rest, whatever the search did in between", () => {
    const { history } = cook({ finish: { kind: "carried", targetsC: { breast: 74, thigh: 74 }, marginK: 1 } });
    history.slice(1).forEach((point, n) => {
      const before = history[n] as (typeof history)[number];
      expect(point.minute).toBeGreaterThan(before.minute);
      expect(Math.abs(point.breastC - before.breastC)).toBeLessThan(3);
    });
  });

  it("stays warmer at rest the better it is covered", () => {
    const end = (cover: CookOptions["cover"]): number => cook({ cover, restMin: 60 }).atCarve.breastC;
    expect(end("foil")).toBeGreaterThan(end("none"));
    expect(end("towels")).toBeGreaterThan(end("foil"));
  });

  it("says what was highest when the oven never gets there", () => {
    const outcome = drain(
      cooking({
        body: makeBody("whole", 6, COARSE_M),
        startC: 4,
        stages: [{ fromMin: 0, airC: 65 }],
        finish: { kind: "until", targetsC: { breast: 74 } },
        restMin: 0,
        cover: "none",
        everyMin: 10,
      }),
    );
    expect(outcome).toMatchObject({ kind: "never-met", part: "breast", targetC: 74 });
    expect(outcome.kind === "never-met" && outcome.highestC).toBeLessThan(65);
  });

  it("refuses numbers the model was not made for", () => {
    expect(() => cook({ startC: Number.NaN })).toThrow("start temperature: got NaN");
    expect(() => cook({ restMin: -1 })).toThrow("rest: got -1");
    expect(() => cook({ airC: 900 })).toThrow("oven temperature: got 900, allowed is 60 to 300 °C");
  });
});

describe("oven stages", () => {
  it("follow a change of the dial with the oven's lag, without a jump", () => {
    const stages = [
      { fromMin: 0, airC: 220 },
      { fromMin: 20, airC: 160 },
    ];
    expect(ovenAirC(stages, 19)).toBe(220);
    expect(ovenAirC(stages, 20)).toBeCloseTo(220);
    expect(ovenAirC(stages, 28)).toBeCloseTo(160 + 60 / Math.E, 5);
    expect(ovenAirC(stages, 120)).toBeCloseTo(160, 3);
  });

  it("must begin at minute 0 and come in order", () => {
    expect(() => checkStages([])).toThrow("first oven stage");
    expect(() =>
      checkStages([
        { fromMin: 0, airC: 160 },
        { fromMin: 0, airC: 180 },
      ]),
    ).toThrow("start of an oven stage");
  });
});
