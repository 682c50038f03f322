/** `plan FILE.json`: the tasks of the roasts in a file, with start, end, lane and resources, and what conflicts. */

import { bandShares } from "../core/forecast/band";
import { bandAsked, plannedCook } from "../core/forecast/planned";
import { plannedInput, roastInput } from "../core/forecast/plannedInput";
import { mapLate } from "../core/forecast/shares";
import type { Roast } from "../core/plan/roast";
import { drain } from "../core/processes/cook";
import { derivePlan } from "../core/schedule/derive";
import { dishName } from "../words/dishes";
import { timetableOf } from "../words/timetable";
import { CommandError, NEVER_MET } from "./errors";
import { tenth } from "./options";
import { readNamed, roastsIn } from "./readFile";

const iso = (ms: number): string => new Date(ms).toISOString();

function planned({ title, plan, happened }: Roast) {
  // As on its screens: what happened to one that is on counts, and nothing of a closed record is to come.
  const input = happened.closedAt === undefined ? roastInput({ plan, happened }) : plannedInput(plan);
  const cook = drain(plannedCook(input, "preview"));
  if (cook.kind === "never-met") {
    throw new CommandError(
      NEVER_MET,
      `${cook.centre} ${cook.targetC} °C never met: highest was ${tenth(cook.highestC)} °C, because the heat of "${title}" carries it no further`,
    );
  }
  const shares = drain(bandShares(bandAsked(input, cook)));
  // Nothing is late for a plan that is looked at from outside: its own conflicts alone are named.
  const derived = derivePlan(plan, cook, shares, Number.NEGATIVE_INFINITY, happened.inAt);
  const nameOf = (id: string): string => {
    const dish = derived.sides.find((side) => side.id === id);
    return dish ? dishName(dish) : id;
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
    resources: derived.uses.map(({ id, startMs, endMs, ovenC, ovenShare, rings, hands, isRead, fridgeL }) => ({
      task: nameOf(id),
      start: iso(startMs),
      end: iso(endMs),
      ...(ovenC !== null && { ovenC, ovenShare }),
      ...(rings > 0 && { rings }),
      ...(hands > 0 && { hands }),
      ...(isRead && { thermometers: 1 }),
      ...(fridgeL > 0 && { fridgeL: tenth(fridgeL) }),
    })),
    fits: derived.fits,
    conflicts: [
      ...derived.conflicts,
      ...derived.resourceConflicts.map(({ kind, uses, fromMs }) => ({
        kind,
        tasks: uses.map(({ id }) => nameOf(id)),
        from: iso(fromMs),
      })),
    ],
  };
}

/** @throws CommandError when the file cannot be read or is no roast file, or a target is never met */
export function plan(args: readonly string[]): unknown {
  const { path, text } = readNamed("plan", args);
  return { plans: roastsIn("plan", path, text).map(({ roast }) => planned(roast)) };
}
