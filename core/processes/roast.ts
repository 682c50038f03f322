/** A bird in an oven, from the state it is in to a target or a time, with its history. */

import type { Body } from "../bird/body";
import type { Posture } from "../bird/exposure";
import type { Facing } from "../bird/form";
import { birdsWorth, mostOf, sizeOfM } from "../bird/mass";
import type { CentreTemperatures } from "../bird/solid";
import { constant } from "../constants";
import { requireBetween } from "../errors";
import type { Underlay } from "../heat/covers";
import { type Fire, swingOf } from "../heat/fire";
import { BARE_SKIN, contactWPerM2K, type Dressing, type OvenTraits, ovenSurroundings, USUAL_OVEN } from "../heat/ovens";
import { areOneOven, type HeatSource, heatsByStage, isFire, isLidded, SOURCE_TRAITS, shutBy } from "../heat/sources";
import type { HistoryPoint, LivingBird } from "./bird";
import { type Condition, isMet } from "./conditions";
import { Oven } from "./oven";
import { type FullStage, fullStages, nextStage, type OvenStage, type RoastEvent } from "./stages";

/** What a cook decides of a roast and can see. */
export interface RoastSetting {
  readonly stages: readonly OvenStage[];
  readonly events?: readonly RoastEvent[];
  readonly source?: HeatSource;
  /** Of a source that burns something: what, and in what weather; a mild day's steady fire when left out. */
  readonly fire?: Fire | null;
  /** Birds of this size in the oven, this one counted. */
  readonly birds?: number;
  /** On the skin as it goes in; bare when left out. */
  readonly dressing?: Dressing;
  /** The oven as the bird goes in, °C; as hot as its first stage when left out. */
  readonly preheatC?: number | undefined;
}

export interface RoastOptions extends RoastSetting {
  readonly traits?: OvenTraits;
  /** Minutes between points of the history. */
  readonly everyMin?: number;
  readonly longestMin?: number;
  /** Number of the stage that is on as it goes in, where it goes in once more: the first when left out. */
  readonly stageOn?: number;
  /** What the cook's thermometers show now, by which signs are seen; the deepest meat itself when left out. */
  readonly shown?: () => CentreTemperatures;
}

export const LONGEST_ROAST_MIN = 16 * 60;
/** It may be on again after all else is over. */
const LONGEST_OFF_MIN = 7 * 24 * 60;

/** Of several birds the slowest one is followed: of two, either; of more, one that stands between two. */
const neighboursOf = (birds: number): Posture["neighbours"] => (birds > 2 ? 2 : birds > 1 ? 1 : 0);

/** Whether left and right differ, so that the whole grid must be solved. */
export const needsBothHalves = ({ stages, traits = USUAL_OVEN, birds = 1 }: RoastOptions): boolean =>
  neighboursOf(birds) === 1 ||
  (traits.hotSideK !== 0 && stages.some(({ towardsHot }) => towardsHot === "left" || towardsHot === "right"));

/** Place of each surface cell towards the hot side, −0.5 to 0.5 over the length of the bird. */
function towardsHot({ unit }: Body, facing: Facing): Float64Array {
  const { nx, ny } = unit.grid;
  const sign = facing === "legs" || facing === "left" ? -1 : 1;
  const alongY = facing === "legs" || facing === "breast";
  return Float64Array.from(unit.surface.cell, (cell) => {
    const share = alongY ? (Math.floor(cell / nx) % ny) / (ny - 1) : (cell % nx) / (nx - 1);
    return sign * (share - 0.5);
  });
}

/** Heat a pan, a stone or a bed of vegetables holds, J/m²K of its area. */
const UNDERLAY_HEAT: Record<Underlay, () => number> = {
  rack: () => 1,
  "deep-pan": () => 1,
  grate: () => 1,
  pan: () => constant("panHeatJPerM2K"),
  "hot-stone": () => constant("stoneHeatJPerM2K"),
  vegetables: () => constant("vegetablesHeatJPerM2K"),
  stand: () => 1,
};
/** Only a stone is preheated with the oven; vegetables and a tray go in with the bird. */
const underlayStartC = (surface: Underlay, ovenC: number): number =>
  surface === "hot-stone" ? ovenC : constant("kitchenC");

