import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { alone } from "../../core/plan/together";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { runMember } from "../forecast/ensemble";
import { FURTHEST_SD, LEAST_SD, priorIn } from "../forecast/knownOven";
import { shownAt } from "../forecast/member";
import { ensembleOptions } from "../forecast/plannedInput";
import { UNKNOWNS, usualPrior } from "../forecast/prior";
import type { Reading } from "../forecast/reading";
import type { Oven } from "../plan/kitchen";
import type { Roast } from "../plan/roast";
import { drain } from "../processes/cook";
import { hasChanged, inOvens, isHeard, learned, learnedOf, ovenSays, type Said } from "./ovens";

const YEAR_MS = 365.25 * 24 * 60 * 60 * 1000;
const OFFSET_SD_K = 8;
const BY = [-0.06, -0.05, 0, -0.04];
const said = (slower: number, change: Partial<Said> = {}): Said => ({ slower, doubt: 0.1, by: BY, atMs: 0, ...change });
const learn = (...all: readonly Said[]) => {
  const known = learned(all, 0, OFFSET_SD_K);
  if (!known) throw new Error("nothing was learned");
  return known;
};
const anySaid = fc.record({
  slower: fc.double({ min: -1, max: 1, noNaN: true }),
  doubt: fc.double({ min: 0.02, max: 0.5, noNaN: true }),
  by: fc.constant(BY),
  atMs: fc.double({ min: -20 * YEAR_MS, max: 0, noNaN: true }),
});

describe("what an oven's roasts have taught of it", () => {
  it("is the textbook's posterior of a normal mean, for one roast that is not odd", () => {
    // Gelman and others, Bayesian Data Analysis (2013), 2.5, from memory: precisions add, means go by precision.
    const steep = Math.hypot(...BY);
    const known = learn(said(0.05));
    const precision = 1 + (steep / 0.1) ** 2;
    expect(known.mean).toBeCloseTo((steep * 0.05) / 0.1 ** 2 / precision, 9);
    expect(known.sd).toBeCloseTo(Math.max(LEAST_SD, 1 / Math.sqrt(precision)), 9);
  });

  it("is nothing without roasts, and never more than it may claim", () => {
    expect(learned([], 0, OFFSET_SD_K)).toBeNull();
    fc.assert(
      fc.property(fc.array(anySaid, { minLength: 1, maxLength: 40 }), (all) => {
        const known = learn(...all);
        expect(Math.abs(known.mean)).toBeLessThanOrEqual(FURTHEST_SD);
        expect(known.sd).toBeGreaterThanOrEqual(LEAST_SD);
        expect(known.sd).toBeLessThanOrEqual(1);
        expect(known.bandShare).toBeLessThanOrEqual(1);
        expect(Math.hypot(...known.along)).toBeCloseTo(1, 9);
      }),
    );
  });

  it("says hotter of an oven whose roasts were quick, and surer with every roast", () => {
    const [one, three] = [learn(said(-0.1)), learn(said(-0.1), said(-0.1), said(-0.1))];
    expect(one.hotterK).toBeGreaterThan(0);
    expect(three.hotterK).toBeGreaterThan(one.hotterK);
    expect(three.sd).toBeLessThan(one.sd);
    expect(learn(said(0.1)).hotterK).toBeLessThan(0);
  });

  it("lets old roasts weigh less, and an odd one not carry the others away", () => {
    expect(learn(said(-0.1, { atMs: -9 * YEAR_MS })).hotterK).toBeLessThan(learn(said(-0.1)).hotterK);
    const usual = [said(0.02), said(0.01), said(0.03)];
    const [without, odd] = [learn(...usual).mean, learn(...usual, said(0.9)).mean];
    expect(odd - without).toBeLessThan(learn(...usual, said(0.3)).mean - without + 0.5);
    expect(odd).toBeLessThan(1.2);
  });

  it("notices another oven by two roasts to one side, and not by one", () => {
    const same = [said(0.01), said(-0.02), said(0.02)];
    expect(hasChanged([...same, said(0.35), said(0.3)], 0, OFFSET_SD_K)).toBe(true);
    expect(hasChanged([...same, said(0.35), said(0)], 0, OFFSET_SD_K)).toBe(false);
    expect(hasChanged([...same, said(0.35), said(-0.35)], 0, OFFSET_SD_K)).toBe(false);
    expect(hasChanged([said(0.3), said(0.3)], 0, OFFSET_SD_K)).toBe(false);
  });

  it("is the next plan's prior: the oven moved and narrowed along one line, the bird as it was", () => {
    const usual = usualPrior();
    const prior = priorIn("oven", learn(said(-0.1), said(-0.1)));
    expect(prior.ovenOffset.mean).toBeGreaterThan(0);
    expect(prior.ovenOffset.sd).toBeLessThan(usual.ovenOffset.sd);
    for (const name of ["shape", "start", "breastProbe", "thighProbe", "mass"] as const) {
      expect(prior[name]).toEqual(usual[name]);
    }
    expect(priorIn("oven")).toEqual(usual);
  });
});

