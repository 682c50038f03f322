/** One kitchen for all the roasts of a dinner, as a law of random pairs. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, plansAsked, WITH_GRAVY } from "../../tests/helpers/anyPlan";
import { expectOrder } from "../../tests/helpers/orderOfWork";
import { simulated } from "../../tests/helpers/simulated";
import { resourceWords } from "../../words/conflicts";
import { timetableOf } from "../../words/timetable";
import { replan } from "../day/replan";
import { FIRST_SHARES } from "../forecast/shares";
import type { Plan } from "../plan/schema";
import { forDinner, forFire } from "../plan/together";
import { usualPlan } from "../plan/usualPlan";
import { MINUTE_MS } from "../units/time";
import { taskOf } from "./backward";
import { GRAVY_MIN } from "./chores";
import { type DerivedPlan, REHEAT_ID } from "./derive";
import { type DinnerRoast, placeDinner } from "./dinner";
import { withoutPreheating } from "./heatOn";
import { resourceRemedies } from "./resourceRemedies";
import { COLD, type ResourceConflict } from "./resources";
import { givesBones } from "./stock";

const timetablesOf = (all: readonly DerivedPlan[], plans: readonly Plan[]) =>
  all.flatMap((derived, n) => timetableOf(plans[n] as Plan, derived, "metric"));

const SERVE = "2026-12-20T13:00:00.000Z";
const roast = (id: string, plan: Plan, pullMinute = 170, fire = id): DinnerRoast => ({
  id,
  fire,
  title: `Roast ${id}`,
  plan,
  simulated: simulated({ pullMinute }),
  shares: FIRST_SHARES,
});
const usual = (change: Partial<Parameters<typeof usualPlan>[0]> = {}): Plan =>
  usualPlan({
    bird: { species: "turkey", cut: "whole", massKg: 5, state: "fresh" },
    method: "steady",
    serveAt: SERVE,
    zone: "UTC",
    ...change,
  });

describe("several roasts of one dinner", () => {
  it("hold no resource beyond its capacity together, or one of them says so", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, (one, other, first, second) => {
        const { equipment, serveAt, zone } = one;
        const placed = placeDinner(
          [roast("a", one, first.pullMinute), roast("b", { ...other, equipment, serveAt, zone }, second.pullMinute)],
          0,
        );
        const all = [...placed.values()];
        const uses = all.flatMap((derived) => derived.uses);
        const said = (kind: string): boolean =>
          all.some(({ resourceConflicts }) => resourceConflicts.some((conflict) => conflict.kind.startsWith(kind)));
        for (const { startMs } of uses) {
          const now = uses.filter((use) => use.startMs <= startMs && use.endMs > startMs);
          const sum = (of: "rings" | "hands" | "fridgeL"): number => now.reduce((total, use) => total + use[of], 0);
          if (sum("rings") > equipment.rings) expect(said("rings")).toBe(true);
          if (sum("hands") > equipment.hands) expect(said("hands")).toBe(true);
          if (equipment.thermometers === 0 && now.some(({ isRead }) => isRead))
            expect(said("no-thermometer")).toBe(true);
          if (sum("fridgeL") > equipment.fridgeL + 1e-6) expect(said("fridge")).toBe(true);
          const heats = now.flatMap(({ ovenC }) => (ovenC === null ? [] : [ovenC]));
          if (equipment.ovens === 1 && Math.max(...heats) - Math.min(...heats) > 12) expect(said("oven")).toBe(true);
        }
      }),
      plansAsked(50),
    );
  });

  it("never want one pair of hands at two of them: what is done by hand is done one after the other", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, (one, other, first, second) => {
        const placed = placeDinner(
          [roast("a", one, first.pullMinute), roast("b", forDinner(other, one), second.pullMinute)],
          0,
        );
        const between = [...placed.values()]
          .flatMap(({ resourceConflicts }) => resourceConflicts)
          .filter(({ kind, uses }) => kind === "hands-short" && uses.some(({ of }) => of !== undefined));
        expect(between.map(({ uses }) => uses.map(({ id }) => id))).toEqual([]);
      }),
      plansAsked(50),
    );
  });

  it("have an answer for whatever they want of one thing, and what is offered takes it away", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, fc.boolean(), (one, other, first, second, inOneHeat) => {
        const fire = inOneHeat ? "one" : "b";
        const together = inOneHeat ? forFire : forDinner;
        const placedWith = (plan: Plan) =>
          placeDinner(
            [roast("a", plan, first.pullMinute, "one"), roast("b", together(other, plan), second.pullMinute, fire)],
            0,
          ).get("a")?.resourceConflicts ?? [];
        for (const conflict of placedWith(one)) {
          const name = conflict.uses.map(({ id, of = "" }) => `${of} ${id}`).join(" and ");
          // Of two uses of the other roast it is that one that says what helps.
          if (conflict.uses.every(({ of }) => of !== undefined)) continue;
          const remedies = resourceRemedies(conflict, one, placedWith);
          expect(remedies.length, `${conflict.kind}: ${name}`).toBeGreaterThan(0);
        }
      }),
      plansAsked(25),
    );
  });

  it("are eaten when the late one of them is there: the other waits, is placed anew and moves nothing but itself", () => {
    const late = fc.record({ lateMin: fc.integer({ min: 0, max: 240 }), inOneHeat: fc.boolean() });
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, late, (one, other, first, second, { lateMin, inOneHeat }) => {
        const plan = (inOneHeat ? forFire : forDinner)(other, one);
        const a = roast("a", one, first.pullMinute, "one");
        const b = roast("b", plan, second.pullMinute, inOneHeat ? "one" : "b");
        const planned = placeDinner([a, b], 0).get("a") as DerivedPlan;
        expect(planned.schedule.earliestTableMs).toBe(Number.NEGATIVE_INFINITY);
        // It went in late, and is expected as long after that as planned.
        const inAt = new Date(planned.schedule.inAtMs + lateMin * MINUTE_MS).toISOString();
        const [inNow, unmoved] = [...placeDinner([{ ...a, inAt }, b], 0).values()] as [DerivedPlan, DerivedPlan];
        const { schedule, uses } = replan(one, a.simulated, inNow, {
          inAt,
          pullMin: { p10: 0.9 * first.pullMinute, p50: first.pullMinute / 1.003, p90: 1.1 * first.pullMinute },
          pulled: false,
          nowMs: Date.parse(inAt),
        }).renewed;
        const tableMs = MINUTE_MS * Math.ceil(schedule.earliestTableMs / MINUTE_MS);
        expect(schedule.earliestTableMs).toBeLessThanOrEqual(schedule.serveAtMs);
        const waits = placeDinner([{ ...a, inAt }, b], 0, { title: a.title, tableMs, uses });
        const b1 = waits.get("b") as DerivedPlan;
        expect(b1.schedule.serveAtMs).toBeGreaterThanOrEqual(Math.max(tableMs, Date.parse(one.serveAt)));
        if (tableMs <= Date.parse(one.serveAt)) expect(b1.schedule.serveAtMs).toBe(unmoved.schedule.serveAtMs);
        // And is carved when the hands that carve the late one are free.
        const knife = taskOf(b1.schedule, "carve");
        const serving = uses.filter(({ id, startMs, endMs }) => {
          const isAtOnce = startMs < (knife?.endMs ?? 0) - 1 && endMs > (knife?.startMs ?? 0) + 1;
          return isAtOnce && (id === "carve" || id === "thicken");
        });
        if (one.equipment.hands === 1) expect(serving).toEqual([]);
        // Right before it, where it waits for it and rests long enough: what touches is not at once, however it is rounded.
        const late = uses.find(({ id }) => id === "carve");
        const isWaiting =
          tableMs > Date.parse(one.serveAt) && one.roasted === "same-day" && plan.roasted === "same-day";
        // Several birds are carved for longer than the late one, and its gravy, leave the cook alone: then it is before that.
        const knifeMs = (knife?.endMs ?? 0) - (knife?.startMs ?? 0);
        const isRoom = !uses.some(
          ({ hands, startMs, endMs }) =>
            hands > 0 && startMs < (late?.startMs ?? 0) - 1 && endMs > (late?.startMs ?? 0) - knifeMs + 1,
        );
        if (isWaiting && isRoom && one.equipment.hands === 1 && uses.some(({ id }) => id === "thicken"))
          expect(Math.abs((late?.startMs ?? 0) - (knife?.endMs ?? 0))).toBeLessThan(1);
        expectOrder(plan, b1);
      }),
      plansAsked(50),
    );
  });

  it("all wait for the late one of them, and one pair of hands carves one after the other", () => {
    const lateMin = fc.integer({ min: 30, max: 240 });
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, ANY_PLAN, anyCook, lateMin, (any, second, third, cook, lateMin) => {
        const one: Plan = { ...any, roasted: "same-day", equipment: { ...any.equipment, hands: 1 } };
        const [a, b, c] = [
          roast("a", one, cook.pullMinute),
          ...[second, third].map((plan, n) => roast(`${n}`, { ...forDinner(plan, one), roasted: "same-day" })),
        ] as [DinnerRoast, DinnerRoast, DinnerRoast];
        const planned = placeDinner([a, b, c], 0).get("a") as DerivedPlan;
        const inAt = new Date(planned.schedule.inAtMs + lateMin * MINUTE_MS).toISOString();
        const inNow = placeDinner([{ ...a, inAt }, b, c], 0).get("a") as DerivedPlan;
        const { schedule, uses } = inNow;
        const tableMs = schedule.earliestTableMs;
        fc.pre(tableMs > Date.parse(one.serveAt));
        const waits = placeDinner([{ ...a, inAt }, b, c], 0, { title: a.title, tableMs, uses });
        const served = [
          ...uses.filter(({ id }) => id === "carve" || id === "thicken"),
          ...[b, c].map(({ id }) => taskOf((waits.get(id) as DerivedPlan).schedule, "carve")),
        ].sort((x, y) => (x?.startMs ?? 0) - (y?.startMs ?? 0));
        served.forEach((next, n) => {
          const before = served[n - 1];
          if (before) expect(next?.startMs).toBeGreaterThanOrEqual((before.endMs ?? 0) - 1);
        });
        for (const { id } of [b, c]) expect(waits.get(id)?.schedule.serveAtMs).toBeGreaterThanOrEqual(tableMs);
      }),
      plansAsked(50),
    );
  });

  it("keep the order of work each, and the salt each has by itself", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, fc.boolean(), (one, other, first, second, inOneHeat) => {
        const plan = (inOneHeat ? forFire : forDinner)(other, one);
        const both = [
          roast("a", one, first.pullMinute, "one"),
          roast("b", plan, second.pullMinute, inOneHeat ? "one" : "b"),
        ];
        const placed = placeDinner(both, 0);
        for (const each of both) {
          const derived = placed.get(each.id);
          if (!derived) throw new Error(`${each.id} was not placed`);
          expectOrder(each.plan, derived);
          expect(derived.salt).toEqual(placeDinner([each], 0).get(each.id)?.salt);
        }
      }),
      plansAsked(50),
    );
  });

  it("open the bird whose giblets the one gravy takes so early that its stock is done before the first knife", () => {
    const one = usual();
    const plan: Plan = {
      ...one,
      stock: "long",
      salt: { ...one.salt, saltHours: 0, dryHours: 0 },
      serveAt: "2026-11-26T21:00:00.000Z",
    };
    const both = [roast("a", plan, 200), roast("b", plan, 200)];
    const placed = placeDinner(both, 0);
    for (const each of both) expectOrder(each.plan, placed.get(each.id) as DerivedPlan);
  });

  it("find room for two small birds in a usual kitchen, whose one thermometer goes from one to the other", () => {
    const plan = usual({ bird: { species: "chicken", cut: "whole", massKg: 1.6, state: "fresh" } });
    expect(plan.equipment.thermometers).toBe(1);
    const placed = placeDinner([roast("a", plan, 90), roast("b", plan, 90)], 0);
    expect([...placed.values()].flatMap(({ resourceConflicts }) => resourceConflicts)).toEqual([]);
  });

  it("turn the one oven on once, for the one that goes in first", () => {
    const plans = [usual(), usual()];
    const preheats = (equipment: Partial<Plan["equipment"]>) => {
      const own = plans.map((plan): Plan => ({ ...plan, equipment: { ...plan.equipment, ...equipment } }));
      const all = [
        ...placeDinner(
          own.map((plan, n) => roast(`r${n}`, plan, 150 + 20 * n)),
          0,
        ).values(),
      ];
      return timetablesOf(all, own).filter(({ id }) => id === "preheat");
    };
    expect(preheats({})).toHaveLength(1);
    expect(preheats({ ovens: 2 })).toHaveLength(2);
  });

  it("let the one oven cool before one that goes into it cold, or say so, with an answer", () => {
    const cold = (plan: Plan): Plan => ({ ...plan, preheat: { ...plan.preheat, minutes: 0 } });
    const [a, b] = [usual(), cold(usual())];
    // It goes in while the other is in, or the other while it should cool.
    for (const pullMinute of [60, 140]) {
      const placed = (one: Plan, other: Plan) => placeDinner([roast("a", one, 150), roast("b", other, pullMinute)], 0);
      const said = (of: string, one = a, other = b) =>
        placed(one, other)
          .get(of)
          ?.resourceConflicts.filter(({ uses }) => uses.some(({ id }) => id === COLD)) ?? [];
      expect(said("a")).toHaveLength(1);
      const [conflict] = said("b");
      if (!conflict) throw new Error("nothing is said of a cold oven that is hot");
      expect(resourceWords(conflict, b, placed(a, b).get("b") as DerivedPlan, "metric")).toBe(
        `In the 55 min before the bird goes into it cold, the oven is on for ${pullMinute === 60 ? "the bird" : "preheating"} (Roast a)`,
      );
      const remedies = resourceRemedies(conflict, b, (plan) => said("b", a, plan));
      expect(remedies.map(({ does }) => does.kind)).toContain("preheat");
      expect(remedies.map(({ does }) => does.kind)).not.toContain("heat-as-other");
      expect(resourceRemedies(said("a")[0] as ResourceConflict, a, (plan) => said("a", plan)).length).toBeGreaterThan(
        0,
      );
    }
    // Side by side they go into it together.
    const small = cold(usual({ bird: { species: "chicken", cut: "whole", massKg: 1.6, state: "fresh" } }));
    const both = placeDinner([roast("a", small, 90, "one"), roast("b", small, 80, "one")], 0);
    const ovens = [...both.values()].flatMap(({ resourceConflicts }) => resourceConflicts.map(({ kind }) => kind));
    expect(ovens.filter((kind) => kind.startsWith("oven"))).toEqual([]);
  });

  it("are carved one right after the other, the gravy before the first knife, as far as their trays are out by then", () => {
    fc.assert(
      fc.property(WITH_GRAVY, ANY_PLAN, anyCook, anyCook, (one, other, first, second) => {
        fc.pre(one.roasted === "same-day" && one.equipment.hands === 1);
        const plans = [one, { ...forDinner(other, one), roasted: one.roasted }] as const;
        const both = [
          ...placeDinner([roast("a", plans[0], first.pullMinute), roast("b", plans[1], second.pullMinute)], 0),
        ];
        const served = both.map(([, { schedule, chores }], n) => {
          const carve = taskOf(schedule, "carve");
          const gravy = chores.find(({ kind }) => kind === "thicken");
          if (!carve) throw new Error(`${n} is not carved`);
          return { carve, gravy, soonestMs: schedule.pullAtMs.p50 + GRAVY_MIN * MINUTE_MS };
        });
        const [late, early] = served.sort((x, y) => y.carve.startMs - x.carve.startMs);
        const gravy = served.find((each) => each.gravy);
        if (!late || !early || !gravy) throw new Error("nothing is served");
        // Of one that rests so shortly that its tray is not out in time, the gravy may come between.
        if (gravy.soonestMs > early.carve.startMs) return;
        expect(early.carve.endMs).toBe(late.carve.startMs);
        expect(gravy.gravy?.endMs).toBeLessThanOrEqual(early.carve.startMs);
      }),
      plansAsked(50),
    );
  });

  it("are carved side by side where there are two pairs of hands, the gravy done as the first of them begins", () => {
    fc.assert(
      fc.property(WITH_GRAVY, ANY_PLAN, anyCook, anyCook, (any, other, first, second) => {
        // Nothing is made besides, which would want a third pair.
        const equipment = { ...any.equipment, hands: 2 };
        const one: Plan = { ...any, roasted: "same-day", additions: [], equipment };
        const beside: Plan = { ...forDinner(other, one), roasted: one.roasted, additions: [] };
        const both = [
          ...placeDinner([roast("a", one, first.pullMinute), roast("b", beside, second.pullMinute)], 0).values(),
        ];
        const knives = both.map(({ schedule }) => schedule.carveAtMs);
        const firstMs = Math.min(...knives);
        const made = both.find(({ chores }) => chores.some(({ kind }) => kind === "thicken"));
        const gravy = made?.chores.find(({ kind }) => kind === "thicken");
        if (!made || !gravy) throw new Error("there is no gravy");
        // Of one that rests so shortly that its tray is not out in time, the gravy comes later.
        fc.pre(made.schedule.pullAtMs.p50 + GRAVY_MIN * MINUTE_MS <= firstMs);
        expect(gravy.endMs).toBe(firstMs);
        for (const { schedule } of both) expect(taskOf(schedule, "carve")?.endMs).toBe(Date.parse(one.serveAt));
      }),
      plansAsked(50),
    );
  });

  it("have dishes and gravy on the day they are eaten, where one was carved the day before: before the other's knife", () => {
    fc.assert(
      fc.property(WITH_GRAVY, ANY_PLAN, anyCook, anyCook, fc.boolean(), (one, other, first, second, isFirst) => {
        fc.pre(one.equipment.hands === 1);
        const cold: Plan = { ...one, roasted: "day-before" };
        const plans = [cold, { ...forDinner(other, one), roasted: "same-day" as const }];
        const roasts = plans.map((plan, n) => roast(`${n}`, plan, [first, second][n]?.pullMinute));
        const placed = placeDinner(isFirst ? roasts : roasts.toReversed(), 0);
        const [eve, day] = [placed.get("0"), placed.get("1")];
        const carve = day && taskOf(day.schedule, "carve");
        const gravy = [eve, day].flatMap((each) => each?.chores ?? []).find(({ kind }) => kind === "thicken");
        if (!eve || !day || !carve || !gravy) throw new Error("nothing is served");
        const coldMs = taskOf(eve.schedule, "chill")?.startMs ?? Number.POSITIVE_INFINITY;
        expect(eve.sides.filter(({ id, startMs }) => id !== REHEAT_ID || startMs < coldMs)).toEqual([]);
        // Of one that rests so shortly that its tray is not out in time, the gravy may come after.
        if (day.schedule.pullAtMs.p50 + GRAVY_MIN * MINUTE_MS > carve.startMs) return;
        expect(gravy.endMs).toBeLessThanOrEqual(carve.startMs);
        expect(carve.endMs).toBe(Date.parse(one.serveAt));
      }),
      plansAsked(50),
    );
  });

  it("leave one alone as it is, and look at the kitchen once on the eve", () => {
    const alone = placeDinner([roast("a", usual())], 0).get("a");
    const [a, b] = [...placeDinner([roast("a", usual()), roast("b", usual())], 0).values()];
    if (!alone || !a || !b) throw new Error("they were not placed");
    // Its oven is on when it goes in: the other goes in first, for the knife, and one of them turns it on.
    expect(withoutPreheating(a.schedule)).toEqual(withoutPreheating(alone.schedule));
    expect([a, b].map(({ schedule }) => taskOf(schedule, "preheat") !== undefined)).toEqual([false, true]);
    for (const once of ["eve-check", "thicken", "stock"]) {
      const done = [a, b].flatMap(({ chores }) => chores.filter(({ kind }) => kind === once));
      expect(done, once).toHaveLength(1);
    }
    // One knife: one bird after the other, both before the table.
    const [first, second] = [a, b].map(({ schedule }) => taskOf(schedule, "carve"));
    expect(second?.endMs).toBeLessThanOrEqual(first?.startMs ?? 0);
  });

  it("have their gravy from the largest that brings its giblets, whichever was planned first", () => {
    fc.assert(
      fc.property(WITH_GRAVY, ANY_PLAN, anyCook, anyCook, (one, other, first, second) => {
        const plans = [one, forDinner(other, one)];
        const roasts = plans.map((plan, n) => roast(`${n}`, plan, [first, second][n]?.pullMinute));
        const makers = [roasts, roasts.toReversed()].map((ordered) => {
          const placed = placeDinner(ordered, 0);
          return roasts.filter(({ id }) => placed.get(id)?.chores.some(({ kind }) => kind === "thicken"));
        });
        const kgOf = ({ plan: { bird } }: DinnerRoast): number => bird.massKg * bird.count;
        const bestOf = roasts.some(({ plan }) => givesBones(plan))
          ? ({ plan }: DinnerRoast) => givesBones(plan)
          : () => true;
        const mostKg = Math.max(...roasts.filter(bestOf).map(kgOf));
        for (const made of makers) {
          expect(made).toHaveLength(1);
          expect(made.map((each) => [bestOf(each), kgOf(each)])).toEqual([[true, mostKg]]);
        }
      }),
      plansAsked(50),
    );
  });

  it("stay so on the day: the second, placed again, makes no gravy of its own", () => {
    const second = roast("b", usual());
    const planned = placeDinner([roast("a", usual()), second], 0).get("b");
    if (!planned) throw new Error("it was not placed");
    const inAtMs = planned.schedule.inAtMs;
    const at = { inAt: new Date(inAtMs).toISOString(), pullMin: { p10: 180, p50: 190, p90: 200 }, pulled: false };
    const { begun, coming } = replan(second.plan, second.simulated, planned, { ...at, nowMs: inAtMs + 3_600_000 });
    const rows = [...begun, ...coming];
    expect(rows.some(({ id }) => id.startsWith("thicken"))).toBe(false);
    expect(rows.some(({ id }) => id.startsWith("loosen"))).toBe(true);
  });

  it("have their dishes once, around the one in the oven", () => {
    const dishes: Plan["sides"] = [
      { id: "potatoes", name: "Potatoes", minutes: 45, ovenC: 163, ring: false, slot: "auto" },
    ];
    const plan = { ...usual(), sides: dishes };
    const placed = placeDinner([roast("a", { ...plan, heat: "covered-grill" }), roast("b", plan)], 0);
    expect([...placed.values()].map(({ sides }) => sides.length)).toEqual([0, 1]);
  });

  it("feed the table together", () => {
    const alone = placeDinner([roast("a", usual())], 0).get("a")?.portions;
    const [a, b] = [...placeDinner([roast("a", usual()), roast("b", usual())], 0).values()];
    expect(a?.portions).toEqual(b?.portions);
    expect(a?.portions.eachKg).toBeCloseTo(2 * (alone?.eachKg ?? 0), 9);
  });

  it("want one oven at two heats: both say so, with which, and a remedy", () => {
    const hot = usual({
      method: "hot-flat",
      bird: { species: "turkey", cut: "spatchcock", massKg: 5, state: "fresh" },
    });
    const placed = placeDinner([roast("a", usual()), roast("b", hot)], 0);
    for (const [id, plan] of [
      ["a", usual()],
      ["b", hot],
    ] as const) {
      const conflict = placed.get(id)?.resourceConflicts.find(({ kind }) => kind === "oven-two-temperatures");
      expect(conflict?.uses.map(({ of }) => of).filter(Boolean)).toEqual([id === "a" ? "Roast b" : "Roast a"]);
      if (conflict) expect(resourceRemedies(conflict, plan).length).toBeGreaterThan(0);
    }
    const outdoors = placeDinner([roast("a", usual()), roast("b", { ...hot, heat: "covered-grill" })], 0);
    const kinds = [...outdoors.values()].flatMap(({ resourceConflicts }) => resourceConflicts.map(({ kind }) => kind));
    expect(kinds.filter((kind) => kind.startsWith("oven"))).toEqual([]);
  });
});

describe("several pieces of one heat", () => {
  const whole = usual();
  const crown: Plan = { ...whole, bird: { ...whole.bird, cut: "crown", massKg: 2.4 } };
  const roll: Plan = { ...whole, bird: { ...whole.bird, cut: "leg-roll", massKg: 1.2 } };
  const placed = (first = crown, second = roll) =>
    placeDinner([roast("a", first, 110, "one"), roast("b", second, 80, "one")], 0);

  it("go in together when the one that takes longest has to, and leave one by one", () => {
    const [a, b] = [...placed().values()];
    expect(b?.schedule.inAtMs).toBe(a?.schedule.inAtMs);
    expect((a?.schedule.pullAtMs.p50 ?? 0) - (b?.schedule.pullAtMs.p50 ?? 0)).toBe(30 * 60_000);
    // The roll is filled besides, and the work at the board of each ends by ten in the evening: near each other all the same.
    const [crownMs = 0, rollMs = 0] = [a, b].map(
      (each) => each?.schedule.tasks.find(({ id }) => id === "salt")?.startMs,
    );
    expect(Math.abs(crownMs - rollMs)).toBeLessThanOrEqual(15 * MINUTE_MS);
  });

  it("are dressed, salted and tended in one go, and want nothing of each other but the knife", () => {
    const hot = {
      stages: [
        { fromMin: 0, airC: 220 },
        { fromMin: 20, airC: 160 },
      ],
    };
    const all = [...placed({ ...crown, ...hot }, { ...roll, ...hot }).values()];
    expect(all.flatMap(({ resourceConflicts }) => resourceConflicts)).toEqual([]);
    const kinds = all.flatMap(({ chores }) => chores.map(({ kind }) => kind));
    for (const once of ["stage", "stock", "thicken", "eve-check", "loosen"]) {
      expect(
        kinds.filter((kind) => kind === once),
        once,
      ).toHaveLength(1);
    }
    const ovens = timetablesOf(all, [crown, roll]).filter(({ id }) => id === "preheat");
    expect(ovens).toHaveLength(1);
  });

  it("say so where one is done long before it is carved", () => {
    const early = placeDinner([roast("a", crown, 240, "one"), roast("b", roll, 60, "one")], 0).get("b");
    expect(early?.conflicts.map(({ kind }) => kind)).toContain("done-too-soon");
    const apart = placeDinner([roast("a", crown, 240), roast("b", roll, 60)], 0).get("b");
    expect(apart?.conflicts.map(({ kind }) => kind)).not.toContain("done-too-soon");
  });

  it("hold together as a law: one moment in, nothing of the heat done twice, each with an answer", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, (one, other, first, second) => {
        const plan = forFire(other, one);
        const all = [
          ...placeDinner(
            [roast("a", one, first.pullMinute, "one"), roast("b", plan, second.pullMinute, "one")],
            0,
          ).values(),
        ];
        expect(new Set(all.map(({ schedule }) => schedule.inAtMs)).size).toBe(1);
        const kinds = all.map(({ chores }) => new Set(chores.map(({ kind }) => kind)));
        for (const once of ["stage", "baste", "fuel", "thicken"] as const) {
          expect(kinds.filter((of) => of.has(once)).length).toBeLessThanOrEqual(1);
        }
        for (const row of timetablesOf(all, [one, plan])) expect(row.what).not.toMatch(/NaN|undefined/);
      }),
      plansAsked(50),
    );
  });
});
