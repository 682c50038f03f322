import { describe, expect, it } from "vitest";
import { makeBodyAtGrid } from "../bird/body";
import { massRangeKg } from "../bird/mass";
import { SPECIES } from "../bird/species";
import { constant } from "../constants";
import { PEAK_FALLS_K } from "../safety/guideline";
import { cooking, drain } from "./cook";
import { restFor } from "./rest";

/** Highest that a curve held for so long. @param everyMin between its points */
function heldC(curve: readonly number[], minutes: number, everyMin: number): number {
  const points = Math.round(minutes / everyMin) + 1;
  return Math.max(...curve.slice(points - 1).map((_, n) => Math.min(...curve.slice(n, n + points))));
}

describe("the peak of a rest", () => {
  it.each(SPECIES)("is nearly held for two minutes, in the smallest %s out of a very hot oven", (species) => {
    for (const cut of ["parts", "boneless-breast", "legs"] as const) {
      const [smallestKg] = massRangeKg(species, cut);
      const centre = cut === "legs" ? "thigh" : "breast";
      const everyMin = 0.5;
      const outcome = drain(
        cooking({
          body: makeBodyAtGrid({ species, cut }, smallestKg, 0.006),
          startC: constant("fridgeC"),
          stages: [{ fromMin: 0, airC: 240 }],
          source: "fan-oven",
          finish: { kind: "until", targetsC: { [centre]: 66 } },
          restMin: 20,
          cover: "none",
          everyMin,
        }),
      );
      if (outcome.kind !== "done") throw new Error("it never got there");
      const atRest = outcome.history
        .filter(({ minute }) => minute >= outcome.atPull.minute)
        .map(({ centresC }) => centresC[centre] as number);
      const peakC = Math.max(...atRest);
      const heldMin = constant("guidelineHeldMin");
      expect(peakC - heldC(atRest, heldMin, everyMin)).toBeLessThan(PEAK_FALLS_K);
      expect(peakC - heldC(atRest, heldMin, everyMin)).toBeGreaterThanOrEqual(0);
    }
  });
});

describe("the usual rest", () => {
  it.each([
    ["chicken", "boneless-breast", 0.15],
    ["duck", "boneless-breast", 0.35],
    ["chicken", "legs", 0.6],
  ] as const)(
    "of a piece of %s (%s, %f kg) is over about when its centre is at its warmest, not when it has cooled",
    (species, cut, massKg) => {
      const centre = cut === "legs" ? "thigh" : "breast";
      const outcome = drain(
        cooking({
          body: makeBodyAtGrid({ species, cut }, massKg, 0.006),
          startC: constant("fridgeC"),
          stages: [{ fromMin: 0, airC: 200 }],
          finish: { kind: "until", targetsC: { [centre]: 70 } },
          restMin: 40,
          cover: "foil",
          everyMin: 1,
        }),
      );
      if (outcome.kind !== "done") throw new Error("it never gets there");
      const rest = outcome.history.filter(({ minute }) => minute >= outcome.pullMinute);
      const celsius = rest.map(({ centresC }) => centresC[centre] ?? Number.NaN);
      const peakMin = celsius.indexOf(Math.max(...celsius));
      expect(Math.abs(restFor(massKg).usualMin - peakMin)).toBeLessThanOrEqual(6);
    },
  );
});
