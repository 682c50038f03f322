import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { guidelineWords } from "../../words/guideline";
import { centresOf } from "../bird/form";
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import { GUIDELINES } from "../safety/guideline";
import { withForm } from "./edits";
import {
  aimsAtGuideline,
  decidingCentres,
  guidelineTargets,
  highestTargetC,
  inKitchen,
  targetsOf,
  unreadCentre,
} from "./targets";

const pick = (from: CentreTemperatures, centres: readonly Centre[]): CentreTemperatures =>
  Object.fromEntries(Object.entries(from).filter(([centre]) => centres.includes(centre as Centre)));

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

  it("has a target wherever it is read and nowhere else, whatever a file gives: the guideline's where it gives none", () => {
    const given = fc.dictionary(fc.constantFrom(...CENTRES), fc.double({ min: 55, max: 90, noNaN: true }));
    fc.assert(
      fc.property(ANY_PLAN, given, (plan, targetC) => {
        const told = targetsOf({ ...plan, targetC });
        expect(told).toEqual({ ...guidelineTargets(plan), ...pick(targetC, decidingCentres(plan)) });
      }),
    );
  });

  it("aims at what its kitchen's guideline asks, and what was aimed at one follows another; the cook's own stays", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        fc.constantFrom(...GUIDELINES),
        fc.constantFrom(...GUIDELINES),
        fc.double({ min: 60, max: 66, noNaN: true }),
        (plan, before, after, ownC) => {
          const [centre] = centresOf(plan.bird) as [Centre];
          const asked = inKitchen({ guideline: before })({ ...plan, targetC: {} });
          expect(asked.targetC).toEqual(guidelineTargets({ ...asked, decidedBy: undefined }));
          expect(aimsAtGuideline(asked)).toBe(true);
          const there = inKitchen({ guideline: after })(asked);
          expect(there.targetC).toEqual(guidelineTargets({ ...there, decidedBy: undefined }));
          expect(inKitchen({ guideline: before })(there).targetC).toEqual(asked.targetC);
          const own = { ...asked, targetC: { ...asked.targetC, [centre]: ownC } };
          expect(inKitchen({ guideline: after })(own).targetC[centre]).toBe(ownC);
        },
      ),
    );
  });

  it("asks for the heat of a whole bird of none of its pieces", () => {
    const whole = inKitchen({ guideline: "whole-hotter" })(sampleRoast().plan);
    expect(whole.targetC).toEqual({ breast: 82, thigh: 82 });
    expect(withForm({ cavity: "stuffed" })(whole).targetC).toEqual({ breast: 82, thigh: 82, filling: 74 });
    expect(withForm({ cut: "crown" })(whole).targetC).toEqual({ breast: 74 });
    expect(withForm({ cut: "whole" })(withForm({ cut: "crown" })(whole)).targetC).toEqual({ breast: 82, thigh: 82 });
    expect(guidelineWords(whole, "metric")).toBe("82 °C");
    expect(guidelineWords(inKitchen({ guideline: "held" })(whole), "us")).toBe("158 °F, held for 2 minutes");
  });

  it("is every centre, or the one that was chosen, of a bird that has both", () => {
    const { plan } = sampleRoast();
    expect(decidingCentres(plan)).toEqual(["breast", "thigh"]);
    const stuffed = { ...plan, decidedBy: "thigh" as const, bird: { ...plan.bird, cavity: "stuffed" as const } };
    expect(decidingCentres(stuffed)).toEqual(["thigh", "filling"]);
    const crown = { ...plan, decidedBy: "thigh" as const, bird: { ...plan.bird, cut: "crown" as const } };
    expect(decidingCentres(crown)).toEqual(["breast"]);
  });
});
