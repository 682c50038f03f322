import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import type { Plan } from "../plan/schema";
import { handsOnSaltMin, searMin, workMin } from "./dressing";

const ofSo = (plan: Plan, count: number): Plan => ({ ...plan, bird: { ...plan.bird, count } });

const { sizeCm } = simulated();

describe("the work on the bird before its heat", () => {
  it("takes longer with every bird more, though not as long again", () => {
    fc.assert(
      fc.property(ANY_PLAN, fc.integer({ min: 1, max: 3 }), (plan, birds) => {
        for (const minutesOf of [workMin, handsOnSaltMin]) {
          const [one, some, more] = [1, birds, birds + 1].map((count) => minutesOf(ofSo(plan, count), sizeCm)) as [
            number,
            number,
            number,
          ];
          expect(Number.isInteger(some)).toBe(true);
          expect(more).toBeGreaterThan(some);
          expect(more).toBeLessThanOrEqual(some + one);
        }
      }),
    );
  });

  it("is with a stuffing that was made, and no sooner than it may stand", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { chores } = deriveAny(plan, cook);
        const [made, filled] = (["stuffing", "fill"] as const).map((kind) => chores.find((each) => each.kind === kind));
        const isMade = filled !== undefined && plan.bird.cavity !== "aromatics";
        expect(made !== undefined).toBe(isMade);
        if (!made || !filled) return;
        expect(made.endMs).toBeLessThanOrEqual(filled.startMs);
        const isCold = plan.bird.cut === "leg-roll" || plan.season.stuffing === "cold";
        expect((filled.startMs - made.endMs) / 3_600_000).toBeLessThan(isCold ? 36 : 3);
      }),
      plansAsked(300),
    );
  });

  it("has that time in every plan: nothing else is asked of those hands", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { chores, schedule } = deriveAny(plan, cook);
        const worked = chores
          .filter(({ kind }) => kind === "fill" || kind === "season" || kind === "sear")
          .reduce((minutes, { startMs, endMs }) => minutes + (endMs - startMs) / 60_000, 0);
        expect(worked).toBeCloseTo(workMin(plan, sizeCm), 6);
        const firstMs = Math.min(
          ...chores.filter(({ kind }) => kind === "fill" || kind === "season").map(({ startMs }) => startMs),
        );
        expect(schedule.inAtMs - firstMs).toBeCloseTo(workMin(plan, sizeCm) * 60_000, 0);
      }),
      plansAsked(60),
    );
  });

  it("sears at once what lies side by side in a pan, one after the other what does not", () => {
    const { plan } = sampleRoast();
    const sear = { panC: 180, minutesPerSide: 6 };
    const pieces = (count: number): Plan => ({
      ...ofSo(plan, count),
      sear,
      bird: { ...plan.bird, cut: "boneless-breast", count },
    });
    const minutes = (count: number, length: number, width: number) =>
      searMin(pieces(count), { length, width, height: 5 });
    // Of 10 by 18 cm two lie in it, and turned round as well.
    expect([1, 2, 3, 4].map((count) => minutes(count, 18, 10))).toEqual([17, 17, 29, 29]);
    expect(minutes(4, 10, 18)).toBe(29);
    expect([1, 2, 3, 4].map((count) => minutes(count, 34, 20))).toEqual([17, 29, 41, 53]);
  });
});
