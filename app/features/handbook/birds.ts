/** The birds and plans whose answers the handbook shows. */
import type { Species } from "../../../core/bird/species";
import type { Plan } from "../../../core/plan/schema";
import { usualKitchen } from "../../../core/plan/usualKitchen";
import { usualPlan } from "../../../core/plan/usualPlan";
import { KG_PER_POUND, type UnitSystem } from "../../../core/units/quantity";

/** Of no day: nothing of it is placed on a clock. */
const SOME_DAY = { serveAt: "2026-09-27T12:00:00.000Z", zone: "UTC" } as const;

/** Weights as they are sold, round in the cook's own unit, kg. */
const KILOGRAMS: Record<Species, readonly number[]> = {
  turkey: [4, 5, 6, 8, 10],
  chicken: [1.2, 1.6, 2, 2.5],
  duck: [1.8, 2.2, 2.6],
  goose: [4, 5, 6],
};
const POUNDS: Record<Species, readonly number[]> = {
  turkey: [8, 10, 12, 15, 20],
  chicken: [3, 4, 5],
  duck: [4, 5, 6],
  goose: [9, 11, 13],
};

export const weightsKg = (species: Species, units: UnitSystem): readonly number[] =>
  units === "us" ? POUNDS[species].map((pounds) => pounds * KG_PER_POUND) : KILOGRAMS[species];

type Asked = Partial<Pick<Plan["bird"], "species" | "cut" | "massKg" | "state" | "cavity" | "count">> & {
  readonly method?: Plan["method"];
};

/** A usual plan for a fresh bird, the handbook's own where nothing else is said: a whole turkey of middling weight. */
export function planOf({ method = "steady", ...bird }: Asked, units: UnitSystem): Plan {
  return usualPlan({
    bird: {
      species: "turkey",
      cut: "whole",
      state: "fresh",
      massKg: units === "us" ? 13 * KG_PER_POUND : 5.8,
      ...bird,
    },
    method,
    equipment: usualKitchen(units),
    ...SOME_DAY,
  });
}
