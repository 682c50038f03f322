import { describe, expect, it } from "vitest";
import { plannedDone } from "../../tests/helpers/plannedDone";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { comparisonOf, firstWays, isPlanned, planByWay, waysFor } from "./compare";
import { type Plan, PlanSchema } from "./schema";

const { plan } = sampleRoast();
const WAYS = waysFor(plan);
const compared = (id: string) => {
  const way = WAYS.find((known) => known.id === id) as (typeof WAYS)[number];
  const taken = planByWay(plan, way);
  return comparisonOf(plannedDone(taken), taken);
};
type Compared = ReturnType<typeof compared>;

describe("ways to cook one bird", () => {
  it.each(WAYS)("$id is a whole plan, and keeps the table, the salt and the meat", (way) => {
    const taken = PlanSchema.parse(planByWay(plan, way));
    expect(taken.salt).toEqual(plan.salt);
    expect(taken.bird.massKg * taken.bird.count).toBeCloseTo(plan.bird.massKg, 9);
    expect(isPlanned(taken, { ...way, birds: taken.bird.count })).toBe(true);
  });

  it("goes by what it shows where the plan's own goes by minutes, which were meant for that", () => {
    const finishOf = (finish: Plan["finish"]) =>
      new Set(WAYS.map((way) => planByWay({ ...plan, finish }, way).finish.kind));
    expect(finishOf({ kind: "time", minutes: 200 })).toEqual(new Set(["after-rest"]));
    for (const kind of ["after-rest", "at-pull", "signs"] as const) expect(finishOf({ kind })).toEqual(new Set([kind]));
  });

  it("says what is known of them: flat is far quicker than whole, parts quicker still, a shield holds the breast back", () => {
    const [whole, flat, parts, shielded] = [
      "whole/hot-start",
      "spatchcock/hot-flat",
      "parts/hot-flat",
      "whole/shielded",
    ].map(compared) as [Compared, Compared, Compared, Compared];
    expect(flat.roastMin).toBeLessThan(0.7 * whole.roastMin);
    expect(parts.roastMin).toBeLessThan(flat.roastMin);
    expect(shielded.breastAheadMin).toBeLessThan(whole.breastAheadMin ?? 0);
    expect(whole.wholeAtTable).toBe(true);
    expect(flat.wholeAtTable).toBe(false);
    expect(flat.leewayMin).toBeLessThan(whole.leewayMin);
    expect(shielded.acts).toBe(2);
    for (const way of [whole, flat, parts, shielded]) {
      expect(way.juicesBreast).toBeGreaterThan(0.4);
      expect(way.juicesBreast).toBeLessThan(1);
    }
  });

  it("two smaller birds are done sooner than one large, take more carving, and more room", () => {
    const [one, two] = ["whole/steady", "whole/steady/2"].map(compared) as [Compared, Compared];
    expect(two.roastMin).toBeLessThan(0.9 * one.roastMin);
    expect(two.carveMin).toBeGreaterThan(one.carveMin);
    expect(one.tooLargeFor).toEqual([]);
    expect(two.boardMin).toBeGreaterThan(one.boardMin);
  });

  it("does not cut again what was bought as a crown, nor make of it birds that nobody sells", () => {
    const crown = { ...plan, bird: { ...plan.bird, cut: "crown" as const, massKg: 3 }, targetC: { breast: 74 } };
    expect(waysFor(crown).every(({ cut }) => cut === "crown")).toBe(true);
    const countsOf = (bird: Partial<Plan["bird"]>): number[] => [
      ...new Set(waysFor({ ...plan, bird: { ...plan.bird, ...bird } }).map(({ birds }) => birds)),
    ];
    expect(countsOf({ massKg: 2.4 })).toEqual([1]);
    // As much meat in birds that are sold.
    expect(countsOf({ massKg: 6 })).toEqual([1, 2]);
    expect(countsOf({ species: "chicken", massKg: 2.3, count: 2 })).toEqual([2]);
    expect(countsOf({ species: "chicken", massKg: 1.2, count: 2 })).toEqual([2, 1]);
  });

  it("first holds the plan against what most people hesitate between, and not against itself", () => {
    const ids = firstWays(plan).map(({ id }) => id);
    expect(ids).not.toContain("whole/steady");
    expect(ids).toEqual(expect.arrayContaining(["whole/hot-start", "spatchcock/hot-flat", "whole/steady/2"]));
  });
});
