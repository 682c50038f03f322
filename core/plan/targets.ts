/** Where a plan's doneness is read, and what is to be seen there. */

import { centresOf, hasBreastAndThigh } from "../bird/form";
import type { Centre, CentreTemperatures } from "../bird/solid";
import { askedC, type Guideline, guidelineFor, meetsGuideline } from "../safety/guideline";
import type { Plan } from "./schema";

type Decided = Pick<Plan, "bird" | "decidedBy">;

/** The centres that decide when it is done: every one the bird has, or the one its cook goes by. Stuffing always does. */
export function decidingCentres({ bird, decidedBy }: Decided): readonly Centre[] {
  const all = centresOf(bird);
  if (decidedBy === undefined || !hasBreastAndThigh(bird)) return all;
  return all.filter((centre) => centre === decidedBy || centre === "filling");
}

/** The centre that its cook does not go by, where there is one. */
export const unreadCentre = (plan: Decided): Centre | undefined =>
  centresOf(plan.bird).find((centre) => !decidingCentres(plan).includes(centre));

type Judged = Pick<Plan, "equipment"> & { readonly bird: Pick<Plan["bird"], "cut"> };
/** What the guideline of its kitchen asks of a plan's bird. */
export const guidelineOf = ({ equipment, bird }: Judged): Guideline => guidelineFor(equipment.guideline, bird.cut);

/** Nearer to it than a thermometer shows, a target is the guideline's, in whichever unit it was set. */
const SAME_TARGET_K = 0.25;

/**
 * A target for every centre a bird has: what it was aimed at before, else what its kitchen's guideline asks. What was
 * aimed at the guideline, of another cut or by another guideline, follows it.
 */
export function targetsFor(
  { bird, equipment }: Pick<Plan, "equipment"> & { readonly bird: Parameters<typeof centresOf>[0] },
  before?: Judged & Pick<Plan, "targetC">,
): Plan["targetC"] {
  const guideline = guidelineOf({ bird, equipment });
  const targetAt = (centre: Centre): number => {
    const was = before?.targetC[centre];
    if (before === undefined || was === undefined) return askedC(guideline, centre);
    const isOfGuideline = Math.abs(was - askedC(guidelineOf(before), centre)) < SAME_TARGET_K;
    return isOfGuideline && guidelineOf(before) !== guideline ? askedC(guideline, centre) : was;
  };
  return Object.fromEntries(centresOf(bird).map((centre) => [centre, targetAt(centre)]));
}

/** In its kitchen as that is now; what was aimed at its guideline follows it. */
export const inKitchen =
  (changed: Partial<Plan["equipment"]>) =>
  (plan: Plan): Plan => {
    const equipment = { ...plan.equipment, ...changed };
    return { ...plan, equipment, targetC: targetsFor({ bird: plan.bird, equipment }, plan) };
  };

/** What the guideline asks at each of the centres that decide, °C. */
export const guidelineTargets = (plan: Judged & Decided): CentreTemperatures =>
  Object.fromEntries(decidingCentres(plan).map((centre) => [centre, askedC(guidelineOf(plan), centre)]));

/** The lowest target that is below what the guideline asks there, °C; undefined where none is. */
export function shortTargetC(plan: Judged & Decided & Pick<Plan, "targetC">): number | undefined {
  const guideline = guidelineOf(plan);
  const short = (Object.entries(targetsOf(plan)) as [Centre, number][])
    .filter(([centre, celsius]) => !meetsGuideline(celsius, askedC(guideline, centre)))
    .map(([, celsius]) => celsius);
  return short.length > 0 ? Math.min(...short) : undefined;
}

/** Whether a plan aims at its guideline or past it, everywhere it is read. */
export const aimsAtGuideline = (plan: Parameters<typeof shortTargetC>[0]): boolean => shortTargetC(plan) === undefined;

/** °C to be seen at each of the centres that decide: what the guideline asks where a file gives no target. */
export function targetsOf(plan: Judged & Decided & Pick<Plan, "targetC">): CentreTemperatures {
  const asked = Object.entries(guidelineTargets(plan)) as [Centre, number][];
  return Object.fromEntries(asked.map(([centre, askedC]) => [centre, plan.targetC[centre] ?? askedC]));
}

/** The highest of them: the line that pictures and charts draw. */
export const highestTargetC = (plan: Parameters<typeof targetsOf>[0]): number =>
  Math.max(...Object.values(targetsOf(plan)).filter((value) => value !== undefined));
