/**
 * A roast that is over, cooked once more: the bird that the readings pointed to, from the heat to the table, with what no
 * thermometer shows. Also cooked another way, to see what that would have given.
 */
import type { BirdForm } from "../bird/form";
import type { Centre, CentreTemperatures } from "../bird/solid";
import { type VolumeLattice, volumeLattice } from "../bird/volume";
import { type EnsembleOptions, memberBird, priorOf, roastingOf, shownBy, type Tip, tipsOf } from "../forecast/ensemble";
import { type Draw, traitsOf } from "../forecast/prior";
import type { Cover } from "../heat/covers";
import type { OvenTraits } from "../heat/ovens";
import type { HistoryPoint, LivingBird } from "../processes/bird";
import { drain } from "../processes/cook";
import type { Indices } from "../processes/indices";
import { type Frame, type Pictured, photographer } from "../processes/picture";
import { resting } from "../processes/rest";
import { LONGEST_ROAST_MIN, type RoastSetting, roasting } from "../processes/roast";
import { drying } from "../processes/salting";

/** A bird about to go in, the oven it goes into, and where its thermometers are. */
export interface Subject {
  readonly bird: LivingBird;
  readonly oven: OvenTraits;
  readonly tips: readonly Tip[];
}
/** What was done with it. */
export interface Course {
  readonly options: RoastSetting;
  /** Out at a minute, or once every thermometer shows its goal. */
  readonly out: { readonly atMin: number } | { readonly shownC: CentreTemperatures };
  readonly restMin: number;
  readonly cover: Cover;
  /** Hours in the fridge, uncovered, at the temperature it goes in with. */
  readonly dryHours: number;
  /** Of the meat as it goes in, %: salt holds juice back. */
  readonly saltPercent: number;
  /** What is kept every few minutes, to be looked at; nothing for null. */
  readonly pictured: Pictured | null;
}

export interface ShownPoint {
  readonly minute: number;
  readonly shownC: CentreTemperatures;
}

export interface Relived {
  /** Minutes in the heat; false for goals that were not met in all the time there is. */
  readonly outMin: number;
  readonly isMet: boolean;
  /** What the thermometers showed at the pull, at their highest after it, and at the table. */
  readonly atPullC: CentreTemperatures;
  readonly peakC: CentreTemperatures;
  readonly atTableC: CentreTemperatures;
  readonly indices: Indices;
  /** Powers of ten of Salmonella at the least killed point, through roast and rest. */
  readonly logReduction: number;
  /** What the thermometers showed, minute by minute, through roast and rest. */
  readonly shown: readonly ShownPoint[];
  readonly history: readonly HistoryPoint[];
  readonly frames: readonly Frame[];
  /** Where the frames' volumes lie. */
  readonly lattice: VolumeLattice;
  /** The form that the frames are of. */
  readonly form: BirdForm;
}

/** The pull is placed to this, and the chart has a point so often. */
const STEP_MIN = 1;
const FRAME_EVERY_MIN = 6;

/**
 * The bird of a draw. @param missedC what the cook's thermometers show where this bird's show `options.shownC`: what the
 * estimate misses of the newest readings
 */
export function subjectOf(options: EnsembleOptions, draw: Draw, missedC: CentreTemperatures = {}): Subject {
  const traits = traitsOf(draw, priorOf(options));
  const { bird, oven } = memberBird(options, traits);
  return { bird, oven, tips: tipsOf(bird, traits, options.shownC, missedC) };
}

/** Yields each minute. The bird's memory is given back at the end. */
export function* relive({ bird, oven, tips }: Subject, asked: Course): Generator<number, Relived> {
  const { options, out, restMin, cover, dryHours, saltPercent, pictured } = asked;
  const shown = (): CentreTemperatures => shownBy(tips, bird);
  try {
    if (dryHours > 0) {
      drain(drying(bird, { hours: dryHours, fridgeC: bird.coldest().celsius }));
      bird.beginAnew();
    }
    const take = pictured ? photographer(bird, pictured) : null;
    const frames: Frame[] = [];
    const picture = (): void => {
      if (take && bird.minute >= frames.length * FRAME_EVERY_MIN - 1e-6) frames.push(take());
    };
    const points: ShownPoint[] = [];
    const look = (): CentreTemperatures => {
      picture();
      const shownC = shown();
      points.push({ minute: bird.minute, shownC });
      return shownC;
    };
    const isOut = (now: CentreTemperatures): boolean => {
      if ("atMin" in out) return bird.minute >= out.atMin - STEP_MIN / 2;
      return tips.every(({ centre }) => (now[centre] ?? 0) >= (out.shownC[centre] ?? Number.NEGATIVE_INFINITY));
    };
    let isMet = false;
    const course = { ...roastingOf(options, oven, STEP_MIN), longestMin: LONGEST_ROAST_MIN, shown };
    for (const { minute } of roasting(bird, course)) {
      if (isOut(look())) {
        isMet = true;
        break;
      }
      yield minute;
    }
    const outMin = bird.minute;
    const atPullC = shown();
    const peakC: CentreTemperatures = { ...atPullC };
    for (const { minute } of resting(bird, { minutes: restMin, cover, everyMin: STEP_MIN })) {
      for (const [centre, celsius] of Object.entries(look()) as [Centre, number][]) {
        if (celsius > (peakC[centre] ?? Number.NEGATIVE_INFINITY)) peakC[centre] = celsius;
      }
      yield minute;
    }
    if (!bird.watch) throw new RangeError("this bird is not watched");
    return {
      outMin,
      isMet,
      atPullC,
      peakC,
      atTableC: shown(),
      indices: bird.watch.indices(saltPercent),
      logReduction: bird.watch.leastLogReduction(),
      shown: points,
      history: [...bird.history],
      frames,
      lattice: volumeLattice(bird.body.unit),
      form: bird.body.form,
    };
  } finally {
    bird.release();
  }
}
