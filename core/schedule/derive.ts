/** From a plan and its simulated finish to everything the cook reads off it. Pure: the clock is handed in. */
import { ovenMassKg } from "../bird/body";
import type { Quantiles } from "../forecast/ensemble";
import type { Plan } from "../formats/roast";
import { type Gravy, gravyFor } from "../kitchen/gravy";
import { headsAt, massToBuyKg, type Portions, portionsOf } from "../kitchen/guests";
import { type DrySalt, drySalt } from "../kitchen/salt";
import { type Thaw, thawTime } from "../kitchen/thaw";
import { constant } from "../sources";
import { KG_PER_POUND } from "../units/quantity";
import { type Conflict, conflictsOf, placeBackward, type Schedule } from "./backward";
import {
  minutesWantedAfterPull,
  type PlacedSide,
  placeSides,
  type ResourceConflict,
  resourceConflicts,
  usesOf,
} from "./sides";

export interface DerivedPlan {
  readonly schedule: Schedule;
  readonly sides: readonly PlacedSide[];
  readonly resourceConflicts: readonly ResourceConflict[];
  readonly gravy: Gravy;
  readonly portions: Portions;
  /** What this table would buy of such a bird, kg. */
  readonly toBuyKg: number;
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
    // Dishes that bake after the bird need the oven: the rest is made as long as they take, up to what a wrapped bird can wait.
    shortestRestMin: Math.min(
      constant("longestRestMin"),
      Math.max(
        constant("shortestRestMin"),
        minutesWantedAfterPull(plan.sides, plan.equipment) + 5 - constant("carveMin"),
      ),
    ),
    usualRestMin: constant("usualRestMin"),
    ...(inAt && { wentInAtMs: Date.parse(inAt) }),
  };
  const schedule = placeBackward(input);
  const serveAtMs = Date.parse(plan.serveAt);
  const sides = placeSides(plan.sides, schedule, serveAtMs, plan.equipment);
  const { species, cut, massKg } = plan.bird;
  const saltPercent = plan.bird.preSalted ? constant("preSaltedPercent") : plan.salt.percent;
  const plainMin = (plan.bird.massKg / KG_PER_POUND) * constant("minutesPerPound");
  return {
    schedule,
    conflicts: inAt ? [] : conflictsOf(schedule, input, nowMs),
    sides,
    resourceConflicts: resourceConflicts(usesOf(schedule, sides, plan.stages, plan.equipment), plan.equipment),
    gravy: gravyFor({
      heads: Math.max(1, headsAt(plan.table)),
      species,
      ovenKg: ovenMassKg(massKg, species, cut),
      thickener: plan.gravy,
      saltPercent,
    }),
    portions: portionsOf(plan.table, massKg, species, cut),
    toBuyKg: massToBuyKg(plan.table, species, cut),
    thaw,
    salt: drySalt(plan.bird.massKg, plan.salt.percent, plan.salt.kind, plan.bird.preSalted),
    plainRule: { roastMin: plainMin, inAtMs: schedule.carveAtMs - (plainMin + input.usualRestMin) * 60_000 },
  };
}

/** Until the first band has been computed: the declared spread of the usual bird, from the science page. */
export const FIRST_SHARES: Quantiles = { p10: 0.9, p50: 1, p90: 1.1 };
