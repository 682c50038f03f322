/**
 * One life of one bird up to the oven: thaw, salt, dry, each starting from the state the last one left, with pictures
 * to scrub through. The roast and the rest go on from its end.
 */
import { coarseCellM, makeBody } from "../bird/body";
import type { FormChoice } from "../bird/form";
import { sectionSampler } from "../bird/section";
import type { CentreTemperatures } from "../bird/solid";
import { densitiesOf } from "../heat/tissue";
import { constant } from "../sources";
import { LivingBird } from "./bird";
import type { SaltShares } from "./saltField";
import { drying, salting } from "./salting";
import { thawing } from "./thaw";

export interface BeforeOven {
  readonly frozen: boolean;
  readonly thawIn: "fridge" | "water";
  /** Salt it was sold with, % by mass. */
  readonly saltedPercent: number;
  /** Dry salt rubbed on, % of its mass. */
  readonly dryPercent: number;
  readonly saltHours: number;
  readonly dryHours: number;
}

export const LIFE_PHASES = ["thaw", "salt", "dry"] as const;
export type LifePhase = (typeof LIFE_PHASES)[number];

export interface LifeFrame {
  readonly phase: LifePhase;
  /** Minutes since that phase began. */
  readonly minute: number;
  readonly temperatureC: readonly Float32Array[];
  /** Salt by mass of meat, %, on the same sections. */
  readonly saltPercent: readonly Float32Array[];
  readonly centresC: CentreTemperatures;
  readonly coldestC: number;
}

export interface LivedSoFar {
  readonly bird: LivingBird;
  readonly frames: readonly LifeFrame[];
  /** Simulated hours of the thaw; 0 for a fresh bird. */
  readonly thawHours: number;
  readonly salt: SaltShares;
}

/** Coarse: days are simulated here, and nothing in them is quick. */
const LIFE_CELL_M = 0.012;
const FRAMES_A_PHASE = 14;
const FROZEN_C = -18;
const TAP_WATER_C = 12;

/** Lives through what comes before the oven. @param boughtKg mass as bought */
export function* beforeOven(form: FormChoice, boughtKg: number, before: BeforeOven): Generator<number, LivedSoFar> {
  const fridgeC = constant("fridgeC");
  // Stuffing goes in last: until then the cavity is empty.
  const body = makeBody({ ...form, cavity: "empty" }, boughtKg, coarseCellM(form, LIFE_CELL_M));
  const bird = new LivingBird(body, { watched: false });
  const sampler = sectionSampler(body);
  const density = densitiesOf(body.unit.grid.tissue);
  const frames: LifeFrame[] = [];
  if (before.saltedPercent > 0) bird.salt.fillEvenly(before.saltedPercent);
  const look = (phase: LifePhase, minute: number): void => {
    frames.push({
      phase,
      minute,
      temperatureC: sampler.sample(bird.solver.temperatureC),
      saltPercent: sampler.sample(bird.salt.contentKgPerM3.map((kg, cell) => (100 * kg) / (density[cell] as number))),
      centresC: Object.fromEntries(bird.centres.map((centre) => [centre, bird.centreC(centre)])),
      coldestC: bird.solver.coldest().celsius,
    });
  };
  function* lived(phase: LifePhase, work: Generator<unknown, unknown>, everyMin: number): Generator<number, unknown> {
    const from = bird.minute;
    let next = 0;
    for (;;) {
      const step = work.next();
      if (step.done) {
        look(phase, bird.minute - from);
        return step.value;
      }
      if (bird.minute - from >= next - 1e-9) {
        look(phase, bird.minute - from);
        next += everyMin;
      }
      yield bird.minute;
    }
  }
  let thawHours = 0;
  if (before.frozen) {
    bird.startAt(FROZEN_C);
    const inWater = before.thawIn === "water";
    const work = thawing(bird, { medium: before.thawIn, mediumC: inWater ? TAP_WATER_C : fridgeC });
    yield* lived("thaw", work, (inWater ? 8 : 96) * (60 / FRAMES_A_PHASE));
    thawHours = bird.minute / 60;
  } else bird.startAt(fridgeC);
  if (before.dryPercent > 0 && before.saltHours > 0) {
    const saltKg = (boughtKg * before.dryPercent) / 100;
    const work = salting(bird, { method: "dry", saltKg, hours: before.saltHours, fridgeC });
    yield* lived("salt", work, (before.saltHours * 60) / FRAMES_A_PHASE);
  }
  if (before.dryHours > 0) {
    yield* lived("dry", drying(bird, { hours: before.dryHours, fridgeC }), (before.dryHours * 60) / FRAMES_A_PHASE);
  }
  return { bird, frames, thawHours, salt: bird.salt.shares() };
}
