/** From a plan and its simulation to everything the cook reads off it. Pure: the clock is handed in. */

import { constant } from "../constants";
import type { PlannedDone } from "../forecast/planned";
import { mapLate, type Shares } from "../forecast/shares";
import { goesInCold } from "../kitchen/broughtUp";
import { boardMin } from "../kitchen/cutting";
import type { Gravy } from "../kitchen/gravy";
import { massToBuyKg, type Portions, portionsOf } from "../kitchen/guests";
import { saltBesidesPercent } from "../plan/additions";
import { carveMinOf } from "../plan/carving";
import { isHeatedAgain, outOfFridgeMin } from "../plan/dayBefore";
import { type Fit, fitsOf, traysFor, unfitOf } from "../plan/fits";
import { gravyOf } from "../plan/gravy";
import { usesOven } from "../plan/heats";
import { thawPlaceOf, thawsInBrine } from "../plan/ice";
import { type SaltPlan, saltPlan } from "../plan/saltPlan";
import type { Plan, Side } from "../plan/schema";
import { type Seasoning, seasoningFor } from "../plan/season";
import { reheatDialC } from "../processes/leftovers";
import { restFor } from "../processes/rest";
import { KG_PER_POUND } from "../units/quantity";
import { MINUTE_MS } from "../units/time";
import { placeBackward, type Schedule, type ScheduleInput } from "./backward";
import { type Chore, ownChores } from "./chore";
import { choresOf, GRAVY_MIN } from "./chores";
import { waitingInVain } from "./choresInHeat";
import { type Conflict, conflictsOf, type Told, UNTOLD } from "./conflicts";
import { handsOnSaltMin, outMin, workMin } from "./dressing";
import { freeBeside } from "./hands";
import { isOnAlready, withoutPreheating } from "./heatOn";
import { withOvens } from "./ovenOn";
import { type ResourceConflict, resourceConflicts, type Use, usesOf } from "./resources";
import { minutesWantedAfterPull, onTheirSide, type PlacedSide, placeSides, type SideDish } from "./sides";
import { potHours, simmersItsBones, stockLeadMin } from "./stock";
import { latestWithin, toBeDone, WAKING } from "./waking";

/** What of a simulated cook a plan is derived from. */
export type Simulated = Pick<
  PlannedDone,
  "pullMinute" | "history" | "thawHours" | "sizeCm" | "thawsCm" | "fillingKg" | "saltPercent" | "dayAfter"
>;

export interface DerivedPlan {
  readonly schedule: Schedule;
  readonly sides: readonly PlacedSide[];
  readonly chores: readonly Chore[];
  readonly uses: readonly Use[];
  /** What it was placed beside. */
  readonly beside: Beside;
  readonly resourceConflicts: readonly ResourceConflict[];
  readonly conflicts: readonly Conflict[];
  readonly fits: readonly Fit[];
  /** Null where none is made. */
  readonly gravy: Gravy | null;
  readonly portions: Portions;
  /** What this table would buy of such a bird, kg. */
  readonly toBuyKg: number;
  readonly salt: SaltPlan;
  readonly seasoning: Seasoning;
  /** What the plain minutes-per-pound rule would say. */
  readonly plainRule: { readonly roastMin: number; readonly inAtMs: number };
}

/** What a roast is placed beside: others of its dinner, and other pieces in its heat. */
export interface Beside {
  /** Of the kitchen, by roasts that were placed before. */
  readonly taken: readonly Use[];
  /** The dinner's dishes where they are placed around this one; its own where they are left out. */
  readonly dishes?: readonly Side[];
  /** Another roast of the dinner is on the table no sooner, and this one waits for it. */
  readonly awaitedMs?: number;
  /** So long before its own knife another one of the dinner begins: its gravy is ready by then. */
  readonly gravyLeadMs?: number;
  /** When it was planned, ms; long before when left out. */
  readonly madeMs?: number;
  /** Of the kitchen, by roasts that were placed after. */
  readonly takenAfter?: readonly Use[];
  /** The one oven is on already, as hot, for another roast that is in it. */
  readonly ovenIsOn?: boolean;
  /** One of several pieces in one heat. */
  readonly piece?: {
    /** From when all of them go in to the table, ms. */
    readonly leadMs: number;
    /** The first of them, whose steps are done for all: dressed with it, heated with it, out when it is done itself. */
    readonly follows: boolean;
  };
}

