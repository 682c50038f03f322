/** Laws of every plan, on thousands of random ones. */

import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { simulated } from "../../tests/helpers/simulated";
import { listsOf } from "../../words/lists";
import { SALT_NAMES } from "../../words/names";
import { timetableOf } from "../../words/timetable";
import { eachBird, itOrEach } from "../../words/titles";
import { FIRST_SHARES } from "../forecast/shares";
import { roughThawHours, waitsHours } from "../kitchen/thaw";
import type { Plan } from "../plan/schema";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { taskOf } from "./backward";
import type { Told } from "./conflicts";
import { derivePlan } from "./derive";
import { handsOnSaltMin, workMin } from "./dressing";
import { remediesOf } from "./remedies";
import type { Use } from "./resources";
import { SAME_OVEN_K } from "./sides";
import { EVENING, isWithin, WAKING } from "./waking";

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

/** From when the cook is up to when not any more, of one day. */
const isByDay = (startMs: number, endMs: number, zone: string): boolean =>
  isWithin(startMs, zone, WAKING) &&
  isWithin(endMs, zone, WAKING) &&
  (endMs - startMs) / HOUR_MS < WAKING.until - WAKING.from;
const expectByDay = (startMs: number, endMs: number, zone: string): void =>
  expect(isByDay(startMs, endMs, zone)).toBe(true);

