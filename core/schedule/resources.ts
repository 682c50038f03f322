/** What every task takes of the kitchen, and where two want more than there is. */

import { isPiece } from "../bird/mass";
import { SPECIES_RECORDS } from "../bird/species";
import { constant } from "../constants";
import { type HeatSource, isFire } from "../heat/sources";
import { goesInCold } from "../kitchen/broughtUp";
import { heatsOf } from "../plan/heats";
import { thawPlaceOf } from "../plan/ice";
import type { Equipment } from "../plan/kitchen";
import { preheatedC } from "../plan/methods";
import type { SaltPlan } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import { MINUTE_MS } from "../units/time";
import { type Schedule, taskOf } from "./backward";
import type { Chore } from "./chore";
import { handsOnSaltMin } from "./dressing";
import { heatedSpans } from "./places";
import { type PlacedSide, SAME_OVEN_K } from "./sides";

/** The oven while it cools for a bird that goes into it cold: nothing may be hot in it. */
export const COLD = "cold";

/** Something that takes parts of the kitchen for a while. */
export interface Use {
  /** A side dish's own id, a task's or a chore's name; `bird` in the heat, {@link COLD} before it. */
  readonly id: string;
  /** The roast it belongs to, where that is another one of the same dinner. */
  readonly of?: string;
  readonly startMs: number;
  readonly endMs: number;
  /** °C in the oven; null where it takes none. */
  readonly ovenC: number | null;
  /** Share of the oven: 1 for all of it. */
  readonly ovenShare: number;
  readonly rings: number;
  readonly hands: number;
  /** A thermometer, now and then; one goes from bird to bird. */
  readonly isRead: boolean;
  readonly fridgeL: number;
}

/** Two uses of one thing at one time beyond what there is, or one that is too much by itself. */
export interface ResourceConflict {
  readonly kind:
    | "oven-two-temperatures"
    | "oven-full"
    | "rings-full"
    | "hands-short"
    | "no-thermometer"
    | "fridge-full";
  readonly uses: readonly [Use, Use];
  readonly fromMs: number;
}
/** An uncovered bird on its rack, or a frozen one in its tray, against its own volume. */
const FRIDGE_ROOM = { thaw: 2, dry: 2.5, chill: 1.2 } as const;
const MEAT_KG_PER_L = 1.06;

export interface Placed {
  readonly schedule: Schedule;
  readonly sides: readonly PlacedSide[];
  readonly chores: readonly Chore[];
  readonly salt: SaltPlan;
  /** In the heat of another piece, whose steps are done for both. */
  readonly isLed: boolean;
  /** One above the other in the oven. */
  readonly trays: number;
}

/** Of the oven: birds each by itself, pieces side by side in one tray. */
const shareOf = ({ bird, equipment }: Plan, trays: number): number =>
  isPiece(bird.cut) ? trays / equipment.dishesInOven : Math.min(1, constant("birdOvenShare") * bird.count);

/** Everything that is done, as what it takes. */
export function usesOf(plan: Plan, { schedule, sides, chores, salt, isLed, trays }: Placed): Use[] {
  const { bird, equipment } = plan;
  const nothing = { ovenC: null, ovenShare: 0, rings: 0, hands: 0, isRead: false, fridgeL: 0 };
  const uses: Use[] = [];
  const add = (id: string, startMs: number, endMs: number, takes: Partial<Use>): void => {
    if (endMs > startMs) uses.push({ ...nothing, id, startMs, endMs, ...takes });
  };
  const salting = taskOf(schedule, "salt");
  const thawIn = thawPlaceOf(plan);
  const isInCooler = salt.coolerIceKg !== null;
  const bathL = salt.bath ? salt.bath.containerL * salt.bath.vessels : 0;
  const birdL = (bird.massKg * bird.count) / MEAT_KG_PER_L;
  const inFridge: Record<string, number> = {
    thaw: thawIn === "fridge" ? birdL * FRIDGE_ROOM.thaw : thawIn === "brine" && !isInCooler ? bathL : 0,
    salt: isInCooler || salting?.lane !== "cold" ? 0 : bathL || birdL * FRIDGE_ROOM.dry,
    dry: birdL * FRIDGE_ROOM.dry,
    chill: birdL * SPECIES_RECORDS[bird.species].edibleShare.value * FRIDGE_ROOM.chill,
  };
  for (const { id, startMs, endMs } of schedule.tasks) {
    if (inFridge[id]) add(id, startMs, endMs, { fridgeL: inFridge[id] });
    if (id === "carve" || (id === "prepare" && !isLed)) add(id, startMs, endMs, { hands: 1 });
  }
  if (salting && !isLed) {
    const atWorkMs = handsOnSaltMin(plan) * MINUTE_MS;
    add("salt", salting.startMs, Math.min(salting.endMs, salting.startMs + atWorkMs), { hands: 1 });
  }
  const isOven = (heat: HeatSource): boolean => !isFire(heat) && !isLed;
  const isInOven = isOven(plan.heat);
  if (isInOven && goesInCold(plan)) {
    const coolsFromMs = schedule.inAtMs - constant("ovenCoolMin") * MINUTE_MS;
    add(COLD, coolsFromMs, schedule.inAtMs, { ovenC: constant("kitchenC") });
  }
  const preheat = taskOf(schedule, "preheat");
  if (isInOven && preheat) add("preheat", preheat.startMs, preheat.endMs, { ovenC: preheatedC(plan) });
  // With it out, the oven is free.
  for (const { heat, airC, startMs, endMs } of heatedSpans(plan, { schedule, chores })) {
    add("bird", startMs, endMs, isOven(heat) ? { ovenC: airC, ovenShare: shareOf(plan, trays) } : {});
  }
  // From the oven to the end of the rest.
  const isRead = plan.finish.kind === "after-rest" || plan.finish.kind === "at-pull";
  if (isRead) add("bird", schedule.inAtMs, schedule.carveAtMs, { isRead });
  for (const { id, startMs, endMs, ovenC, ring, slot } of sides) {
    const inTray = slot === "tray";
    add(id, startMs, endMs, {
      ovenC: inTray ? null : ovenC,
      ovenShare: inTray || ovenC === null ? 0 : 1 / equipment.dishesInOven,
      rings: ring && ovenC === null ? 1 : 0,
    });
  }
  for (const { kind, n, startMs, endMs, hands, ring } of chores) {
    const into = kind === "bring-up" && heatsOf(plan)[n];
    if (into && isOven(into)) add(kind, startMs, endMs, { ovenC: plan.stages[n]?.airC ?? null });
    if (hands > 0 || ring) add(kind, startMs, endMs, { hands, rings: ring ? 1 : 0 });
  }
  return uses;
}

