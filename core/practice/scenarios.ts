/** What goes wrong on a day that is practised: as data, by its kind and its seed. */
import { chanceOf } from "../chance";
import { shutBy } from "../heat/sources";
import { usesFire, usesOven } from "../plan/heats";
import type { Plan } from "../plan/schema";
import type { OvenStage } from "../processes/stages";

export const DIFFICULTIES = ["calm", "usual", "worst"] as const;
export type Difficulty = (typeof DIFFICULTIES)[number];

export interface Practised {
  readonly seed: string;
  readonly difficulty: Difficulty;
  /** Probes stay in, or a thermometer is pushed in by hand; probes where it is left out. */
  readonly thermometer?: "probes" | "hand" | undefined;
}

/** Hidden until it is noticed, but the last two: those are said. */
export const TROUBLES = ["slip", "door", "bone", "ice", "hot-side", "fire-dies", "guests-late", "dish"] as const;
export type Trouble = (typeof TROUBLES)[number];

/** Dinner so near to when it was to be is on time, min (chosen). */
export const ON_TIME_MIN = 15;

/** From one side of its oven to the other, where that goes wrong, K (chosen). */
export const HOT_SIDE_K = 25;

/** How far off everything else is, against what one may usually meet (chosen). */
export const SPREAD: Record<Difficulty, number> = { calm: 0.5, usual: 1, worst: 1.6 };

/** What goes wrong with a plan on such a day. */
export function troublesOf(
  { seed, difficulty, thermometer }: Practised,
  plan: Pick<Plan, "bird" | "heat" | "stages">,
): readonly Trouble[] {
  if (difficulty === "calm") return [];
  // What bakes beside a fire outdoors has the oven to itself.
  const calls: readonly Trouble[] = usesFire(plan)
    ? ["guests-late"]
    : chanceOf(`${seed}/call`) < 0.5
      ? ["guests-late", "dish"]
      : ["dish", "guests-late"];
  const all: readonly Trouble[] =
    difficulty === "usual"
      ? ["slip", "door", ...calls.slice(0, 1)]
      : ["slip", "door", "bone", "ice", "hot-side", "fire-dies", ...calls];
  return all.filter((trouble) => {
    // A thermometer in the hand neither slips nor stays on a bone.
    if (trouble === "slip" || trouble === "bone") return thermometer !== "hand";
    if (trouble === "door") return shutBy(plan.heat) !== null;
    if (trouble === "ice") return plan.bird.state !== "fresh";
    if (trouble === "hot-side") return !usesFire(plan);
    return trouble !== "fire-dies" || !usesOven(plan);
  });
}

/** What somebody says while it roasts. */
export type Call =
  | { readonly kind: "guests-late"; readonly atMin: number; readonly byMin: number }
  | { readonly kind: "dish"; readonly atMin: number; readonly airC: number; readonly minutes: number };

const GUESTS_LATE_MIN = 40;
const GUESTS_CALL_SHARE = 0.6;
const DISH_MIN = 25;
const DISH_CALL_SHARE = 0.45;
const DISH_APART_K = 40;
const DISH_MOST_C = 220;

/** @param pullMin when its plan has it out, minutes after it went in */
export function callsOf(
  practised: Practised,
  plan: Pick<Plan, "bird" | "heat" | "stages">,
  pullMin: number,
): readonly Call[] {
  return troublesOf(practised, plan).flatMap((trouble): Call[] => {
    if (trouble === "guests-late") {
      return [{ kind: trouble, atMin: Math.round(GUESTS_CALL_SHARE * pullMin), byMin: GUESTS_LATE_MIN }];
    }
    if (trouble !== "dish") return [];
    const ownC = plan.stages.at(-1)?.airC ?? DISH_MOST_C;
    // Something crisp for a gentle oven, something gentle for a hot one.
    const airC = ownC + DISH_APART_K <= DISH_MOST_C ? ownC + DISH_APART_K : ownC - DISH_APART_K;
    return [{ kind: trouble, atMin: Math.round(DISH_CALL_SHARE * pullMin), airC, minutes: DISH_MIN }];
  });
}

/**
 * What waits for an answer. What was said stays said, though its bird is since thought to be done later.
 * @param nowMin minutes after the bird went in
 * @param said what waited when it was last asked
 */
export function openCall(
  calls: readonly Call[],
  nowMin: number,
  answered: Partial<Record<Call["kind"], unknown>>,
  said: Call | null,
): Call | null {
  const isOpen = ({ kind }: Call): boolean => answered[kind] === undefined;
  if (said && isOpen(said)) return said;
  return calls.find((call) => nowMin >= call.atMin && isOpen(call)) ?? null;
}

const FIRE_OUT_MIN = 25;
const FIRE_FALLS_K = 60;
const FIRE_OUT_FROM_MIN = 40;

/** A fire that sank while nobody looked. */
export const sunkFire = (stages: readonly OvenStage[], { seed }: Practised): readonly OvenStage[] => {
  const fromMin = FIRE_OUT_FROM_MIN + Math.round(30 * chanceOf(`${seed}/fire`));
  return interrupted(stages, fromMin, FIRE_OUT_MIN, (airC) => airC - FIRE_FALLS_K).stages;
};

/**
 * The heat as it was to be, with another air for a while: what comes by its clock meanwhile comes in that air. What waits
 * for a temperature or a colour waits behind it.
 * @param done number of the last stage that was made, where somebody has said so
 * @returns with the number of the stage by which it begins
 */
export function interrupted<Stage extends OvenStage>(
  stages: readonly Stage[],
  fromMin: number,
  minutes: number,
  airOf: (airC: number) => number,
  done = 0,
): { readonly stages: readonly (Stage | OvenStage)[]; readonly on: number } {
  const untilMin = fromMin + minutes;
  /** Up to the last that has begun by a minute, counted on from one; it is not looked past what waits. */
  const begunBy = (minute: number, from: number): number => {
    const next = stages[from + 1];
    return next && !next.when && next.fromMin <= minute ? begunBy(minute, from + 1) : from;
  };
  const during = begunBy(fromMin, done);
  const after = begunBy(untilMin, during);
  const [last, then] = [stages[during] as Stage, stages[after] as Stage];
  const isNew = last.fromMin < fromMin;
  const isBack = after === during || then.fromMin < untilMin;
  const inOtherAir = (stage: Stage): Stage => ({ ...stage, airC: airOf(stage.airC) });
  return {
    stages: [
      ...stages.slice(0, isNew ? during + 1 : during),
      isNew ? { fromMin, airC: airOf(last.airC) } : inOtherAir(last),
      ...stages.slice(during + 1, isBack ? after + 1 : after).map(inOtherAir),
      ...(isBack ? [{ fromMin: untilMin, airC: then.airC }] : [then]),
      ...stages.slice(after + 1),
    ],
    on: isNew ? during + 1 : during,
  };
}