describe("every plan", () => {
  it("tells of no clash in its kitchen that is over, and of all that are still to come", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.double({ min: 0, max: 60, noNaN: true }), (plan, cook, hoursBefore) => {
        const nowMs = Date.parse(plan.serveAt) - hoursBefore * HOUR_MS;
        const before = deriveAny(plan, cook).resourceConflicts;
        const now = deriveAny(plan, cook, undefined, nowMs).resourceConflicts;
        const isOver = ({ uses }: (typeof now)[number]): boolean =>
          Math.min(...uses.map(({ endMs }) => endMs)) <= nowMs;
        expect(now.filter(isOver)).toEqual([]);
        expect(now).toEqual(expect.arrayContaining(before.filter((conflict) => !isOver(conflict))));
      }),
      plansAsked(80),
    );
  });

  it("holds no resource beyond its capacity, minute by minute, or says so", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { uses, resourceConflicts } = deriveAny(plan, cook);
        const { equipment } = plan;
        const reported = (kind: string): boolean =>
          resourceConflicts.some((conflict) => conflict.kind.startsWith(kind));
        for (const { startMs } of uses) {
          const now = uses.filter((use) => use.startMs <= startMs && use.endMs > startMs);
          const sum = (of: "rings" | "hands" | "fridgeL"): number => now.reduce((total, use) => total + use[of], 0);
          if (sum("rings") > equipment.rings) expect(reported("rings")).toBe(true);
          if (sum("hands") > equipment.hands) expect(reported("hands")).toBe(true);
          if (equipment.thermometers === 0 && now.some(({ isRead }) => isRead))
            expect(reported("no-thermometer")).toBe(true);
          if (sum("fridgeL") > equipment.fridgeL + 1e-6) expect(reported("fridge")).toBe(true);
          if (ovensNeeded(now) > equipment.ovens) expect(reported("oven")).toBe(true);
        }
        const outside = resourceConflicts.filter(
          ({ uses: [one, other], fromMs }) => one.startMs > fromMs || other.endMs <= fromMs,
        );
        expect(outside).toEqual([]);
      }),
      plansAsked(300),
    );
  });

  it("has everything ready before the table, in an order a cook can follow", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const serveAtMs = Date.parse(plan.serveAt);
        const { schedule, sides, chores } = deriveAny(plan, cook);
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
      plansAsked(300),
    );
  });

  it("has its dishes on the day they are eaten, whichever day its bird is roasted on", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (any, cook) => {
        const { schedule, sides } = deriveAny({ ...any, roasted: "day-before" }, cook);
        const coldMs = taskOf(schedule, "chill")?.startMs ?? Number.POSITIVE_INFINITY;
        expect(sides.filter(({ startMs }) => startMs < coldMs)).toEqual([]);
      }),
      plansAsked(300),
    );
  });

  it("has nothing to do around the bird before it was made: what belonged to an evening that is over comes on the day", () => {
    const placedFreely = ["eve-check", "stock", "make", "mix-brine"];
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.double({ min: 0.5, max: 30, noNaN: true }), (plan, cook, hoursAhead) => {
        const { schedule, chores } = deriveAny(plan, cook);
        const madeMs = schedule.inAtMs - hoursAhead * HOUR_MS;
        const made = deriveAny(plan, cook, undefined, madeMs, { taken: [], madeMs });
        for (const { kind, n, startMs } of made.chores.filter((chore) => placedFreely.includes(chore.kind))) {
          // What was wanted by then stays where it was; a pot goes on with what the bird brings.
          const placedMs = chores.find((chore) => chore.kind === kind && chore.n === n)?.startMs ?? madeMs;
          const openedMs = taskOf(made.schedule, "prepare")?.endMs ?? madeMs;
          expect(startMs, kind).toBeGreaterThanOrEqual(Math.min(madeMs, kind === "stock" ? openedMs : placedMs));
        }
      }),
      plansAsked(150),
    );
  });

  it("opens a bird for a stock of eight hours by day, so early that its pot simmers by day", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const salt = { ...plan.salt, method: "none" as const, dryHours: 0 };
        const lunch = { ...plan, salt, stock: "long" as const, serveAt: `${plan.serveAt.slice(0, 10)}T13:30:00.000Z` };
        const { schedule, chores } = deriveAny({ ...lunch, zone: "UTC", roasted: "same-day" }, cook);
        const [prepare, roast] = [taskOf(schedule, "prepare"), taskOf(schedule, "roast")];
        // What is done right before the heat, or before it stands on the counter, goes with the heat, whenever that is.
        const workedOnMs = workMin({ ...lunch, roasted: "same-day" }, simulated().sizeCm) * MINUTE_MS;
        if (!prepare || !roast || roast.startMs - workedOnMs - prepare.endMs < 2 * HOUR_MS) return;
        expect(isWithin(prepare.startMs, "UTC", WAKING)).toBe(true);
        for (const { kind, startMs, endMs } of chores) if (kind === "stock") expectByDay(startMs, endMs, "UTC");
      }),
      plansAsked(300),
    );
  });

  it("asks nobody to get up in the night for what can be done by day", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { schedule, chores, conflicts, uses } = deriveAny(plan, cook);
        const thaw = taskOf(schedule, "thaw");
        if (thaw && !isWithin(thaw.startMs, plan.zone, WAKING)) {
          expect(plan.thawIn).toBe("water");
          expect(conflicts).toContainEqual(expect.objectContaining({ kind: "at-night", task: "thaw" }));
        }
        // What is salted at the oven goes with the oven, whenever that is.
        const salt = taskOf(schedule, "salt");
        const prepare = taskOf(schedule, "prepare");
        if (salt?.lane === "cold" && prepare) {
          const saltedMs = prepare.endMs + handsOnSaltMin(plan) * MINUTE_MS;
          expectByDay(prepare.startMs, saltedMs, plan.zone);
        }
        for (const { kind, startMs, endMs } of chores) {
          if (kind === "eve-check") expect(isWithin(startMs, plan.zone, EVENING), plan.serveAt).toBe(true);
          if (kind === "mix-brine") expectByDay(startMs, endMs, plan.zone);
          // What is opened too late to simmer by day gives its giblets in the night.
          if (kind === "stock" && startMs !== taskOf(schedule, "prepare")?.endMs)
            expectByDay(startMs, endMs, plan.zone);
          else if (kind === "stock") {
            const gravyMs = chores.find((chore) => chore.kind === "thicken")?.startMs ?? Number.POSITIVE_INFINITY;
            const simmers = (fromMs: number): boolean => isByDay(fromMs, fromMs + endMs - startMs, plan.zone);
            const later = (n: number): number => startMs + (n + 1) * HOUR_MS;
            // A pot wants a hand for ten minutes.
            const isFree = (ms: number): boolean =>
              uses.every((use) => use.hands === 0 || use.endMs <= ms || use.startMs >= ms + 10 * MINUTE_MS);
            const couldBegin = Array.from({ length: 72 }, (_, n) => later(n)).find(
              (ms) => ms + endMs - startMs + 0.25 * HOUR_MS <= gravyMs && simmers(ms) && isFree(ms),
            );
            if (!simmers(startMs)) expect(couldBegin).toBeUndefined();
          }
        }
      }),
      plansAsked(300),
    );
  });

  it("can be read: no row without words, no amount that is no number", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.constantFrom("metric", "us" as const), (plan, cook, units) => {
        const derived = deriveAny(plan, cook);
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
      plansAsked(250),
    );
  });

  it("weighs salt out for each of several birds, and buys it for all of them", () => {
    const several = fc.tuple(ANY_PLAN, fc.integer({ min: 2, max: 4 })).map(([plan, count]): Plan => {
      const salt = { ...plan.salt, method: "dry" as const, percent: 1, injectPercent: 0, saltHours: 24 };
      return { ...plan, salt, thawIn: "fridge", additions: [], bird: { ...plan.bird, preSalted: false, count } };
    });
    fc.assert(
      fc.property(several, anyCook, (plan, cook) => {
        const derived = deriveAny(plan, cook);
        // One per cent of one bird's mass as bought, by its definition.
        const eachGrams = Math.round(10 * plan.bird.massKg);
        // Less is a pinch.
        fc.pre(eachGrams > 0);
        const said = timetableOf(plan, derived, "metric").find(({ what }) => what.startsWith("Salt "));
        expect(said?.what).toBe(`Salt ${itOrEach(plan.bird)} all over: ${eachGrams} g`);
        const { buy, weigh } = listsOf(plan, derived, "metric");
        const name = SALT_NAMES[plan.salt.kind];
        expect(weigh.find(({ what }) => what === `${name} for ${eachBird(plan.bird)}`)?.amount).toMatch(
          new RegExp(`^${eachGrams} g(,|$)`),
        );
        expect(buy.find(({ what }) => what === name)?.sum?.total).toBeCloseTo(
          10 * plan.bird.massKg * plan.bird.count,
          6,
        );
      }),
      plansAsked(100),
    );
  });

  it("simmers no stock for a gravy that takes water, and buys for every stock that simmers", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const derived = deriveAny(plan, cook);
        const pots = derived.chores.filter(({ kind }) => kind === "stock").length;
        const takesStock = derived.gravy !== null && derived.gravy.liquid !== "water";
        if (!takesStock) expect(pots).toBe(plan.morePots.length);
        const { buy } = listsOf(plan, derived, "metric");
        const isBought = buy.some(({ what }) => what.startsWith("onion, carrot"));
        expect(isBought).toBe(pots > 0 || (plan.stock === "tray" && takesStock));
      }),
      plansAsked(200),
    );
  });

  it("moves as one when it is eaten later, but for what waits for the morning", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const later = { ...plan, serveAt: new Date(Date.parse(plan.serveAt) + 10 * MINUTE_MS).toISOString() };
        const [now, then] = [deriveAny(plan, cook).schedule, deriveAny(later, cook).schedule];
        if (plan.roasted === "same-day") expect(then.inAtMs - now.inAtMs).toBe(10 * MINUTE_MS);
        else expect(then.inAtMs).toBeGreaterThanOrEqual(now.inAtMs);
      }),
      plansAsked(300),
    );
  });

  it("is not told that it is late while it is followed: asked once whether it has begun, and told only when made too late", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        anyCook,
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (plan, { pullMinute }, share) => {
          const at = (nowMs: number, told?: Told) =>
            derivePlan(plan, simulated({ pullMinute }), FIRST_SHARES, nowMs, undefined, undefined, told);
          const { schedule } = at(0);
          const [first] = schedule.tasks;
          if (!first || first.startMs >= schedule.inAtMs) return;
          const nowMs = first.startMs + share * (schedule.inAtMs - first.startMs);
          const late = (madeMs: number, ...ticked: string[]) =>
            at(nowMs, { madeMs, ticked }).conflicts.filter(({ kind }) => kind === "too-late");
          const [before, after] = [first.startMs - HOUR_MS, nowMs];
          expect(late(before)).toMatchObject([{ task: first.id, isAsked: true }]);
          expect(late(after)).toMatchObject([{ task: first.id, isAsked: false }]);
          // The chores around it say nothing of it.
          expect(late(before, "eve-check-1")).toHaveLength(1);
          for (const madeMs of [before, after]) expect(late(madeMs, first.id)).toEqual([]);
          for (const told of [before, after].map((madeMs) => ({ madeMs, ticked: [first.id] })))
            expect(at(schedule.inAtMs + HOUR_MS, told).conflicts).toMatchObject(
              expect.arrayContaining([expect.objectContaining({ kind: "too-late", task: "roast", isAsked: false })]),
            );
        },
      ),
      plansAsked(150),
    );
  });

  it("is told of its ice where the cook says that its thaw began late, and every remedy takes that away", () => {
    fc.assert(
      fc.property(
        ANY_PLAN.map((plan): Plan => ({ ...plan, thawIn: "fridge", bird: { ...plan.bird, state: "frozen" } })),
        anyCook,
        fc.double({ min: 20, max: 120, noNaN: true }),
        fc.double({ min: 2, max: 60, noNaN: true }),
        (plan, { pullMinute }, thawHours, lateHours) => {
          const thawing = (changed: Plan, thawBegunMs?: number) =>
            derivePlan(
              changed,
              simulated({ pullMinute, thawHours: changed.thawIn === "water" ? 8 : thawHours }),
              FIRST_SHARES,
              thawBegunMs ?? 0,
              undefined,
              undefined,
              // Another thaw has not begun yet.
              changed.thawIn === plan.thawIn && thawBegunMs !== undefined
                ? { madeMs: 0, ticked: ["thaw"], thawBegunMs }
                : { madeMs: 0, ticked: [] },
            );
          const { schedule } = thawing(plan);
          const thaw = taskOf(schedule, "thaw");
          const begunMs = (thaw?.endMs ?? 0) - (thawHours - lateHours) * HOUR_MS;
          if (!thaw || begunMs >= schedule.inAtMs) return;
          const told = (changed: Plan) => thawing(changed, begunMs).conflicts.find(({ kind }) => kind === "thaws-late");
          const late = told(plan);
          expect(late).toMatchObject({ begunMs, readyMs: begunMs + thawHours * HOUR_MS });
          if (late?.kind !== "thaws-late") return;
          expect(late.byMs / HOUR_MS).toBeCloseTo(lateHours, 6);
          const remedies = remediesOf(late, plan, (changed) => thawing(changed, begunMs).conflicts);
          for (const { change } of remedies) expect(told(change(plan))).toBeUndefined();
        },
      ),
      plansAsked(40),
    );
  });

  it("of one day begins within a day and a half and the hours that it waits before its dinner", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, { pullMinute }) => {
        const thawHours = plan.bird.state === "fresh" ? 0 : roughThawHours(plan.bird.massKg, plan.thawIn);
        const { schedule } = deriveAny(
          { ...plan, roasted: "same-day" },
          { pullMinute, thawHours: Math.max(1, thawHours) },
        );
        const leadHours = (schedule.serveAtMs - (schedule.tasks[0]?.startMs ?? Number.NaN)) / HOUR_MS;
        expect(leadHours).toBeLessThan(36 + waitsHours(plan));
      }),
      plansAsked(200),
    );
  });
});
