/**
 * What roasts have together. Each is whole by itself, so that one that is damaged or missing takes no other down: a
 * dinner is its roasts of one `dinner`, its table and its kitchen the same in each; the pieces of one fire, of one
 * `fire`, have their salt and their heat the same besides. Whatever writes a change hands it on.
 */

import { inOrder, withoutTicks, withTick } from "./happened";
import { LEFTOVERS_ROW, type Roast } from "./roast";
import type { Plan } from "./schema";
import { inKitchen } from "./targets";
import { inSince, notInYet } from "./wentIn";

/** What a dinner has once: when and where it is eaten, by whom, what else is cooked, and in which kitchen. */
const OF_DINNER = [
  "serveAt",
  "zone",
  "table",
  "sides",
  "equipment",
  "weather",
  "gravy",
  "rouxFat",
  "stock",
  "morePots",
  "liver",
] as const satisfies readonly (keyof Plan)[];

/** What goes through one salting and one fire besides: all but the piece itself and when it is done. */
const OF_FIRE = [
  "roasted",
  "eatenCold",
  "heat",
  "oven",
  "fuel",
  "draught",
  "method",
  "preheat",
  "stages",
  "salt",
  "season",
  "additions",
  "cover",
  "restMin",
] as const satisfies readonly (keyof Plan)[];

/** What happens to all that is in one heat. */
const TO_FIRE = [
  "heatOnAt",
  "inAt",
  "doors",
  "heatOffs",
  "stagesDone",
  "bastingsDone",
  "fuelsDone",
  "darker",
] as const satisfies readonly (keyof Roast["happened"])[];

type Happened = Roast["happened"];
type Of = Pick<Roast, "dinner" | "fire">;
export const isSameDinner = (one: Pick<Of, "dinner">, other: Pick<Of, "dinner">): boolean =>
  one.dinner === other.dinner;
/** Pieces of one roast: in one heat at one time. */
export const isSameFire = (one: Of, other: Of): boolean => one.dinner === other.dinner && one.fire === other.fire;

const same = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

/** Those of some names that are not the same in both, as the newer has them; undefined where it has none. */
function changed<Whole extends object, Name extends keyof Whole>(
  before: Whole,
  after: Whole,
  names: readonly Name[],
): Partial<Pick<Whole, Name>> {
  return Object.fromEntries(
    names.filter((name) => !same(before[name], after[name])).map((name) => [name, after[name]]),
  ) as Partial<Pick<Whole, Name>>;
}

const without = <Whole extends object>(whole: Whole): Whole =>
  Object.fromEntries(Object.entries(whole).filter(([, value]) => value !== undefined)) as Whole;

/** What happened in one heat, to another piece that is in it. */
function inOneHeat(before: Happened, after: Happened, other: Happened): Happened {
  const happened = changed(before, after, TO_FIRE);
  if (Object.keys(happened).length === 0) return other;
  const { inAt } = after;
  const its = !("inAt" in happened) ? other : inAt === undefined ? notInYet(other) : inSince(other, inAt);
  return inOrder(without({ ...its, ...happened }));
}

/** What happened at one table, to another bird for it: what is left of all that were carved is put away together. */
function atOneTable(before: Happened, after: Happened, other: Happened): Happened {
  const table = changed(before, after, ["hotTable"]);
  const its = Object.keys(table).length > 0 ? without({ ...other, ...table }) : other;
  const isAway = ({ ticked = [] }: Happened): boolean => ticked.includes(LEFTOVERS_ROW);
  if (other.carvedAt === undefined || isAway(before) === isAway(after)) return its;
  return isAway(after) ? withTick(its, LEFTOVERS_ROW) : withoutTicks(its, LEFTOVERS_ROW);
}

/** Another roast, once one has changed: what they have together is changed in it too; itself where that is nothing. */
export function handedOn(before: Roast, after: Roast, other: Roast): Roast {
  if (!isSameDinner(after, other)) return other;
  const isPiece = isSameFire(after, other);
  const plan = changed(before.plan, after.plan, isPiece ? [...OF_DINNER, ...OF_FIRE] : OF_DINNER);
  const heated = isPiece ? inOneHeat(before.happened, after.happened, other.happened) : other.happened;
  const happened = atOneTable(before.happened, after.happened, heated);
  if (Object.keys(plan).length === 0 && happened === other.happened) return other;
  return { ...other, plan: taking(other.plan, plan), happened };
}

/** A plan with what it has together with others; what was aimed at its kitchen's guideline follows it. */
const taking = (plan: Plan, what: Partial<Plan>): Plan => ({
  ...(what.equipment ? inKitchen(what.equipment)(plan) : plan),
  ...what,
});

const picked = (plan: Plan, names: readonly (keyof Plan)[]): Partial<Plan> =>
  Object.fromEntries(names.map((name) => [name, plan[name]]));

/** A plan for a dinner that is there: eaten with it, in its kitchen. */
export const forDinner = (plan: Plan, dinner: Plan): Plan => taking(plan, picked(dinner, OF_DINNER));

/** A plan for one more piece of a roast that is there: salted and heated with it. */
export const forFire = (plan: Plan, roast: Plan): Plan => ({ ...forDinner(plan, roast), ...picked(roast, OF_FIRE) });

/** A roast joined to the dinner of another; the dishes of both are of it. */
export function joinedTo(dinner: Roast, roast: Roast): Roast {
  const known = new Set(dinner.plan.sides.map(({ id }) => id));
  const sides = [...dinner.plan.sides, ...roast.plan.sides.filter(({ id }) => !known.has(id))];
  return { ...roast, dinner: dinner.dinner, plan: { ...forDinner(roast.plan, dinner.plan), sides } };
}

/** A roast by itself: a dinner of its own, its heat its own. */
export const alone = <Of extends { readonly id: string }>(roast: Of) => ({
  ...roast,
  dinner: roast.id,
  fire: roast.id,
});

/** Out of its dinner. @param id a new one: its own may be what the others are together by */
export const apart = (roast: Roast, id: string): Roast => ({ ...roast, dinner: id, fire: id });

/** A piece with a heat of its own, for the same dinner. @param fire a new id */
export const ownFire = (roast: Roast, fire: string): Roast => ({ ...roast, fire });
