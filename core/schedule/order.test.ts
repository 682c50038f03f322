/** The order of work and the words for it, as laws of every plan. */
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../../tests/helpers/anyPlan";
import { expectOrder } from "../../tests/helpers/orderOfWork";
import { simulated } from "../../tests/helpers/simulated";
import { listsOf } from "../../words/lists";
import { timetableOf } from "../../words/timetable";
import { centresOf } from "../bird/form";
import { constant } from "../constants";
import { FIRST_SHARES } from "../forecast/shares";
import type { Plan } from "../plan/schema";
import { usualPlan } from "../plan/usualPlan";
import { derivePlan } from "./derive";
import { SALT_AT_OVEN } from "./remedy";

/** Everything that is written for the cook, in one text. */
function written(plan: Plan, cook: Parameters<typeof deriveAny>[1]): string {
  const derived = deriveAny(plan, cook);
  const lists = listsOf(plan, derived, "metric");
  return [
    ...timetableOf(plan, derived, "metric").map(({ what, detail }) => `${what}: ${detail}`),
    ...[...lists.buy, ...lists.weigh, ...lists.kit].map(({ what, why }) => `${what}: ${why ?? ""}`),
  ].join("\n");
}

const RUNS = plansAsked(250);

describe("the order of work", () => {
  it("is: open, giblets out, stock, salt, dry, counter, fill, dress, in", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        expectOrder(plan, deriveAny(plan, cook));
      }),
      RUNS,
    );
  });

  it("has a step to salt where the salt is put off to the oven, and no quarrel of hands for it", () => {
    for (const method of ["dry", "brine", "equilibrium", "injection"] as const) {
      const before = usualPlan({
        bird: { species: "turkey", cut: "whole", massKg: 5.8, state: "fresh", cavity: "aromatics" },
        method: "steady",
        serveAt: "2026-12-20T13:00:00.000Z",
        zone: "UTC",
      });
      const plan = SALT_AT_OVEN.change({ ...before, salt: { ...before.salt, method } });
      const derived = derivePlan(plan, simulated({ pullMinute: 170 }), FIRST_SHARES, 0);
      const rows = timetableOf(plan, derived, "metric");
      const salt = rows.find(({ id }) => id === "salt");
      const dress = rows.find(({ id }) => id === "season-1");
      expect(salt?.what).toMatch(/58 g/);
      expect(salt?.endMs).toBeLessThanOrEqual(dress?.startMs ?? 0);
      expect(derived.resourceConflicts).toEqual([]);
    }
  });

  it("lets no bird rest for hours: it goes in later, whatever the doubt", () => {
    fc.assert(
      fc.property(
        ANY_PLAN,
        anyCook,
        fc.double({ min: 1, max: 5, noNaN: true }),
        fc.double({ min: 0.6, max: 1, noNaN: true }),
        (plan, cook, late, early) => {
          const { schedule } = deriveAny(plan, cook, { p10: early, p50: 1, p90: late });
          const longest = Math.max(constant("longestRestMin"), plan.restMin ?? 0);
          expect(schedule.restMin.expected).toBeLessThanOrEqual(longest + 1);
        },
      ),
      RUNS,
    );
  });
});

describe("the words", () => {
  it("are of this bird and this fire", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const text = written(plan, cook);
        const { cut, species } = plan.bird;
        const heats = [plan.heat, ...plan.stages.flatMap(({ movedTo }) => movedTo ?? [])];
        const outdoors = heats.every((heat) => heat !== "oven" && heat !== "fan-oven");
        const indoors = heats.every((heat) => heat === "oven" || heat === "fan-oven");
        if (indoors || plan.fuel !== "charcoal") expect(text).not.toMatch(/briquette|charcoal/i);
        // A spit stands in the open.
        if (heats.every((heat) => heat === "spit") && !plan.stages.some(({ wrap }) => wrap === "lid"))
          expect(text).not.toMatch(/\blid\b/i);
        if (outdoors) expect(text).not.toMatch(/oven empty|into the oven/i);
        const bakes = plan.sides.some(({ ovenC }) => ovenC !== null) || plan.roasted === "day-before";
        if (outdoors && !bakes) expect(text).not.toMatch(/oven on at/i);
        if (!["whole", "spatchcock", "parts"].includes(cut)) expect(text).not.toMatch(/giblet|both ends/);
        if (!centresOf(plan.bird).includes("breast"))
          expect(text).not.toMatch(/over the breast|breast shield|breast off/);
        if (species === "duck" && plan.season.fat === "none") expect(text).not.toMatch(/fat over the skin|oil or soft/);
        if (plan.roasted === "day-before") expect(text).not.toMatch(/during the (rest|carving)/);
        const under =
          plan.stages[0]?.surface ?? (["parts", "boneless-breast", "leg-roll"].includes(cut) ? "pan" : "rack");
        if (under !== "rack") expect(text).not.toMatch(/rack over a low tray/);
      }),
      RUNS,
    );
  });

  it("tell of two birds in brine what each vessel takes: no salt of both in the water of one", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, (plan, cook) => {
        const { salt } = deriveAny(plan, cook);
        if (!salt.bath) return;
        const { bath } = salt;
        expect(bath.vessels === 1 || bath.vessels === plan.bird.count).toBe(true);
        expect(bath.saltGrams * bath.vessels).toBeCloseTo(salt.grams, 6);
        expect(bath.saltGrams / bath.waterL).toBeCloseTo(bath.gramsPerLitre, 6);
        if (bath.vessels > 1) expect(written(plan, cook)).toMatch(/each/);
      }),
      RUNS,
    );
  });

  it("call for no basting and no glaze while it is wrapped", () => {
    fc.assert(
      fc.property(ANY_PLAN, anyCook, fc.integer({ min: 20, max: 200 }), (plan, cook, fromMin) => {
        const wrapped: Plan = {
          ...plan,
          stages: [
            { fromMin: 0, airC: 160 },
            { fromMin, airC: 160, wrap: "foil" },
          ],
        };
        const { chores, schedule } = deriveAny(wrapped, cook);
        const wraps = chores.find(({ kind }) => kind === "stage")?.startMs ?? Number.POSITIVE_INFINITY;
        for (const { kind, startMs } of chores) {
          if (kind === "baste" || kind === "glaze") expect(startMs).toBeLessThan(wraps);
        }
        expect(schedule.inAtMs).toBeLessThan(wraps);
      }),
      plansAsked(120),
    );
  });
});
