/** The order of work as a law: opened, giblets out, stock, salted, dried, on the counter, filled, dressed, in. */
import { expect } from "vitest";
import { goesInWithIce } from "../../core/plan/ice";
import type { Plan } from "../../core/plan/schema";
import type { DerivedPlan } from "../../core/schedule/derive";
import { rowsOf } from "../../core/schedule/rows";
import { gravyPotOf } from "../../core/schedule/stock";

/** Of one roast, alone or of a dinner. */
export function expectOrder(plan: Plan, derived: DerivedPlan): void {
  const rows = rowsOf(derived);
  const row = (id: string) => rows.find((each) => each.id === id);
  const order = ["thaw", "prepare", "salt", "dry", "counter-1", "fill-1", "season-1", "roast"].flatMap(
    (id) => row(id) ?? [],
  );
  for (const [n, each] of order.entries()) {
    const next = order[n + 1];
    if (!next) break;
    expect(next.startMs, `${each.id} → ${next.id}`).toBeGreaterThanOrEqual(each.startMs);
    // What stands on the counter is filled and dressed there; all else is over before the next begins.
    if (each.id !== "counter-1") expect(next.startMs, `${each.id} → ${next.id}`).toBeGreaterThanOrEqual(each.endMs);
  }
  // The pot that the gravy takes; others are of bones that were bought.
  const stock = gravyPotOf(plan, derived.gravy) === null ? undefined : row("stock-1");
  const { cut, noGiblets } = plan.bird;
  // A backbone that is cut out, and what was sold with the bird.
  const bones = (cut === "spatchcock" || cut === "parts" || (cut === "whole" && !noGiblets)) && !goesInWithIce(plan);
  if (stock && bones) expect(stock.startMs).toBeGreaterThanOrEqual(row("prepare")?.endMs ?? 0);
  if (stock) expect(stock.endMs).toBeLessThanOrEqual(row("thicken-1")?.startMs ?? 0);
  // Salt that is weighed is put on by a step of its own.
  expect(row("salt") !== undefined || (plan.thawIn === "brine" && plan.bird.state !== "fresh")).toBe(
    derived.salt.grams > 0 || (plan.thawIn === "brine" && plan.bird.state !== "fresh"),
  );
}
