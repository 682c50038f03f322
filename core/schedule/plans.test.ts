/** Laws of every plan, on thousands of random ones. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN } from "../../tests/helpers/anyPlan";
import { simulated } from "../../tests/helpers/simulated";
import { FIRST_SHARES } from "../forecast/band";
import type { Plan } from "../plan/schema";
import { taskOf } from "./backward";
import { type DerivedPlan, derivePlan } from "./derive";
import { listsOf } from "./lists";
import type { Use } from "./resources";
import { SAME_OVEN_K } from "./sides";
import { timetableOf } from "./timetable";
import { EVENING, isWithin, WAKING } from "./waking";

const MINUTE = 60_000;
const DAY_AFTER = {
  chill: { to21Min: 60, to5Min: 240, keepsTheRule: true },
  reheat: { kind: "hot", minutes: 35 },
} as const;

const anyCook = fc.record({
  pullMinute: fc.integer({ min: 30, max: 600 }),
  thawHours: fc.integer({ min: 1, max: 140 }),
});
type AnyCook = { pullMinute: number; thawHours: number };

const derive = (plan: Plan, { pullMinute, thawHours }: AnyCook): DerivedPlan =>
  derivePlan(
    plan,
    simulated({
      pullMinute,
      thawHours: plan.bird.state === "fresh" || plan.thawIn === "none" ? 0 : thawHours,
      dayAfter: plan.roasted === "day-before" ? DAY_AFTER : null,
    }),
    FIRST_SHARES,
    Date.parse(plan.serveAt) - 30 * 86_400_000,
  );

/** The fewest ovens that hold these at once, by trying every way to share them out: independent of how conflicts are found. */
function ovensNeeded(uses: readonly Use[]): number {
  const hot = uses.filter(({ ovenC }) => ovenC !== null);
  const place = (n: number, ovens: readonly Use[][]): number => {
    const use = hot[n];
    if (!use) return ovens.length;
    let least = place(n + 1, [...ovens, [use]]);
    ovens.forEach((oven, at) => {
      const agrees = oven.every((other) => Math.abs((other.ovenC as number) - (use.ovenC as number)) <= SAME_OVEN_K);
      const share = oven.reduce((sum, { ovenShare }) => sum + ovenShare, use.ovenShare);
      if (agrees && share <= 1 + 1e-9) least = Math.min(least, place(n + 1, ovens.with(at, [...oven, use])));
    });
    return least;
  };
  return place(0, []);
}

describe("every plan", () => {
  it("holds no resource beyond its capacity, minute by minute, or says so", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { uses, resourceConflicts } = derive(plan, cook);
        const { equipment } = plan;
        const reported = (kind: string): boolean =>
          resourceConflicts.some((conflict) => conflict.kind.startsWith(kind));
        for (const { startMs } of uses) {
          const now = uses.filter((use) => use.startMs <= startMs && use.endMs > startMs);
          const sum = (of: "rings" | "hands" | "thermometers" | "fridgeL"): number =>
            now.reduce((total, use) => total + use[of], 0);
          if (sum("rings") > equipment.rings) expect(reported("rings")).toBe(true);
          if (sum("hands") > equipment.hands) expect(reported("hands")).toBe(true);
          if (sum("thermometers") > equipment.thermometers) expect(reported("thermometers")).toBe(true);
          if (sum("fridgeL") > equipment.fridgeL + 1e-6) expect(reported("fridge")).toBe(true);
          if (ovensNeeded(now) > equipment.ovens) expect(reported("oven")).toBe(true);
        }
        const outside = resourceConflicts.filter(
          ({ uses: [one, other], fromMs }) => one.startMs > fromMs || other.endMs <= fromMs,
        );
        expect(outside).toEqual([]);
      }),
      { numRuns: 2000 },
    );
  });

  it("has everything ready before the table, in an order a cook can follow", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const serveAtMs = Date.parse(plan.serveAt);
        const { schedule, sides, chores } = derive(plan, cook);
        const isReady = ({ startMs, endMs }: { startMs: number; endMs: number }): boolean =>
          endMs >= startMs && endMs <= serveAtMs;
        const [table, ...tasks] = schedule.tasks.toReversed();
        expect(table?.id).toBe("table");
        expect([...tasks, ...sides, ...chores].filter((each) => !isReady(each))).toEqual([]);
        const eve = chores.find(({ kind }) => kind === "eve-check");
        expect(eve?.endMs).toBeLessThanOrEqual(schedule.inAtMs);
        const order = ["thaw", "prepare", "salt", "dry", "roast", "rest", "carve", "chill", "table"] as const;
        const starts = order.flatMap((id) => taskOf(schedule, id)?.startMs ?? []);
        expect(starts).toEqual([...starts].sort((a, b) => a - b));
      }),
      { numRuns: 2000 },
    );
  });

  it("asks nobody to get up in the night for what can be done by day", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { schedule, chores, conflicts } = derive(plan, cook);
        const thaw = taskOf(schedule, "thaw");
        if (thaw && !isWithin(thaw.startMs, plan.zone, WAKING)) {
          expect(plan.thawIn).toBe("water");
          expect(conflicts).toContainEqual(expect.objectContaining({ kind: "at-night", task: "thaw" }));
        }
        // What is salted at the oven goes with the oven, whenever that is.
        const salt = taskOf(schedule, "salt");
        if (salt) expect(isWithin(taskOf(schedule, "prepare")?.startMs ?? 0, plan.zone, WAKING)).toBe(true);
        for (const { kind, startMs } of chores) {
          if (kind === "eve-check") expect(isWithin(startMs, plan.zone, EVENING), plan.serveAt).toBe(true);
          if (kind === "stock" || kind === "mix-brine") expect(isWithin(startMs, plan.zone, WAKING)).toBe(true);
        }
      }),
      { numRuns: 1000 },
    );
  });

  it("can be read: no row without words, no amount that is no number", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.constantFrom("metric", "us" as const), (plan, cook, units) => {
        const derived = derive(plan, cook);
        const rows = timetableOf(plan, derived, units);
        expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
        const { buy, weigh, kit } = listsOf(plan, derived, units);
        const texts = [
          ...rows.map(({ what, detail }) => [what, detail].join("|")),
          ...[...buy, ...weigh, ...kit].map(({ what, amount, why }) => [what, amount, why].join("|")),
        ];
        expect(rows.filter(({ what }) => what === "")).toEqual([]);
        expect(texts.filter((text) => /NaN|undefined|null|Infinity/.test(text))).toEqual([]);
        const starts = rows.map(({ startMs }) => startMs);
        expect(starts).toEqual([...starts].sort((a, b) => a - b));
      }),
      { numRuns: 500 },
    );
  });

  it("moves as one when it is eaten later, but for what waits for the morning", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const later = { ...plan, serveAt: new Date(Date.parse(plan.serveAt) + 10 * MINUTE).toISOString() };
        const [now, then] = [derive(plan, cook).schedule, derive(later, cook).schedule];
        if (plan.roasted === "same-day") expect(then.inAtMs - now.inAtMs).toBe(10 * MINUTE);
        else expect(then.inAtMs).toBeGreaterThanOrEqual(now.inAtMs);
      }),
      { numRuns: 300 },
    );
  });
});
