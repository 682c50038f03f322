import fc from "fast-check";
import { beforeAll, describe, expect, it } from "vitest";
import { loadKernel } from "../../cli/loadKernel";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { runMember } from "../forecast/ensemble";
import { minuteAllShown } from "../forecast/member";
import { ensembleOptions } from "../forecast/plannedInput";
import { UNKNOWNS } from "../forecast/prior";
import { type Plan, PlanSchema } from "../plan/schema";
import { fullStages } from "../processes/stages";
import { begunAt, OVERDUE_MIN, overdueByTime } from "./lateStage";

const { plan } = sampleRoast();
const STAGES: Plan["stages"] = [
  { fromMin: 0, airC: 230 },
  { fromMin: 20, airC: 160 },
  { fromMin: 60, airC: 160, shield: "breast" },
  { fromMin: 70, when: { centre: "breast", reachesC: 60 }, airC: 180, shield: "none" },
];
const minutes = (stages: Plan["stages"]): number[] => stages.map(({ fromMin }) => fromMin);

describe("a change of the heat that is made late", () => {
  beforeAll(() => void loadKernel());

  it("begins when it was made, and what follows not before it", () => {
    expect(minutes(begunAt(STAGES, 0, 1, 33))).toEqual([0, 33, 60, 70]);
    expect(minutes(begunAt(STAGES, 0, 1, 64))).toEqual([0, 64, 64.5, 70]);
    expect(minutes(begunAt(STAGES, 0, 2, 66))).toEqual([0, 66, 66.5, 70]);
    expect(minutes(begunAt(STAGES, 2, 3, 95))).toEqual([0, 20, 60, 95]);
    // Made in time, or before it was due, it is as planned.
    expect(begunAt(STAGES, 0, 1, 12)).toEqual(STAGES);
  });

  it("is late once it has waited for five minutes, by its clock", () => {
    expect(overdueByTime(STAGES, 0, 20 + OVERDUE_MIN - 1)).toBeNull();
    expect(overdueByTime(STAGES, 0, 20 + OVERDUE_MIN)).toBe(1);
    expect(overdueByTime(STAGES, 1, 40)).toBeNull();
    expect(overdueByTime(STAGES, 0, 66)).toBe(2);
    expect(overdueByTime(STAGES, 2, 300)).toBeNull();
  });

  it("leaves a plan a plan, whatever its stages and whenever that was", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        fc.nat(7),
        fc.nat(7),
        fc.double({ min: 0, max: 3000, noNaN: true }),
        (any, one, other, atMin) => {
          const last = any.stages.length - 1;
          const done = Math.min(last, one, other);
          const upTo = Math.min(last, Math.max(one, other));
          const stages = begunAt(any.stages, done, upTo, atMin);
          expect(PlanSchema.safeParse({ ...any, stages }).success).toBe(true);
          expect(() => fullStages(stages, any.bird.cut)).not.toThrow();
          expect(stages.map((stage) => ({ ...stage, fromMin: 0 }))).toEqual(
            any.stages.map((stage) => ({ ...stage, fromMin: 0 })),
          );
        },
      ),
      plansAsked(200),
    );
  });

  it("has it done sooner where it was the hotter for longer", () => {
    const doneMin = (stages: Plan["stages"]): number =>
      minuteAllShown(
        runMember(
          ensembleOptions({ ...plan, stages }, plan.targetC),
          UNKNOWNS.map(() => 0),
        ),
        plan.targetC,
      );
    const hot = STAGES.slice(0, 2);
    expect(doneMin(begunAt(hot, 0, 1, 50))).toBeLessThan(doneMin(hot) - 4);
  });
});
