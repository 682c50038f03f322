/** Each way of cooking is planned as its cook means it: every step in its order, no false conflict, a whole list. */
import { describe, expect, it } from "vitest";
import { loadKernel } from "../../cli/loadKernel";
import { BY_TIME, FIRST_SHARES } from "../../core/forecast/band";
import { plannedCook, plannedInput } from "../../core/forecast/planned";
import { PlanSchema } from "../../core/plan/schema";
import { drain } from "../../core/processes/cook";
import { derivePlan } from "../../core/schedule/derive";
import { listsOf } from "../../core/schedule/lists";
import { timetableOf } from "../../core/schedule/timetable";
import { WAYS } from "./ways";

loadKernel();

describe("roasts as cooks mean them", () => {
  it.each(WAYS)("$name", ({ plan, steps, says }) => {
    expect(PlanSchema.parse(plan)).toEqual(plan);
    const cook = drain(plannedCook(plannedInput(plan), "preview"));
    if (cook.kind !== "done") throw new Error(`${cook.centre} comes to ${cook.highestC} °C only`);
    const shares = plan.finish.kind === "time" ? BY_TIME : FIRST_SHARES;
    const derived = derivePlan(plan, cook, shares, Date.parse(plan.serveAt) - 20 * 86_400_000);
    expect(derived.conflicts).toEqual([]);
    expect(derived.resourceConflicts).toEqual([]);
    const rows = timetableOf(plan, derived, "metric");
    let from = 0;
    for (const step of steps) {
      const at = rows.findIndex(({ what }, n) => n >= from && what.startsWith(step));
      expect(
        at,
        `${step}, in ${rows
          .slice(from)
          .map(({ what }) => what)
          .join(" | ")}`,
      ).toBeGreaterThanOrEqual(0);
      from = at;
    }
    const { buy, weigh, kit } = listsOf(plan, derived, "metric");
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
