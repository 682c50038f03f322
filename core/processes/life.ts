/**
 * One life of one bird up to the oven: thaw, salt, dry, stand, each starting from the state the last one left, with
 * pictures to scrub through. The roast and the rest go on from its end.
 */
import { coarseCellM, makeBody } from "../bird/body";
import { type FormChoice, hasCavity } from "../bird/form";
import { hasGiblets, isSoldCut } from "../bird/mass";
import { sectionSampler } from "../bird/section";
import { type BirdSize, sizeOf } from "../bird/size";
import type { CentreTemperatures } from "../bird/solid";
import { type VolumeLattice, volumeLattice, volumeOf } from "../bird/volume";
import { constant } from "../constants";
import { everywhere, kitchenAir } from "../heat/surroundings";
import { densitiesOf } from "../heat/tissue";
import { isBath } from "./bath";
import { LivingBird } from "./bird";
import { drain } from "./cook";
import type { ThawPlace } from "./ice";
import type { Pictured } from "./picture";
import type { SaltShares } from "./saltField";
import { drying, SaltBath, type SaltingMethod, salting } from "./salting";
import { type ThawMedium, thawing } from "./thaw";

export interface BeforeOven {
  /** Share of its water that is ice as its life here begins: 1 from the freezer, 0 for a fresh bird. */
  readonly iceShare: number;
  readonly thawIn: ThawPlace;
  readonly fridgeC: number;
  readonly tapWaterC: number;
  /** Salt it was sold with, % by mass. */
  readonly saltedPercent: number;
  readonly salting: {
    readonly method: SaltingMethod;
    readonly saltKg: number;
    readonly waterKg: number;
    readonly hours: number;
  } | null;
  /** Put in at sites before it is salted; left out or null: nothing. */
  readonly injection?: { readonly saltKg: number; readonly waterKg: number } | null;
  readonly dryHours: number;
  /** Minutes on the counter before the oven. */
  readonly counterMin: number;
}

export const LIFE_PHASES = ["thaw", "salt", "dry"] as const;
export type LifePhase = (typeof LIFE_PHASES)[number];

export interface LifeFrame {
  readonly phase: LifePhase;
  /** Minutes since that phase began. */
  readonly minute: number;
  readonly temperatureC: readonly Float32Array[];
  /** The whole of it, see `bird/volume.ts`; where a solid is pictured. */
  readonly volume?: Uint8Array;
  /** Salt by mass of meat, %, on the same sections. */
  readonly saltPercent: readonly Float32Array[];
  readonly centresC: CentreTemperatures;
  readonly coldestC: number;
}

export interface LivedSoFar {
  readonly bird: LivingBird;
  readonly frames: readonly LifeFrame[];
  /** Where their volumes lie. */
  readonly lattice: VolumeLattice;
  readonly salt: SaltShares;
}

/** Coarse: days are simulated here, and nothing in them is quick. */
const LIFE_CELL_M = 0.012;
/** For how long alone: within 2 % of cells half as large. */
const THAW_CELL_M = 0.02;
const FRAMES_A_PHASE = 14;
export const FREEZER_C = -18;
/** A partly frozen bird has lain in the fridge: its life is taken up where so much of its ice is left. */
const LAIN_IN = "fridge";

function mediumC({ thawIn, fridgeC, tapWaterC }: BeforeOven): number {
  return thawIn === "water" ? tapWaterC : fridgeC;
}

/** Brings a new bird to where its life here begins. */
function* born(bird: LivingBird, { iceShare, fridgeC }: BeforeOven): Generator<unknown, void> {
  if (iceShare === 0) bird.startAt(fridgeC);
  else {
    bird.startAt(FREEZER_C);
    if (iceShare < 1) {
      yield* thawing(bird, { medium: LAIN_IN, mediumC: Math.max(2, fridgeC), untilIceShare: iceShare });
    }
  }
  bird.beginAnew();
}

interface Thaw {
  readonly hours: number;
  /** Of the bird that thaws, cm. */
  readonly sizeCm: BirdSize;
}
const thaws = new Map<string, Thaw>();

/** What is cut open or up at the board is bought, and thaws, as a whole bird. */
const asBought = (form: FormChoice): FormChoice => (isSoldCut(form.cut) ? form : { ...form, cut: "whole" });

/**
 * Hours until the last ice of a bird as it is bought is gone, for planning: the fridge is taken a little colder than it
 * is set, so that most birds are ready sooner. Remembered; a few tens of milliseconds when new.
 * @returns 0 where nothing is to be thawed, infinity where it never would be
 */
export const thawHours = (form: FormChoice, boughtKg: number, before: BeforeOven): number =>
  hoursOfIce(asBought(form), boughtKg, before);

/** How large it is in the fridge as it thaws; null where it thaws elsewhere, or as it will lie in the oven. */
export const thawingSizeCm = (form: FormChoice, boughtKg: number, before: BeforeOven): BirdSize | null =>
  before.iceShare === 0 || before.thawIn !== "fridge" || asBought(form).cut === form.cut
    ? null
    : thawOf(asBought(form), boughtKg, before, "fridge").sizeCm;

const hoursOfIce = (form: FormChoice, boughtKg: number, before: BeforeOven): number =>
  before.iceShare === 0 || before.thawIn === "none" ? 0 : thawOf(form, boughtKg, before, before.thawIn).hours;

