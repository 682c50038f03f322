import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { FIRST_SHARES } from "../core/forecast/shares";
import type { Plan } from "../core/plan/schema";
import { forDinner, forFire } from "../core/plan/together";
import { usualPlan } from "../core/plan/usualPlan";
import { placeDinner } from "../core/schedule/dinner";
import { ANY_PLAN, plansAsked } from "../tests/helpers/anyPlan";
import { simulated } from "../tests/helpers/simulated";
import { dinnerLists, dinnerTimetable, type ListedRoast } from "./dinnerLists";
import type { ListItem } from "./listItem";
import { type Lists, listsOf } from "./lists";
import { timetableOf } from "./timetable";

const usual = (cut: Plan["bird"]["cut"], massKg: number, change: Partial<Plan> = {}): Plan => ({
  ...usualPlan({
    bird: { species: "turkey", cut, massKg, state: "fresh" },
    method: "steady",
    serveAt: "2026-12-20T13:00:00.000Z",
    zone: "UTC",
  }),
  ...change,
});
const potatoes = { id: "p", name: "Potatoes", minutes: 45, ovenC: 163, ring: false, slot: "auto" } as const;

const CHILL = { to21Min: 60, to5Min: 240, keepsTheRule: true };

function listed(...plans: readonly Plan[]): ListedRoast[] {
  const placed = placeDinner(
    plans.map((plan, n) => ({
      id: `r${n}`,
      fire: `r${n}`,
      title: `Roast ${n}`,
      plan,
      simulated: simulated({
        pullMinute: 120 - 20 * n,
        dayAfter: plan.roasted === "day-before" ? { chill: CHILL, reheat: { kind: "hot", minutes: 30 + n } } : null,
      }),
      shares: FIRST_SHARES,
    })),
    0,
  );
  return plans.flatMap((plan, n) => {
    const derived = placed.get(`r${n}`);
    return derived ? [{ id: `r${n}`, name: `Roast ${n}`, plan, derived }] : [];
  });
}

const crown = usual("crown", 2.4, { sides: [potatoes] });
const roll = forDinner(usual("leg-roll", 1.2), crown);

