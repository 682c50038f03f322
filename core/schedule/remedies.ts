/** What can be done about a conflict by one tap: a change of the plan, and what it does as data; its words are the edge's. */

import { hasCavity, isJointed } from "../bird/form";
import { constant } from "../constants";
import { isOnBird, saltBesidesPercent } from "../plan/additions";
import { unstuffed, withBird, withForm, withSalt, withSeason } from "../plan/edits";
import { heatFitting } from "../plan/methods";
import { TOO_SALTY_PERCENT } from "../plan/saltPlan";
import { DISH_C, type Plan } from "../plan/schema";
import { targetsFor } from "../plan/usualPlan";
import { dialTurnK, onDialC } from "../units/dial";
import { HOUR_MS } from "../units/time";
import type { TaskId } from "./backward";
import type { Conflict } from "./conflicts";
import { COLD, type ResourceConflict } from "./resources";
import { earliestWithin, WAKING } from "./waking";

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
  "eat-later",
  "eat-later-and-sleep",
  "fridge-room",
  "fridge-room-for-all",
  "hotter",
  "in-the-oven",
  "joint",
  "leave-whole",
  "no-ring",
  "no-salt",
  "on-the-grill",
  "one-bird",
  "one-more-hand",
  "one-more-oven",
  "one-more-ring",
  "one-stock",
  "preheat",
  "salt-at-oven",
  "shorter-salting",
  "spatchcock",
  "stuffing-beside",
  "thaw-in-fridge",
  "thaw-in-water",
  "thermometer-each",
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
  /** The first, and nothing salty besides. */
  | { readonly kind: "and-bland"; readonly first: Does }
  /** A dish, by its name. */
  | { readonly kind: "leave-out"; readonly name: string }
  | { readonly kind: "bake-at" | "heat-as-other"; readonly celsius: number }
  | { readonly kind: "thermometers"; readonly count: number };

export interface Remedy {
  readonly does: Does;
  change(plan: Plan): Plan;
}

const withEquipment =
  (change: (equipment: Plan["equipment"]) => Partial<Plan["equipment"]>) =>
  (plan: Plan): Plan => ({ ...plan, equipment: { ...plan.equipment, ...change(plan.equipment) } });
const laterBy =
  (hours: number) =>
  (plan: Plan): Plan => ({
    ...plan,
    serveAt: new Date(Date.parse(plan.serveAt) + hours * HOUR_MS).toISOString(),
  });

/** What a changed plan still comes to, with the simulation that is there: times alone are known from it. */
export type ConflictsAfter = (plan: Plan) => readonly Conflict[];

/** So far a dinner is moved at most, h. */
const LATEST_H = 48;

/** Later by as much as it takes: nights and mornings in between swallow some of it. None where no delay does it. */
function later(
  kind: "eat-later" | "eat-later-and-sleep",
  leastHours: number,
  conflict: Conflict & { readonly task: TaskId },
  plan: Plan,
  after?: ConflictsAfter,
): readonly Remedy[] {
  const does = { kind };
  if (!after) return [{ does, change: laterBy(leastHours) }];
  for (let hours = leastHours; hours <= LATEST_H; hours += 0.25) {
    const change = laterBy(hours);
    const stays = after(change(plan)).some(
      (other) => other.kind === conflict.kind && "task" in other && other.task === conflict.task,
    );
    if (!stays) return [{ does, change }];
  }
  return [];
}

