/**
 * A forecast of what is no bird of the model: spheres under a constant film, by the exact series (Carslaw and Jaeger). No
 * member of the ensemble can follow them, and the band has to say so.
 */
import { describe, expect, it } from "vitest";
import { fitting, type Simulated } from "../../core/forecast/assimilate";
import { forecastFrom } from "../../core/forecast/forecast";
import type { Reading } from "../../core/forecast/reading";
import { drain } from "../../core/processes/cook";
import { root, sphere } from "../helpers/exact";

const START_C = 4;
const ENDS = { breast: 80, thigh: 88 };
const options = {
  form: { species: "chicken", cut: "whole" } as const,
  boughtKg: 1.6,
  startC: START_C,
  stages: [{ fromMin: 0, airC: 190 }],
  shownC: { breast: 71, thigh: 74 },
};

/** When the middle of a sphere is so far from its surroundings. */
const fourierAt = (biot: number, share: number): number => root((fourier) => sphere(biot, fourier, 0) - share, 0.01, 5);

/** What thermometers in the middle of two spheres show, every two minutes until so long before both are there. */
function readingsOf(aroundC: number, biot: number, leadMin: number): Reading[] {
  const parts = (["breast", "thigh"] as const).map((part) => ({
    part,
    end: fourierAt(biot, (aroundC - options.shownC[part]) / (aroundC - START_C)),
  }));
  const minutes = Array.from({ length: Math.floor((ENDS.thigh - leadMin) / 2) }, (_, n) => 2 * (n + 1));
  return minutes.flatMap((minute) =>
    parts.map(({ part, end }) => {
      const celsius = aroundC - (aroundC - START_C) * sphere(biot, (end * minute) / ENDS[part], 0);
      return { minute, part, celsius: Math.round(10 * celsius) / 10 };
    }),
  );
}

describe("a forecast of a body of another kind", () => {
  it.each([
    { aroundC: 110, biot: 3 },
    { aroundC: 130, biot: 2 },
  ])(
    "has the finish of a sphere in air of $aroundC °C inside its band, half and a quarter of an hour before",
    ({ aroundC, biot }) => {
      let known: Simulated | undefined;
      for (const leadMin of [30, 15]) {
        const readings = readingsOf(aroundC, biot, leadMin);
        const fit = drain(fitting(options, readings, known));
        known = fit.prior;
        const { pull } = forecastFrom(options, fit.members, readings);
        expect(pull.p10, `${leadMin} min before`).toBeLessThan(ENDS.thigh);
        expect(pull.p90, `${leadMin} min before`).toBeGreaterThan(ENDS.thigh);
      }
    },
  );
});
