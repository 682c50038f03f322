/** What is done at the heat, from the fire that is lit to the last pass of glaze, and what of it waits for a sign. */

import { constant } from "../constants";
import { isFire } from "../heat/sources";
import { bringUpMin, heatLeadMin, LIGHTING_MIN } from "../kitchen/broughtUp";
import { feedMinutes } from "../kitchen/fuel";
import { heatsOf, movesOf } from "../plan/heats";
import { goesInWithIce } from "../plan/ice";
import type { Plan } from "../plan/schema";
import { bastingsIn, fatForTheWrap, fatMoments, glazeMoments, wearsBacon } from "../plan/season";
import { STAGES_APART_MIN } from "../processes/apart";
import type { HistoryPoint } from "../processes/bird";
import { type Moment, minuteOf } from "../processes/conditions";
import { fullStages, momentOf, type OvenStage } from "../processes/stages";
import { MINUTE_MS } from "../units/time";
import type { Schedule } from "./backward";
import type { ChoreSheet } from "./chore";
import type { Waiting } from "./conflicts";

/** When a stage begins that waits for what does not come. */
const NEVER_MIN = Number.POSITIVE_INFINITY;
const ICE_GONE_MIN = 5;

/** What of a plan waits for something that does not come before the pull; of its stages the first, which others wait behind. */
export function waitingInVain(plan: Plan, history: readonly HistoryPoint[], pullMin: number): readonly Waiting[] {
  const { baconOff } = plan.season;
  const begun = stagesBegun(plan, history, pullMin);
  const neverBegun = fullStages(plan.stages, plan.bird.cut)[begun.length];
  const moments: readonly (readonly [Waiting["what"], Moment])[] = [
    ...glazeMoments(plan).map((moment) => ["glaze", moment] as const),
    ...(wearsBacon(plan) && baconOff ? [["bacon", baconOff] as const] : []),
    ...fatAlone(plan, begun).map((moment) => ["fat", moment] as const),
  ];
  const comesBy = (minute: number | null | undefined): boolean => typeof minute === "number" && minute < pullMin;
  const unseen = moments.flatMap(([what, moment]) =>
    comesBy(minuteOf(moment, history)) ? [] : [{ what, for: moment }],
  );
  const ontoTheSkin = [
    ["glaze", glazeMoments(plan)],
    ["fat", fatAlone(plan, begun)],
  ] as const;
  const covered = ontoTheSkin.flatMap(([what, all]): Waiting[] => {
    const come = all.filter((moment) => comesBy(minuteOf(moment, history)));
    const open = whenOpen(come, history, begun).flatMap(({ minute, at }) => (comesBy(minute) ? [at] : []));
    return open.length < come.length ? [{ what, for: null, times: come.length - open.length, open }] : [];
  });
  return [...(neverBegun ? [{ what: "stage", for: momentOf(neverBegun) } as const] : []), ...unseen, ...covered];
}

/** A stage of the heat that comes before the pull: its number, since when, and whether the bird is wrapped in it. */
interface Begun {
  readonly n: number;
  readonly fromMin: number;
  readonly wrapped: boolean;
}

/** One after the other, as the roast goes through them: behind a sign that never comes none does. */
function stagesBegun(plan: Plan, history: readonly HistoryPoint[], pullMin: number): readonly Begun[] {
  const begun: Begun[] = [];
  for (const [n, { fromMin, when, wrap }] of fullStages(plan.stages, plan.bird.cut).entries()) {
    const last = begun.at(-1);
    const leastMin = Math.max(fromMin, last ? last.fromMin + STAGES_APART_MIN : 0);
    const minute = when ? minuteOf({ when }, history, leastMin) : leastMin;
    if (minute === null || minute >= pullMin) break;
    begun.push({ n, fromMin: minute, wrapped: wrap !== "none" });
  }
  return begun;
}

/** When fat that was kept for later goes on by itself: with a wrap it needs no hand of its own. */
const fatAlone = (plan: Plan, begun: readonly Begun[]): readonly Moment[] =>
  begun.some(({ n }) => n === fatForTheWrap(plan)) ? [] : fatMoments(plan);

