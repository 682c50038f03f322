/** Many coarse birds, each a little different, cooked the same way: where the doubt of a forecast comes from. */

import { type Body, coarseCellM, coarseThickness, makeBody } from "../bird/body";
import type { FormChoice } from "../bird/form";
import { massRangeKg } from "../bird/mass";
import { type Place, probeOf, SIDES } from "../bird/probe";
import type { Vec3 } from "../bird/sdf";
import type { Centre, CentreTemperatures, Piece } from "../bird/solid";
import type { OvenTraits } from "../heat/ovens";
import { elsewhereOf } from "../heat/sources";
import { colderAt, type SidesStencil, sidesStencil } from "../heat/stencil";
import { LivingBird } from "../processes/bird";
import { type Condition, waitsForColour } from "../processes/conditions";
import { needsBothHalves, type RoastOptions, type RoastSetting, roasting } from "../processes/roast";
import { type SearOptions, searing } from "../processes/sear";
import type { RoastEvent } from "../processes/stages";
import type { Member } from "./member";
import { type BirdTraits, type Draw, type Prior, traitsOf, usualPrior } from "./prior";
import type { Seat } from "./screening";
import { FURTHER_M } from "./slipped";

export interface EnsembleOptions extends RoastSetting {
  readonly form: FormChoice;
  readonly boughtKg: number;
  readonly startC: number;
  readonly fillingC?: number;
  readonly hotSideK?: number;
  /** Browned in a pan first. */
  readonly sear?: SearOptions;
  /** The weight may be off by so much either way, kg. */
  readonly massOffKg?: number;
  /** What is believed before any reading; of an oven and a hand that nothing is known of when left out. */
  readonly prior?: Prior;
  /** When tips were put right: of readings alone, no bird is another for it. */
  readonly seated?: readonly Seat[];
  /** What the thermometer must show at each centre. */
  readonly shownC: CentreTemperatures;
  /** Run at least this long, so that every reading has a place in the trajectory. */
  readonly atLeastMin?: number;
  /** Given up after so long. */
  readonly longestMin?: number;
  /** Keeps juices and browning too, which an ensemble has no use for. */
  readonly watched?: boolean;
}

/** Cell size in metres of a turkey: coarse, since there are many birds. */
export const ENSEMBLE_CELL_M = 0.011;
export const ENSEMBLE_STEP_MIN = 4;
const LONGEST_MEMBER_MIN = 10 * 60;

/** Targets of what is still in the oven: a piece that has left takes its thermal centre along. */
export const targetsStillIn = (shownC: CentreTemperatures, left: readonly Piece[]): CentreTemperatures =>
  Object.fromEntries(Object.entries(shownC).filter(([centre]) => !(left as readonly string[]).includes(centre)));

/** Where misplaced tips are: so far from the centre along the way they were pushed in, metres of a turkey; towards the skin is more. */
export function tipStencil(body: Body, centre: Centre, offM: number): SidesStencil {
  const { shape, centres, waysOut } = body.unit;
  const at = centres[centre] as Vec3;
  if (offM === 0) return sidesStencil(body, at);
  const way = waysOut[centre] as Vec3;
  // A tip is as far off as the meat is large: a finger's breadth in a turkey, less in a chicken.
  const off = coarseCellM(shape.form, offM);
  const tip: Vec3 = [at[0] + way[0] * off, at[1] + way[1] * off, at[2] + way[2] * off];
  const stencil = sidesStencil(body, tip);
  return stencil.every(({ cells }) => cells.length > 0) ? stencil : sidesStencil(body, at);
}

export interface GoingIn {
  readonly bird: LivingBird;
  readonly oven: OvenTraits;
}

/**
 * A bird of some traits as it goes in, and its oven.
 * @param made cells in metres of a turkey; `sharesSolid`: its thickness is rounded, so that many birds have one solid
 */
export function birdOfTraits(
  {
    form,
    boughtKg,
    massOffKg = 0,
    startC,
    fillingC,
    stages,
    birds = 1,
    hotSideK = 0,
    sear,
  }: Omit<EnsembleOptions, "shownC">,
  { oven: usual, breastThickness, massOff, startOffsetK }: BirdTraits,
  made: { readonly cellM: number; readonly watched: boolean; readonly sharesSolid?: boolean },
): GoingIn {
  const { cellM, watched, sharesSolid = false } = made;
  const oven = { ...usual, hotSideK };
  const [lightestKg, heaviestKg] = massRangeKg(form.species, form.cut);
  const massKg = Math.min(heaviestKg, Math.max(lightestKg, boughtKg + massOffKg * massOff));
  const body = makeBody(
    { ...form, breastThickness: sharesSolid ? coarseThickness(form, massKg, breastThickness) : breastThickness },
    massKg,
    coarseCellM(form, cellM),
    needsBothHalves({ stages, traits: oven, birds }),
  );
  const bird = new LivingBird(body, { watched });
  bird.startAt(startC + startOffsetK, fillingC);
  if (sear) {
    for (const _ of searing(bird, sear));
    bird.beginAnew();
  }
  return { bird, oven };
}

/** A coarse one, as an ensemble has many of. */
export const memberBird = (options: EnsembleOptions, traits: BirdTraits, watched = true): GoingIn =>
  birdOfTraits(options, traits, { cellM: ENSEMBLE_CELL_M, watched, sharesSolid: true });

