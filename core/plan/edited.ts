/** What has happened, as it counts once the plan that it happened under is another. */
import { areOneOven } from "../heat/sources";
import { withoutTicks } from "./happened";
import { thawPlaceOf } from "./ice";
import type { Roast } from "./roast";
import type { Plan } from "./schema";

type Stages = Plan["stages"];
type Happened = Roast["happened"];

/** How many are the same from either end. */
function alike(before: readonly string[], after: readonly string[]): { readonly first: number; readonly last: number } {
  const most = Math.min(before.length, after.length);
  let first = 0;
  while (first < most && before[first] === after[first]) first++;
  let last = 0;
  while (last < most - first && before.at(-1 - last) === after.at(-1 - last)) last++;
  return { first, last };
}

/**
 * Number of the last stage that counts as done: what was done, where it stands now. One that was taken out is not done any
 * more, one that was put in among those that were done is.
 */
export function doneAfterEdit(before: Stages, after: Stages, done: number): number {
  const { first, last } = alike(before.map(text), after.map(text));
  if (done < first) return done;
  const moved = done + after.length - before.length;
  // As many as there were, each is what became of the one in its place.
  if (done >= before.length - last || after.length === before.length) return moved;
  return Math.max(0, Math.min(first + Math.max(0, after.length - last - first) - 1, done));
}

/** The row by which its thaw is ticked off. */
export const THAW_ROW = "thaw";
/** Rows of a thaw, and of bringing up the heat that the bird goes into. */
const OF_THAW = /^(thaw|water-change-.*)$/;
const OF_HEAT = /^(preheat|fuel-1)$/;

const without = (happened: Happened, told: "thawBegunAt" | "heatOnAt", rows: RegExp): Happened => {
  const rest = { ...happened };
  delete rest[told];
  return rest.ticked ? withoutTicks(rest, ...rest.ticked.filter((id) => rows.test(id))) : rest;
};

/** What of it still holds: another thaw has not begun yet, nor is another heat on before the bird goes in. */
export function happenedAfterEdit({ plan: before, happened }: Pick<Roast, "plan" | "happened">, after: Plan): Happened {
  const { stagesDone: done } = happened;
  let held = happened;
  if (done !== undefined) held = { ...held, stagesDone: doneAfterEdit(before.stages, after.stages, done) };
  if (thawPlaceOf(before) !== thawPlaceOf(after) || before.bird.state !== after.bird.state)
    held = without(held, "thawBegunAt", OF_THAW);
  if (before.heat !== after.heat && !areOneOven(before.heat, after.heat) && happened.inAt === undefined) {
    held = without(held, "heatOnAt", OF_HEAT);
  }
  return held;
}

const text = (stage: Stages[number]): string =>
  JSON.stringify(Object.entries(stage).sort(([one], [other]) => one.localeCompare(other)));
