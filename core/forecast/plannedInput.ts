/** What of a plan is simulated: for its own picture, for ensembles of it, and for a roast that is on. */

import type { FormChoice } from "../bird/form";
import type { CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import type { Cover } from "../heat/covers";
import type { Fire } from "../heat/fire";
import type { Dressing } from "../heat/ovens";
import { type Draught, elsewhereOf, type HeatSource, isLidded } from "../heat/sources";
import { goesInCold, heatLeadMin } from "../kitchen/broughtUp";
import { feedMinutes, fireOf } from "../kitchen/fuel";
import { cookedMeatKg } from "../kitchen/guests";
import { LONGEST_OPEN_MIN, offAsItWentIn, type TimeWithoutHeat } from "../plan/happened";
import { heatsOf, ovenIn } from "../plan/heats";
import { thawPlaceOf } from "../plan/ice";
import { preheatedC, sears } from "../plan/methods";
import type { Roast } from "../plan/roast";
import { saltPlan } from "../plan/saltPlan";
import type { Plan } from "../plan/schema";
import { dressingOf, seasoningEvents } from "../plan/season";
import { targetsOf } from "../plan/targets";
import { ICE_SHARE, type IceLeft } from "../processes/ice";
import { type BeforeOven, FREEZER_C } from "../processes/life";
import { restFor } from "../processes/rest";
import { LONGEST_ROAST_MIN } from "../processes/roast";
import type { OvenStage, RoastEvent } from "../processes/stages";
import { meanFrozenC } from "../processes/thaw";
import { MINUTE_MS, minutesBetween } from "../units/time";
import type { EnsembleOptions } from "./ensemble";
import { type KnownOven, priorIn } from "./knownOven";
import { drawn, type Prior } from "./prior";
import type { Seat } from "./screening";

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
  /** On the skin as it goes in. */
  readonly dressing: Dressing;
  readonly fire: Fire | null;
  /** Where nothing else is known of it; "usual" where it has none. */
  readonly draught: Draught;
  /** The weight may be off by so much either way, kg. */
  readonly massOffKg: number;
  /** The oven as it goes in, °C. */
  readonly preheatC: number;
  /** Glazing, basting and feeding a fire: each opens the door or lifts the lid. */
  readonly events: readonly RoastEvent[];
  readonly birds: number;
  readonly hotSideK: number;
  /** What is known of the very oven; null: it is like any other of its kind. */
  readonly oven: KnownOven | null;
  /** Carved meat to be chilled and heated again, kg; null when it is eaten the same day. */
  readonly trayKg: number | null;
}

const formOf = ({ bird: { species, cut, legs, cavity, noGiblets = false } }: Plan): FormChoice => ({
  species,
  cut,
  legs,
  cavity,
  noGiblets,
});

const ICE_AT_FIRST = { fresh: () => 0, frozen: () => 1, "part-frozen": (ice: IceLeft) => ICE_SHARE[ice] };

/** What a plan has its bird live through before the oven. */
export function beforeOvenOf(plan: Plan): BeforeOven {
  const { bird, equipment } = plan;
  const { method, grams, hours, waterEachL, injected } = saltPlan(plan);
  return {
    iceShare: ICE_AT_FIRST[bird.state](bird.ice),
    thawIn: thawPlaceOf(plan),
    fridgeC: equipment.fridgeC,
    tapWaterC: equipment.tapWaterC,
    saltedPercent: bird.preSalted ? constant("preSaltedPercent") : 0,
    salting: method === "none" ? null : { method, saltKg: grams / 1000 / bird.count, waterKg: waterEachL, hours },
    injection: injected && { saltKg: injected.grams / 1000, waterKg: injected.waterL },
    dryHours: plan.salt.dryHours,
    counterMin: plan.season.counterMin,
  };
}

/** Whoever feeds a fire lifts its lid. */
const feedingEvents = (plan: Plan): RoastEvent[] =>
  heatsOf(plan).some(isLidded) ? feedMinutes(plan, LONGEST_ROAST_MIN).map((atMin) => ({ kind: "feed", atMin })) : [];

