/** The work around the bird: the eve's check, brine, seasoning, bastings, fuel, stock and gravy, each in its time. */

import { constant } from "../constants";
import { isFire } from "../heat/sources";
import { bringUpMin, heatLeadMin, LIGHTING_MIN } from "../kitchen/broughtUp";
import { hasGiblets } from "../kitchen/cutting";
import { feedMinutes } from "../kitchen/fuel";
import { POTS, type Pot } from "../kitchen/gravy";
import { movesOf } from "../plan/heats";
import { goesInWithIce } from "../plan/ice";
import { sears } from "../plan/methods";
import type { Plan } from "../plan/schema";
import { basteMinutes, glazeMoments, startsShielded, wearsBacon } from "../plan/season";
import type { HistoryPoint } from "../processes/bird";
import { isMet, type Moment } from "../processes/conditions";
import { fullStages } from "../processes/stages";
import { MINUTE_MS } from "../units/time";
import { type Lane, type Schedule, type Task, taskOf } from "./backward";
import type { Waiting } from "./conflicts";
import type { Busy } from "./hands";
import { EVENING, latestWithin, WAKING } from "./waking";

export const CHORE_KINDS = [
  "water-change",
  "mix-brine",
  "make",
  "eve-check",
  "stock",
  "counter",
  "fill",
  "season",
  "sear",
  "ice-gone",
  "stage",
  "baste",
  "glaze",
  "bacon-off",
  "fuel",
  "bring-up",
  "loosen",
  "thicken",
] as const;
export type ChoreKind = (typeof CHORE_KINDS)[number];

export interface Chore {
  readonly kind: ChoreKind;
  /** Which of several of one kind: stage n, glaze n; brought up for stage n; lit is 1, fed for the first time 2. */
  readonly n: number;
  readonly lane: Lane;
  readonly startMs: number;
  readonly endMs: number;
  /** Pairs of hands it keeps; what takes a moment keeps none. */
  readonly hands: number;
  readonly ring: boolean;
}
const HOUR_MS = 60 * MINUTE_MS;

/** Putting salt on or in: the hands it keeps, min (common practice). */
export const SALT_HANDS_MIN = 10;
const STOCK_MIN = 75;
const STOCK_HANDS_MIN = 10;
const EVE_CHECK_MIN = 20;
/** The evening before is so long before the heat at least. */
export const EVE_HOURS = 8;
const MIX_BRINE_MIN = 20;
/** The hot part of a brine has to lose its heat; most of it goes into the ice. */
const BRINE_COOLS_MIN = 60;
/** When a stage begins that waits for what does not come. */
const NEVER_MIN = Number.POSITIVE_INFINITY;
const ICE_GONE_MIN = 5;
const LOOSEN_MIN = 5;
const THICKEN_MIN = 12;
/** From a tray that is out to its gravy. */
export const GRAVY_MIN = LOOSEN_MIN + THICKEN_MIN;

/** Minute of the roast at which a moment comes, by what the simulation went through; null when it never does. */
export function minuteOf(moment: Moment, history: readonly HistoryPoint[], notBefore = 0): number | null {
  if ("atMin" in moment) return moment.atMin;
  const { when } = moment;
  return history.find((point) => point.minute >= notBefore && isMet(when, point))?.minute ?? null;
}

/** What of a plan waits for something that does not come before the pull. */
export function waitingInVain(plan: Plan, history: readonly HistoryPoint[], pullMin: number): readonly Waiting[] {
  const { baconOff, glazeAt } = plan.season;
  const moments: readonly (readonly [Waiting["what"], Moment])[] = [
    ...fullStages(plan.stages, plan.bird.cut).flatMap(({ when }) => (when ? [["stage", { when }] as const] : [])),
    ...glazeAt.map((moment) => ["glaze", moment] as const),
    ...(wearsBacon(plan) && baconOff ? [["bacon", baconOff] as const] : []),
  ];
  return moments.flatMap(([what, moment]) => {
    const minute = minuteOf(moment, history);
    return "when" in moment && (minute === null || minute >= pullMin) ? [{ what, for: moment.when }] : [];
  });
}

/** Work that may be done earlier, put as late as it can be where the hands are free and the cook is up, never before it was planned. */
class Bench {
  private readonly busy: { readonly startMs: number; readonly endMs: number }[] = [];

  constructor(
    private readonly zone: string,
    private readonly madeMs: number,
  ) {}

  take(startMs: number, endMs: number): void {
    this.busy.push({ startMs, endMs });
  }

