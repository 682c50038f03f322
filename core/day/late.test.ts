import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { FIRST_SHARES } from "../forecast/shares";
import { restFor } from "../processes/rest";
import { taskOf } from "../schedule/backward";
import { derivePlan } from "../schedule/derive";
import { DAY_MIN, MINUTE_MS } from "../units/time";
import { lateBeforeOven } from "./late";

const cook = simulated();
const { plan } = sampleRoast();
const planned = derivePlan(plan, cook, FIRST_SHARES, 0);
const { inAtMs } = planned.schedule;
const onMs = taskOf(planned.schedule, "preheat")?.startMs ?? 0;
const late = (nowMs: number, ticked: string[] = []) =>
  lateBeforeOven(plan, cook, FIRST_SHARES, planned, { ticked }, nowMs);
const onSince = (ms: number) => ({ ticked: ["preheat"], heatOnAt: new Date(ms).toISOString() });

describe("late before the oven", () => {
  it("is nobody who is in time", () => {
    expect(late(onMs)).toBeNull();
    expect(late(inAtMs, ["preheat"])).toBeNull();
  });

  it("wants the oven on first, and says what that makes of dinner", () => {
    const cold = late(onMs + 90 * MINUTE_MS);
    expect(cold).toMatchObject({ what: "heat", dueMs: onMs, inAtMs: onMs + (90 + plan.preheat.minutes) * MINUTE_MS });
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

  it("waits for an oven that has just been turned on, and wants the bird in once it is hot", () => {
    const turnedMs = inAtMs + 40 * MINUTE_MS;
    const hotMs = turnedMs + plan.preheat.minutes * MINUTE_MS;
    const at = (nowMs: number) => lateBeforeOven(plan, cook, FIRST_SHARES, planned, onSince(turnedMs), nowMs);
    expect(at(turnedMs)).toMatchObject({ what: "wait", dueMs: inAtMs, inAtMs: hotMs });
    expect(at(hotMs - MINUTE_MS)).toMatchObject({ what: "wait", inAtMs: hotMs });
    expect(at(hotMs)).toMatchObject({ what: "bird", inAtMs: hotMs });
    // Turned on before its time, it is waited for no longer than the plan does.
    expect(lateBeforeOven(plan, cook, FIRST_SHARES, planned, onSince(onMs - 60 * MINUTE_MS), inAtMs)).toBeNull();
  });

  it("has a fire lit before it is brought to its heat", () => {
    const grilled = { ...plan, heat: "covered-grill" as const };
    const placed = derivePlan(grilled, cook, FIRST_SHARES, 0);
    const litMs = placed.chores.find(({ kind }) => kind === "fuel")?.startMs ?? 0;
    const at = (nowMs: number, told = {}) => lateBeforeOven(grilled, cook, FIRST_SHARES, placed, told, nowMs);
    const leadMs = placed.schedule.inAtMs - litMs;
    expect(leadMs).toBeGreaterThan(plan.preheat.minutes * MINUTE_MS);
    expect(at(litMs + 4 * MINUTE_MS)).toBeNull();
    const nowMs = litMs + 90 * MINUTE_MS;
    expect(at(nowMs)).toMatchObject({ what: "heat", dueMs: litMs, inAtMs: nowMs + leadMs });
    expect(at(nowMs, { ticked: ["fuel-1"], heatOnAt: new Date(nowMs).toISOString() })).toMatchObject({ what: "wait" });
  });

  it("wants no oven on before a bird that goes into a cold one, and waits for none", () => {
    const cold = { ...plan, preheat: { minutes: 0, airC: null } };
    const placed = derivePlan(cold, cook, FIRST_SHARES, 0);
    const at = (nowMs: number) => lateBeforeOven(cold, cook, FIRST_SHARES, placed, {}, nowMs);
    expect(taskOf(placed.schedule, "preheat")).toBeUndefined();
    expect(at(placed.schedule.inAtMs)).toBeNull();
    const nowMs = placed.schedule.inAtMs + 40 * MINUTE_MS;
    expect(at(nowMs)).toMatchObject({ what: "bird", dueMs: placed.schedule.inAtMs, inAtMs: nowMs });
  });

  it("asks for no heat that is on for another roast", () => {
    const beside = { ...planned, beside: { ...planned.beside, ovenIsOn: true } };
    const at = (nowMs: number) => lateBeforeOven(plan, cook, FIRST_SHARES, beside, {}, nowMs);
    expect(at(inAtMs)).toBeNull();
    expect(at(inAtMs + 10 * MINUTE_MS)?.what).toBe("bird");
  });

  it("places nothing before now, and nothing that ends before it begins, for any plan and any delay", () => {
    fc.assert(
      fc.property(ANY_PLAN, fc.integer({ min: 6, max: 600 }), fc.boolean(), (any, delayMin, isOn) => {
        const before = derivePlan(any, cook, FIRST_SHARES, 0);
        const nowMs = before.schedule.inAtMs + delayMin * MINUTE_MS;
        const found = lateBeforeOven(any, cook, FIRST_SHARES, before, { ticked: isOn ? ["preheat"] : [] }, nowMs);
        expect(found?.inAtMs).toBeGreaterThanOrEqual(nowMs);
        expect(found?.lateMin).toBeGreaterThanOrEqual(0);
        // What is late is what the two times that stand there are apart.
        const minuteOfDay = (ms: number): number => new Date(ms).getUTCHours() * 60 + new Date(ms).getUTCMinutes();
        const apart = minuteOfDay(found?.derived.schedule.serveAtMs ?? 0) - minuteOfDay(Date.parse(any.serveAt));
        expect(((found?.lateMin ?? Number.NaN) - apart) % DAY_MIN).toBeCloseTo(0);
        for (const { id, startMs, endMs } of found?.derived.schedule.tasks ?? []) {
          expect(endMs, id).toBeGreaterThanOrEqual(startMs);
          if (id === "rest" || id === "carve") expect(startMs, id).toBeGreaterThanOrEqual(found?.inAtMs ?? 0);
        }
        // Nor does a dish that is baked while it rests go to before the bird, where it would be lost.
        for (const { id, slot } of before.sides) {
          expect(found?.derived.sides.find((side) => side.id === id)?.slot, id).toBe(slot);
        }
      }),
      { numRuns: 300 },
    );
  });
});
