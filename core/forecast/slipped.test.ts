import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { drain } from "../processes/cook";
import { fitting, type Simulated } from "./assimilate";
import { type EnsembleOptions, runMember } from "./ensemble";
import { forecastFrom } from "./forecast";
import { type Member, minuteAllShown, shownAt, unplacedAt } from "./member";
import type { Reading } from "./reading";
import { screened } from "./screening";
import { readOn, shownSince, unplacedK } from "./slipped";

/** Places from a tip outward, each as much warmer than the one before as it may be, which warm on. */
const anyPlaces = fc
  .array(fc.double({ min: 0.5, max: 25, noNaN: true }), { minLength: 2, maxLength: 4 })
  .map((stepsK) => {
    const outward = stepsK.map((_, n) => stepsK.slice(0, n + 1).reduce((sum, each) => sum + each, 0));
    return (minute: number): readonly number[] =>
      outward.map((offK) => 4 + 0.3 * minute + offK * Math.exp(-minute / 200));
  });

describe("where a tip has come to lie", () => {
  it("shows what it showed first, and then what that place of the bird does", () => {
    fc.assert(
      fc.property(
        anyPlaces,
        fc.integer({ min: 10, max: 100 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (places, at, share) => {
          const of = (minute: number): number => {
            const [own = 0, next = 0] = places(minute);
            return own + share * (next - own);
          };
          const since = { minute: at, celsius: of(at) };
          expect(shownSince(places, since, at)).toBeCloseTo(since.celsius, 9);
          expect(shownSince(places, since, at + 40)).toBeCloseTo(of(at + 40), 1);
          expect(unplacedK(places, since)).toBeCloseTo(0, 9);
        },
      ),
    );
  });

  it("is no place of the bird where it is hotter than any of them by far, and still shows what it showed", () => {
    const places = (minute: number): readonly number[] => [20, 30, 40].map((celsius) => celsius + 0.1 * minute);
    const since = { minute: 0, celsius: 85 };
    expect(unplacedK(places, since)).toBeGreaterThan(30);
    expect(shownSince(places, since, 0)).toBe(85);
  });

  it("is not known before it has lain there for a while, nor of a tip in the air", () => {
    const run = (celsius: number, minutes: number): Reading[] =>
      Array.from({ length: minutes / 2 + 1 }, (_, n) => ({
        minute: 60 + 2 * n,
        part: "breast",
        celsius: celsius + n / 2,
      }));
    expect(readOn(run(50, 8))).toEqual([]);
    expect(readOn(run(88, 20))).toEqual([]);
    const readings = run(50, 20);
    const on = readOn(readings);
    expect(on.map(({ minute }) => minute)).toEqual(readings.slice(3).map(({ minute }) => minute));
    for (const { since } of on) expect(since).toEqual({ minute: 62, celsius: 50.5 });
  });
});

describe("a forecast with a tip that has slipped", () => {
  const options: EnsembleOptions = {
    form: { species: "chicken", cut: "whole" },
    boughtKg: 2.4,
    startC: 4,
    stages: [{ fromMin: 0, airC: 180 }],
    shownC: { breast: 71, thigh: 74 },
  };
  const slipsAtMin = 34;
  const untilMin = 62;

  /** The only probe, in the breast, by the two minutes: from the slip on a finger's breadth further out. */
  function readingsOf(truth: Member): Reading[] {
    const [outer] = truth.further.breast ?? [];
    const elsewhere: Member = { ...truth, shown: { breast: outer as Float64Array } };
    return Array.from({ length: untilMin / 2 }, (_, n): Reading => {
      const minute = 2 * (n + 1);
      const bird = minute > slipsAtMin ? elsewhere : truth;
      return { minute, part: "breast", celsius: Math.round(10 * shownAt(bird, { part: "breast" }, minute)) / 10 };
    });
  }

  let known: Simulated | undefined;

  it("is nearer the truth with what it shows from there than without, where the oven has since become another", () => {
    for (const byK of [-25, 25]) {
      const stages = [...options.stages, { fromMin: slipsAtMin, airC: 180 + byK }];
      const truth = runMember({ ...options, stages, atLeastMin: 160 }, []);
      const readings = readingsOf(truth);
      const { lost, stays } = screened(readings, options.startC);
      expect(lost).toEqual(["breast"]);
      for (const reading of stays.flat()) expect(unplacedAt(truth, reading)).toBeLessThan(0.5);
      const [read, unread] = [readings, readings.filter(({ minute }) => minute <= slipsAtMin)].map((some) => {
        const { members, prior } = drain(fitting({ ...options, atLeastMin: untilMin }, some, known));
        known = prior;
        return Math.abs(forecastFrom(options, members, some).pull.p50 - minuteAllShown(truth, options.shownC));
      });
      expect(read).toBeLessThan(0.7 * (unread as number));
    }
  });

  it("is that of the place where it sits now, once the cook has put it right", () => {
    const truth = runMember({ ...options, atLeastMin: 200 }, []);
    const [own, outer] = [truth.shown.breast, truth.further.breast?.[0]] as [Float64Array, Float64Array];
    // Not as deep as it was: what it shows does not jump back by half.
    const elsewhere = own.map((celsius, n) => celsius + 0.6 * ((outer[n] as number) - celsius));
    const seatedMin = slipsAtMin + 12;
    const at = (minute: number): Float64Array => (minute <= slipsAtMin ? own : minute < seatedMin ? outer : elsewhere);
    const readings = Array.from({ length: untilMin / 2 + 5 }, (_, n): Reading => {
      const minute = 2 * (n + 1);
      const bird: Member = { ...truth, shown: { breast: at(minute) } };
      return { minute, part: "breast", celsius: Math.round(10 * shownAt(bird, { part: "breast" }, minute)) / 10 };
    });
    const onlyBreast = { ...options, shownC: { breast: 71 }, atLeastMin: untilMin + 20 };
    const doneMin = minuteAllShown({ ...truth, shown: { breast: elsewhere } }, onlyBreast.shownC);
    const offMin = (more: Partial<EnsembleOptions>): number => {
      const asked = { ...onlyBreast, ...more };
      const { members } = drain(fitting(asked, readings));
      return Math.abs(forecastFrom(asked, members, readings).pull.p50 - doneMin);
    };
    const told = offMin({ seated: [{ minute: seatedMin, probe: "breast" }] });
    expect(told).toBeLessThan(4);
    expect(told).toBeLessThan(0.5 * offMin({}));
  });
});
