import fc from "fast-check";
import { expect, it } from "vitest";
import { ANY_PLAN, anyCook, plansAsked } from "../../tests/helpers/anyPlan";
import { simulated } from "../../tests/helpers/simulated";
import { certain, FIRST_SHARES } from "../forecast/shares";
import type { Plan } from "../plan/schema";
import { forDinner } from "../plan/together";
import { usualPlan } from "../plan/usualPlan";
import type { DerivedPlan } from "../schedule/derive";
import { type DinnerRoast, placeDinner } from "../schedule/dinner";
import { MINUTE_MS } from "../units/time";
import { clashesNow, type RoastNow } from "./clashes";
import { replan } from "./replan";

const roast = (id: string, plan: Plan, pullMinute: number): DinnerRoast => ({
  id,
  fire: id,
  title: id,
  plan,
  simulated: simulated({ pullMinute }),
  shares: FIRST_SHARES,
});
const asPlanned = (roasts: readonly DinnerRoast[], placed: ReadonlyMap<string, DerivedPlan>): readonly RoastNow[] =>
  roasts.map(({ id, title, plan }) => ({
    id,
    name: title,
    plan,
    derived: placed.get(id) as DerivedPlan,
    renewed: null,
  }));

it("is what was found as it was planned, while nothing goes otherwise", () => {
  fc.assert(
    fc.property(ANY_PLAN, ANY_PLAN, anyCook, anyCook, (one, other, first, second) => {
      const roasts = [roast("a", one, first.pullMinute), roast("b", forDinner(other, one), second.pullMinute)];
      const placed = placeDinner(roasts, 0);
      const now = clashesNow(asPlanned(roasts, placed), 0);
      for (const { id } of roasts) expect(now.get(id)).toEqual(placed.get(id)?.resourceConflicts);
    }),
    plansAsked(50),
  );
});

it("goes with the day: out sooner a bird has left the oven to what wants another heat, in longer it stands in its way", () => {
  const SERVE = "2026-12-20T18:00:00.000Z";
  const plan = usualPlan({
    bird: { species: "turkey", cut: "whole", massKg: 5, state: "fresh" },
    method: "steady",
    serveAt: SERVE,
    zone: "UTC",
  });
  const dish = { id: "p", name: "Potatoes", minutes: 40, ovenC: 220, ring: false, slot: "auto" as const };
  const host: Plan = { ...plan, sides: [dish] };
  const legs = usualPlan({
    bird: { species: "turkey", cut: "legs", massKg: 2, state: "fresh" },
    method: "hot-flat",
    serveAt: SERVE,
    zone: "UTC",
  });
  const kinds = (minutesMore: number): readonly string[] => {
    const roasts = [roast("turkey", host, 170), roast("legs", forDinner(legs, host), 40)];
    const placed = placeDinner(roasts, 0);
    const [turkey, other] = asPlanned(roasts, placed) as [RoastNow, RoastNow];
    const { inAtMs } = turkey.derived.schedule;
    const inAt = new Date(inAtMs).toISOString();
    const pullMin = certain(170 + minutesMore);
    const nowMs = inAtMs + (170 + minutesMore) * MINUTE_MS;
    const simulated = (roasts[0] as DinnerRoast).simulated;
    const { renewed } = replan(host, simulated, turkey.derived, { inAt, pullMin, pulled: true, nowMs });
    const now = clashesNow([{ ...turkey, renewed }, other], nowMs - 300 * MINUTE_MS).get("legs") ?? [];
    return now
      .filter(({ uses }) => uses.some(({ id, of }) => id === "bird" && of === "turkey"))
      .map(({ kind }) => kind);
  };
  expect(kinds(0)).toContain("oven-two-temperatures");
  expect(kinds(-60)).toEqual([]);
  expect(kinds(40)).toContain("oven-two-temperatures");
});
