/** Fat, paste, bacon, glaze and basting: how much of each, and what each does to the roast as events. */

import { centresOf } from "../bird/form";
import { ovenMassKg } from "../bird/mass";
import type { Centre } from "../bird/solid";
import { constant } from "../constants";
import type { Dressing } from "../heat/ovens";
import type { HistoryPoint } from "../processes/bird";
import { canCome, type Moment, minuteOf } from "../processes/conditions";
import { LONGEST_ROAST_MIN } from "../processes/roast";
import { type FullStage, fullStages, momentOf, type RoastEvent } from "../processes/stages";
import { wrapsAt } from "./additions";
import type { Plan } from "./schema";

export interface Seasoning {
  readonly fatGrams: number;
  readonly pasteGrams: number;
  readonly baconGrams: number;
  /** For one pass over all the birds. */
  readonly glazeMl: number;
  /** Brought to baste all the birds with once; its own drippings are there. */
  readonly basteMl: number;
  readonly stuffingGrams: number;
}

/** Bacon goes over a breast. */
export const wearsBacon = ({ bird, season }: Pick<Plan, "bird" | "season">): boolean =>
  season.bacon && centresOf(bird).includes("breast");

/** What is on its skin as it goes in. */
export const dressingOf = (plan: Pick<Plan, "bird" | "season">): Dressing => ({
  oil: plan.season.fat === "before",
  paste: plan.season.paste,
  bacon: wearsBacon(plan),
});

/** A shield over the breast from the start is moulded and oiled on the cold bird. */
export const startsShielded = ({ bird, stages }: Pick<Plan, "bird" | "stages">): boolean =>
  stages[0]?.shield?.startsWith("breast") === true && centresOf(bird).includes("breast");

/** In one bird: bread in a cavity, besides its mass; what is rolled into a leg, as part of it. */
function stuffingKg({ cut, cavity, massKg }: Plan["bird"], fillingKg: number): number {
  if (cut === "leg-roll") return massKg * constant("rollFillingShare");
  return cavity === "stuffed" ? fillingKg : 0;
}

/** @param fillingKg what is in the cavity of one bird */
export function seasoningFor({ bird, season }: Pick<Plan, "bird" | "season">, fillingKg: number): Seasoning {
  const kg = ovenMassKg(bird) * bird.count;
  return {
    fatGrams:
      season.fat === "none" ? 0 : kg * constant(season.fat === "under-skin" ? "underSkinGramsPerKg" : "oilGramsPerKg"),
    pasteGrams: season.paste ? kg * constant("pasteGramsPerKg") : 0,
    baconGrams: wearsBacon({ bird, season }) ? kg * constant("baconGramsPerKg") : 0,
    glazeMl: glazePasses({ season }) > 0 ? kg * constant("glazeMlPerKg") : 0,
    basteMl: season.basteEveryMin > 0 && season.basteWith !== "" ? kg * constant("basteMlPerKg") : 0,
    stuffingGrams: 1000 * stuffingKg(bird, fillingKg) * bird.count,
  };
}

/** When glaze goes on: the cook's own moments, else in the last stretch by the first centre, since sugar burns. */
export function glazeMoments(plan: Pick<Plan, "bird" | "season" | "stages" | "targetC">): readonly Moment[] {
  const { bird, season, targetC } = plan;
  if (season.glazeAt.length > 0) return season.glazeAt;
  const centre = centresOf(bird)[0] ?? "breast";
  // Clear of the pull, which comes some degrees before the target.
  const last = (targetC[centre] ?? constant("guidelineC")) - 10;
  const steps = season.glazePasses - 1;
  const bare = bareFromC(plan, centre) + BARE_K;
  const first = last - steps * constant("glazeStepK");
  const from = bare < last ? Math.max(first, bare) : first;
  return Array.from({ length: season.glazePasses }, (_, n) => ({
    when: { centre, reachesC: steps === 0 ? last : from + (n / steps) * (last - from) },
  }));
}

/** So much past the sign at which its cover comes off, K: that is done first. */
const BARE_K = 1;

