import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { HEAT_SOURCES, isFire, shutBy } from "../heat/sources";
import { PlanSchema } from "../plan/schema";
import { usualPlan } from "../plan/usualPlan";
import { callsOf, DIFFICULTIES, interrupted, openCall, sunkFire, troublesOf } from "./scenarios";

const plan = usualPlan({
  bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "frozen" },
  method: "hot-start",
  serveAt: "2026-12-24T18:00:00.000Z",
  zone: "UTC",
});
const anyDay = fc.record({
  seed: fc.string({ minLength: 1, maxLength: 8 }),
  difficulty: fc.constantFrom(...DIFFICULTIES),
  thermometer: fc.constantFrom("probes" as const, "hand" as const, undefined),
});

describe("what goes wrong on a day that is practised", () => {
  it("is nothing on a calm one, and what can go wrong with this bird and heat on any other, the same by the same seed", () => {
    fc.assert(
      fc.property(anyDay, fc.constantFrom(...HEAT_SOURCES), fc.boolean(), (day, heat, fresh) => {
        const of = {
          bird: { ...plan.bird, state: fresh ? ("fresh" as const) : ("frozen" as const) },
          heat,
          stages: plan.stages,
        };
        const troubles = troublesOf(day, of);
        expect(troubles).toEqual(troublesOf(day, of));
        if (day.difficulty === "calm") expect(troubles).toEqual([]);
        if (fresh) expect(troubles).not.toContain("ice");
        if (!isFire(heat)) expect(troubles).not.toContain("fire-dies");
        expect(troubles.includes("hot-side")).toBe(day.difficulty === "worst" && !isFire(heat));
        if (day.thermometer === "hand") for (const each of ["slip", "bone"]) expect(troubles).not.toContain(each);
        // A fire outdoors is no oven that a dish could want, and an open one has no door.
        if (isFire(heat)) expect(troubles).not.toContain("dish");
        if (shutBy(heat) === null) expect(troubles).not.toContain("door");
        const calls = troubles.filter((each) => each === "guests-late" || each === "dish");
        expect(calls).toHaveLength({ calm: 0, usual: 1, worst: isFire(heat) ? 1 : 2 }[day.difficulty]);
      }),
    );
  });

  it("is said while the bird is in, by guests and for dishes that want another heat", () => {
    fc.assert(
      fc.property(anyDay, fc.integer({ min: 60, max: 300 }), (day, pullMin) => {
        for (const call of callsOf(day, plan, pullMin)) {
          expect(call.atMin).toBeGreaterThan(0);
          expect(call.atMin).toBeLessThan(pullMin);
          if (call.kind === "dish") expect(Math.abs(call.airC - (plan.stages.at(-1)?.airC ?? 0))).toBe(40);
        }
      }),
    );
  });
});

describe("what waits for an answer", () => {
  const at = (pullMin: number) => callsOf({ seed: "harbour", difficulty: "worst" }, plan, pullMin);

  it("is not taken back where the bird is since thought to be done later, nor said again once it was answered", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 60, max: 300 }), { minLength: 1, maxLength: 12 }), (pullMins) => {
        let said: ReturnType<typeof openCall> = null;
        for (const [minute, pullMin] of pullMins.entries()) {
          const next = openCall(at(pullMin), 25 * minute, {}, said);
          if (said) expect(next).toBe(said);
          said = next;
        }
        if (said) expect(openCall(at(60), 300, { [said.kind]: "no" }, said)?.kind).not.toBe(said.kind);
      }),
    );
    expect(openCall(at(60), 300, { dish: "yes", "guests-late": "no" }, null)).toBeNull();
    expect(openCall(at(200), 89, {}, null)).toBeNull();
    expect(openCall(at(200), 90, {}, null)?.kind).toBe("dish");
  });
});

describe("a heat that is interrupted", () => {
  const stages = fc
    .uniqueArray(fc.integer({ min: 1, max: 200 }), { maxLength: 3 })
    .chain((later) =>
      fc.tuple(
        ...[0, ...later.sort((a, b) => a - b)].map((fromMin) =>
          fc.record({ fromMin: fc.constant(fromMin), airC: fc.integer({ min: 120, max: 240 }) }),
        ),
      ),
    );
  const airAt = (all: readonly { fromMin: number; airC: number }[], minute: number): number =>
    all.findLast(({ fromMin }) => fromMin <= minute)?.airC ?? Number.NaN;

  it("is what it was before and after, and another meanwhile; its stages stay in order", () => {
    fc.assert(
      fc.property(
        stages,
        fc.integer({ min: 0, max: 220 }),
        fc.integer({ min: 1, max: 60 }),
        (before, from, minutes) => {
          const { stages: after, on } = interrupted(before, from, minutes, (airC) => airC + 11);
          expect(after[on]?.fromMin).toBe(from);
          for (const minute of [0, from - 1, from, from + minutes - 1, from + minutes, from + minutes + 40, 300]) {
            if (minute < 0) continue;
            const meanwhile = minute >= from && minute < from + minutes;
            expect(airAt(after, minute)).toBe(airAt(before, minute) + (meanwhile ? 11 : 0));
          }
          const order = after.map(({ fromMin }) => fromMin);
          expect(order).toEqual([...new Set(order)].sort((a, b) => a - b));
          expect(order[0]).toBe(0);
        },
      ),
    );
  });

  it("is a plan that can be stored, and a fire that sinks comes back", () => {
    const stored = { ...plan, stages: interrupted(plan.stages, 75, 25, () => 200).stages };
    expect(PlanSchema.safeParse(stored).success).toBe(true);
    const sunk = sunkFire(plan.stages, { seed: "harbour", difficulty: "worst" });
    expect(Math.min(...sunk.map(({ airC }) => airC))).toBeLessThan(Math.min(...plan.stages.map(({ airC }) => airC)));
    expect(sunk.at(-1)?.airC).toBe(plan.stages.at(-1)?.airC);
  });

  it("keeps nothing that waits for a sign from waiting, nor says that it came; nor does it wait for that itself", () => {
    const waiting = {
      fromMin: 40,
      when: { centre: "breast" as const, reachesC: 60 },
      airC: 160,
      shield: "none" as const,
    };
    const foiled = [{ fromMin: 0, airC: 220, shield: "breast" as const }, { fromMin: 20, airC: 160 }, waiting];
    const { stages: after, on } = interrupted(foiled, 75, 25, () => 200, 1);
    expect(after).toEqual([...foiled.slice(0, 2), { fromMin: 75, airC: 200 }, { fromMin: 100, airC: 160 }, waiting]);
    expect(on).toBe(2);
    expect(PlanSchema.safeParse({ ...plan, stages: after }).success).toBe(true);
    const all = DIFFICULTIES.flatMap((difficulty) => ["a", "b", "c", "d"].map((seed) => ({ seed, difficulty })));
    for (const day of all) expect(sunkFire(foiled, day).at(-1)).toEqual(waiting);
  });
});
