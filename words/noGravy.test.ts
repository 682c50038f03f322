import fc from "fast-check";
import { expect, it } from "vitest";
import { FIRST_SHARES } from "../core/forecast/shares";
import { forDinner } from "../core/plan/together";
import { taskOf } from "../core/schedule/backward";
import { placeDinner } from "../core/schedule/dinner";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../tests/helpers/anyPlan";
import { simulated } from "../tests/helpers/simulated";
import type { ListItem } from "./listItem";
import { listsOf } from "./lists";
import { timetableOf } from "./timetable";

it("without a gravy nothing is bought, weighed, simmered, stirred or waited for on its behalf", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (any, cook) => {
      // What the cook calls by name is the cook's.
      const plan = { ...any, gravy: "none" as const, additions: [], sides: [], morePots: [] };
      const derived = deriveAny(plan, cook);
      const rows = timetableOf(plan, derived, "metric").map(({ what, detail }) => `${what}: ${detail}`);
      const items = Object.values(listsOf(plan, derived, "metric")).flatMap((part) =>
        part.map(({ what, why = "" }: ListItem) => `${what}: ${why}`),
      );
      expect([...rows, ...items].filter((said) => /gravy|stock|roux|starch|jug|giblets and veg/i.test(said))).toEqual(
        [],
      );
      expect(derived.conflicts.filter(({ kind }) => kind === "no-gravy-for")).toEqual([]);
      const stirred = deriveAny({ ...plan, gravy: "flour" }, cook);
      const restOf = ({ schedule }: typeof derived): number => taskOf(schedule, "rest")?.endMs ?? 0;
      expect(restOf(derived)).toBe(restOf(stirred));
    }),
    plansAsked(200),
  );
});

it("a dinner without one has none from any of its roasts, and a pot of stock that is wanted all the same", () => {
  fc.assert(
    fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, (any, other, first, second) => {
      const one = { ...any, gravy: "none" as const, morePots: ["ahead" as const] };
      const roasts = [one, forDinner(other, one)].map((plan, n) => ({
        id: `${n}`,
        fire: `${n}`,
        title: `${n}`,
        plan,
        simulated: simulated([first, second][n]),
        shares: FIRST_SHARES,
      }));
      const chores = [...placeDinner(roasts, 0).values()].flatMap((placed) => placed.chores);
      expect(chores.filter(({ kind }) => kind === "thicken")).toEqual([]);
      expect(chores.filter(({ kind }) => kind === "stock")).toHaveLength(1);
    }),
    plansAsked(60),
  );
});