describe("what one roast says", () => {
  const { plan } = sampleRoast();
  const goals = { breast: 70, thigh: 73 };
  const options = { ...ensembleOptions(plan, goals) };
  const readingsIn = (offsetSd: number): Reading[] => {
    const draw = UNKNOWNS.map((name) => (name === "ovenOffset" ? offsetSd : 0));
    const bird = runMember(options, draw);
    const last = bird.minutes.at(-1) ?? 0;
    const at = Array.from({ length: Math.floor(last / 12) }, (_, n) => last - 12 * n);
    return at.flatMap((minute) =>
      (["breast", "thigh"] as const).map((part) => ({ minute, part, celsius: shownAt(bird, { part }, minute) })),
    );
  };

  it("is that it was quicker in a hotter oven, by most of what the oven made", () => {
    const [hot, cool] = [2, -2].map((sd) => drain(ovenSays(options, readingsIn(sd))));
    expect(hot?.slower).toBeLessThan(-0.04);
    expect(cool?.slower).toBeGreaterThan(0.04);
    for (const says of [hot, cool]) {
      expect(says?.by[0]).toBeLessThan(0);
      expect(says?.doubt).toBeGreaterThan(0.08);
    }
  });

  it("is less of an oven that the bird was moved out of: what it made of the time, and what the other heat may have", () => {
    const stages = [
      { fromMin: 0, airC: 175 },
      { fromMin: 40, airC: 175, movedTo: "covered-grill" as const },
    ];
    const [all, part] = [options, { ...options, stages }].map((roast) => drain(ovenSays(roast, readingsIn(0))));
    expect(Math.abs(part?.by[0] ?? 1)).toBeLessThan(Math.abs(all?.by[0] ?? 0));
    expect(part?.doubt).toBeGreaterThan(all?.doubt ?? 1);
  });

  it("is nothing where hardly anything was read, or nothing was aimed at", () => {
    expect(drain(ovenSays(options, readingsIn(0).slice(0, 2)))).toBeNull();
    expect(drain(ovenSays({ ...options, shownC: {} }, readingsIn(0)))).toBeNull();
  });
});

describe("the ovens of a kitchen", () => {
  const oven: Oven = { id: "old", name: "Old kitchen", heat: "oven", afreshAt: null, leftOut: [], tests: [] };
  const roastOf = (id: string, day: number, slower = -0.1): Roast => {
    const at = new Date(Date.UTC(2026, 0, day)).toISOString();
    const sample = sampleRoast(id);
    return alone({
      ...sample,
      plan: { ...sample.plan, oven: { id: "old", name: "Old kitchen", heat: "oven", learned: null } },
      happened: { inAt: at, pulledAt: at, carvedAt: at, closedAt: at },
      says: { slower, doubt: 0.1, by: BY },
    });
  };
  const roasts = [roastOf("b", 20), roastOf("a", 10), { ...roastOf("c", 30), says: null }];

  it("go by the roasts in each that are listened to, oldest first", () => {
    const known = learnedOf(oven, roasts, 0);
    expect(known.roasts.map(({ id }) => id)).toEqual(["a", "b", "c"]);
    expect(known.learned?.roasts).toBe(2);
    expect(learnedOf({ ...oven, leftOut: ["a"] }, roasts, 0).learned?.roasts).toBe(1);
    expect(isHeard(oven, roasts[2] as Roast)).toBe(false);
  });

  it("start afresh: what was before says nothing", () => {
    const afreshAt = new Date(Date.UTC(2026, 0, 15)).toISOString();
    expect(learnedOf({ ...oven, afreshAt }, roasts, 0).learned?.roasts).toBe(1);
  });

  it("hear nothing of a bird that was cooked in another kind of heat after all", () => {
    const smoked = roasts.map((roast) => ({ ...roast, plan: { ...roast.plan, heat: "smoker" as const } }));
    expect(learnedOf(oven, smoked, 0)).toMatchObject({ roasts: [], learned: null, lastMs: null });
    expect(inOvens([], smoked, 0)).toEqual([]);
  });

  it("are those of the kitchen, and those that only roasts speak of", () => {
    expect(inOvens([], roasts, 0)).toMatchObject([{ oven: { id: "old", name: "Old kitchen" } }]);
    expect(inOvens([{ ...oven, name: "Renamed" }], roasts, 0)).toMatchObject([{ oven: { name: "Renamed" } }]);
  });
});
