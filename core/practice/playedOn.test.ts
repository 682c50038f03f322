import { expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import type { Roast } from "../plan/roast";
import { roastUntil } from "./playedOn";

const at = (minute: number): string => new Date(Date.UTC(2026, 11, 24, 12, minute)).toISOString();
const sign = { centre: "breast" as const, reachesC: 60 };
const sample = sampleRoast();
const roast: Roast = {
  ...sample,
  plan: {
    ...sample.plan,
    heat: "smoker",
    season: { ...sample.plan.season, basteEveryMin: 30 },
    stages: [
      { fromMin: 0, airC: 120 },
      { fromMin: 40, airC: 130 },
      { fromMin: 150, airC: 160, wrap: "foil", waitedFor: { fromMin: 60, when: sign } },
    ],
  },
  happened: { inAt: at(0), pulledAt: at(220), stagesDone: 2, bastingsDone: 4, fuelsDone: 3, left: [] },
};

it("a roast that is played on stands as it stood: what was done to the heat later is to come, and no more was done than was due", () => {
  const { plan, happened } = roastUntil(roast, at(95));
  expect(happened).toEqual({ inAt: at(0), stagesDone: 1, bastingsDone: 3, fuelsDone: 1, left: [] });
  expect(plan.stages).toEqual([...roast.plan.stages.slice(0, 2), { fromMin: 60, when: sign, airC: 160, wrap: "foil" }]);
  const late = roastUntil(roast, at(200));
  expect(late.plan.stages).toEqual(roast.plan.stages);
  expect(late.happened).toMatchObject({ stagesDone: 2, bastingsDone: 4, fuelsDone: 3 });
  expect(roastUntil(roast, at(300)).happened.pulledAt).toBe(at(220));
});
