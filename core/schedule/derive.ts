/** From a plan and its simulated finish to everything the cook reads off it. Pure: the clock is handed in. */
import type { Quantiles } from "../forecast/ensemble";
import type { Plan } from "../formats/roast";
import { type DrySalt, drySalt } from "../kitchen/salt";
import { type Thaw, thawTime } from "../kitchen/thaw";
import { constant } from "../sources";
import { KG_PER_POUND } from "../units/quantity";
import { type Conflict, conflictsOf, placeBackward, type Schedule } from "./backward";

export interface DerivedPlan {
  readonly schedule: Schedule;
  readonly conflicts: readonly Conflict[];
  readonly thaw: Thaw | null;
  readonly salt: DrySalt;
  /** What the plain minutes-per-pound rule would say. */
  readonly plainRule: { readonly roastMin: number; readonly inAtMs: number };
}

/** @param roastMin simulated minutes to the pull; @param shares its band, as shares of it; @param inAt when the bird really went in */
export function derivePlan(plan: Plan, roastMin: number, shares: Quantiles, nowMs: number, inAt?: string): DerivedPlan {
  const frozen = plan.bird.state === "frozen";
  const thaw = frozen ? thawTime(plan.bird.massKg, plan.thawIn) : null;
  const salted = !plan.bird.preSalted && plan.salt.percent > 0;
  const input = {
    serveAtMs: Date.parse(plan.serveAt),
    thawHours: thaw?.hours ?? 0,
    thawIn: plan.thawIn,
    saltHours: salted ? plan.salt.saltHours : 0,
    dryHours: plan.salt.dryHours,
    roastMin: { p10: roastMin * shares.p10, p50: roastMin, p90: roastMin * shares.p90 },
    carveMin: constant("carveMin"),
    shortestRestMin: constant("shortestRestMin"),
    usualRestMin: constant("usualRestMin"),
    ...(inAt && { wentInAtMs: Date.parse(inAt) }),
  };
  const schedule = placeBackward(input);
  const plainMin = (plan.bird.massKg / KG_PER_POUND) * constant("minutesPerPound");
  return {
    schedule,
    conflicts: inAt ? [] : conflictsOf(schedule, input, nowMs),
    thaw,
    salt: drySalt(plan.bird.massKg, plan.salt.percent, plan.salt.kind, plan.bird.preSalted),
    plainRule: { roastMin: plainMin, inAtMs: schedule.carveAtMs - (plainMin + input.usualRestMin) * 60_000 },
  };
}

/** Until the first band has been computed: the declared spread of the usual bird, from the science page. */
export const FIRST_SHARES: Quantiles = { p10: 0.9, p50: 1, p90: 1.1 };
