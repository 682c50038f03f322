/** The plan's own simulation: the bird's life up to the oven, the cook as planned, and the pictures that the plan shows. */

import { coarseCellM, makeBody } from "../bird/body";
import type { FormChoice } from "../bird/form";
import { type BirdSize, sizeOf } from "../bird/size";
import type { Centre, CentreTemperatures } from "../bird/solid";
import { type VolumeLattice, volumeLattice } from "../bird/volume";
import { constant } from "../constants";
import type { Draught, Fire } from "../heat/fire";
import type { Dressing, OvenTraits } from "../heat/ovens";
import { type HeatSource, isLidded } from "../heat/sources";
import { readAt } from "../heat/stencil";
import type { Cover } from "../heat/surroundings";
import { feedMinutes, fireOf } from "../kitchen/fuel";
import { cookedMeatKg } from "../kitchen/guests";
import { preheatedC, sears } from "../plan/methods";
import { saltPlan } from "../plan/saltPlan";
import type { Plan, Roast } from "../plan/schema";
import { dressingOf, seasoningEvents } from "../plan/season";
import { type BirdState, LivingBird } from "../processes/bird";
import { type CookDone, cooking, type Finish, type NeverMet } from "../processes/cook";
import { type Leftovers, leftovers } from "../processes/leftovers";
import { type BeforeOven, beforeOven, FREEZER_C, thawHours } from "../processes/life";
import { type Pictured, photographer } from "../processes/picture";
import { restFor } from "../processes/rest";
import { HANDLING_MIN, LONGEST_ROAST_MIN, needsBothHalves } from "../processes/roast";
import { searing } from "../processes/sear";
import type { OvenStage, RoastEvent } from "../processes/stages";
import { ICE_SHARE, type IceLeft, meanFrozenC } from "../processes/thaw";
import { minutesBetween } from "../units/time";
import { type EnsembleOptions, tipStencil } from "./ensemble";
import { type KnownOven, priorIn } from "./knownOven";
import { drawing, type Prior, traitsOf, usualPrior } from "./prior";

/** What of a plan the simulation depends on. */
export interface PlannedInput {
  readonly form: FormChoice;
  readonly massKg: number;
  readonly before: BeforeOven;
  readonly source: HeatSource;
  readonly stages: readonly OvenStage[];
  readonly targetC: CentreTemperatures;
  readonly finish: Plan["finish"];
  readonly cover: Cover;
  /** The rest that the carry-over is counted over, min. */
  readonly restMin: number;
  /** Stuffing as it goes in, °C. */
  readonly stuffingC: number;
  /** In a pan first; null: not. */
  readonly sear: Plan["sear"];
  /** Bacon lies over the breast as it goes in. */
  readonly dressing: Dressing;
  readonly fire: Fire | null;
  /** Where nothing else is known of it; "usual" where it has none. */
  readonly draught: Draught;
  /** The weight may be off by so much either way, kg. */
  readonly massOffKg: number;
  /** The oven as it goes in, °C. */
  readonly preheatC: number;
  /** Glazing and basting: each opens the door. */
  readonly events: readonly RoastEvent[];
  readonly birds: number;
  readonly hotSideK: number;
  /** What is known of the very oven; null: it is like any other of its kind. */
  readonly oven: KnownOven | null;
  /** Carved meat to be chilled and heated again, kg; null when it is eaten the same day. */
  readonly trayKg: number | null;
}

const formOf = ({ bird: { species, cut, legs, cavity } }: Plan): FormChoice => ({ species, cut, legs, cavity });

const ICE_AT_FIRST = { fresh: () => 0, frozen: () => 1, "part-frozen": (ice: IceLeft) => ICE_SHARE[ice] };

/** What a plan has its bird live through before the oven. */
export function beforeOvenOf(plan: Plan): BeforeOven {
  const { bird, equipment } = plan;
  const { method, grams, hours, waterEachL, injected } = saltPlan(plan);
  return {
    iceShare: ICE_AT_FIRST[bird.state](bird.ice),
    thawIn: plan.thawIn,
    fridgeC: equipment.fridgeC,
    tapWaterC: equipment.tapWaterC,
    saltedPercent: bird.preSalted ? constant("preSaltedPercent") : 0,
    salting: method === "none" ? null : { method, saltKg: grams / 1000 / bird.count, waterKg: waterEachL, hours },
    injection:
      injected === null ? null : { saltKg: injected.grams / 1000 / bird.count, waterKg: injected.waterL / bird.count },
    dryHours: plan.salt.dryHours,
    counterMin: plan.season.counterMin,
  };
}

/** Which of the kitchen's ovens a plan is cooked in; null where it is not said, or is of another kind than its heat. */
export const ovenIn = ({ oven, heat }: Pick<Plan, "oven" | "heat">): Plan["oven"] =>
  oven?.heat === heat ? oven : null;

/** Whoever feeds a fire lifts its lid. */
const feedingEvents = (plan: Plan): RoastEvent[] =>
  isLidded(plan.heat)
    ? feedMinutes(plan, LONGEST_ROAST_MIN).map((atMin) => ({ kind: "door", atMin, openMin: HANDLING_MIN }))
    : [];

