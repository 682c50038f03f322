/** One kitchen for all the roasts of a dinner, as a law of random pairs. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, plansAsked } from "../../tests/helpers/anyPlan";
import { simulated } from "../../tests/helpers/simulated";
import { replan } from "../day/replan";
import { FIRST_SHARES } from "../forecast/band";
import type { Plan } from "../plan/schema";
import { usualPlan } from "../plan/usualPlan";
import { type DinnerRoast, isSameDinner, placeDinner } from "./dinner";
import { resourceRemedies } from "./remedies";

const SERVE = "2026-12-20T13:00:00.000Z";
const roast = (id: string, plan: Plan, pullMinute = 170): DinnerRoast => ({
  id,
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
          const sum = (of: "rings" | "hands" | "thermometers" | "fridgeL"): number =>
            now.reduce((total, use) => total + use[of], 0);
          if (sum("rings") > equipment.rings) expect(said("rings")).toBe(true);
          if (sum("hands") > equipment.hands) expect(said("hands")).toBe(true);
          if (sum("thermometers") > equipment.thermometers) expect(said("thermometers")).toBe(true);
          if (sum("fridgeL") > equipment.fridgeL + 1e-6) expect(said("fridge")).toBe(true);
          const heats = now.flatMap(({ ovenC }) => (ovenC === null ? [] : [ovenC]));
          if (equipment.ovens === 1 && Math.max(...heats) - Math.min(...heats) > 12) expect(said("oven")).toBe(true);
        }
      }),
      plansAsked(150),
    );
  });

  it("leave one alone as it is, and look at the kitchen once on the eve", () => {
    const alone = placeDinner([roast("a", usual())], 0).get("a");
    const [a, b] = [...placeDinner([roast("a", usual()), roast("b", usual())], 0).values()];
    expect(a?.schedule).toEqual(alone?.schedule);
    for (const once of ["eve-check", "thicken", "stock"]) {
      const done = [a, b].flatMap((each) => each?.chores.filter(({ kind }) => kind === once) ?? []);
      expect(done, once).toHaveLength(1);
    }
    // One knife: one bird after the other, both before the table.
    const [first, second] = [a, b].map((each) => each?.schedule.tasks.find(({ id }) => id === "carve"));
    expect(second?.endMs).toBeLessThanOrEqual(first?.startMs ?? 0);
  });

  it("stay so on the day: the second, placed again, makes no gravy of its own", () => {
    const second = roast("b", usual());
    const planned = placeDinner([roast("a", usual()), second], 0).get("b");
    if (!planned) throw new Error("it was not placed");
    const inAtMs = planned.schedule.inAtMs;
    const at = { inAt: new Date(inAtMs).toISOString(), pullMin: { p10: 180, p50: 190, p90: 200 }, pulled: false };
    const { rows } = replan(second.plan, second.simulated, planned, { ...at, nowMs: inAtMs + 3_600_000 }, "metric");
    expect(rows.some(({ id }) => id.startsWith("thicken"))).toBe(false);
    expect(rows.some(({ id }) => id.startsWith("loosen"))).toBe(true);
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
      if (conflict) expect(resourceRemedies(conflict, plan, "metric").length).toBeGreaterThan(0);
    }
    const outdoors = placeDinner([roast("a", usual()), roast("b", { ...hot, heat: "covered-grill" })], 0);
    const kinds = [...outdoors.values()].flatMap(({ resourceConflicts }) => resourceConflicts.map(({ kind }) => kind));
    expect(kinds.filter((kind) => kind.startsWith("oven"))).toEqual([]);
  });

  it("are of one dinner within three hours", () => {
    const at = (hour: number) => ({ serveAt: new Date(Date.parse(SERVE) + hour * 3_600_000).toISOString() });
    expect([isSameDinner(at(0), at(2)), isSameDinner(at(0), at(-3)), isSameDinner(at(0), at(6))]).toEqual([
      true,
      true,
      false,
    ]);
  });
});
