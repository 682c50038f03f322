import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, WITH_GRAVY } from "../../tests/helpers/anyPlan";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { simulated } from "../../tests/helpers/simulated";
import { certain, FIRST_SHARES } from "../forecast/shares";
import { METHODS } from "../plan/methods";
import type { Plan } from "../plan/schema";
import { fullStages } from "../processes/stages";
import { fahrenheitToC } from "../units/quantity";
import { MINUTE_MS } from "../units/time";
import { derivePlan, REHEAT_ID, type Simulated } from "./derive";

const { plan } = sampleRoast();
const LONG_BEFORE = Date.parse(plan.serveAt) - 30 * 86_400_000;
const DAY_AFTER: NonNullable<Simulated["dayAfter"]> = {
  chill: { to21Min: 60, to5Min: 240, keepsTheRule: true },
  reheat: { kind: "hot", minutes: 35 },
};
const derive = (change: Partial<Plan> = {}, inAt?: string, more: Partial<Simulated> = {}) =>
  derivePlan({ ...plan, ...change }, simulated(more), FIRST_SHARES, LONG_BEFORE, inAt);

describe("a plan with everything derived", () => {
  it("thaws only what is frozen", () => {
    expect(derive().schedule.tasks[0]?.id).toBe("prepare");
    const frozen = derive({ bird: { ...plan.bird, state: "frozen" } }, undefined, { thawHours: 80 });
    expect(frozen.schedule.tasks[0]?.id).toBe("thaw");
  });

  it("puts no salt on a bird that gets none, and dries it all the same", () => {
    const none = derive({ salt: { ...plan.salt, method: "none" } });
    expect(none.salt.grams).toBe(0);
    expect(none.schedule.tasks.some((task) => task.id === "salt")).toBe(false);
    expect(none.schedule.tasks.some((task) => task.id === "dry")).toBe(true);
  });

  it("salts a bird that thaws in its brine only for what is left of its hours", () => {
    const salt = { ...plan.salt, method: "brine" as const, saltHours: 30 };
    const brined = derive({ bird: { ...plan.bird, state: "frozen" }, thawIn: "brine", salt }, undefined, {
      thawHours: 20,
    });
    const task = brined.schedule.tasks.find(({ id }) => id === "salt");
    expect(((task?.endMs ?? 0) - (task?.startMs ?? 0)) / 3_600_000).toBeLessThan(30);
  });

  it("takes two days of salting and drying for two days, and three for too long", () => {
    // So late in the day that nobody salts in the night.
    const serveAt = new Date(Date.parse(plan.serveAt) + 6 * 60 * MINUTE_MS).toISOString();
    const raw = (saltHours: number, dryHours: number) =>
      derive({ serveAt, salt: { ...plan.salt, method: "dry", saltHours, dryHours } }).conflicts.filter(
        ({ kind }) => kind === "waits-too-long-raw",
      );
    expect(raw(24, 24)).toEqual([]);
    expect(raw(48, 0)).toEqual([]);
    expect(raw(48, 24)).toEqual([{ kind: "waits-too-long-raw", hours: 72, limitDays: 2 }]);
  });

  it("reheats what was roasted the day before as one more dish of the day", () => {
    const made = derive({ roasted: "day-before" }, undefined, { dayAfter: DAY_AFTER });
    const dish = made.sides.find(({ id }) => id === REHEAT_ID);
    expect(dish?.endMs).toBeLessThanOrEqual(Date.parse(plan.serveAt));
    expect(dish?.startMs).toBeGreaterThan(made.schedule.carveAtMs);
  });

  it("is heated again at a mark of the oven's own dial", () => {
    for (const [dial, shown] of [
      ["celsius", 190],
      ["fahrenheit", fahrenheitToC(375)],
    ] as const) {
      const equipment = { ...plan.equipment, dial };
      const { sides } = derive({ roasted: "day-before", equipment }, undefined, { dayAfter: DAY_AFTER });
      expect(sides.find(({ id }) => id === REHEAT_ID)?.ovenC).toBeCloseTo(shown, 9);
    }
  });

  it("calls for what is inside, and for the thermometer, once the ice that it went in with is gone", () => {
    const frozen = { ...plan.bird, state: "frozen" as const };
    const history = simulated().history.map((point) => ({ ...point, coldestC: point.coldestC - 20 }));
    const called = (change: Partial<Plan>, more: Partial<Simulated> = { history }) => {
      const { chores, schedule } = derive(change, undefined, more);
      return chores
        .filter(({ kind }) => kind === "ice-gone")
        .map(({ startMs }) => (startMs - schedule.inAtMs) / MINUTE_MS);
    };
    const goneMin = history.find(({ coldestC }) => coldestC > -1)?.minute;
    expect(goneMin).toBeGreaterThan(30);
    expect(called({ bird: frozen, thawIn: "none" })).toEqual([goneMin]);
    expect(called({ bird: frozen, thawIn: "water" })).toEqual([]);
    expect(called({ bird: { ...plan.bird, state: "fresh" }, thawIn: "none" })).toEqual([]);
  });

  it("sets the plain rule beside it: a quarter of an hour a pound", () => {
    expect(derive().plainRule.roastMin).toBeCloseTo(15 * (5.8 / 0.45359237), 6);
  });

  it("follows the bird that is already in, without telling what should have been", () => {
    const late = derive({}, new Date(Date.parse(plan.serveAt) - 3.6e6).toISOString());
    expect(late.conflicts).toEqual([]);
    expect(late.schedule.inAtMs).toBe(Date.parse(plan.serveAt) - 3.6e6);
  });

  it("keeps each dish on the side of the bird that it was planned for, whenever that went in and however long it takes", () => {
    const moved = fc.record({
      any: ANY_PLAN,
      lateMin: fc.integer({ min: -60, max: 120 }),
      longerMin: fc.integer({ min: 0, max: 90 }),
    });
    fc.assert(
      fc.property(moved, ({ any, lateMin, longerMin }) => {
        const cook = simulated();
        const before = derivePlan(any, cook, FIRST_SHARES, LONG_BEFORE);
        const inAt = new Date(before.schedule.inAtMs + lateMin * MINUTE_MS).toISOString();
        const longer = { ...cook, pullMinute: cook.pullMinute + longerMin };
        const went = derivePlan(any, longer, FIRST_SHARES, LONG_BEFORE, inAt);
        for (const { id, slot } of before.sides) expect(went.sides.find((side) => side.id === id)?.slot, id).toBe(slot);
      }),
      { numRuns: 200 },
    );
  });

  it("lets one pair of hands finish the gravy of a late bird before the knife", () => {
    const cookOf = fc.record({
      pullMinute: fc.integer({ min: 30, max: 600 }),
      lateMin: fc.integer({ min: 0, max: 240 }),
    });
    fc.assert(
      fc.property(WITH_GRAVY, cookOf, (any, { pullMinute, lateMin }) => {
        const plan: Plan = { ...any, roasted: "same-day", equipment: { ...any.equipment, hands: 1 } };
        const inAtMs = Date.parse(plan.serveAt) - (pullMinute - lateMin) * MINUTE_MS;
        const inAt = new Date(inAtMs).toISOString();
        const { chores, schedule } = derivePlan(plan, simulated({ pullMinute }), certain(1), inAtMs, inAt);
        const gravy = chores.find(({ kind }) => kind === "thicken");
        expect(gravy?.endMs).toBeLessThanOrEqual(schedule.carveAtMs);
      }),
    );
  });

  it("says what is too late when there is no time left", () => {
    const { conflicts } = derivePlan(plan, simulated(), FIRST_SHARES, Date.parse(plan.serveAt) - 3.6e6);
    expect(conflicts.filter(({ kind }) => kind === "too-late")).toMatchObject([{ task: "roast" }]);
  });
});

describe("the methods", () => {
  it.each(METHODS)("$id has stages an oven can follow", ({ stages, cuts }) => {
    expect(cuts.length).toBeGreaterThan(0);
    for (const cut of cuts) expect(() => fullStages(stages, cut)).not.toThrow();
  });
});
