/** Side dishes fitted around the bird: during the rest, with it, or before it, by what the oven and the rings allow. */

import type { Equipment } from "../plan/kitchen";
import type { SideSlot } from "../plan/schema";
import { MINUTE_MS } from "../units/time";
import { type Schedule, taskOf } from "./backward";

export interface SideDish {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  /** °C it needs in the oven; null for a ring or a board. */
  readonly ovenC: number | null;
  readonly ring: boolean;
  readonly slot: SideSlot;
}

/** What of the kitchen dishes are placed by; ovens that the bird does not take are free all day. */
export type Stoves = Pick<Equipment, "ovens" | "dishesInOven" | "rings"> & {
  readonly birdInOven: boolean;
  /** How long the oven stands after a dish until the bird goes in, min: some time where that is to go in cold. */
  readonly coolsMin: number;
};

export interface PlacedSide extends Omit<SideDish, "slot"> {
  /** Where it was put, which is where it was asked for unless that was "auto". */
  readonly slot: Exclude<SideSlot, "auto">;
  readonly startMs: number;
  readonly endMs: number;
  /** Whether nothing else has its oven on, and it is to be turned on for this one. */
  readonly isOvenOff: boolean;
}
/** Dishes where they were placed, whatever has come since: once the bird is in, none of them can be baked before it. */
export const onTheirSide = <Dish extends SideDish>(dishes: readonly Dish[], placed: readonly PlacedSide[]): Dish[] =>
  dishes.map((dish) => ({ ...dish, slot: placed.find(({ id }) => id === dish.id)?.slot ?? dish.slot }));

/** Dishes are ready this long before the table, so that they can be carried. */
const READY_MIN = 5;
/** Two dishes share an oven when their temperatures lie this close. */
export const SAME_OVEN_K = 12;

/** Minutes the oven is wanted for between the latest pull and the table: what the rest must leave room for. */
export function minutesWantedAfterPull(
  sides: readonly SideDish[],
  { ovens, dishesInOven, birdInOven }: Stoves,
): number {
  if (!birdInOven || ovens > 1) return 0;
  return batches(
    sides.filter((side) => side.ovenC !== null && (side.slot === "auto" || side.slot === "rest")),
    dishesInOven,
  ).reduce((sum, batch) => sum + Math.max(...batch.map(({ minutes }) => minutes)), 0);
}

/** Dishes that can be in the oven at the same time: near in temperature, as many as it takes; the longest first. */
function batches(sides: readonly SideDish[], dishesInOven: number): SideDish[][] {
  const made: SideDish[][] = [];
  for (const side of [...sides].sort((a, b) => b.minutes - a.minutes)) {
    const fits = made.find(
      (batch) =>
        batch.length < dishesInOven &&
        batch.every(({ ovenC }) => Math.abs((ovenC ?? 0) - (side.ovenC ?? 0)) <= SAME_OVEN_K),
    );
    if (fits) fits.push(side);
    else made.push([side]);
  }
  return made;
}

/**
 * Places every dish. Oven dishes go in after the latest pull and are ready at the table; those that find no room there
 * go before the bird. What cannot be is left where it was asked for and comes out of `resourceConflicts`.
 */
export function placeSides(
  sides: readonly SideDish[],
  schedule: Schedule,
  serveAtMs: number,
  { ovens, dishesInOven, rings: ringCount, birdInOven, coolsMin }: Stoves,
): PlacedSide[] {
  const readyMs = serveAtMs - READY_MIN * MINUTE_MS;
  const placed: PlacedSide[] = [];
  const put = ({ slot: _, ...side }: SideDish, slot: PlacedSide["slot"], endMs: number): void => {
    placed.push({ ...side, slot, startMs: endMs - side.minutes * MINUTE_MS, endMs, isOvenOff: false });
  };
  const inOven = sides.filter(({ ovenC }) => ovenC !== null);
  let restFrom = readyMs;
  const coolsMs = ovens > 1 || !birdInOven ? 0 : coolsMin * MINUTE_MS;
  let beforeFrom = (taskOf(schedule, "preheat")?.startMs ?? schedule.inAtMs) - coolsMs;
  const before = (batch: readonly SideDish[]): void => {
    for (const side of batch) put(side, "before", beforeFrom);
    beforeFrom -= Math.max(...batch.map(({ minutes }) => minutes)) * MINUTE_MS;
  };
  for (const side of inOven) {
    if (side.slot === "with" || side.slot === "tray") put(side, side.slot, schedule.pullAtMs.p50);
  }
  const freeFromMs = ovens > 1 || !birdInOven ? Number.NEGATIVE_INFINITY : schedule.latePullMs;
  for (const batch of batches(
    inOven.filter(({ slot }) => slot === "auto" || slot === "rest"),
    dishesInOven,
  )) {
    const longest = Math.max(...batch.map(({ minutes }) => minutes)) * MINUTE_MS;
    const fits = restFrom - longest >= freeFromMs - 1;
    if (!fits && batch.every(({ slot }) => slot === "auto")) before(batch);
    else {
      for (const side of batch) put(side, "rest", restFrom);
      restFrom -= longest;
    }
  }
  for (const batch of batches(
    inOven.filter(({ slot }) => slot === "before"),
    dishesInOven,
  ))
    before(batch);
  // On the rings the longest begin first, all ready together as far as there are rings; the rest are kept warm.
  const rings: number[] = Array.from({ length: ringCount }, () => readyMs);
  for (const side of sides.filter(({ ovenC, ring }) => ovenC === null && ring).sort((a, b) => a.minutes - b.minutes)) {
    const ring = rings.indexOf(Math.max(...rings));
    const endMs = rings[ring] ?? readyMs;
    put(side, "rest", endMs);
    if (ring >= 0) rings[ring] = endMs - side.minutes * MINUTE_MS;
  }
  for (const side of sides.filter(({ ovenC, ring }) => ovenC === null && !ring)) put(side, "rest", readyMs);
  return placed.sort((a, b) => a.startMs - b.startMs);
}
