/** `plan FILE.json`: the tasks of the roasts in a file, each dinner placed as one, with what they use and what conflicts. */

import { bandShares } from "../core/forecast/band";
import { bandAsked, plannedCook } from "../core/forecast/planned";
import { plannedInput, roastInput } from "../core/forecast/plannedInput";
import { mapLate } from "../core/forecast/shares";
import type { Roast } from "../core/plan/roast";
import { drain } from "../core/processes/cook";
import type { DerivedPlan } from "../core/schedule/derive";
import { type DinnerRoast, placeDinner } from "../core/schedule/dinner";
import type { Use } from "../core/schedule/resources";
import { dishName } from "../words/dishes";
import { timetableOf } from "../words/timetable";
import { inOrder, namesIn } from "../words/titles";
import { called } from "./called";
import { CommandError, NEVER_MET } from "./errors";
import { tenth } from "./options";
import { readNamed, roastsIn } from "./readFile";

interface Placed extends DinnerRoast {
  readonly derived: DerivedPlan;
}

const iso = (ms: number): string => new Date(ms).toISOString();

/** A roast with its own simulation. */
function simulated(roast: Roast) {
  const { plan, happened } = roast;
  // As on its screens: what happened to one that is on counts, and nothing of a closed record is to come.
  const input = happened.closedAt === undefined ? roastInput({ plan, happened }) : plannedInput(plan);
  const cook = drain(plannedCook(input, "preview"));
  if (cook.kind === "never-met") {
    throw new CommandError(
      NEVER_MET,
      `${cook.centre} ${cook.targetC} °C never met: highest was ${tenth(cook.highestC)} °C, because the heat of "${called(roast)}" carries it no further`,
    );
  }
  return { simulated: cook, shares: drain(bandShares(bandAsked(input, cook))) };
}

/** Roasts of one dinner placed together, by their ids. Nothing is late for a plan that is looked at from outside. */
function placedTogether(roasts: readonly Roast[]): ReadonlyMap<string, Placed> {
  const names = namesIn(roasts);
  const dinner = inOrder(roasts).map((roast) => ({
    ...roast,
    ...simulated(roast),
    title: names.get(roast.id) ?? "",
    inAt: roast.happened.inAt,
  }));
  const derived = placeDinner(dinner, Number.NEGATIVE_INFINITY);
  return new Map(dinner.map((roast) => [roast.id, { ...roast, derived: derived.get(roast.id) as DerivedPlan }]));
}

/** Each dinner by itself, by the roasts' ids; what is closed is nobody's company any more. */
function placed(roasts: readonly Roast[]): ReadonlyMap<string, Placed> {
  const company = ({ id, dinner, happened }: Roast): string =>
    happened.closedAt === undefined ? dinner : `${id}, closed`;
  const dinners = [...new Set(roasts.map(company))].map((one) => roasts.filter((roast) => company(roast) === one));
  return new Map(dinners.flatMap((together) => [...placedTogether(together)]));
}

function told(title: string, { plan, simulated: cook, shares, derived }: Placed) {
  // Of another roast of the dinner, with its name.
  const nameOf = ({ id, of }: Use): string => {
    const dish = [...derived.sides, ...plan.sides].find((side) => side.id === id);
    const name = dish ? dishName(dish) : id;
    return of ? `${name} (${of})` : name;
  };
  return {
    title,
    zone: plan.zone,
    roastMinutes: {
      p10: tenth(cook.pullMinute * shares.p10),
      p50: tenth(cook.pullMinute),
      p90: mapLate(shares.p90, (share) => tenth(cook.pullMinute * share)),
    },
    tasks: timetableOf(plan, derived, "metric").map(({ id, startMs, endMs, lane, what, detail }) => ({
      id,
      start: iso(startMs),
      end: iso(endMs),
      lane,
      what,
      detail,
    })),
    resources: derived.uses.map((use) => ({
      task: nameOf(use),
      start: iso(use.startMs),
      end: iso(use.endMs),
      ...(use.ovenC !== null && { ovenC: use.ovenC, ovenShare: use.ovenShare }),
      ...(use.rings > 0 && { rings: use.rings }),
      ...(use.hands > 0 && { hands: use.hands }),
      ...(use.isRead && { thermometers: 1 }),
      ...(use.fridgeL > 0 && { fridgeL: tenth(use.fridgeL) }),
    })),
    fits: derived.fits,
    conflicts: [
      ...derived.conflicts,
      ...derived.resourceConflicts.map(({ kind, uses, fromMs }) => ({
        kind,
        tasks: uses.map(nameOf),
        from: iso(fromMs),
      })),
    ],
  };
}

/** @throws CommandError when the file cannot be read or is no roast file, or a target is never met */
export function plan(args: readonly string[]): unknown {
  const { path, text } = readNamed("plan", args);
  const roasts = roastsIn("plan", path, text).map(({ roast }) => roast);
  const all = placed(roasts);
  return { plans: roasts.map((roast) => told(called(roast), all.get(roast.id) as Placed)) };
}
