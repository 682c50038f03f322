/** The cook's own lines, in words. */

import { isOnBird, wrapsAt } from "../core/plan/additions";
import type { Addition, Plan } from "../core/plan/schema";
import { withSaltTask } from "../core/schedule/backward";
import type { ChoreKind } from "../core/schedule/chore";
import type { DerivedPlan } from "../core/schedule/derive";
import type { UnitSystem } from "../core/units/quantity";
import { formatSpoons, liquid, small } from "./amounts";

/** Where on the bird it goes. */
export const ADDITION_WHERE: Record<Addition["where"], string> = {
  over: "over the skin",
  "under-the-skin": "under the skin",
  inside: "inside",
  "in-slits": "into slits",
};

/** How much of it, for all the birds, in its own unit; g where it goes by their weight. */
export const additionTotal = ({ amount, unit }: Addition, { bird }: Pick<Plan, "bird">): number =>
  unit === "g/kg" ? amount * bird.massKg * bird.count : amount;

export function additionSaid({ unit }: Addition, total: number, units: UnitSystem): string {
  switch (unit) {
    case "g/kg":
    case "g":
      return small(total, units);
    case "mL":
      return liquid(total, units);
    case "tsp":
      return formatSpoons(total, units);
    case "pieces":
      return `${Number(total.toFixed(2))}`;
  }
}

export const additionAmount = (each: Addition, plan: Pick<Plan, "bird">, units: UnitSystem): string =>
  additionSaid(each, additionTotal(each, plan), units);

/** What, how much and, on the bird, where. */
export const additionWords = (each: Addition, plan: Pick<Plan, "bird">, units: UnitSystem): string =>
  `${each.name}, ${additionAmount(each, plan, units)}${isOnBird(each) ? ` ${ADDITION_WHERE[each.where]}` : ""}`;

/** Rows of the timetable that tell of the cook's own lines. */
type Row = "brine" | "salt" | "dry" | "season" | "stage" | "glaze" | "rest" | "thicken";
type Placed = Pick<DerivedPlan, "schedule" | "chores" | "beside">;

/** What several pieces in one heat get once: it is told with the first of them. */
const OF_THE_HEAT: readonly Addition["when"][] = ["into-the-tray", "into-the-wrap", "into-the-gravy"];

/** The row that one is told with: that of its moment or, where this plan has none, the next that there is. */
function rowOf({ when }: Addition, plan: Plan, { schedule, chores }: Placed): Row {
  const has = (kind: ChoreKind): boolean => chores.some((chore) => chore.kind === kind);
  switch (when) {
    case "with-the-salt":
      return has("mix-brine") ? "brine" : (withSaltTask(schedule) ?? "season");
    case "before-the-heat":
    case "into-the-tray":
      return "season";
    case "into-the-wrap": {
      const n = wrapsAt(plan);
      if (n === 0) return "season";
      return chores.some((chore) => chore.kind === "stage" && chore.n === n) ? "stage" : "rest";
    }
    case "at-the-end":
      return has("glaze") ? "glaze" : "rest";
    case "into-the-gravy":
      return has("thicken") ? "thicken" : "rest";
  }
}

/** Where it goes, in a row that tells of other places too. */
const PREFIXES: Partial<Record<Row, Partial<Record<Addition["when"], string>>>> = {
  season: { "into-the-tray": "into the tray: ", "into-the-wrap": "into the wrap: " },
  rest: { "into-the-gravy": "into the gravy: " },
};

/** All of them but what another piece in its heat has had for it. */
export const ownAdditions = ({ additions }: Plan, { beside }: Pick<Placed, "beside">): readonly Addition[] =>
  additions.filter(({ when }) => !(beside.piece?.follows && OF_THE_HEAT.includes(when)));

/** The cook's own lines that are told with a row. */
export const additionsIn = (row: Row, plan: Plan, placed: Placed, units: UnitSystem): string[] =>
  ownAdditions(plan, placed)
    .filter((each) => rowOf(each, plan, placed) === row)
    .map((each) =>
      // What is in a brine is nowhere on the bird.
      row === "brine"
        ? `${each.name}, ${additionAmount(each, plan, units)}`
        : `${PREFIXES[row]?.[each.when] ?? ""}${additionWords(each, plan, units)}`,
    );
