import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { seenWhere, whereRead } from "../../words/readIn";
import { centresOf } from "../bird/form";
import type { Centre } from "../bird/solid";
import { decidingCentres, highestTargetC, targetsOf, unreadCentre } from "./targets";

describe("where a plan is read", () => {
  it("is somewhere, in meat that the bird has, and in its stuffing whatever its cook goes by", () => {
    fc.assert(
      fc.property(ANY_PLAN, (plan) => {
        const centres = centresOf(plan.bird);
        const deciding = decidingCentres(plan);
        expect(deciding.length).toBeGreaterThan(0);
        expect(centres).toEqual(expect.arrayContaining([...deciding]));
        expect(deciding.includes("filling")).toBe(centres.includes("filling"));
        const told = Object.keys(targetsOf(plan)) as Centre[];
        expect(told.toSorted()).toEqual([...deciding].sort());
        expect(Object.values(plan.targetC)).toContain(highestTargetC(plan));
        const unread = unreadCentre(plan);
        expect(unread === undefined || !told.includes(unread)).toBe(true);
        expect(plan.decidedBy === undefined && unread !== undefined).toBe(false);
      }),
    );
  });

  it("is every centre, or the one that was chosen, of a bird that has both", () => {
    const { plan } = sampleRoast();
    expect(whereRead(plan)).toBe("every centre");
    expect(seenWhere(plan)).toBe("at every centre");
    expect(seenWhere({ ...plan, decidedBy: "breast" })).toBe("in the breast");
    const stuffed = { ...plan, decidedBy: "thigh" as const, bird: { ...plan.bird, cavity: "stuffed" as const } };
    expect(whereRead(stuffed)).toBe("the thigh and the stuffing");
    const crown = { ...plan, decidedBy: "thigh" as const, bird: { ...plan.bird, cut: "crown" as const } };
    expect(whereRead(crown)).toBe("every centre");
    expect(decidingCentres(crown)).toEqual(["breast"]);
  });
});
