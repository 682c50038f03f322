import { describe, expect, it } from "vitest";
import { HAND_OFF_M, hiddenRoast, hiddenTraits } from "../forecast/hiddenRoast";
import { BARE_SKIN } from "../heat/ovens";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { debrief, hiddenOptions } from "./practice";
import { DIFFICULTIES } from "./scenarios";

const plan = usualPlan({
  bird: { species: "chicken", cut: "whole", massKg: 1.8, state: "fresh" },
  method: "steady",
  serveAt: "2026-11-26T18:00:00.000Z",
  zone: "UTC",
});
const at = (minute: number): string => new Date(Date.UTC(2026, 10, 26, 15) + minute * 60_000).toISOString();
const CARVE_MS = Date.parse(at(140));
const went = (outMin: number, carvedMin: number) => ({
  plan,
  happened: { inAt: at(0), pulledAt: at(outMin), carvedAt: at(carvedMin) },
});
const practised = { seed: "harbour", difficulty: "usual" } as const;

describe("a hidden roast", () => {
  it("is the same by the same seed, another by another, and further off on a worse day", () => {
    const shown = (seed: string, difficulty: (typeof DIFFICULTIES)[number]) =>
      [...hiddenRoast({ ...hiddenOptions(went(60, 90), { seed, difficulty }), longestMin: 60 })].at(-1)?.shownC;
    expect(shown("harbour", "calm")).toEqual(shown("harbour", "calm"));
    expect(shown("harbour", "calm")).not.toEqual(shown("light", "calm"));
    const off = DIFFICULTIES.map((difficulty) =>
      Math.abs(hiddenTraits(hiddenOptions(went(60, 90), { seed: "harbour", difficulty })).traits.oven.offsetK),
    );
    expect(off).toEqual([...off].sort((a, b) => a - b));
  });

  it("is the roast that is told of afterwards: bacon, a hotter oven as it goes in, and all", () => {
    const changed = { ...plan, preheat: { ...plan.preheat, airC: 260 }, season: { ...plan.season, bacon: true } };
    const roast = { ...went(60, 90), plan: changed };
    const { rest: _, ...asked } = hiddenOptions(roast, { seed: "harbour", difficulty: "calm" });
    const shown = [...hiddenRoast({ ...asked, longestMin: 60 })].at(-1)?.shownC;
    const plain = [
      ...hiddenRoast({ ...asked, options: { ...asked.options, dressing: BARE_SKIN, preheatC: 160 }, longestMin: 60 }),
    ];
    expect(shown?.["right breast"]).not.toEqual(plain.at(-1)?.shownC["right breast"]);
  });

  it("rests once it was pulled: its probes go on telling", () => {
    const points = [...hiddenRoast(hiddenOptions(went(60, 90), practised))];
    expect(points.at(-1)?.minute).toBeCloseTo(60 + 150, 0);
    const { rest: _, ...stillIn } = hiddenOptions({ plan, happened: { inAt: at(0) } }, practised);
    expect(stillIn.options.stages).toEqual(plan.stages);
  });
});

describe("what it truly was", () => {
  it("says of one that was pulled far too early that it was not done, and that waiting would have been better", () => {
    const told = drain(debrief(went(45, 60), practised, null, CARVE_MS));
    expect(told.asItWent.isAtGuideline).toBe(false);
    expect(told.atBest.isAtGuideline).toBe(true);
    expect(told.atBest.outMin).toBeGreaterThan(told.asItWent.outMin);
    expect(told.lateMin).toBe(-80);
  });

  it("says of an oven with a hot side what its legs got of it, and of one that was turned half way that it got less", () => {
    const worst = { seed: "harbour", difficulty: "worst" } as const;
    const turned = {
      ...plan,
      stages: [...plan.stages, { ...plan.stages[0], fromMin: 30, towardsHot: "breast" as const }],
    };
    const [asPut, halfWay] = [plan, turned as typeof plan].map((each) =>
      drain(debrief({ ...went(80, 110), plan: each }, worst, null, CARVE_MS)),
    );
    expect(asPut?.troubles).toContain("hot-side");
    expect(asPut?.asItWent.peakC.thigh).toBeGreaterThan((halfWay?.asItWent.peakC.thigh ?? 0) + 1);
  });

  it("says of one that was left in far too long what that cost", () => {
    const told = drain(debrief(went(180, 200), practised, null, CARVE_MS));
    expect(told.asItWent.isAtGuideline).toBe(true);
    expect(told.asItWent.juicesBreast).toBeLessThan(told.atBest.juicesBreast ?? 0);
    expect(told.lateMin).toBe(60);
  });
});

describe("decisions", () => {
  it("are told with what the best would have given: out far too early, rested too long", () => {
    const told = drain(debrief(went(45, 250), practised, null, CARVE_MS));
    const [out, rest] = told.decisions;
    expect(out?.kind).toBe("out");
    expect(out?.laterMin).toBeLessThan(-15);
    expect(out?.best.isAtGuideline).toBe(true);
    // One best moment: the figures beside it are of the same rest.
    expect(out?.best).toEqual(told.atBest);
    expect(rest?.laterMin).toBeGreaterThan(60);
    expect(told.troubles).toContain("slip");
  });
});

describe("a thermometer in the hand", () => {
  it("shows more towards the skin, and less the deeper it is", () => {
    const { rest: _, ...asked } = hiddenOptions(went(60, 90), { ...practised, thermometer: "hand" });
    const point = [...hiddenRoast({ ...asked, longestMin: 60 })].at(-1);
    const breast = point?.byDepthC?.breast ?? [];
    expect(breast).toHaveLength(HAND_OFF_M.length);
    const deepest = breast[HAND_OFF_M.indexOf(0)] as number;
    expect(breast[0]).toBeGreaterThan(deepest + 3);
    // Past it, where no heat comes through the cavity's wall, it is colder still.
    expect(breast).toEqual([...breast].sort((a, b) => b - a));
  });

  it("is that of the same bird as its probes", () => {
    const by = (thermometer: "hand" | "probes") =>
      hiddenTraits(hiddenOptions(went(60, 90), { ...practised, thermometer })).traits;
    expect(by("hand")).toEqual(by("probes"));
  });
});
