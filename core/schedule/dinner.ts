/**
 * The roasts of one dinner: one clock and one kitchen. What is placed first keeps its place, and the gravy is made of it;
 * what comes after finds its hands free beside it, and what they want of one thing at one time is a conflict of both.
 * Pieces of one heat go in together, when the one that takes longest has to, and leave one by one.
 */

import type { Shares } from "../forecast/shares";
import { type Portions, portionsOf } from "../kitchen/guests";
import { usesOven } from "../plan/heats";
import type { Plan, Side } from "../plan/schema";
import { type Task, taskOf } from "./backward";
import type { Told } from "./conflicts";
import { type Beside, type DerivedPlan, derivePlan, type Simulated } from "./derive";
import { withoutPreheating } from "./heatOn";
import { withOvens } from "./ovenOn";
import { clashesBetween, type Use } from "./resources";
import { SAME_OVEN_K } from "./sides";
import { givesBones } from "./stock";

/** A roast that is late, as its day goes now: all others of its dinner wait for it. */
export interface Awaited {
  readonly title: string;
  /** On the table no sooner. */
  readonly tableMs: number;
  /** What it takes of the kitchen now. */
  readonly uses: readonly Use[];
}

/** One of the dinner's roasts, with its simulation. */
export interface DinnerRoast {
  readonly id: string;
  /** Pieces in one heat have one. */
  readonly fire: string;
  readonly title: string;
  readonly plan: Plan;
  readonly simulated: Simulated;
  readonly shares: Shares;
  readonly inAt?: string | undefined;
  readonly told?: Told;
}

/** The pieces of one heat, the one that needs longest first: it says when all go in, and what is done for all is done at it. */
type Pieces = readonly [DinnerRoast, ...(readonly DinnerRoast[])];

/** The roasts by their heats. */
function firesOf(roasts: readonly DinnerRoast[]): readonly Pieces[] {
  return [...new Set(roasts.map(({ fire }) => fire))].map((fire): Pieces => {
    const pieces = roasts.filter((each) => each.fire === fire);
    const lead = pieces.reduce((lead, each) => (each.simulated.pullMinute > lead.simulated.pullMinute ? each : lead));
    return [lead, ...pieces.filter((each) => each !== lead)];
  });
}

/** In the order in which they are placed: first what makes the best gravy, the others as they were planned. */
function bestFirst(fires: readonly Pieces[]): readonly Pieces[] {
  const best = fires.reduce<Pieces | undefined>(
    (best, each) => (best && !makesMore(each, best) ? best : each),
    undefined,
  );
  return best ? [best, ...fires.filter((each) => each !== best)] : [];
}

/** Whether one makes more of a gravy than another: by the bones that it brings for the stock, then by what drips from it. */
function makesMore([{ plan: one }]: Pieces, [{ plan: other }]: Pieces): boolean {
  const [gives, give] = [givesBones(one), givesBones(other)];
  return gives === give ? one.bird.massKg * one.bird.count > other.bird.massKg * other.bird.count : gives;
}

/** Whether it is roasted on the day it is eaten. */
const isOfTheDay = ({ plan }: DinnerRoast): boolean => plan.roasted === "same-day";

/** Every dish of the dinner, once. */
function dishesOf(roasts: readonly DinnerRoast[]): readonly Side[] {
  return [...new Map(roasts.flatMap(({ plan }) => plan.sides).map((side) => [side.id, side])).values()];
}

/** Of all the birds of a dinner, what a head gets. */
function portionsTogether(roasts: readonly DinnerRoast[]): Portions {
  const each = roasts.map(({ plan: { table, bird } }) =>
    portionsOf(table, bird.massKg * bird.count, bird.species, bird.cut),
  );
  const sum = (of: "eachKg" | "lightKg" | "darkKg"): number =>
    each.reduce((total, portions) => total + portions[of], 0);
  return { heads: each[0]?.heads ?? 1, eachKg: sum("eachKg"), lightKg: sum("lightKg"), darkKg: sum("darkKg") };
}