/** How a bird of such options is roasted in an oven of some traits, a point every so many minutes. */
export const roastingOf = (
  { stages, events, source, fire, birds, dressing, preheatC }: RoastSetting,
  traits: OvenTraits,
  everyMin: number,
): RoastOptions => ({
  stages,
  traits,
  everyMin,
  preheatC,
  ...(events && { events }),
  ...(source && { source }),
  ...(fire && { fire }),
  ...(birds && { birds }),
  ...(dressing && { dressing }),
});

/** A thermometer in a simulated bird, at either side of a pair. */
export interface Tip {
  readonly centre: Centre;
  readonly stencil: SidesStencil;
  /** What it shows beyond the simulated bird, K: what the bird of the estimate misses of the readings. */
  readonly offK: number;
}

/**
 * One at each centre, where a bird of such traits has it.
 * @param aimC what this bird has to show where the cook's thermometers show `shownC`
 */
export const tipsOf = (
  { centres, body }: LivingBird,
  { probeM }: BirdTraits,
  aimC: CentreTemperatures,
  shownC: CentreTemperatures,
): readonly Tip[] =>
  centres.map((centre) => {
    const [aim, shown] = [aimC[centre], shownC[centre]];
    return {
      centre,
      stencil: tipStencil(body, centre, centre === "filling" ? 0 : probeM[centre]),
      offK: aim === undefined || shown === undefined ? 0 : shown - aim,
    };
  });

/** What they show now. */
export const shownBy = (tips: readonly Tip[], { solver }: LivingBird): CentreTemperatures =>
  Object.fromEntries(tips.map(({ centre, stencil, offK }) => [centre, colderAt(solver.temperatureC, stencil) + offK]));

const momentsOf = (events: readonly RoastEvent[] = []): readonly { readonly when?: Condition }[] =>
  events.flatMap((event) => ("when" in event ? [event] : []));

/** What is believed before any reading: what was said, or what is usual of such a heat. */
export const priorOf = ({
  prior,
  source = "oven",
  stages,
}: Pick<EnsembleOptions, "prior" | "source" | "stages">): Prior =>
  prior ?? usualPrior(source, elsewhereOf(source, stages));

/** One member's trajectory, past the point where all targets are shown. */
export function runMember(options: EnsembleOptions, draw: Draw): Member {
  const { stages, events, shownC, atLeastMin = 0, longestMin = LONGEST_MEMBER_MIN } = options;
  const traits = traitsOf(draw, priorOf(options));
  const watched = options.watched === true || waitsForColour([...stages, ...momentsOf(events)]);
  const { bird, oven } = memberBird(options, traits, watched);
  const { body } = bird;
  const probes = bird.centres.flatMap((part) => {
    const offM = part === "filling" ? 0 : traits.probeM[part];
    const outward = (part === "filling" ? [0] : [0, ...FURTHER_M]).map((furtherM) =>
      tipStencil(body, part, offM + furtherM),
    );
    const probe = (place: Place, of: (both: SidesStencil) => SidesStencil) => ({
      place,
      tips: outward.map((both) => ({ stencil: of(both), shown: [] as number[] })),
    });
    const isPair = outward[0]?.length === 2;
    const sides = isPair ? SIDES.map((side, n) => probe({ part, side }, (both) => [both[n]] as SidesStencil)) : [];
    return [probe({ part }, (both) => both), ...sides];
  });
  const minutes: number[] = [];
  // A pair speaks for its sides: the colder of them.
  const pairs = probes.filter(({ place }) => !("side" in place));
  const shownNow = (): CentreTemperatures =>
    Object.fromEntries(pairs.map(({ place, tips: [own] }) => [place.part, own?.shown.at(-1)]));
  for (const point of roasting(bird, {
    ...roastingOf(options, oven, ENSEMBLE_STEP_MIN),
    longestMin,
    shown: shownNow,
  })) {
    minutes.push(point.minute);
    for (const { tips } of probes) {
      for (const { stencil, shown } of tips) shown.push(colderAt(bird.solver.temperatureC, stencil));
    }
    const there = probes.every(
      ({ place, tips: [own] }) => (own?.shown.at(-1) as number) >= (shownC[place.part] ?? Number.NEGATIVE_INFINITY),
    );
    if (there && point.minute >= atLeastMin) break;
  }
  const seen = probes.map(
    ({ place, tips }) => [probeOf(place), tips.map(({ shown }) => Float64Array.from(shown))] as const,
  );
  const member: Member = {
    draw,
    minutes: Float64Array.from(minutes),
    shown: Object.fromEntries(seen.map(([probe, [own]]) => [probe, own as Float64Array])),
    further: Object.fromEntries(seen.map(([probe, [_, ...outward]]) => [probe, outward])),
    ...(options.watched && { indices: bird.indices() }),
  };
  // There are many members, and one after the other needs the same memory.
  bird.release();
  return member;
}

/** All members in turn, yielding after each. */
export function* runEnsemble(options: EnsembleOptions, draws: readonly Draw[]): Generator<number, Member[]> {
  const members: Member[] = [];
  for (const draw of draws) {
    members.push(runMember(options, draw));
    yield members.length;
  }
  return members;
}
