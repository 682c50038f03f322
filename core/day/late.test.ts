import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { FIRST_SHARES } from "../forecast/shares";
import { restFor } from "../processes/rest";
import { taskOf } from "../schedule/backward";
import { derivePlan } from "../schedule/derive";
import { MINUTE_MS } from "../units/time";
import { lateBeforeOven } from "./late";

const cook = simulated();
const { plan } = sampleRoast();
const planned = derivePlan(plan, cook, FIRST_SHARES, 0);
const { inAtMs } = planned.schedule;
const onMs = taskOf(planned.schedule, "preheat")?.startMs ?? 0;
const late = (nowMs: number, ticked: readonly string[] = []) =>
  lateBeforeOven(plan, cook, FIRST_SHARES, planned, ticked, nowMs);

describe("late before the oven", () => {
  it("is nobody who is in time", () => {
    expect(late(onMs)).toBeNull();
    expect(late(inAtMs, ["preheat"])).toBeNull();
  });

  it("wants the oven on first, and says what that makes of dinner", () => {
    const cold = late(onMs + 90 * MINUTE_MS);
    expect(cold).toMatchObject({ what: "oven", dueMs: onMs, inAtMs: onMs + (90 + plan.preheat.minutes) * MINUTE_MS });
    const { shortestMin } = restFor(plan.bird.massKg);
    const carve = taskOf(planned.schedule, "carve");
    const carveMin = ((carve?.endMs ?? 0) - (carve?.startMs ?? 0)) / MINUTE_MS;
    expect(cold?.derived.schedule.serveAtMs).toBe(
      (cold?.inAtMs ?? 0) + (cook.pullMinute + shortestMin + carveMin) * MINUTE_MS,
    );
  });

  it("wants the bird in once the oven is on; what the rest takes up makes dinner no later", () => {
    expect(late(inAtMs + 8 * MINUTE_MS, ["preheat"])).toMatchObject({ what: "bird", dueMs: inAtMs, lateMin: 0 });
    expect(late(inAtMs + 120 * MINUTE_MS, ["preheat"])?.lateMin).toBeGreaterThan(60);
  });

  it("places nothing before now, and nothing that ends before it begins, for any plan and any delay", () => {
    fc.assert(
      fc.property(ANY_PLAN, fc.integer({ min: 6, max: 600 }), fc.boolean(), (any, delayMin, isOn) => {
        const before = derivePlan(any, cook, FIRST_SHARES, 0);
        const nowMs = before.schedule.inAtMs + delayMin * MINUTE_MS;
        const found = lateBeforeOven(any, cook, FIRST_SHARES, before, isOn ? ["preheat"] : [], nowMs);
        expect(found?.inAtMs).toBeGreaterThanOrEqual(nowMs);
        expect(found?.lateMin).toBeGreaterThanOrEqual(0);
        for (const { id, startMs, endMs } of found?.derived.schedule.tasks ?? []) {
          expect(endMs, id).toBeGreaterThanOrEqual(startMs);
          if (id === "rest" || id === "carve") expect(startMs, id).toBeGreaterThanOrEqual(found?.inAtMs ?? 0);
        }
      }),
      { numRuns: 300 },
    );
  });
});