/** Moments at which something goes on the skin, in order: under a wrap it waits until that is off. */
function whenOpen(
  moments: readonly Moment[],
  history: readonly HistoryPoint[],
  begun: readonly Begun[],
): readonly { readonly minute: number; readonly at: Moment }[] {
  const open = moments.flatMap((at) => {
    const met = minuteOf(at, history);
    if (met === null) return [];
    const minute = isWrapped(begun, met)
      ? begun.find(({ fromMin, wrapped }) => fromMin > met && !wrapped)?.fromMin
      : met;
    return minute === undefined ? [] : [{ minute, at }];
  });
  return open.sort((one, other) => one.minute - other.minute);
}

const isWrapped = (begun: readonly Begun[], minute: number): boolean =>
  begun.findLast(({ fromMin }) => fromMin <= minute)?.wrapped ?? false;

/** @param history of the simulated roast: when it comes to its conditions */
export function putInHeat(sheet: ChoreSheet, plan: Plan, schedule: Schedule, history: readonly HistoryPoint[]): void {
  const { inAtMs, pullAtMs } = schedule;
  const pullMin = (pullAtMs.p50 - inAtMs) / MINUTE_MS;
  const atMinute = (minute: number): number => inAtMs + minute * MINUTE_MS;
  const begun = stagesBegun(plan, history, pullMin);
  const stages = fullStages(plan.stages, plan.bird.cut);
  for (const { n, fromMin } of begun.slice(1)) {
    sheet.put("stage", "heat", atMinute(fromMin), 2, { n, at: momentOf(stages[n] as OvenStage) });
  }
  const beginsMin = (n: number): number | null => begun.find((stage) => stage.n === n)?.fromMin ?? null;
  const heats = heatsOf(plan);
  for (const { n, into } of movesOf(plan)) {
    const minute = beginsMin(n);
    if (minute === null) continue;
    // Where it has been before, nothing is brought up while it is still there.
    const last = heats.lastIndexOf(into, n - 1);
    const leftMin = last < 0 ? null : beginsMin(last + 1);
    const leadMin = Math.min(bringUpMin(into), minute - (leftMin ?? Number.NEGATIVE_INFINITY));
    sheet.put("bring-up", "heat", atMinute(minute - leadMin), leadMin, { n });
  }
  const iceGoneMin = goesInWithIce(plan)
    ? history.find(({ coldestC }) => coldestC > constant("freezingPointC"))?.minute
    : undefined;
  if (iceGoneMin !== undefined && iceGoneMin < pullMin) {
    sheet.put("ice-gone", "heat", atMinute(iceGoneMin), ICE_GONE_MIN);
  }
  for (const minute of bastingsIn(plan, pullMin - 5, history)) {
    if (!isWrapped(begun, minute)) sheet.put("baste", "heat", atMinute(minute), 2);
  }
  for (const { minute, at } of whenOpen(glazeMoments(plan), history, begun)) {
    if (minute < pullMin) sheet.put("glaze", "heat", atMinute(minute), 3, { at });
  }
  for (const { minute, at } of whenOpen(fatAlone(plan, begun), history, begun)) {
    if (minute < pullMin) sheet.put("oil", "heat", atMinute(minute), 3, { at });
  }
  const { baconOff } = plan.season;
  if (wearsBacon(plan) && baconOff) {
    const minute = minuteOf(baconOff, history);
    if (minute !== null && minute < pullMin) sheet.put("bacon-off", "heat", atMinute(minute), 3, { at: baconOff });
  }
  if (isFire(plan.heat)) sheet.put("fuel", "heat", inAtMs - heatLeadMin(plan) * MINUTE_MS, LIGHTING_MIN);
  feedMinutes(plan, pullMin - 15, (_, n) => beginsMin(n) ?? NEVER_MIN).forEach((minute, nth) => {
    sheet.put("fuel", "heat", atMinute(minute), 3, { n: nth + 2 });
  });
}
