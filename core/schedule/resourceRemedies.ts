/** What can be done where two tasks want one thing of the kitchen. */

import { type HeatSource, isFire } from "../heat/sources";
import { withHeatThroughout } from "../plan/edits";
import { heatsOf } from "../plan/heats";
import { goesInWithIce } from "../plan/ice";
import { DISH_C, type Plan } from "../plan/schema";
import { isBath } from "../processes/bath";
import { BAG, COOLER, type PlainRemedy, PREHEAT, type Remedy, WATER_NOW, withEquipment } from "./remedy";
import { COLD, type ResourceConflict } from "./resources";

/** What a changed plan still wants of the kitchen beyond what there is, with the simulation that is there. */
export type ResourcesAfter = (plan: Plan) => readonly ResourceConflict[];

const nameOf = ({ kind, uses }: ResourceConflict): string =>
  `${kind} ${uses.map(({ id, of = "" }) => `${of} ${id}`).join(" ")}`;

/**
 * Remedies where two tasks want one thing: of what could help, what does.
 * @param after left out where it is not known: then all that could
 */
export function resourceRemedies(conflict: ResourceConflict, plan: Plan, after?: ResourcesAfter): readonly Remedy[] {
  const could = [...otherRoastRemedies(conflict, plan), ...couldHelp(conflict, plan)];
  if (!after) return could;
  return could.filter(({ change }) => after(change(plan)).every((left) => nameOf(left) !== nameOf(conflict)));
}

const more = (of: "ovens" | "rings" | "hands" | "thermometers", most: number, kind: PlainRemedy): Remedy => ({
  does: { kind },
  change: withEquipment((equipment) => ({ [of]: Math.min(most, equipment[of] + 1) })),
});
const ONE_MORE_OVEN = more("ovens", 3, "one-more-oven");
const ONE_MORE_RING = more("rings", 8, "one-more-ring");
const ON_THE_GRILL: Remedy = { does: { kind: "this-on-the-grill" }, change: withHeatThroughout("covered-grill") };
const THAWED_ON_THE_GRILL: Remedy = {
  does: { kind: "thawed-on-the-grill" },
  change: (plan) => ON_THE_GRILL.change(WATER_NOW.change(plan)),
};
const ONE_MORE_HAND = more("hands", 4, "one-more-hand");
const ONE_THERMOMETER = more("thermometers", 8, "one-thermometer");

/** As many and as much as a kitchen is asked for. */
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
    case "no-thermometer":
      return [ONE_THERMOMETER];
    case "fridge-full": {
      const room: Remedy = {
        does: { kind: "fridge-room" as const },
        change: withEquipment(({ fridgeL }) => ({
          fridgeL: Math.min(
            MOST_FRIDGE_L,
            Math.max(fridgeL, Math.ceil(uses.reduce((sum, use) => sum + use.fridgeL, 0))),
          ),
        })),
      };
      if (!ids.includes("salt")) return [room];
      return [COOLER, ...(isBath(plan.salt.method) && plan.salt.bath === "pot" ? [BAG] : []), room];
    }
  }
}

/** Where another roast of the dinner wants the same; none where neither is another's. */
function otherRoastRemedies({ kind, uses }: ResourceConflict, plan: Plan): readonly Remedy[] {
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
                change: (before: Plan): Plan => {
                  const heats = heatsOf(before);
                  const stages = before.stages.map((stage, n) =>
                    isFire(heats[n] as HeatSource) ? stage : { ...stage, airC: other.ovenC ?? stage.airC },
                  );
                  return { ...before, stages };
                },
              },
            ]
          : []),
        // With ice in it, it is for the oven only.
        goesInWithIce(plan) ? THAWED_ON_THE_GRILL : ON_THE_GRILL,
      ];
    case "fridge-full":
      return [
        COOLER,
        { does: { kind: "fridge-room-for-all" as const }, change: withEquipment(() => ({ fridgeL: MOST_FRIDGE_L })) },
      ];
    case "rings-full":
    case "hands-short":
    case "no-thermometer":
      return [];
  }
}
