import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { coarseCellM, makeBody } from "../bird/body";
import { USUAL_OVEN } from "../heat/ovens";
import { elsewhereOf, HEAT_SOURCES, type HeatSource, heatsByStage } from "../heat/sources";
import { type CookDone, type CookOptions, cooking, drain } from "./cook";

const FORM = { species: "chicken", cut: "whole" } as const;
const AIR_C = 170;

function cook(change: Partial<CookOptions>): CookDone {
  const outcome = drain(
    cooking({
      body: makeBody(FORM, 2, coarseCellM(FORM, 0.0125), false),
      startC: 4,
      stages: [{ fromMin: 0, airC: AIR_C }],
      finish: { kind: "until", targetsC: { breast: 74, thigh: 74 } },
      restMin: 0,
      cover: "foil",
      everyMin: 2,
      ...change,
    }),
  );
  if (outcome.kind !== "done") throw new Error(`never met: ${JSON.stringify(outcome)}`);
  return outcome;
}

/** Into one heat, and after half an hour into another one as hot. */
const moved = (source: HeatSource, movedTo: HeatSource, change: Partial<CookOptions> = {}): CookDone =>
  cook({
    source,
    stages: [
      { fromMin: 0, airC: AIR_C },
      { fromMin: 30, airC: AIR_C, movedTo },
    ],
    ...change,
  });

describe("a bird that is moved into another heat", () => {
  it("is done between one that stays in the first and one that was in the second from the start, but for the way", () => {
    const staying = new Map(HEAT_SOURCES.map((source) => [source, cook({ source }).pullMinute]));
    for (const source of HEAT_SOURCES) {
      for (const movedTo of HEAT_SOURCES) {
        const ends = [staying.get(source) ?? 0, staying.get(movedTo) ?? 0];
        const { pullMinute } = moved(source, movedTo);
        expect(pullMinute, `${source} to ${movedTo}`).toBeGreaterThanOrEqual(Math.min(...ends) - 2);
        expect(pullMinute, `${source} to ${movedTo}`).toBeLessThanOrEqual(Math.max(...ends) + 4);
      }
    }
  });

  it("where it stays in its own it is not moved at all", () => {
    expect(moved("oven", "oven").history).toEqual(
      cook({
        stages: [
          { fromMin: 0, airC: AIR_C },
          { fromMin: 30, airC: AIR_C },
        ],
      }).history,
    );
  });

  it("whose oven has its fan turned on is not moved: its air stays as hot, and warms it faster", () => {
    const coolest = (of: CookDone): number =>
      Math.min(...of.history.filter(({ minute }) => minute > 26 && minute < 40).map(({ airC }) => airC));
    const staying = cook({});
    const [fanned, carried] = [moved("oven", "fan-oven"), moved("smoker", "oven")];
    expect(coolest(fanned)).toBeCloseTo(coolest(staying), 6);
    expect(coolest(carried)).toBeLessThan(coolest(staying) - 10);
    expect(fanned.pullMinute).toBeLessThan(staying.pullMinute);
  });

  it("leaves behind what was wrong with the first: it went out, and is not fed any more", () => {
    const outage = { kind: "off", atMin: 2, untilMin: 300 } as const;
    const fed = [40, 50, 60].map((atMin) => ({ kind: "feed", atMin }) as const);
    const usual = moved("smoker", "oven").pullMinute;
    const out = moved("smoker", "oven", { events: [outage] }).pullMinute;
    expect(out).toBeGreaterThan(usual);
    expect(out).toBeLessThan(usual + 12);
    expect(moved("smoker", "oven", { events: fed }).pullMinute).toBe(usual);
    // Where it stays, a lid that is lifted costs something.
    expect(cook({ source: "smoker", events: fed }).pullMinute).toBeGreaterThan(cook({ source: "smoker" }).pullMinute);
  });

  it("meets what is different about the second from then on only", () => {
    const traits = { ...USUAL_OVEN, elsewhere: { offsetK: 30, convectionShare: 1.3 } };
    const [usual, hotter] = [moved("smoker", "oven"), moved("smoker", "oven", { traits })];
    expect(hotter.pullMinute).toBeLessThan(usual.pullMinute);
    const first = (of: CookDone) => of.history.filter(({ minute }) => minute < 30);
    expect(first(hotter)).toEqual(first(usual));
    expect(cook({ source: "smoker", traits }).pullMinute).toBe(cook({ source: "smoker" }).pullMinute);
  });

  it("is in one heat in every stage, as it was last moved", () => {
    const anyHeat = fc.constantFrom(...HEAT_SOURCES);
    const anyStages = fc.array(fc.option(anyHeat, { nil: undefined }), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(anyHeat, anyStages, (first, movedTo) => {
        const stages = movedTo.map((to, n) => (n === 0 ? {} : { movedTo: to }));
        const heats = heatsByStage(first, stages);
        expect(heats).toHaveLength(stages.length);
        expect(heats[0]).toBe(first);
        for (const [n, heat] of heats.entries()) if (n > 0) expect(heat).toBe(movedTo[n] ?? heats[n - 1]);
        const elsewhere = elsewhereOf(first, stages);
        if (elsewhere === undefined) expect(new Set(heats).size).toBe(1);
        else expect(heats.filter((heat) => heat !== first)[0]).toBe(elsewhere);
      }),
    );
  });
});
