/** The plan's own simulation: the bird's life up to the oven, the cook as planned, and the pictures that the plan shows. */
import { coarseCellM, makeBody } from "../bird/body";
import type { FormChoice } from "../bird/form";
import type { Vec3 } from "../bird/sdf";
import { cellCentre, sectionSampler } from "../bird/section";
import type { CentreTemperatures } from "../bird/solid";
import type { Plan } from "../formats/roast";
import type { HeatSource } from "../heat/ovens";
import type { Cover } from "../heat/surroundings";
import { type BirdState, LivingBird } from "../processes/bird";
import { type CookDone, cooking, type NeverMet } from "../processes/cook";
import { type BeforeOven, beforeOven } from "../processes/life";
import type { OvenStage } from "../processes/stages";
import { constant } from "../sources";
import type { EnsembleOptions } from "./ensemble";

/** What of a plan the simulation depends on. */
export interface PlannedInput {
  readonly form: FormChoice;
  readonly massKg: number;
  readonly before: BeforeOven;
  readonly source: HeatSource;
  readonly stages: readonly OvenStage[];
  readonly targetC: CentreTemperatures;
  readonly cover: Cover;
}

const formOf = ({ bird: { species, cut, legs, cavity } }: Plan): FormChoice => ({ species, cut, legs, cavity });

export const plannedInput = (plan: Plan): PlannedInput => ({
  form: formOf(plan),
  massKg: plan.bird.massKg,
  before: {
    frozen: plan.bird.state === "frozen",
    thawIn: plan.thawIn,
    saltedPercent: plan.bird.preSalted ? constant("preSaltedPercent") : 0,
    dryPercent: plan.bird.preSalted ? 0 : plan.salt.percent,
    saltHours: plan.salt.saltHours,
    dryHours: plan.salt.dryHours,
  },
  source: plan.heat,
  stages: plan.stages,
  targetC: plan.targetC,
  cover: plan.cover,
});

/** The same plan as the ensembles take it; the targets are what the thermometer shows at the pull. */
export const ensembleOptions = (plan: Plan, shownC: CentreTemperatures): EnsembleOptions =>
  ensembleOf(plannedInput(plan), shownC);

export const ensembleOf = (
  { form, massKg: boughtKg, source, stages }: PlannedInput,
  shownC: CentreTemperatures,
): EnsembleOptions => ({
  form,
  boughtKg,
  startC: constant("fridgeC"),
  ...(form.cavity === "stuffed" && { fillingC: constant("stuffingStartC") }),
  source,
  stages,
  shownC,
});

/** Cell sizes in metres of a turkey: coarse while the hand drags, finer when it rests. */
export const PICTURE_CELL_M = { preview: 0.012, settled: 0.0075 } as const;
export type PictureQuality = keyof typeof PICTURE_CELL_M;

/** Pulled so early that the rest carries the centres this far past the target: thermometers are read to 1 °C. */
export const CARRY_MARGIN_K = 1;

export interface PictureFrame {
  readonly minute: number;
  /** Temperatures on each section, see `bird/section.ts`. */
  readonly sections: readonly Float32Array[];
  readonly coldestAt: Vec3;
}

export type PlannedDone = Omit<CookDone, "frames"> & {
  readonly frames: readonly PictureFrame[];
  /** The form the frames are of: the plan may have moved on since. */
  readonly form: FormChoice;
  /** What goes into the oven, giblets and backbone taken off. */
  readonly ovenMassKg: number;
};
export type PlannedOutcome = PlannedDone | NeverMet;

const FRAME_EVERY_MIN = { preview: 12, settled: 5 } as const;
const HISTORY_EVERY_MIN = { preview: 3, settled: 2 } as const;

/** Rest that the carry-over is counted over. */
export const carryRestMin = (): number => constant("usualRestMin");

/** Bodies of the last life up to the oven: while only the heat is edited, the bird that goes in stays the same. */
const goneIn = new Map<
  PictureQuality,
  { readonly key: string; readonly bird: LivingBird; readonly state: BirdState }
>();

/** The bird as it goes in: thawed, salted and dried once, then taken again from where it was. */
function* birdGoingIn({ form, massKg, before }: PlannedInput, quality: PictureQuality): Generator<number, LivingBird> {
  const key = JSON.stringify({ form, massKg, before });
  const known = goneIn.get(quality);
  if (known?.key === key) {
    known.bird.restore(known.state, []);
    return known.bird;
  }
  const bird = new LivingBird(makeBody(form, massKg, coarseCellM(form, PICTURE_CELL_M[quality])));
  // A hand that drags the weight is answered with a bird straight from the fridge; its whole life follows when it rests.
  if (quality === "settled") {
    const { bird: coarse } = yield* beforeOven(form, massKg, before);
    bird.takeOver(coarse);
  } else bird.startAt(constant("fridgeC"));
  if (form.cavity === "stuffed") bird.fill(constant("stuffingStartC"));
  bird.minute = 0;
  bird.history.length = 0;
  goneIn.set(quality, { key, bird, state: bird.snapshot() });
  return bird;
}

export function* plannedCook(input: PlannedInput, quality: PictureQuality): Generator<number, PlannedOutcome> {
  const bird = yield* birdGoingIn(input, quality);
  const outcome = yield* cooking({
    body: bird,
    source: input.source,
    stages: input.stages,
    finish: { kind: "carried", targetsC: input.targetC, marginK: CARRY_MARGIN_K },
    restMin: carryRestMin(),
    cover: input.cover,
    everyMin: HISTORY_EVERY_MIN[quality],
    frameEveryMin: FRAME_EVERY_MIN[quality],
  });
  if (outcome.kind === "never-met") return outcome;
  const sampler = sectionSampler(bird.body);
  const frames = outcome.frames.map(({ minute, temperatureC, coldestCell }) => ({
    minute,
    sections: sampler.sample(temperatureC),
    coldestAt: cellCentre(bird.body, coldestCell),
  }));
  return { ...outcome, history: [...outcome.history], frames, form: input.form, ovenMassKg: bird.body.massKg };
}
