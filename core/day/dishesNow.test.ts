import { expect, it } from "vitest";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { certain, FIRST_SHARES } from "../forecast/shares";
import type { Plan } from "../plan/schema";
import { derivePlan } from "../schedule/derive";
import { MINUTE_MS } from "../units/time";
import { dishesNow } from "./dishesNow";
import { replan } from "./replan";

it("stand where the day has put them: later with a bird that is late, and as planned where no roast has them", () => {
  const { plan: sample } = sampleRoast();
  const dish = { minutes: 20, slot: "rest" as const, ring: true, ovenC: null };
  const plan: Plan = { ...sample, sides: [{ ...dish, id: "beans", name: "Beans" }] };
  const cook = simulated();
  const planned = derivePlan(plan, cook, FIRST_SHARES, 0);
  const { inAtMs } = planned.schedule;
  const asked = { inAt: new Date(inAtMs).toISOString(), pulled: false, nowMs: inAtMs + 30 * MINUTE_MS };
  const { begun, coming, renewed } = replan(plan, cook, planned, { ...asked, pullMin: certain(cook.pullMinute + 200) });
  const foreign = { ...planned.sides[0], id: "another roast's", startMs: 0 } as (typeof planned.sides)[number];
  const [first, second] = dishesNow([...planned.sides, foreign], [...begun, ...coming]);
  expect(first).toBe(foreign);
  expect(second?.startMs).toBe(renewed.sides[0]?.startMs);
  expect(second?.startMs).toBeGreaterThan((planned.sides[0]?.startMs ?? 0) + 60 * MINUTE_MS);
});
