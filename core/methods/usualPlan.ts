/** The plan that a bird, a way to heat it and an hour at the table stand for before the cook changes anything. */
import { centresOf } from "../bird/form";
import type { Plan } from "../formats/roast";
import { constant } from "../sources";
import { methodById } from "./methods";

type Told = Pick<Plan, "method" | "serveAt" | "zone"> & {
  readonly bird: Pick<Plan["bird"], "species" | "cut" | "massKg" | "state"> & Partial<Plan["bird"]>;
};

export function usualPlan({ bird, method, serveAt, zone }: Told): Plan {
  const guideline = constant("guidelineC");
  return {
    bird: { legs: "tied", cavity: "empty", preSalted: false, ...bird },
    thawIn: "fridge",
    serveAt,
    zone,
    heat: "oven",
    method,
    stages: [...methodById(method).stages],
    targetC: Object.fromEntries(centresOf(bird).map((centre) => [centre, guideline])),
    salt: {
      kind: "table",
      percent: constant("drySaltPercent"),
      saltHours: constant("drySaltHours"),
      dryHours: constant("wholeDryingHours"),
    },
    cover: "foil",
    table: {
      guests: { light: 0, usual: Math.max(1, Math.round(bird.massKg / constant("wholePortionKg"))), hearty: 0 },
      leftoverMeals: 0,
    },
    sides: [],
    equipment: { ovens: 1, dishesInOven: 2, rings: 4 },
    gravy: "flour",
  };
}