/** Opening a door or a lid, to change the arrangement or to baste, takes this long. */
export const HANDLING_MIN = 1;
/** And to carry it from one heat into another (chosen). */
const MOVING_MIN = 2;

/** What it is heated in, from a minute of the roast on. */
interface Place {
  readonly source: HeatSource;
  readonly sinceMin: number;
  readonly fire: Fire | null;
  readonly oven: Oven;
  readonly traits: OvenTraits;
  /** An open fire is as warm with a hand at it as without. */
  readonly handlingMin: number;
}

/** Of a place that is not the first: an oven whose fan is turned on is no other oven, its film is another. */
function traitsIn(source: HeatSource, { source: first = "oven", traits = USUAL_OVEN }: RoastOptions): OvenTraits {
  const { elsewhere } = traits;
  if (source === first || !elsewhere) return traits;
  return { ...traits, ...elsewhere, ...(areOneOven(source, first) && { offsetK: traits.offsetK }) };
}

function placeIn(source: HeatSource, options: RoastOptions, preheatC: number, sinceMin: number): Place {
  const fire = isFire(source) ? (options.fire ?? null) : null;
  return {
    source,
    sinceMin,
    fire,
    oven: new Oven(preheatC, sinceMin, SOURCE_TRAITS[source].lagMin(), swingOf(fire), fire?.weather.airC),
    traits: traitsIn(source, options),
    handlingMin: shutBy(source) === null ? 0 : HANDLING_MIN,
  };
}

const changedByHand = (a: FullStage, b: FullStage): boolean =>
  a.shield !== b.shield ||
  a.wrap !== b.wrap ||
  a.side !== b.side ||
  a.surface !== b.surface ||
  a.towardsHot !== b.towardsHot;

/**
 * Roasts step by step, yielding the history point after each; the caller stops when it has seen enough.
 * Ends by itself after `longestMin`.
 * @throws QuantityError for stages, events or a number of birds outside the model's range
 */
