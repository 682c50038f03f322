import fc from "fast-check";
import { expect, it } from "vitest";
import { REHEAT_ID } from "../core/schedule/derive";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../tests/helpers/anyPlan";
import type { ListItem } from "./listItem";
import { listsOf } from "./lists";
import { timetableOf } from "./timetable";

it("what is eaten cold is heated by nobody, and out of the fridge shortly before its dinner", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (any, cook) => {
      // What the cook calls by name is the cook's.
      const kept = { ...any, roasted: "day-before" as const, gravy: "none" as const, additions: [], sides: [] };
      const plan = { ...kept, eatenCold: true };
      const derived = deriveAny(plan, cook);
      const rows = timetableOf(plan, derived, "metric").map(({ what, detail }) => `${what}: ${detail}`);
      const items = Object.values(listsOf(plan, derived, "metric")).flatMap((part) =>
        part.map(({ what, why = "" }: ListItem) => `${what}: ${why}`),
      );
      expect(
        [...rows, ...items].filter((said) => /heated|hot twice|carved meat, covered|drippings over/i.test(said)),
      ).toEqual([]);
      expect(derived.sides.map(({ id }) => id)).not.toContain(REHEAT_ID);
      expect(derived.chores.filter(({ kind }) => kind === "platter").map(({ endMs }) => endMs)).toEqual([
        derived.schedule.serveAtMs,
      ]);
      // Of one that is heated, or of the day itself, nobody asks for it.
      for (const hot of [
        { ...kept, eatenCold: false },
        { ...plan, roasted: "same-day" as const },
      ]) {
        expect(deriveAny(hot, cook).chores.filter(({ kind }) => kind === "platter")).toEqual([]);
      }
    }),
    plansAsked(100),
  );
});
