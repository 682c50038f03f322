/** The plan's own simulation: the cook as planned, with the pictures that the plan shows. */
import { makeBody } from "../bird/body";
import type { Vec3 } from "../bird/sdf";
import { cellCentre, sectionSampler } from "../bird/section";
import type { CentrePart, Cut } from "../bird/shape";
import type { Plan } from "../formats/roast";
import type { Cover } from "../heat/surroundings";
import { type CookDone, cooking, type NeverMet } from "../processes/cook";
import type { OvenStage } from "../processes/roast";
import { constant } from "../sources";
import type { EnsembleOptions } from "./ensemble";

/** What of a plan the simulation depends on. */
export interface PlannedInput {
  readonly cut: Cut;
  readonly massKg: number;
  readonly startC: number;
  readonly stages: readonly OvenStage[];
  readonly targetC: Record<CentrePart, number>;
  readonly cover: Cover;
}

/** A bird straight from the fridge. */
const FRIDGE_C = 4;

export const plannedInput = (plan: Plan): PlannedInput => ({
  cut: plan.bird.cut,
  massKg: plan.bird.massKg,
  startC: FRIDGE_C,
  stages: plan.stages,
  targetC: plan.targetC,
  cover: plan.cover,
});

/** The same plan as the ensembles take it; the targets are what the thermometer shows at the pull. */
export const ensembleOptions = (plan: Plan, shownC: Record<CentrePart, number>): EnsembleOptions =>
  ensembleOf(plannedInput(plan), shownC);

export const ensembleOf = (
  { cut, massKg: boughtKg, startC, stages }: PlannedInput,
  shownC: Record<CentrePart, number>,
): EnsembleOptions => ({ cut, boughtKg, startC, stages, shownC });

/** Cell sizes in metres of the reference bird: coarse while the hand drags, finer when it rests. */
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
  /** What goes into the oven, giblets and backbone taken off. */
  readonly ovenMassKg: number;
};
export type PlannedOutcome = PlannedDone | NeverMet;

const FRAME_EVERY_MIN = { preview: 8, settled: 5 } as const;
const HISTORY_EVERY_MIN = { preview: 3, settled: 2 } as const;

/** Rest that the carry-over is counted over. */
export const carryRestMin = (): number => constant("usualRestMin");

export function* plannedCook(input: PlannedInput, quality: PictureQuality): Generator<number, PlannedOutcome> {
  const body = makeBody(input.cut, input.massKg, PICTURE_CELL_M[quality]);
  const outcome = yield* cooking({
    body,
    startC: input.startC,
    stages: input.stages,
    finish: { kind: "carried", targetsC: input.targetC, marginK: CARRY_MARGIN_K },
    restMin: carryRestMin(),
    cover: input.cover,
    everyMin: HISTORY_EVERY_MIN[quality],
    frameEveryMin: FRAME_EVERY_MIN[quality],
  });
  if (outcome.kind === "never-met") return outcome;
  const sampler = sectionSampler(body);
  const frames = outcome.frames.map(({ minute, temperatureC, coldestCell }) => ({
    minute,
    sections: sampler.sample(temperatureC),
    coldestAt: cellCentre(body, coldestCell),
  }));
  return { ...outcome, frames, ovenMassKg: body.massKg };
}