/** One that is in an oven, or is to be. */
export type OvenUse = Use & { readonly ovenC: number };
export const takesOven = (use: Use): use is OvenUse => use.ovenC !== null;

/** All that is in one oven agrees, each with each. */
const agrees = (oven: readonly OvenUse[], { ovenC }: OvenUse): boolean =>
  oven.every((other) => Math.abs(other.ovenC - ovenC) <= SAME_OVEN_K);
const hasRoom = (oven: readonly OvenUse[], { ovenShare }: OvenUse): boolean =>
  oven.reduce((sum, other) => sum + other.ovenShare, ovenShare) <= 1 + 1e-9;

/** Of ovens with something in them, the one in which this finds its heat and its room. */
export const ovenFor = (ovens: readonly OvenUse[][], use: OvenUse): OvenUse[] | undefined =>
  ovens.find((oven) => agrees(oven, use) && hasRoom(oven, use));

type Capacity = Pick<Equipment, "ovens" | "rings" | "hands" | "thermometers" | "fridgeL">;
/** What is simply added up: which of a use, what there is, and what it is called when it is short. */
const COUNTED = [
  { of: "rings", kind: "rings-full" },
  { of: "hands", kind: "hands-short" },
  { of: "fridgeL", kind: "fridge-full" },
] as const;

/**
 * Every pair that wants one thing at one time beyond what there is; the first instant of each.
 * @param nowMs what clashed before is over, and nothing is to be done about it
 */
export function resourceConflicts(uses: readonly Use[], capacity: Capacity, nowMs: number): ResourceConflict[] {
  const found: ResourceConflict[] = [];
  const instants = [...new Set(uses.map(({ startMs }) => startMs))].sort((a, b) => a - b);
  const named = new Set<string>();
  const report = (kind: ResourceConflict["kind"], a: Use, b: Use, fromMs: number): void => {
    const key = `${kind}/${[a, b]
      .map(({ id, of = "" }) => `${of} ${id}`)
      .sort()
      .join("/")}`;
    if (named.has(key) || Math.min(a.endMs, b.endMs) <= nowMs) return;
    named.add(key);
    found.push({ kind, uses: [a, b], fromMs });
  };
  for (const ms of instants) {
    const now = uses.filter(({ startMs, endMs }) => startMs <= ms && endMs > ms);
    // Ovens are filled in turn with what goes together.
    const filled: OvenUse[][] = [];
    for (const use of now.filter(takesOven)) {
      const same = ovenFor(filled, use);
      if (same) same.push(use);
      else if (filled.length < capacity.ovens) filled.push([use]);
      else {
        const near = filled.find((oven) => agrees(oven, use));
        // Told beside what took the last oven: with one more, that has it.
        const other = (near ?? (filled.at(-1) as OvenUse[])).at(-1) as Use;
        report(near ? "oven-full" : "oven-two-temperatures", other, use, ms);
      }
    }
    const unread = capacity.thermometers === 0 && now.find(({ isRead }) => isRead);
    if (unread) report("no-thermometer", unread, unread, ms);
    for (const { of, kind } of COUNTED) {
      const wanting = now.filter((use) => use[of] > 0);
      let sum = 0;
      for (const use of wanting) {
        sum += use[of];
        if (sum > capacity[of] + 1e-9) {
          report(kind, wanting[0] as Use, use, ms);
          break;
        }
      }
    }
  }
  return found;
}

/** Of one roast and another: what others want among themselves is theirs to say. */
const isBetween = ({ uses: [one, other] }: ResourceConflict): boolean =>
  (one.of === undefined) !== (other.of === undefined);

/** What one of a dinner's roasts wants beside the others that is not there for both. @param others named by `of` */
export const clashesBetween = (
  own: readonly Use[],
  others: readonly Use[],
  capacity: Capacity,
  nowMs: number,
): ResourceConflict[] => resourceConflicts([...own, ...others], capacity, nowMs).filter(isBetween);
