/** The plan's own simulation: the bird's life up to the oven, the cook as planned, and the pictures that the plan shows. */

import { coarseCellM, makeBody } from "../bird/body";
import type { FormChoice } from "../bird/form";
import { type BirdSize, sizeOf } from "../bird/size";
import type { Centre, CentreTemperatures } from "../bird/solid";
import { type VolumeLattice, volumeLattice } from "../bird/volume";
import { constant } from "../constants";
import type { OvenTraits } from "../heat/ovens";
import { colderAt } from "../heat/stencil";
import type { Plan } from "../plan/schema";
import { targetsOf } from "../plan/targets";
import { type BirdState, LivingBird } from "../processes/bird";
import { type CookDone, cooking, type Finish, type NeverMet } from "../processes/cook";
import { type Leftovers, leftovers } from "../processes/leftovers";
import { beforeOven, thawHours, thawingSizeCm } from "../processes/life";
import { type Pictured, photographer } from "../processes/picture";
import { needsBothHalves } from "../processes/roast";
import { searing } from "../processes/sear";
import { type EnsembleOptions, roastingOf, tipStencil } from "./ensemble";
import { ensembleOf, type PlannedInput, priorFor, startCOf } from "./plannedInput";
import { traitsOf } from "./prior";

interface Picture {
  /** Of a turkey. */
  readonly cellM: number;
  readonly frameEveryMin: number;
  readonly historyEveryMin: number;
  readonly pictured: Pictured;
}
const SETTLED: Picture = { cellM: 0.0075, frameEveryMin: 5, historyEveryMin: 2, pictured: "cuts" };
/** Coarse while the hand drags, finer when it rests; and the whole of it, to be turned. */
const PICTURES = {
  preview: { cellM: 0.012, frameEveryMin: 18, historyEveryMin: 3, pictured: "cuts" },
  settled: SETTLED,
  solid: { ...SETTLED, pictured: "solid" },
} as const satisfies Record<string, Picture>;
export type PictureQuality = keyof typeof PICTURES;

/**
 * Pulled so early that the rest carries the centres this far past the target, since thermometers are read to 1 °C; and by
 * what a usual tip shows too much: it sits short of the deepest meat, and in a thin bird in a hot oven a few millimetres
 * are several degrees. A tip further out than that is found by the look through by hand before it is lifted, which the
 * call for the pull asks for. (`npm run practised`: with one margin of 2 K for all birds, and no such look, the deepest of
 * every fifth hidden roast fell short of the guideline, of those lying flat every third.) Nobody waits past the target
 * itself: that is what is to be read.
 */
const CARRY_MARGIN_K = 1;

/** Of a planned cook, what says when to pull. */
export type PulledAt = Pick<PlannedDone, "atPull" | "peak" | "marginK">;

/** How far past its target a centre of a bird as it stands is to be carried, K. */
function marginsOf(bird: LivingBird): (centre: Centre) => number {
  const tips = new Map(bird.centres.map((centre) => [centre, tipStencil(bird.body, centre, constant("probeShortM"))]));
  return (centre) => {
    const tip = tips.get(centre);
    // Stuffing is read in its own middle.
    const aboveK = tip && centre !== "filling" ? colderAt(bird.solver.temperatureC, tip) - bird.centreC(centre) : 0;
    return CARRY_MARGIN_K + Math.max(0, aboveK);
  };
}

/**
 * What each centre has to show at the pull so that the rest still carries it to its target: the one that decides as
 * much as the plan expects, the others only what they need. @param targetC to be seen before carving
 */
export function pullGoalsC(
  { atPull, peak, marginK }: PulledAt,
  { targetC, finish }: Pick<PlannedInput, "targetC" | "finish">,
): CentreTemperatures {
  if (finish.kind === "at-pull") return targetC;
  return Object.fromEntries(
    (Object.entries(targetC) as [Centre, number][]).map(([centre, target]) => {
      const expectedC = atPull.centresC[centre] ?? target;
      const surplusK = (peak[centre]?.celsius ?? expectedC) - (target + (marginK[centre] ?? 0));
      const neededC = Math.max(target - constant("carryOverMostK"), expectedC - Math.max(0, surplusK));
      // Nobody waits for more than the target itself, however far the others are behind.
      return [centre, Math.min(target, neededC)];
    }),
  );
}

/** The same of a roast; nothing where it goes by time or by signs. */
export const goalsAtPull = (plan: Plan, cook: PulledAt | null): CentreTemperatures =>
  cook && plan.finish.kind !== "time" && plan.finish.kind !== "signs"
    ? pullGoalsC(cook, { targetC: targetsOf(plan), finish: plan.finish })
    : {};

/** What a plan's band is asked of; null where it comes out by time alone, whatever it shows. */
export const bandAsked = (input: PlannedInput, cook: PulledAt): EnsembleOptions | null =>
  input.finish.kind === "time" ? null : ensembleOf(input, pullGoalsC(cook, input));

export type PlannedDone = CookDone & {
  /** The form the frames are of: the plan may have moved on since. */
  readonly form: FormChoice;
  /** Where their volumes lie. */
  readonly lattice: VolumeLattice;
  /** What goes into the oven, giblets and backbone taken off. */
  readonly ovenMassKg: number;
  /** The stuffing in one bird. */
  readonly fillingKg: number;
  /** How far past its target each centre was to be carried, K. */
  readonly marginK: CentreTemperatures;
  /** Length (tail to neck), width and height of one bird as it lies, cm. */
  readonly sizeCm: BirdSize;
  /** The same as it thaws in the fridge, where it is another size there. */
  readonly thawsCm: BirdSize | null;
  /** Hours to allow for the thaw; 0 where there is none. */
  readonly thawHours: number;
  /** Salt by mass of meat as it goes in, %; null until its life has been simulated. */
  readonly saltPercent: number | null;
  /** Of a bird roasted the day before. */
  readonly dayAfter: Leftovers | null;
};
export type PlannedOutcome = PlannedDone | NeverMet;

