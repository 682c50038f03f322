/** The work around the bird: the eve's check, brine, seasoning, bastings, fuel, stock and gravy, each in its time. */

import type { BirdSize } from "../bird/size";
import { SPECIES_RECORDS } from "../bird/species";
import { constant } from "../constants";
import type { Gravy } from "../kitchen/gravy";
import { isEatenCold, isHeatedAgain, outAgainMs, UNCHILLED_MIN } from "../plan/dayBefore";
import type { SaltPlan } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import type { HistoryPoint } from "../processes/bird";
import { MINUTE_MS } from "../units/time";
import { type Schedule, taskOf } from "./backward";
import { Bench } from "./bench";
import { type Chore, ChoreSheet } from "./chore";
import { putBeforehand } from "./choresBeforehand";
import { putInHeat } from "./choresInHeat";
import { fillMin, handsOnSaltMin, searMin, seasonMin } from "./dressing";
import type { Busy } from "./hands";
import { THICKEN_MIN } from "./stock";

const LOOSEN_MIN = 5;
/** From a tray that is out to its gravy. */
export const GRAVY_MIN = LOOSEN_MIN + THICKEN_MIN;

interface Around {
  /** By roasts of the same dinner that were placed before. */
  readonly taken: readonly Busy[];
  /** So long before its own knife another one begins, and the gravy is ready for both. */
  readonly gravyLeadMs: number;
  /** When it was planned: what belongs to an evening that was over by then is done on the day. */
  readonly madeMs: number;
  readonly gravy: Gravy | null;
  readonly salt: SaltPlan;
}

/** What of a simulated roast its chores go by: when it comes to its conditions, and how much room it takes. */
interface Roasted {
  readonly history: readonly HistoryPoint[];
  readonly sizeCm: BirdSize;
}

export function choresOf(
  plan: Plan,
  schedule: Schedule,
  { history, sizeCm }: Roasted,
  { taken, gravyLeadMs, madeMs, gravy, salt }: Around,
): Chore[] {
  const sheet = new ChoreSheet();
  const bench = new Bench(plan.zone, madeMs);
  takeWhatIsFixed(bench, plan, schedule, taken);
  putWaterChanges(sheet, plan, schedule);
  const searing = searMin(plan, sizeCm);
  const dressedFromMs = schedule.inAtMs - (seasonMin(plan) + searing) * MINUTE_MS;
  const filledFromMs = dressedFromMs - fillMin(plan) * MINUTE_MS;
  putDressing(sheet, plan, schedule, dressedFromMs, searing);
  bench.take(filledFromMs, schedule.inAtMs);
  putInHeat(sheet, plan, schedule, history);
  const gravyEndMs = gravyReadyMs(plan, schedule, gravyLeadMs);
  if (gravy || keepsDrippings(plan)) sheet.put("loosen", "board", loosenedMs(plan, schedule, gravyEndMs), LOOSEN_MIN);
  // A table has one gravy, and one pot of stock for it; one look at the kitchen is enough for all of them.
  const isMade = (kind: Chore["kind"]): boolean => taken.some(({ id }) => id === kind);
  if (gravy && !isMade("thicken")) {
    const startMs = gravyEndMs - THICKEN_MIN * MINUTE_MS;
    sheet.put("thicken", "board", startMs, THICKEN_MIN, { hands: 1, ring: true });
    bench.take(startMs, gravyEndMs);
  }
  if (isEatenCold(plan)) {
    sheet.put("platter", "board", outAgainMs(plan, schedule.serveAtMs), UNCHILLED_MIN);
  }
  putBeforehand(sheet, {
    plan,
    schedule,
    bench,
    madeMs,
    filledFromMs,
    dressedFromMs,
    gravyEndMs,
    gravy,
    salt,
    isMade,
  });
  return sheet.chores.sort((a, b) => a.startMs - b.startMs);
}

/** Whether what has run out is wanted without a gravy too: fat that keeps, or what covers the meat until the next day. */
const keepsDrippings = (plan: Plan): boolean => SPECIES_RECORDS[plan.bird.species].rendersFat || isHeatedAgain(plan);

/** Work of others of the dinner, and of the bird itself. */
function takeWhatIsFixed(bench: Bench, plan: Plan, schedule: Schedule, taken: readonly Busy[]): void {
  for (const { startMs, endMs, hands } of taken) if (hands > 0) bench.take(startMs, endMs);
  for (const id of ["prepare", "carve"] as const) {
    const fixed = taskOf(schedule, id);
    if (fixed) bench.take(fixed.startMs, fixed.endMs);
  }
  const salted = taskOf(schedule, "salt");
  if (salted) bench.take(salted.startMs, Math.min(salted.endMs, salted.startMs + handsOnSaltMin(plan) * MINUTE_MS));
}

function putWaterChanges(sheet: ChoreSheet, { thawIn }: Plan, schedule: Schedule): void {
  const thaw = taskOf(schedule, "thaw");
  if (!thaw || thawIn !== "water") return;
  const every = constant("waterChangeMin") * MINUTE_MS;
  for (let at = thaw.startMs + every; at < thaw.endMs - 1; at += every) sheet.put("water-change", "cold", at, 5);
}

/** Out of the fridge, filled, dressed, seared. */
function putDressing(
  sheet: ChoreSheet,
  plan: Plan,
  { inAtMs }: Schedule,
  dressedFromMs: number,
  searing: number,
): void {
  const [fills, seasons] = [fillMin(plan), seasonMin(plan)];
  const { counterMin } = plan.season;
  // Worked on for as long, it stands on the counter anyway.
  if (counterMin > fills + seasons + searing) {
    sheet.put("counter", "board", inAtMs - counterMin * MINUTE_MS, counterMin);
  }
  if (fills > 0) sheet.put("fill", "board", dressedFromMs - fills * MINUTE_MS, fills, { hands: 1 });
  sheet.put("season", "board", dressedFromMs, seasons, { hands: 1 });
  if (searing > 0) sheet.put("sear", "heat", inAtMs - searing * MINUTE_MS, searing, { hands: 1, ring: true });
}

/**
 * The gravy belongs to the rest; of a bird roasted the day before it is made on the day, from the kept drippings.
 * After a rest that is too short for it, it is ready while the bird is carved.
 */
const gravyReadyMs = ({ roasted }: Plan, { pullAtMs, carveAtMs, serveAtMs }: Schedule, gravyLeadMs: number): number =>
  roasted === "day-before"
    ? serveAtMs - Math.max(10 * MINUTE_MS, gravyLeadMs)
    : Math.max(carveAtMs - gravyLeadMs, pullAtMs.p50 + GRAVY_MIN * MINUTE_MS);

/** Out of a tray that is out, however short the rest. */
function loosenedMs({ roasted }: Plan, { pullAtMs }: Schedule, gravyEndMs: number): number {
  const pouredMs = pullAtMs.p50 + 5 * MINUTE_MS;
  if (roasted === "day-before") return pouredMs;
  return Math.max(pullAtMs.p50, Math.min(Math.max(pouredMs, pullAtMs.p10), gravyEndMs - GRAVY_MIN * MINUTE_MS));
}
