/** One tap on a plan: a change, and what it does as data; its words are the edge's. */

import { constant } from "../constants";
import { isUpright } from "../heat/covers";
import { type HeatSource, inBagsPlace } from "../heat/sources";
import type { SaltMethod } from "../kitchen/salt";
import { isInBag } from "../plan/bag";
import { unstuffed, withBird, withForm, withHeat, withSalt } from "../plan/edits";
import { heatsOf } from "../plan/heats";
import { saltPlan } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import { usualSurface } from "../processes/stages";
import { dialTurnK, highestMarkC, onDialC } from "../units/dial";

/** What a remedy does, where that is all there is to say. */
export const PLAIN_REMEDIES = [
  "at-the-end",
  "bacon-stays",
  "bland",
  "brine-a-day",
  "brine-in-bag",
  "cooler",
  "dishes-anywhere",
  "dry-salt",
  "fat-first",
  "fridge-room",
  "fridge-room-for-all",
  "hotter",
  "in-the-oven",
  "joint",
  "leave-whole",
  "lid-instead",
  "make-gravy",
  "no-glaze",
  "no-drying",
  "no-ring",
  "no-salt",
  "on-the-grill",
  "one-more-hand",
  "one-more-oven",
  "one-more-ring",
  "one-stock",
  "one-thermometer",
  "preheat",
  "roast-frozen",
  "salt-at-oven",
  "shorter-salting",
  "spatchcock",
  "lay-down",
  "straight-in",
  "stuffing-beside",
  "thaw-in-fridge",
  "thaw-in-water",
  "thaw-in-water-and-in",
  "thawed-on-the-grill",
  "this-on-the-grill",
  "tray-stock",
  "under-the-skin",
  "usual-glaze",
  "without-stage",
] as const;
export type PlainRemedy = (typeof PLAIN_REMEDIES)[number];

/** What a remedy does. */
export type Does =
  | { readonly kind: PlainRemedy }
  | { readonly kind: "salt-percent" | "brine-percent"; readonly percent: number }
  | { readonly kind: "brine-hours"; readonly hours: number }
  | { readonly kind: "glaze-times"; readonly times: number }
  | { readonly kind: "fewer"; readonly count: number; readonly cut: Plan["bird"]["cut"] }
  /** Begun later, for as long as there is; dried: null where it was not to be. */
  | {
      readonly kind: "salt-less";
      readonly method: SaltMethod;
      readonly saltHours: number;
      readonly dryHours: number | null;
    }
  /** The whole dinner, by so much. */
  | { readonly kind: "eat-later" | "eat-later-and-sleep"; readonly hours: number }
  /** The first, and nothing salty besides. */
  | { readonly kind: "and-bland"; readonly first: Does }
  /** A dish, by its name. */
  | { readonly kind: "leave-out"; readonly name: string }
  | { readonly kind: "bag-at" | "bake-at" | "heat-as-other"; readonly celsius: number };

export interface Remedy {
  readonly does: Does;
  change(plan: Plan): Plan;
}

export const withEquipment =
  (change: (equipment: Plan["equipment"]) => Partial<Plan["equipment"]>) =>
  (plan: Plan): Plan => ({ ...plan, equipment: { ...plan.equipment, ...change(plan.equipment) } });
export const THAW_IN_FRIDGE: Remedy = {
  does: { kind: "thaw-in-fridge" },
  change: (plan) => ({ ...plan, thawIn: "fridge" }),
};
export const SALT_AT_OVEN: Remedy = {
  does: { kind: "salt-at-oven" },
  // A bath needs hours: at the oven salt goes on dry.
  change: (plan) =>
    withSalt({ saltHours: 0, dryHours: 0, ...(plan.salt.method !== "none" && { method: "dry" }) })(plan),
};
export const WATER_NOW: Remedy = {
  does: { kind: "thaw-in-water" },
  change: (plan) => ({ ...SALT_AT_OVEN.change(plan), thawIn: "water" }),
};
/** Into an oven as it comes from the freezer: nothing is stuffed or waits. */
export const ROAST_FROZEN: Remedy = {
  does: { kind: "roast-frozen" },
  change: (plan) => ({ ...SALT_AT_OVEN.change(unstuffed(plan)), thawIn: "none" }),
};
/** Dry salt that is left for less draws out juice and does not take it back (common practice); a bath gives some at once. */
const LEAST_SALT_HOURS: Record<SaltMethod, number> = { dry: 3, brine: 1, equilibrium: 3, injection: 1, none: 0 };