/** What a centre shows as the last cover comes off, °C; −∞ where no sign of that centre takes one off. */
function bareFromC({ bird, stages }: Pick<Plan, "bird" | "stages">, centre: Centre): number {
  const full = fullStages(stages, bird.cut);
  const isCovered = (n: number): boolean => full[n]?.shield !== "none" || full[n]?.wrap !== "none";
  const signs = stages.flatMap(({ when, waitedFor }, n) => {
    const sign = when ?? waitedFor?.when;
    const isBared = n > 0 && isCovered(n - 1) && !isCovered(n);
    return isBared && sign && "centre" in sign && sign.centre === centre ? [sign.reachesC] : [];
  });
  return Math.max(Number.NEGATIVE_INFINITY, ...signs);
}

export const glazePasses = ({ season }: Pick<Plan, "season">): number => season.glazeAt.length || season.glazePasses;

/** Moments as they can come with another bird: what it has not is not waited for. Glaze goes on as often as before. */
export function seasonFitting(season: Plan["season"], bird: Pick<Plan["bird"], "cut" | "cavity">): Plan["season"] {
  const centres = centresOf(bird);
  const comes = (moment: Moment): boolean => "atMin" in moment || canCome(moment.when, centres);
  return {
    ...season,
    ...(!season.glazeAt.every(comes) && { glazeAt: [], glazePasses: season.glazeAt.length }),
    baconOff: season.baconOff && comes(season.baconOff) ? season.baconOff : null,
  };
}

/** Minutes of the roast at which it is basted, up to one. */
export function basteMinutes(
  { basteEveryMin, basteFromMin, basteUntilMin }: Plan["season"],
  untilMin: number,
): number[] {
  if (basteEveryMin === 0) return [];
  const first = basteFromMin > 0 ? basteFromMin : basteEveryMin;
  const count = Math.floor((Math.min(untilMin, basteUntilMin ?? untilMin) - first) / basteEveryMin) + 1;
  return Array.from({ length: Math.max(0, count) }, (_, n) => first + n * basteEveryMin);
}

/**
 * Minutes of the bastings up to one, and to the first glaze: what is spooned over that washes it off (common practice).
 * @param history of the roast: when it comes to its conditions
 */
export function bastingsIn(
  plan: Parameters<typeof glazeMoments>[0],
  untilMin: number,
  history: readonly HistoryPoint[],
): number[] {
  const glazedMin = glazeMoments(plan).flatMap((moment) => minuteOf(moment, history) ?? []);
  return basteMinutes(plan.season, untilMin).filter((minute) => glazedMin.every((glazed) => minute < glazed));
}

/** A skin that goes in bare, and gets its fat in the heat. */
const keepsFat = ({ season }: Pick<Plan, "season">): boolean => season.fat === "none-at-first";

/** The later stage that it is wrapped in, with the fat that was kept for then; null where none is kept, or for no wrap. */
export function fatForTheWrap(plan: Pick<Plan, "bird" | "season" | "stages">): number | null {
  const wraps = keepsFat(plan) ? wrapsAt(plan) : null;
  return wraps === 0 ? null : wraps;
}

/** When fat that was kept for no wrap goes on: once the skin has coloured. */
export const fatMoments = (plan: Pick<Plan, "bird" | "season">): readonly Moment[] =>
  keepsFat(plan) ? [{ when: { centre: centresOf(plan.bird)[0] ?? "breast", reachesC: constant("colouredC") } }] : [];

function oilEvents(plan: Pick<Plan, "bird" | "season" | "stages">): RoastEvent[] {
  const wraps = fatForTheWrap(plan);
  if (wraps === null) return fatMoments(plan).map((moment) => ({ kind: "oil", ...moment }));
  return [{ kind: "oil", ...momentOf(fullStages(plan.stages, plan.bird.cut)[wraps] as FullStage) }];
}

/** What seasoning does to the heat: every glaze and every basting opens the door and wets the skin. */
export const seasoningEvents = (plan: Pick<Plan, "bird" | "season" | "stages" | "targetC">): RoastEvent[] => [
  ...basteMinutes(plan.season, LONGEST_ROAST_MIN).map((atMin): RoastEvent => ({ kind: "baste", atMin })),
  ...glazeMoments(plan).map((moment): RoastEvent => ({ kind: "glaze", ...moment })),
  ...(wearsBacon(plan) && plan.season.baconOff
    ? [{ kind: "bacon-off", ...plan.season.baconOff } satisfies RoastEvent]
    : []),
  ...oilEvents(plan),
];