const ALONE: Beside = { taken: [] };

/** A thaw that never ends is placed as if it took this long, and reported. */
const LONGEST_THAW_HOURS = 14 * 24;
export const REHEAT_ID = "reheat";

/** The carved bird of the day before, as one more dish for the oven: nobody named it. */
function reheatingDish({ dayAfter }: Simulated, plan: Plan): SideDish[] {
  if (!isHeatedAgain(plan) || dayAfter?.reheat.kind !== "hot") return [];
  return [
    {
      id: REHEAT_ID,
      name: "",
      minutes: dayAfter.reheat.minutes,
      ovenC: reheatDialC(plan.equipment.dial),
      ring: false,
      slot: "auto",
    },
  ];
}

/** Minutes in the heat by the plain rule: a quarter of an hour a pound. */
export const plainRuleMin = (massKg: number): number => (massKg / KG_PER_POUND) * constant("minutesPerPound");

/**
 * @param shares band of the roast, as shares of it
 * @param inAt when the bird really went in
 */
export function derivePlan(
  plan: Plan,
  simulated: Simulated,
  shares: Shares,
  nowMs: number,
  inAt?: string,
  beside: Beside = ALONE,
  told: Told = UNTOLD,
): DerivedPlan {
  const { taken, takenAfter = [], piece, gravyLeadMs = 0, madeMs = Number.NEGATIVE_INFINITY } = beside;
  const { species, cut, massKg, count } = plan.bird;
  const roastMin = simulated.pullMinute;
  const salt = saltPlan(plan);
  const dayBefore = plan.roasted === "day-before";
  const ownDishes = beside.dishes ?? plan.sides;
  const dishes = [
    // On the day they are eaten there is no bird to bake beside, before or under.
    ...(dayBefore ? ownDishes.map((dish): SideDish => ({ ...dish, slot: "rest" })) : ownDishes),
    ...reheatingDish(simulated, plan),
  ];
  const stoves = {
    ...plan.equipment,
    birdInOven: usesOven(plan) && !dayBefore,
    coolsMin: goesInCold(plan) ? constant("ovenCoolMin") : 0,
  };
  const carveMin = carveMinOf(plan);
  const rest = restFor(massKg);
  // What goes on at the oven has no time to go in, and is in the drippings all the same.
  const atOven = salt.grams > 0 && salt.hours === 0;
  const known = salt.isCertain ? salt.meatPercentMost : null;
  const salted = atOven ? known : (simulated.saltPercent ?? known);
  const meatPercent = salted === null ? null : salted + saltBesidesPercent(plan);
  const gravy = gravyOf(plan, meatPercent ?? salt.meatPercentMost);
  // With others to carve first, or with no second pair of hands to stir while it is carved.
  const stirsBeforeKnife =
    gravy !== null &&
    !dayBefore &&
    !taken.some(({ id }) => id === "thicken") &&
    (gravyLeadMs > 0 || plan.equipment.hands === 1);
  // What rests for less than a gravy takes waits for it, unless its cook says otherwise.
  const wantedMin = plan.restMin ?? Math.max(rest.usualMin, stirsBeforeKnife ? GRAVY_MIN : 0);
  const longestRestMin = Math.max(constant("longestRestMin"), wantedMin);
  // Thawed in its brine, a bird is being salted already.
  const inBrine = thawsInBrine(plan);
  const thawHours = Math.min(simulated.thawHours, LONGEST_THAW_HOURS);
  const serveMs = Math.max(Date.parse(plan.serveAt), beside.awaitedMs ?? Number.NEGATIVE_INFINITY);
  const input: ScheduleInput = {
    serveAtMs: serveMs,
    outOfFridgeMin: outOfFridgeMin(plan),
    thawHours,
    thawIn: thawPlaceOf(plan),
    prepareMin: boardMin(cut, count),
    saltHours: inBrine ? Math.max(0, salt.hours - thawHours) : salt.grams > 0 ? salt.hours : 0,
    saltMin: salt.grams > 0 && !inBrine ? handsOnSaltMin(plan) : 0,
    saltHandsMin: handsOnSaltMin(plan),
    dryHours: plan.salt.dryHours,
    outMin: outMin(plan, simulated.sizeCm),
    workMin: workMin(plan, simulated.sizeCm),
    free: freeBeside(taken, plan.equipment.hands),
    // What was roasted the day before gets its gravy on the day; another knife may want it before this one.
    stockBy:
      simmersItsBones(plan, gravy) && !dayBefore
        ? (carveAtMs) =>
            latestWithin(carveAtMs - gravyLeadMs - stockLeadMin(plan) * MINUTE_MS, plan.zone, potHours(plan))
        : null,
    roastMin: { p10: roastMin * shares.p10, p50: roastMin, p90: mapLate(shares.p90, (share) => roastMin * share) },
    carveMin,
    preheatMin: plan.preheat.minutes,
    // Dishes that bake after the bird need the oven, gravy comes before the table, and of one that is in and late before
    // the first knife: the rest is made as long as they take, up to what a wrapped bird can wait.
    shortestRestMin: Math.min(
      longestRestMin,
      Math.max(
        Math.min(rest.shortestMin, wantedMin),
        minutesWantedAfterPull(dishes, stoves) + 5 - carveMin,
        gravy && !dayBefore ? GRAVY_MIN - carveMin : 0,
        inAt && stirsBeforeKnife ? GRAVY_MIN + gravyLeadMs / MINUTE_MS : 0,
      ),
    ),
    usualRestMin: wantedMin,
    longestRestMin,
    awake: (ms, minutes = 0) => latestWithin(ms, plan.zone, toBeDone(WAKING, minutes)),
    ...(piece && { inByMs: serveMs - piece.leadMs }),
  };
  const asPlanned = placeBackward(input);
  const placed = inAt ? placeBackward({ ...input, wentInAtMs: Date.parse(inAt) }) : asPlanned;
  const settled = inAt ? onTheirSide(dishes, placeSides(dishes, asPlanned, serveMs, stoves)) : dishes;
  const sides = placeSides(settled, placed, placed.serveAtMs, stoves);
  const isLed = piece?.follows === true;
  const made = choresOf(plan, placed, simulated, { taken, gravyLeadMs, madeMs, gravy, salt });
  const isNotBroughtUp = isOnAlready(beside) || plan.preheat.minutes === 0;
  const schedule = isNotBroughtUp ? withoutPreheating(placed) : placed;
  const chores = isLed ? ownChores(made) : made;
  const uses = usesOf(plan, { schedule, sides, chores, salt, isLed, trays: traysFor(simulated.sizeCm, plan) });
  const fits = fitsOf(simulated, plan, salt);
  const plainMin = plainRuleMin(massKg);
  return {
    schedule,
    sides: withOvens(sides, [...taken, ...uses, ...takenAfter], plan.equipment.ovens),
    chores,
    uses,
    beside,
    fits,
    conflicts: inAt
      ? []
      : conflictsOf({
          plan,
          schedule,
          input: { ...input, thawHours: simulated.thawHours },
          salt,
          meatPercent,
          unfit: unfitOf(fits, simulated, plan, salt),
          inVain: waitingInVain(plan, simulated.history, roastMin),
          nowMs,
          told,
        }),
    resourceConflicts: resourceConflicts(uses, plan.equipment, nowMs),
    gravy,
    portions: portionsOf(plan.table, massKg * count, species, cut),
    toBuyKg: massToBuyKg(plan.table, species, cut),
    salt,
    seasoning: seasoningFor(plan, simulated.fillingKg),
    plainRule: { roastMin: plainMin, inAtMs: schedule.carveAtMs - (plainMin + rest.usualMin) * MINUTE_MS },
  };
}
