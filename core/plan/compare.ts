/** Ways to cook this very bird, side by side: each a change of the plan, and what its simulation gives and costs. */

import type { Cut } from "../bird/form";
import { soldRangeKg } from "../bird/mass";
import type { BirdSize } from "../bird/size";
import type { Centre } from "../bird/solid";
import { heatLeadMin } from "../kitchen/broughtUp";
import { boardMin } from "../kitchen/cutting";
import type { CookDone } from "../processes/cook";
import { carveMinOf } from "./carving";
import { withMethod } from "./edits";
import { type Fit, fitsOf } from "./fits";
import { areStagesOf, METHODS, type MethodId, sears } from "./methods";
import { saltPlan } from "./saltPlan";
import type { Plan } from "./schema";
import { bastingsIn, fatForTheWrap, fatMoments, glazePasses, seasonFitting } from "./season";
import { waitingAgain } from "./signs";
import { targetsFor } from "./targets";

export interface Way {
  readonly id: string;
  readonly cut: Cut;
  readonly method: MethodId;
  readonly birds: number;
}

/** Cuts that one bought bird can still become. */
const FROM_WHOLE: readonly Cut[] = ["whole", "spatchcock", "parts"];
/** Shown until the cook picks others: what most people hesitate between. */
const FIRST = new Set(["whole/steady", "whole/hot-start", "whole/shielded", "spatchcock/hot-flat", "parts/hot-flat"]);

const wayOf = (cut: Cut, method: MethodId, birds: number, planned: number): Way => ({
  id: birds === planned ? `${cut}/${method}` : `${cut}/${method}/${birds}`,
  cut,
  method,
  birds,
});

const shareKg = ({ bird }: Plan, birds: number): number => (bird.massKg * bird.count) / birds;

/**
 * Every way for a plan's bird, by cut; last, as much meat in two smaller birds, or in one large. A crown or a boned
 * piece is bought as it is: it can be heated otherwise, not cut otherwise.
 */
export function waysFor(plan: Plan): readonly Way[] {
  const { cut, count, species } = plan.bird;
  const ways = (FROM_WHOLE.includes(cut) ? FROM_WHOLE : [cut]).flatMap((other) =>
    METHODS.filter((method) => method.cuts.includes(other)).map(({ id }) => wayOf(other, id, count, count)),
  );
  const otherwise = count === 1 ? 2 : 1;
  const [low, high] = soldRangeKg(species, cut);
  const eachKg = shareKg(plan, otherwise);
  return eachKg < low || eachKg > high ? ways : [...ways, wayOf(cut, plan.method, otherwise, count)];
}

/** What the plan is held against until the cook says otherwise. */
export const firstWays = (plan: Plan): readonly Way[] => {
  const others = waysFor(plan).filter((way) => !isPlanned(plan, way));
  return others.filter(({ id, birds }) => FIRST.has(id) || birds !== plan.bird.count || others.length < 5);
};

/** Whether a way is what the plan does; a method whose stages were edited is another. */
export const isPlanned = (plan: Plan, { cut, method, birds }: Way): boolean =>
  cut === plan.bird.cut &&
  birds === plan.bird.count &&
  areStagesOf(method, waitingAgain(plan.stages), plan.equipment.dial);

/** Minutes were meant for the plan's own way: another comes out by what it shows. */
const finishOf = ({ finish }: Plan): Plan["finish"] => (finish.kind === "time" ? { kind: "after-rest" } : finish);

/** The plan with a way taken: birds, cut, its centres and targets, the heat. */
export function planByWay(plan: Plan, { cut, method, birds }: Way): Plan {
  const cavity = cut === "whole" ? plan.bird.cavity : ("empty" as const);
  const bird = { ...plan.bird, cut, cavity, count: birds, massKg: shareKg(plan, birds) };
  const heated = withMethod(method)(plan);
  return {
    ...heated,
    bird,
    finish: finishOf(plan),
    targetC: targetsFor({ bird, equipment: plan.equipment }, plan),
    season: seasonFitting(heated.season, bird),
  };
}

/** What of a simulated cook is compared. */
type Cooked = Pick<CookDone, "pullMinute" | "history" | "indices"> & {
  readonly sizeCm: BirdSize;
  readonly thawsCm: BirdSize | null;
};

export interface Comparison {
  readonly roastMin: number;
  /** Minutes between the first and the last centre at 70 °C; positive where the breast is first. */
  readonly breastAheadMin: number | null;
  readonly juicesBreast: number | null;
  readonly juicesLeg: number | null;
  /** 1 is golden. */
  readonly browning: number;
  readonly isSeared: boolean;
  /** Minutes in which the quickest centre, left in, gets {@link OVERDONE_K} too hot. */
  readonly leewayMin: number;
  readonly ovenMin: number;
  /** What it does not fit. */
  readonly tooLargeFor: readonly Fit["where"][];
  readonly boardMin: number;
  readonly carveMin: number;
  /** Times at the oven between in and out. */
  readonly acts: number;
  readonly wholeAtTable: boolean;
}

export const OVERDONE_K = 6;
const COMPARED_C = 70;

/** Minute at which a centre first shows a temperature, straight between two points; null when it never does. */
function minuteAt({ history }: Cooked, centre: Centre, celsius: number): number | null {
  const n = history.findIndex((point) => (point.centresC[centre] ?? Number.NaN) >= celsius);
  const [before, after] = [history[n - 1], history[n]];
  if (!after) return null;
  if (!before) return after.minute;
  const [from, to] = [before.centresC[centre] as number, after.centresC[centre] as number];
  return before.minute + ((celsius - from) / (to - from)) * (after.minute - before.minute);
}

/** How fast the quickest centre rises as it is pulled, K/min. */
function risingKPerMin({ history, pullMinute }: Cooked): number {
  const last = history.findLast(({ minute }) => minute <= pullMinute);
  const before = history.findLast(({ minute }) => minute <= pullMinute - 10);
  if (!last || !before) return 0;
  const rises = Object.entries(last.centresC).map(
    ([centre, celsius]) => ((celsius ?? 0) - (before.centresC[centre as Centre] ?? 0)) / (last.minute - before.minute),
  );
  return Math.max(...rises);
}

/** @param plan with the way taken */
export function comparisonOf(cook: Cooked, plan: Plan): Comparison {
  const { cut, count } = plan.bird;
  const [breast, thigh] = [minuteAt(cook, "breast", COMPARED_C), minuteAt(cook, "thigh", COMPARED_C)];
  const kept = cook.indices?.juicesKept;
  const bastings = bastingsIn(plan, cook.pullMinute - 5, cook.history).length;
  const oilings = fatForTheWrap(plan) === null ? fatMoments(plan).length : 0;
  return {
    roastMin: cook.pullMinute,
    breastAheadMin: breast === null || thigh === null ? null : thigh - breast,
    juicesBreast: kept?.breast ?? null,
    juicesLeg: kept?.thigh ?? null,
    browning: cook.indices?.browning ?? 0,
    isSeared: sears(plan),
    leewayMin: OVERDONE_K / risingKPerMin(cook),
    ovenMin: cook.pullMinute + heatLeadMin(plan),
    tooLargeFor: fitsOf(cook, plan, saltPlan(plan))
      .filter(({ fits }) => !fits)
      .map(({ where }) => where),
    boardMin: boardMin(cut, count),
    carveMin: carveMinOf(plan),
    acts: plan.stages.length - 1 + glazePasses(plan) + oilings + bastings,
    wholeAtTable: cut === "whole",
  };
}
