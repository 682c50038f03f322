/** Side dishes fitted around the bird: during the rest, with it, or before it, by what the oven and the rings allow. */
import { constant } from "../sources";
import type { Schedule, Task } from "./backward";
import type { SideSlot } from "./slots";

export interface SideDish {
  readonly id: string;
  readonly name: string;
  readonly minutes: number;
  /** °C it needs in the oven; null for a ring or a board. */
  readonly ovenC: number | null;
  readonly ring: boolean;
  readonly slot: SideSlot;
}

/** What the kitchen has. */
export interface Equipment {
  readonly ovens: number;
  /** Dishes that go into the oven beside each other. */
  readonly dishesInOven: number;
  readonly rings: number;
}

export interface PlacedSide extends Omit<SideDish, "slot"> {
  /** Where it was put, which is where it was asked for unless that was "auto". */
  readonly slot: Exclude<SideSlot, "auto">;
  readonly startMs: number;
  readonly endMs: number;
}

/** Two tasks that want one thing at one time; the bird has no id. */
export interface ResourceConflict {
  readonly kind: "oven-two-temperatures" | "oven-full" | "rings-full";
  readonly tasks: readonly [Wanting, Wanting];
  readonly fromMs: number;
}
export interface Wanting {
  readonly id: string | null;
  readonly name: string;
  readonly ovenC: number | null;
}

const MINUTE_MS = 60_000;
/** Dishes are ready this long before the table, so that they can be carried. */
const READY_MIN = 5;
/** Two dishes share an oven when their temperatures lie this close. */
export const SAME_OVEN_K = 12;

/** Minutes the oven is wanted for between the latest pull and the table: what the rest must leave room for. */
export function minutesWantedAfterPull(sides: readonly SideDish[], { dishesInOven }: Equipment): number {
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
 * go before the bird. What cannot be is left where it was asked for and comes out of {@link resourceConflicts}.
 */
export function placeSides(
  sides: readonly SideDish[],
  schedule: Schedule,
  serveAtMs: number,
  equipment: Equipment,
): PlacedSide[] {
  const readyMs = serveAtMs - READY_MIN * MINUTE_MS;
  const placed: PlacedSide[] = [];
  const put = ({ slot: _, ...side }: SideDish, slot: PlacedSide["slot"], endMs: number): void => {
    placed.push({ ...side, slot, startMs: endMs - side.minutes * MINUTE_MS, endMs });
  };
  const inOven = sides.filter(({ ovenC }) => ovenC !== null);
  let restFrom = readyMs;
  let beforeFrom = (schedule.tasks.find(({ id }) => id === "preheat") as Task).startMs;
  const before = (batch: readonly SideDish[]): void => {
    for (const side of batch) put(side, "before", beforeFrom);
    beforeFrom -= Math.max(...batch.map(({ minutes }) => minutes)) * MINUTE_MS;
  };
  const { dishesInOven, ovens } = equipment;
  for (const side of inOven.filter(({ slot }) => slot === "with")) {
    const endMs = schedule.pullAtMs.p50;
    put(side, "with", endMs);
  }
  // A second oven is free all day.
  const freeFromMs = ovens > 1 ? Number.NEGATIVE_INFINITY : schedule.pullAtMs.p90;
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
  const rings: number[] = Array.from({ length: equipment.rings }, () => readyMs);
  for (const side of sides.filter(({ ovenC, ring }) => ovenC === null && ring).sort((a, b) => a.minutes - b.minutes)) {
    const ring = rings.indexOf(Math.max(...rings));
    const endMs = rings[ring] ?? readyMs;
    put(side, "rest", endMs);
    if (ring >= 0) rings[ring] = endMs - side.minutes * MINUTE_MS;
  }
  for (const side of sides.filter(({ ovenC, ring }) => ovenC === null && !ring)) put(side, "rest", readyMs);
  return placed.sort((a, b) => a.startMs - b.startMs);
}

/** Something that takes a part of the oven or a ring for a while. */
export interface Use extends Wanting {
  readonly startMs: number;
  readonly endMs: number;
  /** Share of the oven it takes: 1 for all of it. */
  readonly ovenShare: number;
  readonly ring: boolean;
}

/** The bird and the dishes as what they use. @param stages the bird's dial from minutes on */
export function usesOf(
  schedule: Schedule,
  placed: readonly PlacedSide[],
  stages: readonly { readonly fromMin: number; readonly airC: number }[],
  { dishesInOven }: Equipment,
): Use[] {
  const bird: Use[] = stages.map(({ fromMin, airC }, n) => {
    const next = stages[n + 1];
    return {
      id: null,
      name: "the bird",
      startMs: schedule.inAtMs + fromMin * MINUTE_MS,
      endMs: next ? schedule.inAtMs + next.fromMin * MINUTE_MS : schedule.pullAtMs.p90,
      ovenC: airC,
      ovenShare: constant("birdOvenShare"),
      ring: false,
    };
  });
  const dishes = placed.map(
    ({ id, name, startMs, endMs, ovenC, ring }): Use => ({
      id,
      name,
      startMs,
      endMs,
      ovenC,
      ovenShare: ovenC === null ? 0 : 1 / dishesInOven,
      ring: ring && ovenC === null,
    }),
  );
  return [...bird.filter(({ startMs, endMs }) => endMs > startMs), ...dishes];
}

const wanting = ({ id, name, ovenC }: Use): Wanting => ({ id, name, ovenC });

/** Every pair that wants one thing at one time beyond what there is; the first instant of each. */
export function resourceConflicts(uses: readonly Use[], { ovens, rings }: Equipment): ResourceConflict[] {
  const found: ResourceConflict[] = [];
  const instants = [...new Set(uses.map(({ startMs }) => startMs))].sort((a, b) => a - b);
  const named = new Set<string>();
  const report = (kind: ResourceConflict["kind"], a: Use, b: Use, fromMs: number): void => {
    const key = `${kind}/${[a.id ?? "", b.id ?? ""].sort().join("/")}`;
    if (named.has(key)) return;
    named.add(key);
    found.push({ kind, tasks: [wanting(a), wanting(b)], fromMs });
  };
  for (const ms of instants) {
    const now = uses.filter(({ startMs, endMs }) => startMs <= ms && endMs > ms);
    const baking = now.filter(({ ovenC }) => ovenC !== null);
    // Ovens are filled in turn with what goes together.
    const filled: { ovenC: number; share: number; last: Use }[] = [];
    for (const use of baking) {
      const ovenC = use.ovenC as number;
      const same = filled.find(
        (oven) => Math.abs(oven.ovenC - ovenC) <= SAME_OVEN_K && oven.share + use.ovenShare <= 1 + 1e-9,
      );
      if (same) {
        same.share += use.ovenShare;
        same.last = use;
      } else if (filled.length < ovens) filled.push({ ovenC, share: use.ovenShare, last: use });
      else {
        const near = filled.find((oven) => Math.abs(oven.ovenC - ovenC) <= SAME_OVEN_K);
        const other = (near ?? (filled[0] as (typeof filled)[number])).last;
        report(near ? "oven-full" : "oven-two-temperatures", other, use, ms);
      }
    }
    const onRings = now.filter(({ ring }) => ring);
    if (onRings.length > rings) report("rings-full", onRings[0] as Use, onRings[rings] as Use, ms);
  }
  return found;
}