/** By roast: so long before its own knife another one of the dinner begins, ms. */
type GravyLeads = ReadonlyMap<string, number>;

interface Around {
  /** What has the dinner's dishes. */
  readonly host: DinnerRoast | undefined;
  readonly dishes: readonly Side[];
  /** Null while it is sought: then the gravy keeps no hands, and is in no knife's way. */
  readonly gravyLeads: GravyLeads | null;
  /** What all others wait for. */
  readonly awaited: Awaited | null;
}

/** What a roast takes of the kitchen, as the others know it: by its name. */
const usesBy = (title: string, uses: readonly Use[]): readonly Use[] => uses.map((use) => ({ ...use, of: title }));

/** One of them, beside what others have taken. */
function placeOne(roast: DinnerRoast, others: Beside, around: Around, nowMs: number) {
  const { id, plan, simulated, shares, inAt, told } = roast;
  const { host, dishes, gravyLeads } = around;
  const awaited = around.awaited?.title === roast.title ? null : around.awaited;
  const before = awaited ? others.taken.filter(({ of }) => of !== awaited.title) : others.taken;
  const taken = [...before, ...(awaited ? usesBy(awaited.title, awaited.uses) : [])];
  const makesGravy = taken.every((use) => use.id !== "thicken");
  const beside: Beside = {
    ...others,
    taken: gravyLeads ? taken : taken.map((use) => (use.id === "thicken" ? { ...use, hands: 0 } : use)),
    dishes: roast === host ? dishes : [],
    ...(awaited && { awaitedMs: awaited.tableMs }),
    ...(told && { madeMs: told.madeMs }),
    ...(makesGravy && { gravyLeadMs: gravyLeads?.get(id) ?? 0 }),
  };
  return derivePlan(plan, simulated, shares, nowMs, inAt, beside, told);
}

/** The knife takes one after the other, and the gravy is stirred. */
const isServing = ({ id }: Use): boolean => id === "carve" || id === "thicken";

/** Each beside those that were placed before it, by its id; the pieces of one heat together. */
function placeEach(fires: readonly Pieces[], around: Around, nowMs: number): ReadonlyMap<string, DerivedPlan> {
  const taken: Use[] = [];
  const placed = new Map<string, DerivedPlan>();
  /** @param leadMs from when they go in to the table; left out while that is sought */
  const placeAll = (pieces: Pieces, leadMs?: number): readonly DerivedPlan[] => {
    // Beside knife and gravy, what is done is done for all of them at once.
    const served: Use[] = [];
    return pieces.map((piece, n) => {
      const beside: Beside = {
        taken: [...taken, ...served],
        ...(leadMs !== undefined && { piece: { leadMs, follows: n > 0 } }),
      };
      const derived = placeOne(piece, beside, around, nowMs);
      served.push(...usesBy(piece.title, derived.uses.filter(isServing)));
      return derived;
    });
  };
  for (const pieces of fires) {
    let all = placeAll(pieces);
    if (pieces.length > 1) {
      const needsMs = (): number => Math.max(...all.map(({ schedule }) => schedule.serveAtMs - schedule.inAtMs));
      // Earlier in moves the gravy, which may move the knife: sought until nothing moves any more.
      for (let leadMs = needsMs(); ; leadMs = needsMs()) {
        all = placeAll(pieces, leadMs);
        if (needsMs() <= leadMs) break;
      }
    }
    all.forEach((derived, m) => {
      const { id, title } = pieces[m] as DinnerRoast;
      placed.set(id, derived);
      taken.push(...usesBy(title, derived.uses));
    });
  }
  return placed;
}

