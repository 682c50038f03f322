/** Usual plans of every species, cut and way to heat it, and what simulating them gives. */
import fc from "fast-check";
import type { Cut } from "../../core/bird/form";
import { massRangeKg } from "../../core/bird/mass";
import { SPECIES } from "../../core/bird/species";
import { type PlannedOutcome, plannedCook } from "../../core/forecast/planned";
import { plannedInput } from "../../core/forecast/plannedInput";
import { NEVER, type Shares } from "../../core/forecast/shares";
import { METHODS } from "../../core/plan/methods";
import type { Plan } from "../../core/plan/schema";
import { usualPlan } from "../../core/plan/usualPlan";
import { drain } from "../../core/processes/cook";

/** Every way of the start form that goes with a cut. */
const WAYS = METHODS.flatMap(({ id, cuts }) => cuts.map((cut): readonly [typeof id, Cut] => [id, cut]));

export const USUAL_PLAN: fc.Arbitrary<Plan> = fc
  .record({
    species: fc.constantFrom(...SPECIES),
    way: fc.constantFrom(...WAYS),
    share: fc.double({ min: 0, max: 1, noNaN: true }),
    state: fc.constantFrom("frozen", "part-frozen", "fresh" as const),
    legs: fc.constantFrom("tied", "open" as const),
    preheatMin: fc.constantFrom(25, 25, 25, 0),
    serveAt: fc.integer({ min: Date.UTC(2026, 0, 1), max: Date.UTC(2027, 5, 1) }),
    zone: fc.constantFrom("UTC", "Europe/Lisbon", "America/New_York", "Asia/Kolkata"),
  })
  .map(({ species, way: [method, cut], share, state, legs, preheatMin, serveAt, zone }) => {
    const [low, high] = massRangeKg(species, cut);
    const bird = {
      species,
      cut,
      legs,
      state,
      massKg: Math.min(high, Math.max(low, Math.round(100 * (low + share * (high - low))) / 100)),
    };
    const serve = new Date(Math.floor(serveAt / 300_000) * 300_000).toISOString();
    return { ...usualPlan({ bird, method, serveAt: serve, zone }), preheat: { minutes: preheatMin, airC: null } };
  });

/** Bands as ensembles give them: some with a late end that is never reached, some far out. */
export const ANY_SHARES: fc.Arbitrary<Shares> = fc
  .oneof(
    {
      weight: 3,
      arbitrary: fc.record({
        p10: fc.double({ min: 0.7, max: 1, noNaN: true }),
        late: fc.double({ min: 1, max: 5, noNaN: true }),
      }),
    },
    {
      weight: 1,
      arbitrary: fc.record({ p10: fc.double({ min: 0.7, max: 1, noNaN: true }), late: fc.constant(NEVER) }),
    },
  )
  .map(({ p10, late }) => ({ p10, p50: 1, p90: late }));

const cooked = new Map<string, PlannedOutcome>();

/** The plan's own simulation, coarse; one bird of a middling weight stands for all of its cut and way. */
export function cookOf(plan: Plan): PlannedOutcome {
  const [low, high] = massRangeKg(plan.bird.species, plan.bird.cut);
  const massKg = (low + high) / 2;
  const input = plannedInput({ ...plan, bird: { ...plan.bird, massKg, legs: "tied" } });
  const key = JSON.stringify([input.form, input.stages]);
  const known = cooked.get(key) ?? drain(plannedCook(input, "preview"));
  cooked.set(key, known);
  return known;
}
