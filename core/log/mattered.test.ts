import { describe, expect, it } from "vitest";
import { roastOptions } from "../forecast/plannedInput";
import { UNKNOWNS } from "../forecast/prior";
import { usualPlan } from "../plan/usualPlan";
import { drain } from "../processes/cook";
import { mattered, shortcoming, weighed } from "./mattered";
import { relive, subjectOf } from "./relive";

const plan = usualPlan({
  bird: { species: "chicken", cut: "whole", massKg: 1.8, state: "fresh" },
  method: "steady",
  serveAt: "2026-11-26T18:00:00.000Z",
  zone: "UTC",
});
const USUAL = UNKNOWNS.map(() => 0);
const GOALS = { breast: 72, thigh: 73 };
const roast = { plan, happened: {} };
const options = roastOptions(roast, GOALS);
const course = (out: Parameters<typeof relive>[1]["out"]) => ({
  options,
  out,
  restMin: 20,
  cover: plan.cover,
  dryHours: plan.salt.dryHours,
  saltPercent: 0.9,
  pictured: null,
});

describe("a roast cooked once more", () => {
  it("comes out at its minute, or when its thermometers show their goals", () => {
    const byGoal = drain(relive(subjectOf(options, USUAL), course({ shownC: GOALS })));
    expect(byGoal.isMet).toBe(true);
    for (const [centre, goal] of Object.entries(GOALS)) {
      expect(byGoal.atPullC[centre as keyof typeof GOALS]).toBeGreaterThanOrEqual(goal);
      expect(byGoal.peakC[centre as keyof typeof GOALS]).toBeGreaterThanOrEqual(goal);
    }
    const byTime = drain(relive(subjectOf(options, USUAL), course({ atMin: byGoal.outMin })));
    expect(byTime.outMin).toBe(byGoal.outMin);
    expect(byTime.atTableC).toEqual(byGoal.atTableC);
    expect(byTime.shown.at(-1)?.minute).toBeCloseTo(byGoal.outMin + 20);
  });

  it("shows what its readings show, where the estimate missed them", () => {
    const plain = drain(relive(subjectOf(options, USUAL), course({ atMin: 60 })));
    const missed = drain(relive(subjectOf(options, USUAL, { breast: GOALS.breast + 2 }), course({ atMin: 60 })));
    expect((missed.atPullC.breast ?? 0) - (plain.atPullC.breast ?? 0)).toBeCloseTo(2, 9);
    expect(missed.atPullC.thigh).toBe(plain.atPullC.thigh);
  });
});

describe("what would have mattered", () => {
  const outMin = drain(relive(subjectOf(options, USUAL), course({ shownC: GOALS }))).outMin;
  const asked = { roast, goalsC: GOALS, aimC: GOALS, draws: [USUAL], saltPercent: 0.9 };

  it("is to wait for the thermometer, of a bird that came out half an hour early", () => {
    const early = drain(mattered({ ...asked, went: { outMin: outMin - 30, restMin: 20 } }));
    expect(early.would[0]?.id).toBe("out-at-goal");
    expect(early.would[0]?.outcome.outMin).toBe(outMin);
    expect(early.asItWas.outMin).toBe(outMin - 30);
  });

  it("ranks by what is short at the table, and names nothing that makes it worse", () => {
    const went = { outMin, restMin: 20 };
    const { all } = drain(
      weighed({ ...asked, went }, [
        (changed) => subjectOf(roastOptions({ plan: changed, happened: {} }, GOALS), USUAL),
      ]),
    );
    expect(all.map(({ gain }) => gain)).toEqual(all.map(({ gain }) => gain).sort((a, b) => b - a));
    // A hotter oven is quicker and browns more; a cooler one the other way about.
    const of = (id: string) => all.find((each) => each.id === id);
    expect(of("hotter")?.outcome.outMin).toBeLessThan(outMin);
    expect(of("hotter")?.outcome.browning).toBeGreaterThan(of("hotter")?.against.browning ?? Number.NaN);
    expect(of("cooler")?.outcome.outMin).toBeGreaterThan(outMin);
    for (const { gain } of drain(mattered({ ...asked, went })).would) expect(gain).toBeGreaterThan(0);
  });

  it("counts degrees short, juice lost and skin that is not golden, and nothing else", () => {
    const golden = { outMin: 90, peakC: { breast: 75, thigh: 80 }, juicesBreast: 1, browning: 1, logReduction: 9 };
    const targetC = { breast: 74, thigh: 74 };
    expect(shortcoming(golden, targetC)).toBe(0);
    expect(shortcoming({ ...golden, outMin: 300 }, targetC)).toBe(0);
    expect(shortcoming({ ...golden, peakC: { breast: 71.5, thigh: 80 } }, targetC)).toBeCloseTo(2);
    expect(shortcoming({ ...golden, juicesBreast: 0.94 }, targetC)).toBeCloseTo(2);
    expect(shortcoming({ ...golden, juicesBreast: 0.94 }, targetC, false)).toBe(0);
    expect(shortcoming({ ...golden, browning: 0.4 }, targetC)).toBeCloseTo(1);
    expect(shortcoming({ ...golden, browning: 2.1 }, targetC)).toBeCloseTo(1);
  });
});
