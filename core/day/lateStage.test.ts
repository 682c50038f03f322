import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { runMember } from "../forecast/ensemble";
import { minuteAllShown, shownAt } from "../forecast/member";
import { ensembleOptions } from "../forecast/plannedInput";
import { UNKNOWNS } from "../forecast/prior";
import { type Plan, PlanSchema } from "../plan/schema";
import { waitingAgain } from "../plan/signs";
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
  it("begins when it was made, and what follows not before it", () => {
    expect(minutes(begunAt(STAGES, 0, 1, 33))).toEqual([0, 33, 60, 70]);
    expect(minutes(begunAt(STAGES, 0, 1, 64))).toEqual([0, 64, 64.5, 70]);
    expect(minutes(begunAt(STAGES, 0, 2, 66))).toEqual([0, 66, 66.5, 70]);
    expect(minutes(begunAt(STAGES, 2, 3, 95))).toEqual([0, 20, 60, 95]);
    // Not before what was made just now.
    expect(minutes(begunAt(begunAt(STAGES, 0, 2, 66), 2, 3, 66))).toEqual([0, 66, 66.5, 67]);
    // In time it is as planned; made before it was due, it begins then, and what follows keeps its own minute.
    expect(begunAt(STAGES, 0, 1, 20)).toEqual(STAGES);
    expect(minutes(begunAt(STAGES, 0, 1, 12))).toEqual([0, 12, 60, 70]);
    expect(begunAt(STAGES, 2, 3, 66)[3]).toMatchObject({ fromMin: 66, waitedFor: { fromMin: 70 } });
  });

  it("is late once it has waited for five minutes, by its clock", () => {
    expect(overdueByTime(STAGES, 0, 20 + OVERDUE_MIN - 1)).toBeNull();
    expect(overdueByTime(STAGES, 0, 20 + OVERDUE_MIN)).toBe(1);
    expect(overdueByTime(STAGES, 1, 40)).toBeNull();
    expect(overdueByTime(STAGES, 0, 66)).toBe(2);
    expect(overdueByTime(STAGES, 2, 300)).toBeNull();
    // What comes by its clock comes after the sign before it.
    const more = [...STAGES, { fromMin: 120, airC: 150 }];
    expect([overdueByTime(more, 1, 300), overdueByTime(more, 2, 300), overdueByTime(more, 3, 300)]).toEqual([
      2,
      null,
      4,
    ]);
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
          expect(waitingAgain(stages).map((stage) => ({ ...stage, fromMin: 0 }))).toEqual(
            waitingAgain(any.stages).map((stage) => ({ ...stage, fromMin: 0 })),
          );
          const made = begunAt(any.stages, done, upTo, Math.min(atMin, 1000)).slice(done + 1, upTo + 1);
          expect(made.filter(({ when }) => when)).toEqual([]);
        },
      ),
      plansAsked(200),
    );
  });

  it("goes by its minute once it was made, and waits for its sign again where it was not", () => {
    const made = begunAt(STAGES, 2, 3, 95);
    expect(made[3]).toEqual({
      fromMin: 95,
      airC: 180,
      shield: "none",
      waitedFor: { fromMin: 70, when: { centre: "breast", reachesC: 60 } },
    });
    expect(waitingAgain(made, 4)).toEqual(made);
    expect(waitingAgain(made, 3)).toEqual(STAGES);
    // One that was passed over began with the next: nothing waits for its sign any more.
    const passed = begunAt([...STAGES, { fromMin: 120, airC: 150 }], 2, 4, 120);
    expect(passed.map(({ fromMin, when }) => [fromMin, when])).toEqual([
      [0, undefined],
      [20, undefined],
      [60, undefined],
      [120, undefined],
      [120.5, undefined],
    ]);
  });

  it("is seen by each bird at its own thermometer: pushed in too short, it is seen sooner", () => {
    const waits: Plan["stages"] = [
      { fromMin: 0, airC: 160 },
      { fromMin: 10, when: { centre: "breast", reachesC: 45 }, airC: 80 },
    ];
    const thighAt = (breastProbe: number, stages: Plan["stages"]): number => {
      const draw = UNKNOWNS.map((name) => (name === "breastProbe" ? breastProbe : 0));
      const options = { ...ensembleOptions({ ...plan, stages }, {}), atLeastMin: 180 };
      return shownAt(runMember(options, draw), { part: "thigh" }, 180);
    };
    const throughout = waits.slice(0, 1);
    expect(thighAt(2, throughout)).toBeCloseTo(thighAt(-1, throughout), 6);
    expect(thighAt(2, waits)).toBeLessThan(thighAt(-1, waits) - 1);
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