/** Of birds that are carved for their dinner: how long before each the first of them is; of others, before the table. */
function gravyLeadsOf(roasts: readonly DinnerRoast[], placed: ReadonlyMap<string, DerivedPlan>): GravyLeads {
  const knifeOf = (roast: DinnerRoast): Task | undefined =>
    isOfTheDay(roast) ? taskOf((placed.get(roast.id) as DerivedPlan).schedule, "carve") : undefined;
  const knives = roasts.flatMap((roast) => knifeOf(roast) ?? []);
  const hands = roasts[0]?.plan.equipment.hands ?? 1;
  const leadMs = (ownMs: number): number => {
    const before = knives.filter(({ startMs }) => startMs < ownMs);
    // As one pair of hands will have them, one right after the other: now they may be apart, or one in the other.
    const inTurnMs = before.reduce((sum, { startMs, endMs }) => sum + endMs - startMs, 0);
    const firstMs = Math.min(...before.map(({ startMs }) => startMs));
    return hands === 1 || before.length === 0 ? inTurnMs : Math.min(inTurnMs, ownMs - firstMs);
  };
  return new Map(roasts.map((roast) => [roast.id, leadMs(knifeOf(roast)?.startMs ?? Number.POSITIVE_INFINITY)]));
}

/**
 * Everything of a dinner placed on its one clock.
 * @param roasts in the order in which they were planned
 * @param awaited the one of them that the others wait for, as its day goes now
 * @returns what is derived from each, by its id; its conflicts name what of other roasts they are with
 */
export function placeDinner(
  roasts: readonly DinnerRoast[],
  nowMs: number,
  awaited: Awaited | null = null,
): ReadonlyMap<string, DerivedPlan> {
  const fires = firesOf(roasts);
  const leads = fires.map(([lead]) => lead);
  // Dishes stand around what has the oven on the day.
  const ofTheDay = leads.some(isOfTheDay) ? leads.filter(isOfTheDay) : leads;
  const host = ofTheDay.find(({ plan }) => usesOven(plan)) ?? ofTheDay[0];
  const inTurn = bestFirst(fires);
  const around = { host, dishes: dishesOf(roasts), awaited };
  const gravyLeads =
    roasts.length > 1
      ? gravyLeadsOf(roasts, placeEach(inTurn, { ...around, gravyLeads: null }, nowMs))
      : new Map<string, number>();
  const placed = placeEach(inTurn, { ...around, gravyLeads }, nowMs);
  const portions = portionsTogether(roasts);
  return new Map(
    roasts.map(({ id, plan }, n) => {
      const own = placed.get(id) as DerivedPlan;
      const usesOf = (some: readonly DinnerRoast[]): readonly Use[] =>
        some.flatMap(({ id, title }) => usesBy(title, placed.get(id)?.uses ?? []));
      const [before, after] = [usesOf(roasts.slice(0, n)), usesOf(roasts.slice(n + 1))];
      const others = [...before, ...after];
      const ovenIsOn = isOvenOn(own, plan, before, after);
      const beside: Beside = { ...own.beside, takenAfter: after, ovenIsOn };
      const sides = withOvens(own.sides, [...before, ...own.uses, ...after], plan.equipment.ovens);
      const schedule = ovenIsOn ? withoutPreheating(own.schedule) : own.schedule;
      const between = clashesBetween(own.uses, others, plan.equipment, nowMs);
      return [
        id,
        { ...own, schedule, sides, beside, portions, resourceConflicts: [...own.resourceConflicts, ...between] },
      ];
    }),
  );
}

/**
 * Whether the one oven is on, as hot as it is wanted, when this one goes in: for another that is in it.
 * @param before of those planned before: of two that go in at one moment, the first turns it on
 */
function isOvenOn({ uses }: DerivedPlan, { equipment, preheat }: Plan, before: readonly Use[], after: readonly Use[]) {
  const own = uses.find(({ id, ovenC }) => id === "bird" && ovenC !== null);
  if (!own || equipment.ovens > 1 || preheat.airC !== null || preheat.minutes === 0) return false;
  const isOnFor = ({ id, ovenC, endMs }: Use): boolean =>
    id === "bird" && ovenC !== null && Math.abs(ovenC - (own.ovenC as number)) <= SAME_OVEN_K && endMs > own.startMs;
  return (
    before.some((use) => use.startMs <= own.startMs && isOnFor(use)) ||
    after.some((use) => use.startMs < own.startMs && isOnFor(use))
  );
}