  /** Start of so many minutes of work that end at the latest by `byMs`; where nothing from `fromMs` on is free, there. */
  before(byMs: number, minutes: number, hours = WAKING, fromMs = Number.NEGATIVE_INFINITY): number {
    const length = minutes * MINUTE_MS;
    let startMs = latestWithin(byMs - length, this.zone, hours);
    for (;;) {
      const inTheWay = this.busy.find((work) => startMs < work.endMs && startMs + length > work.startMs);
      if (!inTheWay) break;
      startMs = latestWithin(inTheWay.startMs - length, this.zone, hours);
    }
    startMs = Math.max(startMs, fromMs, this.madeMs);
    this.take(startMs, startMs + length);
    return startMs;
  }
}

/** Minutes of filling the bird, right before it is dressed. */
const fillMin = ({ bird }: Plan): number => (bird.cavity === "empty" ? 0 : 10);

/** Minutes of dressing it: fat, paste, bacon, what goes on before the heat, a shield moulded on the cold bird. */
const seasonMin = (plan: Plan): number =>
  10 +
  (plan.season.fat === "under-skin" ? 10 : 0) +
  (wearsBacon(plan) || plan.season.paste ? 5 : 0) +
  (plan.additions.some(({ when }) => when === "before-the-heat") ? 5 : 0) +
  (startsShielded(plan) ? 5 : 0);

/** Minutes of work right before the heat: filled, dressed, seared. */
export const workMin = (plan: Plan): number => fillMin(plan) + seasonMin(plan) + searMin(plan);

/** Minutes from out of the fridge to into the heat: on the counter, or only as long as it is worked on. */
export const outMin = (plan: Plan): number => Math.max(plan.season.counterMin, workMin(plan));

/** Minutes at the ring: both sides of it, and the pan heated before. */
const searMin = (plan: Plan): number => (sears(plan) ? Math.ceil(2 * (plan.sear?.minutesPerSide ?? 0)) + 5 : 0);

/** Whether neck and giblets come out of this very bird in time for a stock. */
export const givesGiblets = (plan: Plan): boolean => hasGiblets(plan.bird.cut) && !goesInWithIce(plan);

/** A pot of them whose stock the gravy takes: it must have simmered before. */
export const simmersGiblets = (plan: Plan): boolean => givesGiblets(plan) && potsOf(plan)[0] === plan.stock;

/** The pots that simmer in this kitchen; what the gravy takes is in the first, where it simmers. */
export const potsOf = ({ stock, morePots }: Pick<Plan, "stock" | "morePots">): readonly Pot[] => [
  ...POTS.filter((pot) => pot === stock),
  ...morePots.filter((pot) => pot !== stock),
];

/** A broth that takes the day (common practice), and a stock that takes an hour. */
const LONG_STOCK_MIN = 8 * 60;
export const stockMin = ({ stock }: Pick<Plan, "stock">): number => (stock === "long" ? LONG_STOCK_MIN : STOCK_MIN);

/** From the giblets to the gravy, min. */
export const stockLeadMin = (plan: Pick<Plan, "stock">): number => stockMin(plan) + THICKEN_MIN + 5;

/** Done once for all that is in one heat. */
const OF_THE_HEAT: readonly ChoreKind[] = [
  "make",
  "eve-check",
  "stock",
  "stage",
  "baste",
  "fuel",
  "bring-up",
  "loosen",
  "thicken",
];

/** What is left to do for a piece whose heat is another's: its own; but at the pan, in one go with that one's. */
export const ownChores = (chores: readonly Chore[]): Chore[] =>
  chores
    .filter(({ kind }) => !OF_THE_HEAT.includes(kind))
    .map((chore) => ({ ...chore, hands: chore.kind === "sear" ? chore.hands : 0 }));

interface Around {
  /** By roasts of the same dinner that were placed before. */
  readonly taken: readonly Busy[];
  /** So long before its own knife another one begins, and the gravy is ready for both. */
  readonly gravyLeadMs: number;
  /** When it was planned: what belongs to an evening that was over by then is done on the day. */
  readonly madeMs: number;
}