/** What the last life up to the oven came to: while only the heat is edited, the bird that goes in stays the same. */
interface GoingIn {
  readonly key: string;
  readonly state: BirdState;
  /** Its salt, kg per m³ of each cell. */
  readonly salt: Float64Array | null;
  readonly saltPercent: number | null;
}
/** By the size of its cells. */
const goneIn = new Map<number, GoingIn>();

/** The bird as it goes in: thawed, salted and dried once, then taken again from where it was. */
function* birdGoingIn(
  { form, massKg, before, stuffingC, sear, wholeGrid }: PlannedInput & { readonly wholeGrid: boolean },
  quality: PictureQuality,
): Generator<number, { readonly bird: LivingBird; readonly saltPercent: number | null }> {
  const key = JSON.stringify({ form, massKg, before, stuffingC, sear, wholeGrid });
  const { cellM } = PICTURES[quality];
  const bird = new LivingBird(makeBody(form, massKg, coarseCellM(form, cellM), wholeGrid));
  const known = goneIn.get(cellM);
  if (known?.key === key) {
    bird.restore(known.state, []);
    if (known.salt) bird.salt.restore(known.salt);
    return { bird, saltPercent: known.saltPercent };
  }
  let saltPercent: number | null = null;
  // A hand that drags the weight is answered with a bird straight from the fridge; its whole life follows when it rests.
  if (quality !== "preview") {
    const { bird: coarse, salt } = yield* beforeOven(form, massKg, before, null);
    bird.takeOver(coarse);
    coarse.release();
    saltPercent = salt.whole;
  } else bird.startAt(startCOf(before));
  if (form.cavity === "stuffed") bird.fill(stuffingC);
  if (sear) for (const { minute } of searing(bird, sear)) yield minute;
  bird.beginAnew();
  goneIn.set(cellM, {
    key,
    state: bird.snapshot(),
    salt: bird.isSalted ? bird.salt.snapshot() : null,
    saltPercent,
  });
  return { bird, saltPercent };
}

/** The oven as it most likely is. */
const usualOvenIn = (input: PlannedInput): OvenTraits => traitsOf([], priorFor(input)).oven;

export function* plannedCook(input: PlannedInput, quality: PictureQuality): Generator<number, PlannedOutcome> {
  const traits = { ...usualOvenIn(input), hotSideK: input.hotSideK };
  const wholeGrid = needsBothHalves({ stages: input.stages, traits, birds: input.birds });
  const { bird, saltPercent } = yield* birdGoingIn({ ...input, wholeGrid }, quality);
  try {
    return yield* cookedWithPictures(input, quality, bird, saltPercent, traits);
  } finally {
    bird.release();
  }
}

function* cookedWithPictures(
  input: PlannedInput,
  quality: PictureQuality,
  bird: LivingBird,
  saltPercent: number | null,
  traits: OvenTraits,
): Generator<number, PlannedOutcome> {
  const { frameEveryMin, historyEveryMin, pictured } = PICTURES[quality];
  const marginOf = marginsOf(bird);
  let marginK: CentreTemperatures = {};
  const outcome = yield* cooking({
    body: bird,
    whenPulled: () => {
      marginK = Object.fromEntries(bird.centres.map((centre) => [centre, marginOf(centre)]));
    },
    ...roastingOf(input, traits, historyEveryMin),
    finish: finishOf(input, marginOf),
    restMin: input.restMin,
    cover: input.cover,
    pictures: {
      everyMin: frameEveryMin,
      of: photographer(bird, pictured),
    },
  });
  if (outcome.kind === "never-met") return outcome;
  return {
    ...outcome,
    history: [...outcome.history],
    form: input.form,
    lattice: volumeLattice(bird.body.unit),
    ovenMassKg: bird.body.massKg,
    fillingKg: bird.body.fillingKg,
    marginK,
    sizeCm: sizeOf(bird.body),
    thawsCm: thawingSizeCm(input.form, input.massKg, input.before),
    thawHours: thawHours(input.form, input.massKg, input.before),
    saltPercent,
    dayAfter: input.trayKg === null ? null : dayAfter(input.trayKg, input.before.fridgeC),
  };
}

/** The whole bird as it comes out; none where no solid was pictured. */
export const volumeAtPull = ({
  frames,
  pullMinute,
}: Pick<PlannedDone, "frames" | "pullMinute">): Uint8Array | undefined =>
  frames.findLast(({ minute }) => minute <= pullMinute)?.volume;

/** When it is taken out; signs are simulated as the temperatures they stand for. */
function finishOf({ finish, targetC }: PlannedInput, marginK: (centre: Centre) => number): Finish {
  switch (finish.kind) {
    case "time":
      return { kind: "until", targetsC: {}, timeMin: finish.minutes };
    case "at-pull":
      return { kind: "until", targetsC: targetC };
    case "after-rest":
    case "signs":
      return { kind: "carried", targetsC: targetC, marginK };
  }
}

/** Trays hold what fits them: more meat is more trays, not a deeper one. */
const TRAY_KG = 3;

function dayAfter(meatKg: number, fridgeC: number): Leftovers {
  const massKg = Math.max(0.2, Math.min(TRAY_KG, meatKg));
  const startC = constant("guidelineC") - 8;
  // Open until it is cold, as its timetable has it.
  return leftovers({ massKg, depthM: constant("trayDepthM"), fridgeC, startC, coveredInFridge: false });
}