export function* roasting(bird: LivingBird, options: RoastOptions): Generator<HistoryPoint, void> {
  const { events = [], source = "oven", everyMin = 1, longestMin = LONGEST_ROAST_MIN, stageOn = 0, shown } = options;
  const { cut } = bird.body.form;
  const stages = fullStages(options.stages, cut);
  const count = requireBetween("birds in the oven", options.birds ?? 1, 1, mostOf(cut));
  const birds = birdsWorth(cut, count);
  for (const event of events) {
    if (event.kind === "door") requireBetween("minutes the door is open", event.openMin, 0, 30, "min");
    if (event.kind === "off")
      requireBetween("end of a time without heat", event.untilMin, event.atMin, LONGEST_OFF_MIN, "min");
  }
  const offs = events.filter((event) => event.kind === "off");
  const turns = offs.flatMap(({ atMin, untilMin }) => [atMin, untilMin]);
  const upcomingEvents = new Set(events.filter((event) => event.kind !== "off"));
  const from = bird.minute;
  const { surface } = bird.solver;
  const sizeM = sizeOfM(bird.body);
  let at = stageOn;
  let stage = stages[at] as FullStage;
  const preheatC = options.preheatC ?? stage.airC;
  const heats = heatsByStage(source, stages);
  let place = placeIn(heats[at] as HeatSource, options, preheatC, 0);
  let underlayC = underlayStartC(stage.surface, preheatC);
  let handling = 0;
  let isGlazed = false;
  let { dressing = BARE_SKIN } = options;
  if (dressing.paste) bird.spreadPaste();
  const arrange = (): void => {
    bird.turn(stage.side, neighboursOf(count));
    surface.face(towardsHot(bird.body, stage.towardsHot));
  };
  arrange();
  let last = bird.note(stage.airC + place.traits.offsetK);
  /** Asked only where something waits for a sign: every simulated bird goes through here. */
  const sees = (condition: Condition): boolean => isMet(condition, shown ? { ...last, centresC: shown() } : last);
  yield last;
  while (bird.minute - from < longestMin) {
    const minute = bird.minute - from;
    const wasWrapped = stage.wrap !== "none";
    const next = nextStage(stages, at, minute, sees);
    if (next !== at) {
      const before = stage;
      at = next;
      stage = stages[at] as FullStage;
      if (stage.surface !== before.surface) underlayC = underlayStartC(stage.surface, stage.airC);
      const heat = heats[at] as HeatSource;
      if (heat !== place.source && areOneOven(heat, place.source)) {
        place = { ...place, source: heat, traits: traitsIn(heat, options) };
      } else if (heat !== place.source) {
        place = placeIn(heat, options, stage.airC, minute);
        handling = MOVING_MIN;
      }
      if (handling === 0 && changedByHand(before, stage)) handling = place.handlingMin;
      arrange();
    }
    const upcoming = stages[at + 1];
    const edges = upcoming && !upcoming.when ? [upcoming.fromMin, ...turns] : turns;
    const step = Math.min(everyMin, ...edges.map((edge) => edge - minute).filter((ahead) => ahead > 1e-6));
    // Whatever it had been moved out of is off without it.
    const isOff = offs.some(
      ({ atMin, untilMin }) => atMin > place.sinceMin - 1e-6 && minute > atMin - 1e-6 && minute < untilMin - 1e-6,
    );
    let openMin = handling;
    handling = 0;
    for (const event of upcomingEvents) {
      const due = "atMin" in event ? event.atMin < minute + step - 1e-9 : sees(event.when);
      if (!due) continue;
      // Nothing is spooned into a wrap: a basting is left out, a glaze waits until it is off; fat goes on as it is put on.
      // Nor is it over a glaze, which that would wash off.
      const wrapped =
        event.kind === "oil" ? wasWrapped : stage.wrap !== "none" && (event.kind === "baste" || event.kind === "glaze");
      if (!wrapped || event.kind === "baste") upcomingEvents.delete(event);
      if (wrapped || (event.kind === "baste" && isGlazed) || (event.kind === "feed" && !isLidded(place.source)))
        continue;
      isGlazed ||= event.kind === "glaze";
      openMin = Math.max(openMin, event.kind === "door" ? event.openMin : place.handlingMin);
      if (event.kind === "baste" || event.kind === "glaze") surface.moisten(constant("dryAfterBasteShare"));
      else if (event.kind === "leave") bird.leave(event.piece);
      else if (event.kind === "bacon-off") dressing = { ...dressing, bacon: false };
      else if (event.kind === "oil") dressing = { ...dressing, oil: true };
    }
    const { oven, traits, fire } = place;
    oven.advance(minute + step, isOff ? null : stage.airC, birds, openMin);
    const airC = oven.airC + traits.offsetK;
    const around = ovenSurroundings({
      source: place.source,
      burns: !isOff,
      traits,
      airC: oven.airC,
      wallC: oven.wallC,
      shield: stage.shield,
      wrap: stage.wrap,
      dressing,
      weather: fire?.weather ?? null,
      underlay: stage.surface,
      underlayC,
      cavityC: surface.meanFrontC("cavity"),
      skinC: surface.meanFrontC("skin", "breast", "tips"),
      birds,
      sizeM,
    });
    last = bird.advance(step, around, airC);
    underlayC = underlayAfter(stage.surface, underlayC, airC, surface.meanFrontC("contact"), step * 60);
    yield last;
  }
}

/** Temperature of what lies under the bird after a while: heated from the oven, cooled by the meat on it. */
function underlayAfter(underlay: Underlay, nowC: number, airC: number, meatC: number, seconds: number): number {
  const contact = contactWPerM2K(underlay);
  if (contact === null) return nowC;
  const oven = constant("underlayOvenWPerM2K");
  const meat = Number.isFinite(meatC) ? contact * constant("contactAreaShare") : 0;
  const aimC = (oven * airC + meat * (Number.isFinite(meatC) ? meatC : 0)) / (oven + meat);
  const after = aimC + (nowC - aimC) * Math.exp((-seconds * (oven + meat)) / UNDERLAY_HEAT[underlay]());
  // Vegetables stay wet to the end.
  return underlay === "vegetables" ? Math.min(after, 98) : after;
}