export const plannedInput = (plan: Plan): PlannedInput => ({
  form: formOf(plan),
  massKg: plan.bird.massKg,
  before: beforeOvenOf(plan),
  source: plan.heat,
  stages: plan.stages,
  targetC: plan.targetC,
  finish: plan.finish,
  cover: plan.cover,
  restMin: plan.restMin ?? restFor(plan.bird.massKg).usualMin,
  stuffingC: plan.season.stuffing === "warm" ? constant("stuffingStartC") : plan.equipment.fridgeC,
  sear: sears(plan) ? plan.sear : null,
  dressing: dressingOf(plan),
  fire: fireOf(plan),
  draught: isLidded(plan.heat) ? plan.draught : "usual",
  massOffKg: plan.bird.massOffKg,
  preheatC: preheatedC(plan),
  events: [...seasoningEvents(plan), ...feedingEvents(plan)],
  birds: plan.bird.count,
  hotSideK: plan.equipment.hotSideK,
  oven: ovenIn(plan)?.learned ?? null,
  trayKg:
    plan.roasted === "day-before"
      ? cookedMeatKg(plan.bird.massKg, plan.bird.species, plan.bird.cut) * plan.bird.count
      : null,
});

/** One temperature for a coarse bird that goes in as this one does. */
export const startCOf = ({ iceShare, thawIn, fridgeC }: BeforeOven): number =>
  thawIn !== "none" || iceShare === 0 ? fridgeC : iceShare === 1 ? FREEZER_C : meanFrozenC(iceShare);

/** The same plan as the ensembles take it; the targets are what the thermometer shows at the pull. */
export const ensembleOptions = (plan: Plan, shownC: CentreTemperatures): EnsembleOptions =>
  ensembleOf(plannedInput(plan), shownC);

/** The same for a roast that is on: what has happened to it besides the plan is an event of it. */
export function roastOptions(
  { plan, happened }: Pick<Roast, "plan" | "happened">,
  shownC: CentreTemperatures,
): EnsembleOptions {
  const options = ensembleOptions(plan, shownC);
  const minuteOf = (at: string): number => minutesBetween(happened.inAt ?? "", at);
  const events: RoastEvent[] = [
    // Under its cover in the kitchen a bird loses about what it does in an oven with an open door.
    ...(happened.outs ?? []).map(({ outAt, backAt }): RoastEvent => {
      return { kind: "door", atMin: minuteOf(outAt), openMin: Math.min(30, minuteOf(backAt) - minuteOf(outAt)) };
    }),
    ...(happened.doors ?? []).map(({ at, openMin }): RoastEvent => ({ kind: "door", atMin: minuteOf(at), openMin })),
    ...(happened.left ?? []).map(({ at, piece }): RoastEvent => ({ kind: "leave", piece, atMin: minuteOf(at) })),
  ];
  return events.length > 0 ? { ...options, events: [...(options.events ?? []), ...events] } : options;
}

export const ensembleOf = (
  {
    form,
    massKg: boughtKg,
    massOffKg,
    before,
    source,
    stages,
    events,
    birds,
    hotSideK,
    stuffingC,
    sear,
    dressing,
    fire,
    draught,
    preheatC,
    oven,
  }: PlannedInput,
  shownC: CentreTemperatures,
): EnsembleOptions => ({
  form,
  boughtKg,
  startC: startCOf(before),
  events,
  birds,
  hotSideK,
  dressing,
  fire,
  preheatC,
  ...(sear && { sear }),
  ...(massOffKg > 0 && { massOffKg }),
  ...(form.cavity === "stuffed" && { fillingC: stuffingC }),
  source,
  stages,
  shownC,
  ...((oven || draught !== "usual") && { prior: priorFor({ source, oven, draught }) }),
});

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
    const aboveK = tip && centre !== "filling" ? readAt(bird.solver.temperatureC, tip) - bird.centreC(centre) : 0;
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
    (Object.entries(atPull.centresC) as [Centre, number][]).map(([centre, expectedC]) => {
      const target = targetC[centre];
      const surplusK =
        target === undefined ? 0 : (peak[centre]?.celsius ?? expectedC) - (target + (marginK[centre] ?? 0));
      // Nobody waits for more than the target itself, however far the others are behind.
      return [centre, Math.min(target ?? expectedC, expectedC - Math.max(0, surplusK))];
    }),
  );
}

/** The same of a roast; nothing where it goes by time or by signs. */
export const goalsAtPull = (plan: Plan, cook: PulledAt | null): CentreTemperatures =>
  cook && plan.finish.kind !== "time" && plan.finish.kind !== "signs" ? pullGoalsC(cook, plan) : {};

export type PlannedDone = CookDone & {
  /** The form the frames are of: the plan may have moved on since. */
  readonly form: FormChoice;
  /** Where their volumes lie. */
  readonly lattice: VolumeLattice;
  /** What goes into the oven, giblets and backbone taken off. */
  readonly ovenMassKg: number;
  /** How far past its target each centre was to be carried, K. */
  readonly marginK: CentreTemperatures;
  /** Length (tail to neck), width and height of one bird as it lies, cm. */
  readonly sizeCm: BirdSize;
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

/** What is believed of its heat: by its own roasts, else by what was seen of it. */
const priorFor = ({ source, oven, draught }: Pick<PlannedInput, "source" | "oven" | "draught">): Prior =>
  oven ? priorIn(source, oven) : drawing(usualPrior(source), draught);

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
    source: input.source,
    stages: input.stages,
    finish: finishOf(input, marginOf),
    restMin: input.restMin,
    cover: input.cover,
    events: input.events,
    birds: input.birds,
    traits,
    dressing: input.dressing,
    fire: input.fire,
    preheatC: input.preheatC,
    everyMin: historyEveryMin,
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
    marginK,
    sizeCm: sizeOf(bird.body),
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
  return leftovers({ massKg, depthM: constant("trayDepthM"), fridgeC, startC, coveredInFridge: true });
}
