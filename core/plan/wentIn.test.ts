import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { HOUR_MS, MINUTE_MS, minutesBetween } from "../units/time";
import { type Roast, RoastSchema } from "./roast";
import type { Plan } from "./schema";
import { handedOn } from "./together";
import { neverIn, wentIn } from "./wentIn";

const NOON = Date.UTC(2026, 8, 27, 12);
const at = (ms: number): string => new Date(ms).toISOString();
const predicted = {
  pullP10At: at(NOON + 2 * HOUR_MS),
  pullP50At: at(NOON + 3 * HOUR_MS),
  pullP90At: at(NOON + 4 * HOUR_MS),
  pullC: { breast: 70 },
};
const withStages = (stages: Plan["stages"], happened: Roast["happened"]): Roast => {
  const sample = sampleRoast();
  return { ...sample, plan: { ...sample.plan, stages }, happened };
};
const stages: Plan["stages"] = [
  { fromMin: 0, airC: 220 },
  { fromMin: 20, airC: 160 },
  { fromMin: 90, airC: 160, shield: "breast" },
];

describe("a bird that went in at another time than was said", () => {
  it("is predicted from there", () => {
    const roast = withStages(stages, { inAt: at(NOON), predicted });
    expect(wentIn(roast, NOON - HOUR_MS).happened).toMatchObject({
      inAt: at(NOON - HOUR_MS),
      predicted: {
        pullP10At: at(NOON + HOUR_MS),
        pullP50At: at(NOON + 2 * HOUR_MS),
        pullP90At: at(NOON + 3 * HOUR_MS),
      },
    });
  });

  it("had its heat changed when it was changed; what is still to come comes as planned, and not before that", () => {
    const roast = withStages(stages, { inAt: at(NOON), stagesDone: 1 });
    const minutes = (atMs: number): number[] => wentIn(roast, atMs).plan.stages.map(({ fromMin }) => fromMin);
    expect(minutes(NOON - HOUR_MS / 2)).toEqual([0, 50, 90]);
    expect(minutes(NOON - 2 * HOUR_MS)).toEqual([0, 140, 140.5]);
    expect(minutes(NOON + 10 * MINUTE_MS)).toEqual([0, 10, 90]);
  });

  it("is a roast still, whenever it went in, and went in again", () => {
    const minute = fc.integer({ min: -3000, max: 3000 });
    fc.assert(
      fc.property(ANY_PLAN, fc.array(minute, { minLength: 2, maxLength: 4 }), fc.nat(), (plan, all, done) => {
        const stagesDone = done % plan.stages.length;
        let roast: Roast = { ...sampleRoast(), plan, happened: { inAt: at(NOON), stagesDone } };
        for (const each of all) roast = wentIn(roast, NOON + each * MINUTE_MS);
        expect(RoastSchema.safeParse(roast).error).toBeUndefined();
      }),
    );
  });

  it("takes the other pieces of its heat along, with what was predicted of each", () => {
    const one = withStages(stages, { inAt: at(NOON), predicted, stagesDone: 1 });
    const piece: Roast = { ...sampleRoast("piece"), ...one, id: "piece" };
    const after = wentIn(one, NOON - HOUR_MS);
    const handed = handedOn(one, after, piece);
    expect(handed.plan.stages).toEqual(after.plan.stages);
    expect(minutesBetween(handed.happened.inAt ?? "", handed.happened.predicted?.pullP50At ?? "")).toBe(180);
  });
});

describe("a bird that is not in after all", () => {
  const sign = { centre: "breast" as const, reachesC: 60 };
  const roast = withStages(
    [
      { fromMin: 0, airC: 120 },
      { fromMin: 130, airC: 160, wrap: "foil", waitedFor: { fromMin: 60, when: sign } },
    ],
    {
      heatOnAt: at(NOON - HOUR_MS),
      inAt: at(NOON),
      predicted,
      stagesDone: 1,
      fuelsDone: 2,
      ticked: ["eve-check-1"],
      left: [{ at: at(NOON + HOUR_MS), piece: "thigh" }],
    },
  );

  it("has had nothing done to it in the heat; what was before that stands", () => {
    const { plan, happened } = neverIn(roast);
    expect(happened).toEqual({ heatOnAt: at(NOON - HOUR_MS), ticked: ["eve-check-1"] });
    expect(plan.stages[1]).toMatchObject({ fromMin: 60, when: sign });
  });

  it("nor have the other pieces of its heat", () => {
    const handed = handedOn(roast, neverIn(roast), { ...roast, id: "piece" });
    expect(handed.happened).toEqual(neverIn(roast).happened);
  });
});