function thawOf(form: FormChoice, boughtKg: number, before: BeforeOven, medium: ThawMedium): Thaw {
  const cautious = { ...before, fridgeC: before.fridgeC - constant("thawMarginK") };
  const mass = Math.round(boughtKg * 50) / 50;
  const { species, cut, noGiblets = false } = form;
  const key = JSON.stringify([species, cut, noGiblets, mass, before.iceShare, medium, mediumC(cautious)]);
  const known = thaws.get(key);
  if (known !== undefined) return known;
  // Neck and giblets are still inside a frozen bird that was sold with them.
  const cavity = hasCavity(cut) && hasGiblets(form) ? "giblets" : "empty";
  const body = makeBody({ ...form, cavity }, boughtKg, coarseCellM(form, THAW_CELL_M));
  const bird = new LivingBird(body, { watched: false });
  drain(born(bird, cautious));
  const outcome = drain(thawing(bird, { medium, mediumC: mediumC(cautious) }));
  bird.release();
  const hours = outcome.kind === "thawed" ? outcome.hours : Number.POSITIVE_INFINITY;
  const thaw = { hours, sizeCm: sizeOf(body) };
  thaws.set(key, thaw);
  return thaw;
}

/** Takes the pictures of one bird before the oven, as `photographer` does from then on. */
function lifePhotographer(bird: LivingBird, pictured: Pictured): (phase: LifePhase, minute: number) => LifeFrame {
  const { unit } = bird.body;
  const sampler = sectionSampler(bird.body);
  const density = densitiesOf(unit.grid.tissue);
  return (phase, minute) => ({
    phase,
    minute,
    temperatureC: sampler.sample(bird.solver.temperatureC),
    ...(pictured === "solid" && { volume: volumeOf(unit, bird.solver.temperatureC) }),
    saltPercent: sampler.sample(bird.salt.contentKgPerM3.map((kg, cell) => (100 * kg) / (density[cell] as number))),
    centresC: Object.fromEntries(bird.centres.map((centre) => [centre, bird.centreC(centre)])),
    coldestC: bird.solver.coldest().celsius,
  });
}

/**
 * Lives through what comes before the oven.
 * @param boughtKg mass as bought
 * @param pictured what its frames hold; no frames for null
 */
export function* beforeOven(
  form: FormChoice,
  boughtKg: number,
  before: BeforeOven,
  pictured: Pictured | null,
): Generator<number, LivedSoFar> {
  const { fridgeC, thawIn, counterMin } = before;
  // Stuffing goes in last: until then the cavity is empty.
  const body = makeBody({ ...form, cavity: "empty" }, boughtKg, coarseCellM(form, LIFE_CELL_M));
  const bird = new LivingBird(body, { watched: false });
  const take = pictured && lifePhotographer(bird, pictured);
  const frames: LifeFrame[] = [];
  if (before.saltedPercent > 0) bird.salt.fillEvenly(before.saltedPercent);
  function* lived(
    phase: LifePhase,
    work: Generator<unknown, unknown>,
    everyMin: number,
    after: (minutes: number) => void = () => undefined,
    slower = 1,
  ): Generator<number, void> {
    const from = bird.minute;
    let last = from;
    let next = 0;
    for (;;) {
      const step = work.next();
      if (bird.minute > last) after((bird.minute - last) * slower);
      last = bird.minute;
      const minute = (bird.minute - from) * slower;
      if (take && (step.done || minute >= next - 1e-9)) {
        frames.push(take(phase, minute));
        next += everyMin;
      }
      if (step.done) return;
      yield bird.minute;
    }
  }
  for (const _ of born(bird, before)) yield 0;
  const { salting: salt } = before;
  const inBath = salt !== null && isBath(salt.method);
  if (before.iceShare > 0 && thawIn !== "none") {
    const work = thawing(bird, { medium: thawIn, mediumC: mediumC(before) });
    // Thawed in its brine, it takes up salt meanwhile.
    const bath = inBath && thawIn === "brine" ? new SaltBath(bird, salt.saltKg, salt.waterKg) : null;
    const expectedH = thawHours(form, boughtKg, before);
    // It is drawn as it will be cut, and thaws as slowly as it was bought.
    const isSlower = (take || bath) && !isSoldCut(form.cut) && Number.isFinite(expectedH);
    const slower = isSlower ? expectedH / hoursOfIce(form, boughtKg, before) : 1;
    yield* lived("thaw", work, (expectedH * 60) / FRAMES_A_PHASE, (minutes) => bath?.advance(minutes), slower);
    const stillH = bath ? Math.max(0, (salt?.hours ?? 0) - (bird.minute * slower) / 60) : 0;
    if (salt && bath && stillH > 0) {
      const more = salting(bird, { ...salt, saltKg: bath.saltKg, hours: stillH, fridgeC });
      yield* lived("salt", more, (stillH * 60) / FRAMES_A_PHASE);
    }
  }
  if (before.injection) {
    const { saltKg, waterKg } = before.injection;
    for (const _ of salting(bird, { method: "injection", saltKg, waterKg, hours: 0, fridgeC })) yield bird.minute;
  }
  if (salt && salt.saltKg > 0 && salt.hours > 0 && !(inBath && thawIn === "brine" && before.iceShare > 0)) {
    yield* lived("salt", salting(bird, { ...salt, fridgeC }), (salt.hours * 60) / FRAMES_A_PHASE);
  }
  if (before.dryHours > 0) {
    yield* lived("dry", drying(bird, { hours: before.dryHours, fridgeC }), (before.dryHours * 60) / FRAMES_A_PHASE);
  }
  if (counterMin > 0) bird.advance(counterMin, everywhere(kitchenAir()), constant("kitchenC"));
  return { bird, frames, lattice: volumeLattice(body.unit), salt: bird.salt.shares() };
}
