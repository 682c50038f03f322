import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { simulated } from "../../tests/helpers/simulated";
import { CUTS } from "../bird/form";
import { massRangeKg } from "../bird/mass";
import { SPECIES } from "../bird/species";
import { FIRST_SHARES } from "../forecast/shares";
import { usualPlan } from "../plan/usualPlan";
import { HOUR_MS } from "../units/time";
import { derivePlan } from "./derive";
import { inTime } from "./inTime";

const NOON = Date.UTC(2026, 10, 27, 12);

describe("a plan made late", () => {
  it("of a fresh chicken two hours ahead is salted now, not two days ago", () => {
    const plan = usualPlan({
      bird: { species: "chicken", cut: "spatchcock", massKg: 1.2, state: "fresh" },
      method: "hot-flat",
      serveAt: new Date(NOON + 2.5 * HOUR_MS).toISOString(),
      zone: "UTC",
    });
    const made = inTime(plan, NOON);
    expect(made.salt).toMatchObject({ method: "dry", saltHours: 0, dryHours: 0 });
    const { schedule, conflicts } = derivePlan(made, simulated({ pullMinute: 45 }), FIRST_SHARES, NOON);
    expect(schedule.tasks[0]?.startMs).toBeGreaterThanOrEqual(NOON);
    expect(conflicts).toEqual([]);
  });

  it("is the plan as it was wherever there is time, and otherwise salts no longer than there is", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SPECIES),
        fc.constantFrom(...CUTS),
        fc.constantFrom("frozen", "fresh" as const),
        fc.integer({ min: 1, max: 400 }),
        (species, cut, state, hours) => {
          const [low, high] = massRangeKg(species, cut);
          const serveAt = new Date(NOON + hours * HOUR_MS).toISOString();
          const plan = usualPlan({
            bird: { species, cut, massKg: (low + high) / 2, state },
            method: "steady",
            serveAt,
            zone: "UTC",
          });
          const made = inTime(plan, NOON);
          expect(made.salt.saltHours + made.salt.dryHours).toBeLessThanOrEqual(Math.max(0, hours));
          if (hours > 300) expect(made).toEqual(plan);
          // Thawed in water it is cooked at once, and with its ice it is not dried.
          if (made.thawIn !== "fridge") expect(made.salt).toMatchObject({ saltHours: 0, dryHours: 0 });
          if (made.thawIn === "none") expect(cut).toBe("whole");
        },
      ),
      { numRuns: 500 },
    );
  });
});
