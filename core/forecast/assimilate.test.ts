import { describe, expect, it } from "vitest";
import type { Centre } from "../bird/solid";
import { drain } from "../processes/cook";
import { fitSteps, fitting, type Simulated } from "./assimilate";
import { ENSEMBLE_STEP_MIN, type EnsembleOptions, runMember } from "./ensemble";
import { type Forecast, forecastFrom } from "./forecast";
import { type Member, minuteAllShown, shownAt } from "./member";
import { normalQuantile, priorDraws, UNKNOWNS } from "./prior";
import { type Reading, thinned } from "./reading";
import { quantiles } from "./shares";

const options = {
  form: { species: "turkey", cut: "whole" } as const,
  boughtKg: 5.8,
  startC: 4,
  stages: [{ fromMin: 0, airC: 163 }],
  shownC: { breast: 72, thigh: 73 },
};

function readingsOf(
  truth: ReturnType<typeof runMember>,
  minutes: readonly number[],
  parts: readonly Centre[] = ["breast", "thigh"],
): Reading[] {
  return minutes.flatMap((minute) =>
    parts.map((part) => ({
      minute,
      part,
      celsius: Math.round(shownAt(truth, { part }, minute)),
    })),
  );
}

describe("the prior", () => {
  it("is a sample of mean 0 and deviation 1 in every unknown", () => {
    const draws = priorDraws(32);
    UNKNOWNS.forEach((_, u) => {
      const mean = draws.reduce((sum, draw) => sum + (draw[u] as number), 0) / 32;
      const variance = draws.reduce((sum, draw) => sum + (draw[u] as number) ** 2, 0) / 32;
      expect(mean).toBeCloseTo(0, 9);
      expect(variance).toBeCloseTo(1, 9);
    });
  });

  it("has the normal quantiles of the tables", () => {
    expect(normalQuantile(0.9)).toBeCloseTo(1.2816, 4);
    expect(normalQuantile(0.001)).toBeCloseTo(-3.0902, 4);
    expect(normalQuantile(0.5)).toBeCloseTo(0, 9);
  });
});

describe("the forecast", () => {
  /** As the page does it: the prior is simulated once for all fits of a plan. */
  let prior: Simulated | undefined;
  function forecast(readings: readonly Reading[]): Forecast {
    const fit = drain(fitting(options, readings, prior));
    ({ prior } = fit);
    return forecastFrom(options, fit.members, readings);
  }

  it("narrows and comes closer with readings, for a slow bird and for a quick one", () => {
    const blank = forecast([]);
    for (const draw of [
      [-1.2, -1, 0.8, 0.9, -0.5, 0, 0],
      [1.2, 1, -0.5, -0.8, 0.5, 0, 0],
    ]) {
      const truth = runMember({ ...options, atLeastMin: 300 }, draw);
      const actual = minuteAllShown(truth, options.shownC);
      const informed = forecast(readingsOf(truth, [60, 90, 120]));
      const before = Math.abs(blank.pull.p50 - actual);
      const after = Math.abs(informed.pull.p50 - actual);
      expect(after).toBeLessThan(before);
      expect(after).toBeLessThan(0.06 * actual);
      expect(informed.pull.p90 - informed.pull.p10).toBeLessThan(0.8 * (blank.pull.p90 - blank.pull.p10));
    }
  });

  it("sets a typed 7, 207 or −20 aside: the finish is within three minutes of the one without it", () => {
    const truth = runMember(
      { ...options, atLeastMin: 300 },
      UNKNOWNS.map(() => 0.4),
    );
    const honest = readingsOf(truth, [70, 100]);
    const without = forecast(honest);
    for (const celsius of [7, 207, -20]) {
      const typed: Reading = { minute: 101, part: "breast", celsius };
      const kept = forecast([...honest, typed]);
      expect(kept.setAside.map(({ reading }) => reading)).toEqual([typed]);
      expect(Math.abs(kept.pull.p50 - without.pull.p50)).toBeLessThan(3);
    }
  });

  it("averages a talkative thermometer before it counts it", () => {
    const talk: Reading[] = Array.from({ length: 600 }, (_, n) => ({
      minute: 60 + n / 60,
      part: "breast",
      celsius: 50,
    }));
    expect(thinned(talk)).toHaveLength(2);
  });
});

describe("the birds of a fit", () => {
  const chicken = { ...options, form: { species: "chicken", cut: "whole" } as const, boughtKg: 1.5 };
  const newestMin = 40;
  const readings = readingsOf(runMember({ ...chicken, atLeastMin: newestMin }, []), [20, newestMin]);

  /** What each pass asked for and was given. @param asFarAs changes how far its birds are simulated */
  function passes(asFarAs: (asked: EnsembleOptions) => EnsembleOptions): (readonly Member[])[] {
    const given: (readonly Member[])[] = [];
    const steps = fitSteps(chicken, readings);
    let step = steps.next();
    while (!step.done) {
      const { options: asked, draws } = step.value;
      const members = draws.map((draw) => runMember(asFarAs(asked), draw));
      given.push(members);
      step = steps.next(members);
    }
    return given;
  }

  it("are followed past the newest reading by the last pass alone, and come to what they come to followed to the end", () => {
    const [, between, last] = passes((asked) => asked);
    for (const { minutes } of between ?? []) {
      expect(minutes.at(-1)).toBeGreaterThanOrEqual(newestMin);
      expect(minutes.at(-1)).toBeLessThan(newestMin + ENSEMBLE_STEP_MIN);
    }
    for (const member of last ?? []) expect(minuteAllShown(member, chicken.shownC)).toBeLessThan(Infinity);
    const [, , followed] = passes((asked) => ({ ...asked, shownC: { breast: 78, thigh: 79 } }));
    expect(last?.map(({ draw }) => draw)).toEqual(followed?.map(({ draw }) => draw));
  });
});

describe("quantiles", () => {
  it("lie between the ordered values", () => {
    expect(quantiles([4, 1, 3, 2, 5])).toEqual({ p10: 1.4, p50: 3, p90: 4.6 });
  });

  it("stay infinite where a target is never shown, and are no NaN", () => {
    expect(quantiles([1, Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY]).p90).toBe(Number.POSITIVE_INFINITY);
  });
});

describe("a forecast of a bird with one kind of meat", () => {
  it("goes by the readings of what it has, whatever else a thermometer says", () => {
    const crown = {
      ...options,
      form: { species: "turkey", cut: "crown" } as const,
      boughtKg: 3,
      shownC: { breast: 72 },
    };
    const readings = readingsOf(runMember(crown, []), [30, 60, 80], ["breast"]);
    const others = readings.flatMap((reading) => [reading, { ...reading, part: "thigh" } as const]);
    const [by, despite] = [readings, others].map((all) => {
      const { members } = drain(fitting(crown, all));
      return forecastFrom(crown, members, all);
    });
    expect(despite?.pull).toEqual(by?.pull);
    expect(despite?.setAside.map(({ why }) => why)).toEqual(readings.map(() => "absent"));
  });
});
