import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { goalsAtPull, plannedCook } from "../forecast/planned";
import { ensembleOptions, plannedInput } from "../forecast/plannedInput";
import { UNKNOWNS } from "../forecast/prior";
import type { Weather } from "../heat/fire";
import type { HeatSource } from "../heat/sources";
import type { Plan } from "../plan/schema";
import { guidelineTargets } from "../plan/targets";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { type PresentOptions, presentBird } from "./present";
import { restPlan } from "./restPlan";

const { plan } = sampleRoast();
const targetsC = { breast: 69, thigh: 72 };
const asked: PresentOptions = {
  options: ensembleOptions(plan, targetsC),
  estimate: UNKNOWNS.map(() => 0),
  targetsC,
  nowMin: 100,
  pulledMin: null,
  cover: "foil",
  seenC: guidelineTargets(plan),
};
const present = (change: Partial<PresentOptions> = {}) => drain(presentBird({ ...asked, ...change }));

describe("the bird as the readings point to it", () => {
  it("browns and is killed through more and more of it, from now to the pull and through the rest", () => {
    const { browning, killed } = present();
    expect(browning.now).toBeLessThan(browning.atPull);
    expect(killed.now).toBe(0);
    expect(killed.afterRest).toBeGreaterThan(3);
  });

  it("goes on rising at rest, more under towels, and cools sooner bare", () => {
    const peak = (cover: PresentOptions["cover"]) => present({ cover }).rest.peak.breast?.celsius ?? 0;
    expect(peak("foil")).toBeGreaterThan(targetsC.breast);
    expect(peak("towels")).toBeGreaterThanOrEqual(peak("foil"));
    expect(peak("none")).toBeLessThanOrEqual(peak("foil"));
    const bare = present({ cover: "none" }).rest.hotUntilMin ?? Number.POSITIVE_INFINITY;
    expect(bare).toBeLessThan(present({ cover: "towels" }).rest.hotUntilMin ?? Number.POSITIVE_INFINITY);
  });

  it("says when what has to be seen is seen, and how long back in the oven where it is not", () => {
    const pulledMin = 150;
    const early = present({ pulledMin, nowMin: 165 });
    expect(early.rest.seenMin).toBeNull();
    expect(early.rest.backInMin).toBeGreaterThan(4);
    const enough = present({ pulledMin, nowMin: 165, seenC: { breast: 40, thigh: 40 } });
    expect(enough.rest.seenMin).toBe(0);
    expect(enough.rest.backInMin).toBeNull();
  });

  it("never read, comes to what was planned where it came out as planned, and far short where it came out too early", () => {
    const cook = drain(plannedCook(plannedInput(plan), "preview"));
    if (cook.kind !== "done") throw new Error("the sample comes to its targets");
    const goalsC = goalsAtPull(plan, cook);
    const rest = (pulledMin: number) =>
      present({
        options: ensembleOptions(plan, goalsC),
        estimate: [],
        targetsC: goalsC,
        nowMin: pulledMin + 5,
        pulledMin,
        cover: plan.cover,
        seenC: plan.targetC,
      }).rest;
    const unread = { boughtKg: 5, allSeen: false, heldMin: 0, isRead: false, plannedMin: null, isForDinner: true };
    expect(restPlan({ ...unread, outlook: rest(cook.pullMinute) }).fallsShort).toBe(false);
    const early = rest(cook.pullMinute - 40);
    expect(early.shortK).toBeGreaterThan(2);
    expect(restPlan({ ...unread, outlook: early })).toMatchObject({ fallsShort: true, backInMin: expect.any(Number) });
  });

  it("goes back into the fire and the weather that it came from", () => {
    const grilled = usualPlan({
      bird: { species: "chicken", cut: "whole", massKg: 1.6, state: "fresh" },
      method: "steady",
      serveAt: plan.serveAt,
      zone: plan.zone,
    });
    const backIn = (weather: Weather): number | null => {
      const options = ensembleOptions({ ...grilled, heat: "covered-grill" }, targetsC);
      // Out at once, so that all of its heat is what it meets when it is back.
      const again = { ...options, fire: { fuel: "gas", weather } as const };
      return present({ options: again, pulledMin: 0, nowMin: 0 }).rest.backInMin;
    };
    const mild = backIn({ airC: 15, windy: false }) ?? 0;
    expect(mild).toBeGreaterThan(30);
    expect(backIn({ airC: -10, windy: true })).toBeGreaterThan(1.03 * mild);
  });

  it("goes back in as it was when it came out: what a later change does not speak of is still so, what had not begun is not", () => {
    const { bird } = plan;
    const backIn = (heat: HeatSource, ...stages: Plan["stages"]): number => {
      const made = { ...plan, bird: { ...bird, cut: "whole" as const }, heat, stages };
      const options = ensembleOptions(made, targetsC);
      return present({ options, pulledMin: 60, nowMin: 62 }).rest.backInMin ?? Number.NaN;
    };
    for (const change of [{ movedTo: "oven" }, { wrap: "foil" }, { side: "down" }, { shield: "all" }] as const) {
      const first = { fromMin: 0, airC: 130 };
      const changed = { fromMin: 20, airC: 180, ...change };
      const once = backIn("smoker", first, changed);
      expect(once).toBeGreaterThan(30);
      expect(backIn("smoker", first, changed, { fromMin: 40, airC: 180 })).toBe(once);
      expect(backIn("smoker", first, changed, { fromMin: 90, airC: 230, side: "up" })).toBe(once);
    }
    // Where it was moved a moment before, it is the other heat that it goes back into.
    const lastly = { fromMin: 58, airC: 180 };
    const stayed = backIn("smoker", { fromMin: 0, airC: 180 }, lastly);
    const moved = backIn("smoker", { fromMin: 0, airC: 180 }, { ...lastly, movedTo: "oven" });
    expect(Math.abs(moved - stayed)).toBeGreaterThan(3);
  });

  it("shows what the cook's thermometer shows: what the estimate misses of it is added", () => {
    // The cook's breast reads two degrees more than the estimate's bird.
    const warmer = present({ options: { ...asked.options, shownC: { ...targetsC, breast: 67 } } });
    const usual = present();
    expect(warmer.rest.peak.breast?.celsius ?? 0).toBeCloseTo(usual.rest.peak.breast?.celsius ?? 0, -1);
    expect(Object.keys(warmer.rest.peak)).toEqual(["breast", "thigh"]);
  });
});
