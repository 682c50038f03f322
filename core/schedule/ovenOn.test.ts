/** A dish finds its oven hot: something is in it, has just come out of it, or a row of the timetable turns it on. */
import fc from "fast-check";
import { expect, it } from "vitest";
import { ANY_PLAN, anyCook, plansAsked } from "../../tests/helpers/anyPlan";
import { simulated } from "../../tests/helpers/simulated";
import { FIRST_SHARES } from "../forecast/shares";
import type { HeatSource } from "../heat/sources";
import type { Plan, Side } from "../plan/schema";
import { forDinner } from "../plan/together";
import { usualPlan } from "../plan/usualPlan";
import { MINUTE_MS } from "../units/time";
import { type DerivedPlan, REHEAT_ID } from "./derive";
import { type DinnerRoast, placeDinner } from "./dinner";
import { COLD, type Use } from "./resources";
import { rowsOf } from "./rows";

const LEAD_MS = 25 * MINUTE_MS;
const roast = (id: string, plan: Plan, pullMinute = 100): DinnerRoast => ({
  id,
  fire: id,
  title: `Roast ${id}`,
  plan,
  simulated: simulated({ pullMinute }),
  shares: FIRST_SHARES,
});
const placed = (...roasts: DinnerRoast[]): DerivedPlan[] => [...placeDinner(roasts, 0).values()];
const dish = (name: string, minutes: number, ovenC: number, slot: Side["slot"] = "auto"): Side => ({
  id: name,
  name,
  minutes,
  ovenC,
  ring: false,
  slot,
});
const chicken = (heat: HeatSource, sides: readonly Side[], ovens = 1): Plan => {
  const plan = usualPlan({
    bird: { species: "chicken", cut: "whole", massKg: 1.8, state: "fresh" },
    method: "steady",
    serveAt: "2026-12-20T13:00:00.000Z",
    zone: "UTC",
  });
  return { ...plan, heat, sides: [...sides], equipment: { ...plan.equipment, ovens } };
};
/** For which dishes the oven is turned on, in order. */
const turnedOn = (all: readonly DerivedPlan[]): string[] =>
  all
    .flatMap(rowsOf)
    .sort((one, other) => one.startMs - other.startMs)
    .flatMap(({ about }) => (about.kind === "oven-on" ? [about.side.id] : []));

it("as a law of random dinners, and nobody turns on the one oven while it is hot", () => {
  fc.assert(
    fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, (one, other, first, second) => {
      const all = placed(roast("a", one, first.pullMinute), roast("b", forDinner(other, one), second.pullMinute));
      const hot = all.flatMap(({ uses }) => uses).filter(({ ovenC, id }) => ovenC !== null && id !== COLD);
      for (const derived of all) {
        const rows = rowsOf(derived);
        for (const { id, ovenC, slot, startMs } of derived.sides) {
          if (ovenC === null || slot === "tray") continue;
          const isThere = (use: Use): boolean => use.startMs < startMs && use.endMs > startMs - LEAD_MS;
          // Of dishes that go in together one is enough.
          const isHot = hot.some((use) => isThere(use) || (use.startMs === startMs && use.id !== id));
          const on = rows.find((row) => row.id === `oven-${id}`);
          if (!isHot) expect(on?.endMs, `${id} into a cold oven`).toBe(startMs);
          if (one.equipment.ovens === 1 && hot.some(isThere)) expect(on).toBeUndefined();
        }
      }
    }),
    plansAsked(100),
  );
});

it("whose bird is over a fire, or is not in yet", () => {
  const [onGrill, inOven] = (["covered-grill", "oven"] as const).map((heat) =>
    placed(roast("a", chicken(heat, [dish("loaf", 40, 220, "before"), dish("roots", 30, 200)]))),
  );
  expect(turnedOn(onGrill ?? [])).toEqual(["loaf", "roots"]);
  // The second follows the bird.
  expect(turnedOn(inOven ?? [])).toEqual(["loaf"]);
});

it("once for dishes that go in together, or one after the other", () => {
  const three = [dish("roots", 30, 200), dish("gratin", 30, 195), dish("loaf", 30, 200)];
  const plan = chicken("spit", three);
  expect(plan.equipment.dishesInOven).toBe(2);
  expect(turnedOn(placed(roast("a", { ...plan, sides: three.slice(0, 2) })))).toEqual(["roots"]);
  // What finds no room beside them goes in before them.
  expect(turnedOn(placed(roast("a", plan)))).toEqual(["loaf"]);
});

it("that bakes in the second oven beside the bird, unless that is as hot and has room", () => {
  const beside = (ovenC: number) =>
    turnedOn(placed(roast("a", chicken("oven", [dish("roots", 60, ovenC, "with")], 2))));
  expect(beside(230)).toEqual(["roots"]);
  expect(beside(165)).toEqual([]);
});

it("for what was carved the day before, unless another bird has the oven on", () => {
  const cold = simulated({ pullMinute: 100, dayAfter: { reheat: { kind: "hot", minutes: 40 } } as never });
  const kept = { ...roast("a", { ...chicken("oven", []), roasted: "day-before" }), simulated: cold };
  const [alone] = placed(kept);
  expect(turnedOn(alone ? [alone] : [])).toEqual([REHEAT_ID]);
  // Two that are heated again together want it on once.
  expect(turnedOn(placed(kept, { ...kept, id: "b", fire: "b", title: "Roast b" }))).toEqual([REHEAT_ID]);
  const beside = placed(kept, roast("b", chicken("oven", [])));
  const reheated = beside[0]?.sides.find(({ id }) => id === REHEAT_ID);
  const bird = beside[1]?.uses.findLast(({ id, ovenC }) => id === "bird" && ovenC !== null);
  expect((bird?.endMs ?? 0) > (reheated?.startMs ?? 0) - LEAD_MS).toBe(true);
  expect(turnedOn(beside)).toEqual([]);
});