const QUARTER_MS = 900_000;
const THAW_IN_FRIDGE: Remedy = {
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
const SHORTER: Remedy = { does: { kind: "shorter-salting" }, change: withSalt({ saltHours: 12, dryHours: 0 }) };
const NO_SALT: Remedy = { does: { kind: "no-salt" }, change: withSalt({ method: "none" }) };
const BAG: Remedy = { does: { kind: "brine-in-bag" }, change: withSalt({ bath: "bag" }) };
const COOLER: Remedy = { does: { kind: "cooler" }, change: withSalt({ keptIn: "cooler", dryHours: 0 }) };
const DRY_INSTEAD: Remedy = { does: { kind: "dry-salt" }, change: withSalt({ method: "dry" }) };
const PREHEAT: Remedy = {
  does: { kind: "preheat" },
  change: (plan) => ({ ...plan, preheat: { ...plan.preheat, minutes: constant("preheatMin") } }),
};
const IN_THE_OVEN: Remedy = { does: { kind: "in-the-oven" }, change: (plan) => ({ ...plan, heat: "oven" }) };
const STUFFING_BESIDE: Remedy = {
  does: { kind: "stuffing-beside" },
  change: unstuffed,
};
/** Another cut, with the heat and the targets that go with it. */
function cutTo(cut: "spatchcock" | "parts"): Remedy["change"] {
  return (plan) => {
    const unfilled = STUFFING_BESIDE.change(plan);
    const bird = { ...plan.bird, cut, cavity: "empty" as const };
    return { ...unfilled, bird, targetC: targetsFor(bird, unfilled.targetC), ...heatFitting(plan, bird) };
  };
}
const FLATTEN: Remedy = {
  does: { kind: "spatchcock" },
  change: cutTo("spatchcock"),
};
const JOINT: Remedy = {
  does: { kind: "joint" },
  change: cutTo("parts"),
};
/** Less salt: of what is salted with, or of what goes on besides, whichever is too much. @param percent in all */
function lessSalt(percent: number, plan: Plan): readonly Remedy[] {
  const besides = saltBesidesPercent(plan);
  const weaker = weakerSalt(percent - besides, plan);
  if (besides === 0) return weaker;
  const bland = (before: Plan): Plan => ({
    ...before,
    additions: before.additions.filter((each) => !isOnBird(each) || each.saltPercent === 0),
  });
  const isEnough = constant("drySaltPercent") + plan.salt.injectPercent + besides <= TOO_SALTY_PERCENT;
  return [
    ...(isEnough ? weaker : []),
    ...(percent - besides <= TOO_SALTY_PERCENT
      ? [{ does: { kind: "bland" as const }, change: bland }]
      : weaker.map(({ does, change }) => ({
          does: { kind: "and-bland" as const, first: does },
          change: (before: Plan): Plan => change(bland(before)),
        }))),
  ];
}

/** By what decides it: the strength of a dry salt, the hours of a brine. */
function weakerSalt(percent: number, plan: Plan): readonly Remedy[] {
  const aim = constant("drySaltPercent");
  if (plan.salt.method !== "brine")
    return [{ does: { kind: "salt-percent" as const, percent: aim }, change: withSalt({ percent: aim }) }];
  // What has crept in grows with the root of the hours at first, and never faster than with the hours.
  const hours = Math.max(1, Math.floor(plan.salt.saltHours * (aim / percent) ** 2));
  const weaker = Math.max(1, Math.round(2 * plan.salt.brinePercent * (aim / percent)) / 2);
  return [
    ...(hours < plan.salt.saltHours
      ? [{ does: { kind: "brine-hours" as const, hours }, change: withSalt({ saltHours: hours }) }]
      : []),
    ...(weaker < plan.salt.brinePercent
      ? [{ does: { kind: "brine-percent" as const, percent: weaker }, change: withSalt({ brinePercent: weaker }) }]
      : []),
  ];
}
const HOTTEST_C = 230;
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
const ONE_BIRD: Remedy = { does: { kind: "one-bird" }, change: withBird({ count: 1 }) };

/** Remedies of a conflict of the bird's own tasks, for the plan it was found in. */
export function remediesOf(conflict: Conflict, plan: Plan, after?: ConflictsAfter): readonly Remedy[] {
  switch (conflict.kind) {
    case "thaws-late":
    case "too-late": {
      const quarters = Math.ceil(conflict.byMs / QUARTER_MS) + 1;
      const eatLater = later("eat-later", quarters / 4, conflict, plan, after);
      if (conflict.task === "thaw") {
        const inTime = [WATER_NOW, SHORTER].filter(
          ({ change }) => !after || after(change(plan)).every(({ kind }) => kind !== conflict.kind),
        );
        // Where nothing brings dinner back in time, the quickest thaw makes it least late.
        return [...(inTime.length > 0 ? inTime : [WATER_NOW]), ...eatLater];
      }
      return ["prepare", "salt", "dry"].includes(conflict.task) ? [SALT_AT_OVEN, ...eatLater] : eatLater;
    }
    case "never-thaws":
      return [WATER_NOW];
    case "thawed-in-water-waits":
      return [SALT_AT_OVEN, THAW_IN_FRIDGE];
    case "ice-waits":
      return [SALT_AT_OVEN];
    case "waits-too-long-raw":
      return [SHORTER];
    case "brined-too-long":
      return [{ does: { kind: "brine-a-day" }, change: withSalt({ saltHours: 24 }) }];
    case "frozen-outside-an-oven":
      return conflict.why === "heat" ? [IN_THE_OVEN, WATER_NOW] : [STUFFING_BESIDE, WATER_NOW];
    case "not-on-a-spit":
      return [
        { does: { kind: "on-the-grill" }, change: (before) => ({ ...before, heat: "covered-grill" }) },
        { does: { kind: "leave-whole" }, change: withForm({ cut: "whole" }) },
      ];
    case "salted-twice":
      return [NO_SALT];
    case "too-salty":
      return lessSalt(conflict.percent, plan);
    case "at-night": {
      const hours = (earliestWithin(conflict.startMs, plan.zone, WAKING) - conflict.startMs) / HOUR_MS;
      return [
        ...later("eat-later-and-sleep", hours, conflict, plan, after),
        ...(conflict.task === "thaw" ? [THAW_IN_FRIDGE] : []),
      ];
    }
    case "done-too-soon":
      // A heat of its own is no change of the plan but of the dinner.
      return [];
    case "sugar-burns": {
      const { id } = conflict;
      const change =
        (what: Partial<Plan["additions"][number]>) =>
        (before: Plan): Plan => ({
          ...before,
          additions: before.additions.map((each) => (each.id === id ? { ...each, ...what } : each)),
        });
      return [
        { does: { kind: "at-the-end" }, change: change({ when: "at-the-end" }) },
        { does: { kind: "under-the-skin" }, change: change({ where: "under-the-skin" }) },
      ];
    }
    case "never-comes": {
      const { what } = conflict;
      if (what === "glaze") return [{ does: { kind: "usual-glaze" }, change: withSeason({ glazeAt: [] }) }];
      if (what === "bacon") return [{ does: { kind: "bacon-stays" }, change: withSeason({ baconOff: null }) }];
      const wanted = JSON.stringify(conflict.for);
      return [
        {
          does: { kind: "without-stage" },
          change: (before) => ({
            ...before,
            stages: before.stages.filter(({ when }) => JSON.stringify(when) !== wanted),
          }),
        },
      ];
    }
    case "late-never":
      return plan.stages.every(({ airC }) => airC >= HOTTEST_C) ? [] : [HOTTER];
    case "does-not-fit": {
      const { where } = conflict.fit;
      if (where === "pot") return [BAG, DRY_INSTEAD];
      if (where === "thaw") return [...(plan.bird.count > 1 ? [ONE_BIRD] : []), WATER_NOW];
      return [
        ...(plan.bird.count > 1 ? [ONE_BIRD] : []),
        ...(hasCavity(plan.bird.cut) && where === "oven" ? [FLATTEN] : []),
        ...(plan.bird.count === 1 && isJointed(plan.bird.cut) ? [JOINT] : []),
      ];
    }
  }
}

/** What a changed plan still wants of the kitchen beyond what there is, with the simulation that is there. */
export type ResourcesAfter = (plan: Plan) => readonly ResourceConflict[];

const nameOf = ({ kind, uses }: ResourceConflict): string =>
  `${kind} ${uses.map(({ id, of = "" }) => `${of} ${id}`).join(" ")}`;

/**
 * Remedies where two tasks want one thing: of what could help, what does.
 * @param after left out where it is not known: then all that could
 */
export function resourceRemedies(conflict: ResourceConflict, plan: Plan, after?: ResourcesAfter): readonly Remedy[] {
  const could = [...otherRoastRemedies(conflict.kind, conflict.uses), ...couldHelp(conflict, plan)];
  if (!after) return could;
  return could.filter(({ change }) => after(change(plan)).every((left) => nameOf(left) !== nameOf(conflict)));
}

const more = (of: "ovens" | "rings" | "hands", most: number, kind: PlainRemedy): Remedy => ({
  does: { kind },
  change: withEquipment((equipment) => ({ [of]: Math.min(most, equipment[of] + 1) })),
});
const ONE_MORE_OVEN = more("ovens", 3, "one-more-oven");
const ONE_MORE_RING = more("rings", 8, "one-more-ring");
const ONE_MORE_HAND = more("hands", 4, "one-more-hand");

/** As many and as much as a kitchen is asked for. */
const MOST_THERMOMETERS = 8;
const MOST_FRIDGE_L = 400;

/** What could be done, the gentlest first; last, what always does. */
function couldHelp({ kind, uses }: ResourceConflict, plan: Plan): readonly Remedy[] {
  const ids = uses.map(({ id }) => id);
  const [first, second] = uses;
  const dishes = plan.sides.filter(({ id }) => ids.includes(id));
  const change =
    (what: Partial<Plan["sides"][number]>) =>
    (before: Plan): Plan => ({
      ...before,
      sides: before.sides.map((side) => (ids.includes(side.id) ? { ...side, ...what } : side)),
    });
  const wherever: readonly Remedy[] =
    dishes.length > 0 ? [{ does: { kind: "dishes-anywhere" as const }, change: change({ slot: "auto" }) }] : [];
  const without: readonly Remedy[] = dishes.map(({ id, name }) => ({
    does: { kind: "leave-out" as const, name },
    change: (before) => ({ ...before, sides: before.sides.filter((side) => side.id !== id) }),
  }));
  switch (kind) {
    case "oven-two-temperatures": {
      const shared = first.ovenC ?? second.ovenC;
      const isForCold = ids.includes(COLD);
      return [
        ...wherever,
        ...(uses.some(({ id, of }) => id === COLD && of === undefined) ? [PREHEAT] : []),
        ...(shared === null || shared > DISH_C.most || isForCold || dishes.length === 0
          ? []
          : [
              {
                does: { kind: "bake-at" as const, celsius: shared },
                change: change({ ovenC: shared }),
              },
            ]),
        ONE_MORE_OVEN,
        ...without,
      ];
    }
    case "oven-full":
      return [...wherever, ONE_MORE_OVEN, ...without];
    case "rings-full":
      return [
        ...(ids.includes("stock") && plan.morePots.length > 0
          ? [{ does: { kind: "one-stock" as const }, change: (before: Plan): Plan => ({ ...before, morePots: [] }) }]
          : []),
        ...(ids.includes("stock")
          ? [
              {
                does: { kind: "tray-stock" as const },
                change: (before: Plan): Plan => ({ ...before, stock: "tray", morePots: [] }),
              },
            ]
          : []),
        ...(dishes.length > 0 ? [{ does: { kind: "no-ring" as const }, change: change({ ring: false }) }] : []),
        ONE_MORE_RING,
        ...without,
      ];
    case "hands-short":
      return [ONE_MORE_HAND];
    case "thermometers-short":
      return [
        {
          does: { kind: "thermometers" as const, count: plan.bird.count },
          change: withEquipment(() => ({ thermometers: plan.bird.count })),
        },
        ...(plan.bird.count > 1 ? [ONE_BIRD] : []),
      ];
    case "fridge-full": {
      const room: Remedy = {
        does: { kind: "fridge-room" as const },
        change: withEquipment(({ fridgeL }) => ({
          fridgeL: Math.min(400, Math.max(fridgeL, Math.ceil(uses.reduce((sum, use) => sum + use.fridgeL, 0)))),
        })),
      };
      if (!ids.includes("salt")) return [room];
      const inBath = plan.salt.method === "brine" || plan.salt.method === "equilibrium";
      return [COOLER, ...(inBath && plan.salt.bath === "pot" ? [BAG] : []), room];
    }
  }
}

/** Where another roast of the dinner wants the same; none where neither is another's. */
function otherRoastRemedies(kind: ResourceConflict["kind"], uses: ResourceConflict["uses"]): readonly Remedy[] {
  const other = uses.find(({ of }) => of !== undefined);
  if (!other) return [];
  switch (kind) {
    case "oven-two-temperatures":
    case "oven-full":
      return [
        ...(kind === "oven-two-temperatures" && other.ovenC !== null && uses.every(({ id }) => id !== COLD)
          ? [
              {
                does: { kind: "heat-as-other" as const, celsius: other.ovenC },
                change: (before: Plan): Plan => ({
                  ...before,
                  stages: before.stages.map((stage) => ({ ...stage, airC: other.ovenC ?? stage.airC })),
                }),
              },
            ]
          : []),
        { does: { kind: "this-on-the-grill" as const }, change: (before) => ({ ...before, heat: "covered-grill" }) },
      ];
    case "thermometers-short":
      return [
        {
          does: { kind: "thermometer-each" as const },
          change: withEquipment(() => ({ thermometers: MOST_THERMOMETERS })),
        },
      ];
    case "fridge-full":
      return [
        COOLER,
        { does: { kind: "fridge-room-for-all" as const }, change: withEquipment(() => ({ fridgeL: MOST_FRIDGE_L })) },
      ];
    case "rings-full":
    case "hands-short":
      return [];
  }
}
