/** Each dinner is planned as its cook means it: every step in its order, no false conflict, a whole list. */
import { describe, expect, it } from "vitest";
import { plannedCook } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import { BY_TIME, FIRST_SHARES } from "../../core/forecast/shares";
import { type Plan, PlanSchema } from "../../core/plan/schema";
import { forDinner, forFire } from "../../core/plan/together";
import { drain } from "../../core/processes/cook";
import { type DinnerRoast, placeDinner } from "../../core/schedule/dinner";
import { dinnerLists, dinnerTimetable } from "../../words/dinnerLists";
import { type CookedSo, WAYS } from "./ways";

function simulated(id: string, fire: string, title: string, plan: Plan): DinnerRoast {
  expect(PlanSchema.parse(plan)).toEqual(plan);
  const cook = drain(plannedCook(plannedInput(plan), "preview"));
  if (cook.kind !== "done") throw new Error(`${cook.centre} comes to ${cook.highestC} °C only`);
  return { id, fire, title, plan, simulated: cook, shares: plan.finish.kind === "time" ? BY_TIME : FIRST_SHARES };
}

/** All its roasts, each with what it has together with the first. */
function roastsOf({ plan, beside = [] }: CookedSo): DinnerRoast[] {
  const all = [simulated("r0", "f0", "The first", plan)];
  beside.forEach((each, n) => {
    const id = `r${n + 1}`;
    if (each.inOneHeat) all.push(simulated(id, "f0", each.name, forFire(each.plan, plan)));
    else all.push(simulated(id, id, each.name, forDinner(each.plan, plan)));
  });
  return all;
}

describe("dinners as cooks mean them", () => {
  it.each(WAYS)("$name", (way) => {
    const { plan, steps, says } = way;
    const roasts = roastsOf(way);
    const placed = placeDinner(roasts, Date.parse(plan.serveAt) - 20 * 86_400_000);
    const listed = roasts.flatMap(({ id, title, plan }) => {
      const derived = placed.get(id);
      return derived ? [{ id, name: title, plan, derived }] : [];
    });
    for (const { derived } of listed) {
      expect(derived.conflicts).toEqual([]);
      expect(derived.resourceConflicts).toEqual([]);
    }
    const rows = dinnerTimetable(listed, "metric");
    let from = 0;
    for (const step of steps) {
      const at = rows.findIndex(({ what }, n) => n >= from && what.startsWith(step));
      const left = rows.slice(from).map(({ what }) => what);
      expect(at, `${step}, in ${left.join(" | ")}`).toBeGreaterThanOrEqual(0);
      from = at;
    }
    const { buy, weigh, kit } = dinnerLists(listed, "metric");
    const text = [
      ...rows.map(({ what, detail }) => `${what}: ${detail}`),
      ...[...buy, ...weigh, ...kit].map(({ what, amount, why = "" }) => `${what}, ${amount}, ${why}`),
    ].join("\n");
    for (const wanted of says) expect(text).toMatch(wanted);
    const timetable = rows.map(({ what, detail }) => `${what}: ${detail}`).join("\n");
    for (const { name } of plan.additions) {
      expect(buy.map(({ what }) => what)).toContain(name);
      expect(timetable).toContain(name);
    }
  });
});