/** Salted and dried for so many hours less, what is dried first; null where what is left would be nothing. */
export function saltedLess(plan: Plan, lessHours: number): Remedy | null {
  const { saltHours, dryHours } = plan.salt;
  const { method } = saltPlan(plan);
  const salted = method === "none" ? 0 : saltHours;
  const left = Math.floor(2 * (salted + dryHours - lessHours)) / 2;
  if (left < Math.max(1, LEAST_SALT_HOURS[method])) return null;
  const hours = { saltHours: Math.min(salted, left), dryHours: Math.max(0, left - salted) };
  const told = { ...hours, dryHours: dryHours > 0 ? hours.dryHours : null };
  return { does: { kind: "salt-less", method, ...told }, change: withSalt(hours) };
}
export const SHORTER: Remedy = { does: { kind: "shorter-salting" }, change: withSalt({ saltHours: 12, dryHours: 0 }) };

/** What salting less is called of a bird that is not salted at all. */
const UNSALTED: Partial<Record<Does["kind"], PlainRemedy>> = {
  "salt-at-oven": "straight-in",
  "thaw-in-water": "thaw-in-water-and-in",
  "shorter-salting": "no-drying",
};

/** A remedy as it is of this plan. */
export function asOf(plan: Plan, remedy: Remedy): Remedy {
  const kind = saltPlan(plan).grams > 0 ? undefined : UNSALTED[remedy.does.kind];
  return kind ? { ...remedy, does: { kind } } : remedy;
}

export const NO_SALT: Remedy = { does: { kind: "no-salt" }, change: withSalt({ method: "none" }) };
export const BAG: Remedy = { does: { kind: "brine-in-bag" }, change: withSalt({ bath: "bag" }) };
export const COOLER: Remedy = { does: { kind: "cooler" }, change: withSalt({ keptIn: "cooler", dryHours: 0 }) };
export const DRY_INSTEAD: Remedy = { does: { kind: "dry-salt" }, change: withSalt({ method: "dry" }) };
export const PREHEAT: Remedy = {
  does: { kind: "preheat" },
  change: (plan) => ({ ...plan, preheat: { ...plan.preheat, minutes: constant("preheatMin") } }),
};
export const IN_THE_OVEN: Remedy = { does: { kind: "in-the-oven" }, change: withHeat("oven") };
export const STUFFING_BESIDE: Remedy = {
  does: { kind: "stuffing-beside" },
  change: unstuffed,
};
/** What stands too tall lies on a rack, as it would by itself. */
export const LAY_DOWN: Remedy = {
  does: { kind: "lay-down" },
  change: (plan) => ({
    ...plan,
    stages: plan.stages.map((stage) =>
      isUpright(stage.surface) ? { ...stage, surface: usualSurface(plan.bird.cut) } : stage,
    ),
  }),
};
export const FLATTEN: Remedy = { does: { kind: "spatchcock" }, change: withForm({ cut: "spatchcock" }) };
export const JOINT: Remedy = { does: { kind: "joint" }, change: withForm({ cut: "parts" }) };

export const HOTTEST_C = 230;
export const HOTTER: Remedy = {
  does: { kind: "hotter" },
  change: (plan) => ({
    ...plan,
    stages: plan.stages.map((stage) => ({
      ...stage,
      airC: Math.max(
        stage.airC,
        onDialC(Math.min(HOTTEST_C, stage.airC + dialTurnK(plan.equipment.dial)), plan.equipment.dial),
      ),
    })),
  }),
};
/** A lid in the place of a bag, where that melts; what turns has neither. */
export const LID_INSTEAD: Remedy = {
  does: { kind: "lid-instead" },
  change: (plan) => {
    const heats = heatsOf(plan);
    const stages = plan.stages.map((stage, n) =>
      isInBag(plan, n) ? { ...stage, wrap: inBagsPlace(heats[n] as HeatSource) } : stage,
    );
    return { ...plan, stages };
  },
};
/** As hot as a bag may be, on a mark of the dial. */
export function bagAt({ equipment: { dial } }: Plan): Remedy {
  const celsius = highestMarkC(constant("bagMostC"), dial);
  return {
    does: { kind: "bag-at", celsius },
    change: ({ preheat, ...plan }) => {
      const stages = plan.stages.map((stage, n) =>
        isInBag(plan, n) ? { ...stage, airC: Math.min(stage.airC, celsius) } : stage,
      );
      const isCooler = preheat.airC !== null && preheat.airC > celsius && isInBag(plan, 0);
      return { ...plan, stages, preheat: isCooler ? { ...preheat, airC: null } : preheat };
    },
  };
}

/** As many as there is room for. */
export const fewer = ({ bird }: Plan, count: number): Remedy => ({
  does: { kind: "fewer", count, cut: bird.cut },
  change: withBird({ count }),
});
