/** What may be done earlier than it is wanted: put as late as there is a free pair of hands. */

import type { Gravy } from "../kitchen/gravy";
import { wrapsAt } from "../plan/additions";
import { thawsInBrine } from "../plan/ice";
import type { SaltPlan } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import { HOUR_MS, MINUTE_MS } from "../units/time";
import { type Schedule, taskOf, withSaltTask } from "./backward";
import type { Bench } from "./bench";
import type { ChoreSheet } from "./chore";
import { isStuffed, stuffingOf } from "./dressing";
import { givesBones, gravyPotOf, potHours, potsOf, stockLeadMin, stockMin, THICKEN_MIN } from "./stock";
import { ANY_HOUR, EVENING, latestWithin } from "./waking";

const STOCK_HANDS_MIN = 10;
const EVE_CHECK_MIN = 20;
/** The evening before is so long before the heat at least. */
export const EVE_HOURS = 8;
const MIX_BRINE_MIN = 20;
/** Bread cut, what goes with it softened in a pan (common practice). */
const STUFFING_MIN = 30;
/** The hot part of a brine has to lose its heat; most of it goes into the ice. */
const BRINE_COOLS_MIN = 60;

/** What is wanted, and by when. */
interface Wanted {
  readonly plan: Plan;
  readonly schedule: Schedule;
  readonly bench: Bench;
  /** When it was planned: what belongs to an evening that was over by then is done on the day. */
  readonly madeMs: number;
  /** When the bird is filled, and when it is dressed. */
  readonly filledFromMs: number;
  readonly dressedFromMs: number;
  readonly gravyEndMs: number;
  readonly gravy: Gravy | null;
  readonly salt: SaltPlan;
  /** Whether another roast of the table has one already, and one is enough. */
  isMade(kind: "eve-check" | "stock" | "thicken"): boolean;
}

export function putBeforehand(sheet: ChoreSheet, wanted: Wanted): void {
  putBrine(sheet, wanted);
  putMade(sheet, wanted);
  putStuffing(sheet, wanted);
  if (!wanted.isMade("eve-check")) putEveCheck(sheet, wanted);
  if (!wanted.isMade("stock") && !wanted.isMade("thicken")) putStock(sheet, wanted);
}

/** Pastes, butters and liquids that are made before they go on. */
function putMade(sheet: ChoreSheet, wanted: Wanted): void {
  const { plan, schedule, bench, filledFromMs, gravyEndMs, gravy } = wanted;
  // Into the brine, or onto the bird from when hands first touch it.
  const salted =
    sheet.chores.find(({ kind }) => kind === "mix-brine") ??
    (withSaltTask(schedule) ? taskOf(schedule, "prepare") : undefined);
  for (const { when, makeMin } of plan.additions.filter((each) => each.makeMin > 0)) {
    const byMs = {
      "with-the-salt": salted?.startMs ?? filledFromMs,
      "before-the-heat": filledFromMs,
      "into-the-tray": filledFromMs,
      "into-the-wrap": wrapsAt(plan) === 0 ? filledFromMs : schedule.inAtMs,
      "at-the-end": schedule.inAtMs,
      "into-the-gravy": gravy ? gravyEndMs - THICKEN_MIN * MINUTE_MS : schedule.inAtMs,
    }[when];
    sheet.put("make", "board", bench.before(byMs, makeMin), makeMin, { hands: 1 });
  }
}

/** What is filled in warm or with raw meat in it is made right before, what is filled in cold on the eve. */
function putStuffing(sheet: ChoreSheet, wanted: Wanted): void {
  const { plan, bench, madeMs, filledFromMs } = wanted;
  if (!isStuffed(plan)) return;
  const eveMs = eveOf(wanted);
  const startMs =
    stuffingOf(plan) === "cold" && eveMs >= madeMs
      ? bench.before(eveMs + STUFFING_MIN * MINUTE_MS, STUFFING_MIN, EVENING)
      : bench.before(filledFromMs, STUFFING_MIN, ANY_HOUR);
  sheet.put("stuffing", "board", startMs, STUFFING_MIN, { hands: 1, ring: true });
}

function putBrine(sheet: ChoreSheet, { plan, schedule, bench, salt }: Wanted): void {
  if (!salt.bath) return;
  const thaw = thawsInBrine(plan) ? taskOf(schedule, "thaw") : undefined;
  const bathFromMs = (thaw ?? taskOf(schedule, "salt"))?.startMs;
  if (bathFromMs === undefined) return;
  const startMs = bench.before(bathFromMs - BRINE_COOLS_MIN * MINUTE_MS, MIX_BRINE_MIN);
  sheet.put("mix-brine", "board", startMs, MIX_BRINE_MIN, { hands: 1, ring: true });
}

/** The evening before the heat. */
const eveOf = ({ plan, schedule }: Wanted): number =>
  latestWithin(schedule.inAtMs - EVE_HOURS * HOUR_MS, plan.zone, EVENING);

function putEveCheck(sheet: ChoreSheet, wanted: Wanted): void {
  const { schedule, bench, madeMs, dressedFromMs } = wanted;
  const eveMs = eveOf(wanted);
  const startMs =
    eveMs >= madeMs
      ? bench.before(eveMs + EVE_CHECK_MIN * MINUTE_MS, EVE_CHECK_MIN, EVENING)
      : // Still worth a look where the bird should have been opened by now.
        bench.before(
          taskOf(schedule, "prepare")?.startMs ?? dressedFromMs,
          EVE_CHECK_MIN,
          undefined,
          Math.min(madeMs, dressedFromMs - EVE_CHECK_MIN * MINUTE_MS),
        );
  sheet.put("eve-check", "board", startMs, EVE_CHECK_MIN, { hands: 1 });
}

/** A pot that simmers over an hour needs a hand at its beginning only; what goes in has to be out of the bird. */
function putStock(sheet: ChoreSheet, wanted: Wanted): void {
  const { plan, schedule, bench, madeMs, gravyEndMs, gravy } = wanted;
  const eveMs = eveOf(wanted);
  for (const pot of potsOf(plan, gravy)) {
    const latestMs = gravyEndMs - stockLeadMin({ stock: pot }) * MINUTE_MS;
    const outFromMs =
      pot === gravyPotOf(plan, gravy) && givesBones(plan)
        ? (taskOf(schedule, "prepare")?.endMs ?? Number.NEGATIVE_INFINITY)
        : Number.NEGATIVE_INFINITY;
    const hours = potHours({ stock: pot });
    const begunBy = (byMs: number): number => latestWithin(byMs - STOCK_HANDS_MIN * MINUTE_MS, plan.zone, hours);
    const eveByMs = Math.min(eveMs, latestMs);
    const isOfTheEve = pot !== "while-roasting" && begunBy(eveByMs) >= Math.max(outFromMs, madeMs);
    const byMs = isOfTheEve ? eveByMs : latestMs;
    // Better shorter than not at all, where it should be on by now.
    const fromMs = Math.max(outFromMs, madeMs);
    const startMs = begunBy(byMs) >= outFromMs ? bench.before(byMs, STOCK_HANDS_MIN, hours, fromMs) : outFromMs;
    sheet.put("stock", "board", startMs, stockMin({ stock: pot }), { ring: true });
  }
}
