/** The plan that a bird, a way to heat it and an hour at the table stand for before the cook changes anything. */

import { constant } from "../constants";
import { MOST_GUESTS, portionKg } from "../kitchen/guests";
import type { Equipment } from "./kitchen";
import { heatBy, usualFat } from "./methods";
import type { Plan } from "./schema";
import { targetsFor } from "./targets";
import { usualKitchen } from "./usualKitchen";

type Told = Pick<Plan, "method" | "serveAt" | "zone"> & {
  readonly equipment?: Equipment;
  readonly bird: Pick<Plan["bird"], "species" | "cut" | "massKg" | "state"> & Partial<Plan["bird"]>;
};

/** As many as such birds feed. */
const headsFor = ({ species, cut, massKg, count = 1 }: Told["bird"]): number =>
  Math.min(MOST_GUESTS, Math.max(1, Math.round((massKg * count) / portionKg(species, cut))));

export function usualPlan({ bird, method, serveAt, zone, equipment = usualKitchen() }: Told): Plan {
  return {
    bird: { massOffKg: 0, legs: "tied", cavity: "empty", preSalted: false, count: 1, ice: "middle", ...bird },
    thawIn: "fridge",
    serveAt,
    roasted: "same-day",
    zone,
    ...heatBy(method, { method, heat: "oven", equipment }),
    oven: null,
    fuel: "charcoal",
    draught: "usual",
    sear: null,
    preheat: { minutes: constant("preheatMin"), airC: null },
    targetC: targetsFor({ bird, equipment }),
    finish: { kind: "after-rest" },
    salt: {
      method: bird.preSalted ? "none" : "dry",
      kind: "table",
      gramsPerTeaspoon: null,
      percent: constant("drySaltPercent"),
      injectPercent: 0,
      brinePercent: constant("brinePercent"),
      sugarShare: 0,
      bath: "pot",
      keptIn: "fridge",
      saltHours: constant("drySaltHours"),
      dryHours: constant("wholeDryingHours"),
    },
    season: {
      fat: usualFat(method, bird.species),
      paste: false,
      bacon: false,
      baconOff: null,
      glazePasses: 0,
      basteEveryMin: 0,
      counterMin: 0,
      stuffing: "warm",
      basteFromMin: 0,
      basteUntilMin: null,
      basteWith: "",
      glazeAt: [],
    },
    additions: [],
    weather: { airC: 10, windy: false },
    cover: "foil",
    restMin: null,
    table: {
      guests: { light: 0, usual: headsFor(bird), hearty: 0 },
      leftoverMeals: 0,
    },
    sides: [],
    equipment,
    gravy: "flour",
    stock: "ahead",
    morePots: [],
    liver: false,
  };
}