export const plannedInput = (plan: Plan): PlannedInput => ({
  form: formOf(plan),
  massKg: plan.bird.massKg,
  before: beforeOvenOf(plan),
  source: plan.heat,
  stages: plan.stages,
  targetC: targetsOf(plan),
  finish: plan.finish,
  cover: plan.cover,
  restMin: plan.restMin ?? restFor(plan.bird.massKg).usualMin,
  stuffingC: plan.season.stuffing === "warm" ? constant("stuffingStartC") : plan.equipment.fridgeC,
  sear: sears(plan) ? plan.sear : null,
  dressing: dressingOf(plan),
  fire: fireOf(plan),
  draught: heatsOf(plan).some(isLidded) ? plan.draught : "usual",
  massOffKg: plan.bird.massOffKg,
  preheatC: heatAtInC(plan),
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

/** How hot it is to be as the bird goes in, °C. */
const heatAtInC = (plan: Plan): number => (goesInCold(plan) ? constant("kitchenC") : preheatedC(plan));

/** For so long it had been on then, min: as planned where nobody said so, or only after the bird went in. */
export function heatedMin(plan: Plan, { heatOnAt, inAt }: Roast["happened"]): number {
  const told = heatOnAt === undefined || inAt === undefined ? Number.NaN : minutesBetween(heatOnAt, inAt);
  return told >= 0 ? told : heatLeadMin(plan);
}

/**
 * How hot it was then, °C: short of what was planned where it had been on for less (chosen: a straight line from the
 * kitchen's), cold where it was not on at all.
 */
function heatGoneInC(plan: Plan, happened: Roast["happened"]): number {
  const wantedC = heatAtInC(plan);
  if (goesInCold(plan)) return wantedC;
  if (offAsItWentIn(happened)) return constant("kitchenC");
  const share = Math.min(1, heatedMin(plan, happened) / heatLeadMin(plan));
  return constant("kitchenC") + share * (wantedC - constant("kitchenC"));
}

const minuteOf = ({ inAt = "" }: Roast["happened"], at: string): number => minutesBetween(inAt, at);

/** A span of time by the minute since it went in, as far as it was in; null where it was not. */
function spanIn(
  happened: Roast["happened"],
  fromAt: string,
  toAt: string,
): { fromMin: number; minutes: number } | null {
  const fromMin = Math.max(0, minuteOf(happened, fromAt));
  const minutes = minuteOf(happened, toAt) - fromMin;
  return minutes > 0 ? { fromMin, minutes } : null;
}

function opened(happened: Roast["happened"], fromAt: string, toAt: string): RoastEvent[] {
  const span = spanIn(happened, fromAt, toAt);
  return span ? [{ kind: "door", atMin: span.fromMin, openMin: Math.min(LONGEST_OPEN_MIN, span.minutes) }] : [];
}

/** One that is still off goes on so until it is out, or until the roast is over in any case. */
function withoutHeat(happened: Roast["happened"], { offAt, onAt }: TimeWithoutHeat): RoastEvent[] {
  const span = spanIn(happened, offAt, onAt ?? happened.pulledAt ?? later(offAt, LONGEST_ROAST_MIN));
  return span ? [{ kind: "off", atMin: span.fromMin, untilMin: span.fromMin + span.minutes }] : [];
}

const later = (at: string, minutes: number): string => new Date(Date.parse(at) + minutes * MINUTE_MS).toISOString();

/** What of a roast is simulated, on or not yet: how hot its oven was, when its door stood open, when it was off. */
export function roastInput({ plan, happened }: Pick<Roast, "plan" | "happened">): PlannedInput {
  const input = plannedInput(plan);
  const { outs = [], doors = [], heatOffs = [] } = happened;
  const events = [
    ...input.events,
    // Under its cover in the kitchen a bird loses about what it does in an oven with an open door.
    ...outs.flatMap(({ outAt, backAt }) => opened(happened, outAt, backAt)),
    ...doors.flatMap(({ at, openMin }) => opened(happened, at, later(at, openMin))),
    ...heatOffs.flatMap((each) => withoutHeat(happened, each)),
  ];
  return { ...input, preheatC: heatGoneInC(plan, happened), events };
}

/** When its tips were put right, by the minute since it went in. */
export const seatsOf = (happened: Roast["happened"]): readonly Seat[] =>
  (happened.seated ?? []).map(({ at, probe }) => ({ minute: minuteOf(happened, at), probe }));

/** A roast that is on as the ensembles take it: with the pieces that have left, which nothing is aimed at any more. */
export function roastOptions(roast: Pick<Roast, "plan" | "happened">, shownC: CentreTemperatures): EnsembleOptions {
  const input = roastInput(roast);
  const left = (roast.happened.left ?? []).map(({ at, piece }): RoastEvent => {
    return { kind: "leave", piece, atMin: minuteOf(roast.happened, at) };
  });
  const seated = seatsOf(roast.happened);
  const options = ensembleOf({ ...input, events: [...input.events, ...left] }, shownC);
  return seated.length > 0 ? { ...options, seated } : options;
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
  ...((oven || draught !== "usual") && { prior: priorFor({ source, stages, oven, draught }) }),
});

/** What is believed of its heat: by its own roasts, else by what was seen of it. */
export function priorFor({
  source,
  stages,
  oven,
  draught,
}: Pick<PlannedInput, "source" | "stages" | "oven" | "draught">): Prior {
  const prior = priorIn(source, oven ?? undefined, elsewhereOf(source, stages));
  // Roasts over the very fire say more of its draught than a look at it does.
  return oven && isLidded(source) ? prior : drawn(prior, { source, draught });
}
