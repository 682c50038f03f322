import { describe, expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import type { Plan } from "../formats/roast";
import { METHODS } from "../methods/methods";
import { fullStages } from "../processes/stages";
import { derivePlan, FIRST_SHARES } from "./derive";

const { plan } = sampleRoast();
const LONG_BEFORE = Date.parse(plan.serveAt) - 30 * 86_400_000;
const derive = (change: Partial<Plan> = {}, inAt?: string) =>
  derivePlan({ ...plan, ...change }, 200, FIRST_SHARES, LONG_BEFORE, inAt);

describe("a plan with everything derived", () => {
  it("thaws only what is frozen", () => {
    expect(derive().thaw).toBeNull();
    const frozen = derive({ bird: { ...plan.bird, state: "frozen" } });
    expect(frozen.thaw?.hours).toBeGreaterThan(60);
    expect(frozen.schedule.tasks[0]?.id).toBe("thaw");
  });

  it("does not salt a bird that was sold salted", () => {
    const salted = derive({ bird: { ...plan.bird, preSalted: true } });
    expect(salted.salt.grams).toBe(0);
    expect(salted.schedule.tasks.some((task) => task.id === "salt")).toBe(false);
    expect(salted.schedule.tasks.some((task) => task.id === "dry")).toBe(true);
  });

  it("sets the plain rule beside it: a quarter of an hour a pound", () => {
    expect(derive().plainRule.roastMin).toBeCloseTo(15 * (5.8 / 0.45359237), 6);
  });

  it("follows the bird that is already in, without telling what should have been", () => {
    const late = derive({}, new Date(Date.parse(plan.serveAt) - 3.6e6).toISOString());
    expect(late.conflicts).toEqual([]);
    expect(late.schedule.inAtMs).toBe(Date.parse(plan.serveAt) - 3.6e6);
  });

  it("says what is too late when there is no time left", () => {
    const { conflicts } = derivePlan(plan, 200, FIRST_SHARES, Date.parse(plan.serveAt) - 3.6e6);
    expect(conflicts).toMatchObject([{ kind: "too-late", task: "roast" }]);
  });
});

describe("the methods", () => {
  it.each(METHODS)("$name has stages an oven can follow", ({ stages, cuts }) => {
    expect(cuts.length).toBeGreaterThan(0);
    for (const cut of cuts) expect(() => fullStages(stages, cut)).not.toThrow();
  });
});