/** @param history of the simulated roast: when it comes to its conditions */
export function choresOf(
  plan: Plan,
  schedule: Schedule,
  history: readonly HistoryPoint[],
  { taken, gravyLeadMs, madeMs }: Around,
): Chore[] {
  const { season, zone } = plan;
  const { inAtMs, pullAtMs, carveAtMs, serveAtMs } = schedule;
  const chores: Chore[] = [];
  const put = (kind: ChoreKind, lane: Lane, startMs: number, minutes: number, more: Partial<Chore> = {}): void => {
    chores.push({
      kind,
      n: chores.filter((chore) => chore.kind === kind).length + 1,
      lane,
      startMs,
      endMs: startMs + minutes * MINUTE_MS,
      hands: 0,
      ring: false,
      ...more,
    });
  };
  const bench = new Bench(zone, madeMs);
  for (const { startMs, endMs, hands } of taken) if (hands > 0) bench.take(startMs, endMs);
  const task = (id: Task["id"]): Task | undefined => taskOf(schedule, id);
  for (const id of ["prepare", "carve"] as const) {
    const fixed = task(id);
    if (fixed) bench.take(fixed.startMs, fixed.endMs);
  }
  const salted = task("salt");
  if (salted) bench.take(salted.startMs, Math.min(salted.endMs, salted.startMs + SALT_HANDS_MIN * MINUTE_MS));

  // What has its own moment.
  const thaw = task("thaw");
  if (thaw && plan.thawIn === "water") {
    const every = constant("waterChangeMin") * MINUTE_MS;
    for (let at = thaw.startMs + every; at < thaw.endMs - 1; at += every) put("water-change", "cold", at, 5);
  }
  const [fills, seasons, searing] = [fillMin(plan), seasonMin(plan), searMin(plan)];
  const dressedFromMs = inAtMs - (seasons + searing) * MINUTE_MS;
  // Worked on for as long, it stands on the counter anyway.
  if (season.counterMin > fills + seasons + searing) {
    put("counter", "board", inAtMs - season.counterMin * MINUTE_MS, season.counterMin);
  }
  if (fills > 0) put("fill", "board", dressedFromMs - fills * MINUTE_MS, fills, { hands: 1 });
  put("season", "board", dressedFromMs, seasons, { hands: 1 });
  if (searing > 0) put("sear", "heat", inAtMs - searing * MINUTE_MS, searing, { hands: 1, ring: true });
  bench.take(dressedFromMs - fills * MINUTE_MS, inAtMs);
  const pullMin = (pullAtMs.p50 - inAtMs) / MINUTE_MS;
  const atMinute = (minute: number): number => inAtMs + minute * MINUTE_MS;
  /** Minutes at which the arrangement changes, by the number of the stage, and whether it is wrapped from there on. */
  const wraps: { readonly n: number; readonly fromMin: number; readonly wrapped: boolean }[] = [];
  fullStages(plan.stages, plan.bird.cut).forEach(({ fromMin, when, wrap }, n) => {
    const minute = when ? minuteOf({ when }, history, fromMin) : fromMin;
    if (minute === null || minute >= pullMin) return;
    wraps.push({ n, fromMin: minute, wrapped: wrap !== "none" });
    if (n > 0) put("stage", "heat", atMinute(minute), 2, { n });
  });
  const beginsMin = (n: number): number | null => wraps.find((stage) => stage.n === n)?.fromMin ?? null;
  for (const { n, into } of movesOf(plan)) {
    const minute = beginsMin(n);
    if (minute !== null) put("bring-up", "heat", atMinute(minute - bringUpMin(into)), bringUpMin(into), { n });
  }
  const iceGoneMin = goesInWithIce(plan)
    ? history.find(({ coldestC }) => coldestC > constant("freezingPointC"))?.minute
    : undefined;
  if (iceGoneMin !== undefined && iceGoneMin < pullMin) put("ice-gone", "heat", atMinute(iceGoneMin), ICE_GONE_MIN);
  const isWrapped = (minute: number): boolean => wraps.findLast(({ fromMin }) => fromMin <= minute)?.wrapped ?? false;
  for (const at of basteMinutes(season, pullMin - 5)) if (!isWrapped(at)) put("baste", "heat", atMinute(at), 2);
  for (const moment of glazeMoments(plan)) {
    const met = minuteOf(moment, history);
    if (met === null) continue;
    // Under a wrap it waits until that is off.
    const minute = isWrapped(met) ? wraps.find(({ fromMin, wrapped }) => fromMin > met && !wrapped)?.fromMin : met;
    if (minute !== undefined && minute < pullMin) put("glaze", "heat", atMinute(minute), 3);
  }
  const { baconOff } = season;
  const bareMin = wearsBacon(plan) && baconOff ? minuteOf(baconOff, history) : null;
  if (bareMin !== null && bareMin < pullMin) put("bacon-off", "heat", atMinute(bareMin), 3);
  if (isFire(plan.heat)) put("fuel", "heat", inAtMs - heatLeadMin(plan) * MINUTE_MS, LIGHTING_MIN);
  feedMinutes(plan, pullMin - 15, (_, n) => beginsMin(n) ?? NEVER_MIN).forEach((minute, nth) => {
    put("fuel", "heat", atMinute(minute), 3, { n: nth + 2 });
  });
  // The gravy belongs to the rest; of a bird roasted the day before it is made on the day, from the kept drippings.
  // After a rest that is too short for it, it is ready while the bird is carved.
  const gravyEndMs =
    plan.roasted === "day-before"
      ? serveAtMs - 10 * MINUTE_MS
      : Math.max(carveAtMs - gravyLeadMs, pullAtMs.p50 + GRAVY_MIN * MINUTE_MS);
  if (plan.roasted === "same-day") {
    const poured = Math.min(Math.max(pullAtMs.p50 + 5 * MINUTE_MS, pullAtMs.p10), gravyEndMs - GRAVY_MIN * MINUTE_MS);
    // Out of a tray that is out, however short the rest.
    put("loosen", "board", Math.max(pullAtMs.p50, poured), LOOSEN_MIN);
  } else put("loosen", "board", pullAtMs.p50 + 5 * MINUTE_MS, LOOSEN_MIN);
  // A table has one gravy, and one pot of stock for it.
  const isMade = (kind: ChoreKind): boolean => taken.some(({ id }) => id === kind);
  if (!isMade("thicken")) {
    put("thicken", "board", gravyEndMs - THICKEN_MIN * MINUTE_MS, THICKEN_MIN, { hands: 1, ring: true });
    bench.take(gravyEndMs - THICKEN_MIN * MINUTE_MS, gravyEndMs);
  }

  // What may be done earlier: as late as there is a free pair of hands.
  for (const { when, makeMin } of plan.additions.filter((each) => each.makeMin > 0)) {
    const wantedMs = {
      "with-the-salt": task("prepare")?.startMs ?? salted?.startMs ?? dressedFromMs,
      "before-the-heat": dressedFromMs - fills * MINUTE_MS,
      "into-the-tray": dressedFromMs - fills * MINUTE_MS,
      "at-the-end": inAtMs,
      "into-the-gravy": gravyEndMs - THICKEN_MIN * MINUTE_MS,
    }[when];
    put("make", "board", bench.before(wantedMs, makeMin), makeMin, { hands: 1 });
  }
  const inBath = plan.salt.method === "brine" || plan.salt.method === "equilibrium";
  const bathFromMs = plan.thawIn === "brine" && thaw ? thaw.startMs : salted?.startMs;
  if (inBath && bathFromMs !== undefined) {
    put("mix-brine", "board", bench.before(bathFromMs - BRINE_COOLS_MIN * MINUTE_MS, MIX_BRINE_MIN), MIX_BRINE_MIN, {
      hands: 1,
      ring: true,
    });
  }
  const eveMs = latestWithin(inAtMs - EVE_HOURS * HOUR_MS, zone, EVENING);
  // One look at the kitchen is enough for all of them.
  if (!isMade("eve-check")) {
    const startMs =
      eveMs >= madeMs
        ? bench.before(eveMs + EVE_CHECK_MIN * MINUTE_MS, EVE_CHECK_MIN, EVENING)
        : bench.before(task("prepare")?.startMs ?? dressedFromMs, EVE_CHECK_MIN);
    put("eve-check", "board", startMs, EVE_CHECK_MIN, { hands: 1 });
  }
  for (const pot of isMade("stock") ? [] : potsOf(plan)) {
    // A pot that simmers over an hour needs a hand at its beginning only; what goes in has to be out of the bird.
    const latestMs = gravyEndMs - stockLeadMin({ stock: pot }) * MINUTE_MS;
    const outFromMs =
      pot === plan.stock && simmersGiblets(plan)
        ? (task("prepare")?.endMs ?? Number.NEGATIVE_INFINITY)
        : Number.NEGATIVE_INFINITY;
    const isOfTheEve = pot !== "while-roasting" && eveMs >= Math.max(outFromMs, madeMs);
    const byMs = isOfTheEve ? Math.min(eveMs, latestMs) : latestMs;
    const startMs =
      byMs - STOCK_HANDS_MIN * MINUTE_MS >= outFromMs
        ? bench.before(byMs, STOCK_HANDS_MIN, WAKING, outFromMs)
        : outFromMs;
    put("stock", "board", startMs, stockMin({ stock: pot }), { ring: true });
  }
  return chores.sort((a, b) => a.startMs - b.startMs);
}
