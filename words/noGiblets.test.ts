import fc from "fast-check";
import { expect, it } from "vitest";
import { ovenMassKg } from "../core/bird/mass";
import { SPECIES_RECORDS } from "../core/bird/species";
import { ANY_PLAN, anyCook, deriveAny, plansAsked } from "../tests/helpers/anyPlan";
import type { ListItem } from "./listItem";
import { listsOf } from "./lists";
import { timetableOf } from "./timetable";

it("of a bird that was sold without them no giblets are taken out, simmered or left out", () => {
  fc.assert(
    fc.property(ANY_PLAN, anyCook, (any, cook) => {
      // What the cook calls by name is the cook's.
      const plan = { ...any, additions: [], sides: [], bird: { ...any.bird, noGiblets: true } };
      const derived = deriveAny(plan, cook);
      const rows = timetableOf(plan, derived, "metric").map(({ what, detail }) => `${what}: ${detail}`);
      const items = Object.values(listsOf(plan, derived, "metric")).flatMap((part) =>
        part.map(({ what, why = "" }: ListItem) => `${what}: ${why}`),
      );
      expect(
        [...rows, ...items].filter((said) => /giblet|neck and|\bneck,|liver/i.test(said.replace("neck and tail", ""))),
      ).toEqual([]);
    }),
    plansAsked(200),
  );
});

it("it goes into the heat as heavy as it was bought, and one with them lighter by their share", () => {
  const chicken = { species: "chicken", cut: "whole", massKg: 1.8 } as const;
  expect(ovenMassKg({ ...chicken, noGiblets: true })).toBe(1.8);
  const { value } = SPECIES_RECORDS.chicken.gibletShare;
  expect(ovenMassKg(chicken)).toBeCloseTo(1.8 * (1 - value), 9);
  // A flat one leaves its backbone behind all the same.
  expect(ovenMassKg({ ...chicken, cut: "spatchcock", noGiblets: true })).toBeLessThan(1.8);
});