describe("the list of a dinner", () => {
  it("is the roast's own where there is one", () => {
    const [one] = listed(crown);
    if (!one) throw new Error("it was not placed");
    const written = (lists: Lists): string => JSON.stringify(lists);
    expect(written(dinnerLists([one], "metric"))).toBe(written(listsOf(crown, one.derived, "metric")));
    expect(dinnerTimetable([one], "metric")).toEqual(timetableOf(crown, one.derived, "metric"));
  });

  it("has every bird, what they want of one thing as one, and each dish once", () => {
    const all = listed(crown, roll);
    const { buy } = dinnerLists(all, "metric");
    expect(buy.filter(({ what }) => what.startsWith("turkey"))).toHaveLength(2);
    const salt = buy.filter(({ what }) => what === "table salt");
    const grams = all.reduce((sum, { derived }) => sum + derived.salt.grams, 0);
    expect(salt.map(({ amount }) => amount)).toEqual([`${Math.round(grams)} g`]);
    expect(buy.filter(({ what }) => what === "Potatoes")).toHaveLength(1);
  });

  it("forgets nothing of any roast: what both want is added, what each has of its own stands under its name", () => {
    fc.assert(
      fc.property(ANY_PLAN, ANY_PLAN, fc.boolean(), (first, second, isOneFire) => {
        const other = isOneFire ? forFire(second, first) : forDinner(second, first);
        const all = listed(first, other);
        const own = all.map(({ plan, derived }) => listsOf(plan, derived, "metric", "of-a-dinner"));
        const { buy, kit } = dinnerLists(all, "metric");
        const wanted = own.flatMap((lists) => [...lists.buy.slice(1), ...lists.kit]);
        const totalOf = (items: readonly ListItem[], of: ListItem): number =>
          items
            .filter(({ what, sum }) => what === of.what && sum?.said(1) === of.sum?.said(1))
            .reduce((total, { sum }) => total + (sum?.total ?? 0), 0);
        for (const item of wanted) {
          if (item.sum) expect(totalOf([...buy, ...kit], item), item.what).toBeCloseTo(totalOf(wanted, item), 6);
        }
        own.forEach((lists, n) => {
          for (const { what, isOwn } of lists.kit) {
            const named = isOwn ? `Roast ${n}: ${what}` : what;
            expect(kit.filter((item) => item.what === named).length, named).toBe(1);
          }
        });
      }),
      plansAsked(100),
    );
  });

  it("ties two birds with string enough for both", () => {
    const stuffed = usual("whole", 5, { bird: { ...usual("whole", 5).bird, cavity: "stuffed" } });
    const { buy, kit } = dinnerLists(listed(stuffed, forDinner(usual("whole", 5), stuffed)), "metric");
    expect(kit.filter(({ what }) => what === "kitchen string").map(({ amount }) => amount)).toEqual(["2 m"]);
    expect(kit.filter(({ what }) => what.endsWith("rack over a low tray"))).toHaveLength(2);
    expect(buy.filter(({ what }) => what === "oil or soft butter over the skin")).toHaveLength(1);
  });

  it("weighs each bird's salt by itself, portioned over parts only where it has them", () => {
    const { weigh } = dinnerLists(listed(crown, roll), "metric");
    expect(weigh.filter(({ what }) => what.includes("table salt")).map(({ what }) => what.split(":")[0])).toEqual([
      "Roast 0",
      "Roast 1",
    ]);
    expect(weigh.some(({ why }) => why?.includes("drumsticks"))).toBe(false);
    const whole = dinnerLists(listed(usual("whole", 5)), "metric");
    expect(whole.weigh.some(({ why }) => why?.includes("drumsticks"))).toBe(true);
  });

  it("has the times of a roast whose day has moved them, beside one that goes as planned", () => {
    const all = listed(crown, roll);
    const [one, other] = all as [ListedRoast, ListedRoast];
    const late = timetableOf(one.plan, one.derived, "metric").map((row) => ({ ...row, startMs: row.startMs + 1000 }));
    const rows = dinnerTimetable([{ ...one, placed: late }, other], "metric");
    const planned = dinnerTimetable(all, "metric");
    const of = (name: string, those = rows): readonly number[] =>
      those.filter(({ what }) => what.startsWith(`${name}: `)).map(({ startMs }) => startMs);
    expect(of("Roast 0")).toEqual(of("Roast 0", planned).map((ms) => ms + 1000));
    expect(of("Roast 1")).toEqual(of("Roast 1", planned));
    expect(dinnerTimetable([{ ...one, placed: late }], "metric")).toEqual(late);
  });

  it("heats again each that was carved the day before", () => {
    const [one, other] = [crown, roll].map((plan): Plan => ({ ...plan, roasted: "day-before" }));
    const rows = dinnerTimetable(listed(one as Plan, other as Plan), "metric");
    const heatedAgain = rows.map(({ what }) => what).filter((what) => what.includes("carved meat"));
    expect(heatedAgain.sort()).toEqual([0, 1].map((n) => `Roast ${n}: The carved meat, covered: start`));
    expect(rows.filter(({ what }) => what.includes("Potatoes"))).toHaveLength(1);
  });

  it("goes to the table once, its rows in order, no two of one id", () => {
    const rows = dinnerTimetable(listed(crown, roll), "metric");
    expect(rows.filter(({ what }) => what.endsWith("To the table"))).toHaveLength(1);
    expect(rows.map(({ startMs }) => startMs)).toEqual(rows.map(({ startMs }) => startMs).sort((a, b) => a - b));
    expect(new Set(rows.map(({ id }) => id)).size).toBe(rows.length);
  });
});
