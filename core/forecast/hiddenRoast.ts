/**
 * The roast behind the simulated thermometer: a bird unlike the planned one in ways drawn from the prior, cooked on a
 * finer grid than the forecast's in an oven that is not where its dial is, and read by a tip on either side of breast
 * and thigh, none of them quite where it should be; noise, gaps, a tip that slips and a door left open included.
 */
import { bothSides, type Place, type Probe, probeOf } from "../bird/probe";
import type { Centre, CentreTemperatures } from "../bird/solid";
import { chanceOf } from "../chance";
import { constant } from "../constants";
import type { Cover } from "../heat/covers";
import { elsewhereOf, shutBy } from "../heat/sources";
import { colderAt, type PointStencil, readAt, type SidesStencil } from "../heat/stencil";
import { resting } from "../processes/rest";
import { roasting } from "../processes/roast";
import type { RoastEvent } from "../processes/stages";
import { birdOfTraits, type EnsembleOptions, type GoingIn, roastingOf, tipStencil } from "./ensemble";
import { type BirdTraits, traitsOf, UNKNOWNS, usualPrior } from "./prior";

export interface HiddenOptions {
  readonly options: Omit<EnsembleOptions, "shownC">;
  /** The same seed, the same roast. */
  readonly seed: string;
  readonly everyMin: number;
  /** A tip slips, a door or lid is left open once, readings are lost on their way. */
  readonly trouble: boolean;
  readonly longestMin?: number;
  /** How far it is off in everything, against what a cook may usually meet; 1 when left out. */
  readonly spread?: number;
  /** It came out at a minute, and rests. */
  readonly rest?: { readonly pulledMin: number; readonly minutes: number; readonly cover: Cover };
  /** Its oven against its dial, K; drawn like all else where it is left out. */
  readonly ovenOffsetK?: number;
  /** The tip in the right thigh was pushed past the deepest meat, onto the bone. */
  readonly tipOnBone?: boolean;
  /** Not all of its ice is gone as it goes in. */
  readonly iceInside?: boolean;
  /** A thermometer in the hand is pushed in too, to {@link HAND_OFF_M} in turn. */
  readonly byHand?: boolean;
}

/** How far short of the deepest meat a hand may hold a tip, metres of a turkey; past it is less than nothing. */
export const HAND_OFF_M: readonly number[] = [0.024, 0.018, 0.012, 0.008, 0.004, 0, -0.004, -0.008, -0.012];

export interface HiddenPoint {
  /** Since the bird went in. */
  readonly minute: number;
  readonly shownC: Partial<Record<Probe, number>>;
  /** By hand: what a tip shows at each of {@link HAND_OFF_M}. */
  readonly byDepthC?: Partial<Record<Centre, readonly number[]>>;
}

const CELL_M = 0.009;
const LONGEST_MIN = 8 * 60;
const NOISE_K = 0.3;
const LOST_SHARE = 0.05;
const SLIP_M = 0.012;
const DOOR_OPEN_MIN = 4;
/** Onto the bone of the thigh, past its deepest meat. */
const BONE_M = 0.012;
/** With a third of its water still ice (chosen). */
const ICE_C = -1.2;
/** How far off a draw goes, in standard deviations. */
const WIDEST_SD = 1.5;

const either = (text: string): number => 2 * chanceOf(text) - 1;

/** What is hidden, by its seed: the bird and its oven, and what happens to it besides what was planned. */
export function hiddenTraits({ options, seed, trouble, spread = 1, ovenOffsetK }: HiddenOptions): {
  readonly traits: BirdTraits;
  readonly events: readonly RoastEvent[];
} {
  const prior = usualPrior("oven", elsewhereOf(options.source ?? "oven", options.stages));
  const drawn = traitsOf(
    UNKNOWNS.map((name) => spread * WIDEST_SD * either(`${seed}/${name}`)),
    prior,
  );
  const traits = ovenOffsetK === undefined ? drawn : { ...drawn, oven: { ...drawn.oven, offsetK: ovenOffsetK } };
  const door: RoastEvent = { kind: "door", atMin: 30 + 50 * chanceOf(`${seed}/door`), openMin: DOOR_OPEN_MIN };
  const opens = trouble && shutBy(options.source ?? "oven") !== null;
  return { traits, events: [...(options.events ?? []), ...(opens ? [door] : [])] };
}

/** The bird as it goes in, and its oven. @param watched its juices and its skin are followed too */
export const hiddenBird = (asked: HiddenOptions, traits: BirdTraits, watched = false): GoingIn =>
  birdOfTraits(startOf(asked), traits, { cellM: CELL_M, watched });

/** Where both sides are alike, either is the pair's. */
const onSide = ([left, right = left]: SidesStencil, { side }: Place): PointStencil => (side === "left" ? left : right);

/** What it starts at: some birds are not thawed through. */
const startOf = ({ options, iceInside }: HiddenOptions): HiddenOptions["options"] =>
  iceInside ? { ...options, startC: ICE_C } : options;

/** Yields what the probes show, step by step, until it is pulled and through its rest, or the longest roast is over. */
export function* hiddenRoast(asked: HiddenOptions): Generator<HiddenPoint> {
  const { options, seed, everyMin, trouble, longestMin = LONGEST_MIN, rest, tipOnBone, byHand } = asked;
  const { traits, events } = hiddenTraits(asked);
  const { bird, oven } = hiddenBird(asked, traits);
  const { body } = bird;
  const slipsAtMin = trouble ? 45 + 40 * chanceOf(`${seed}/slip`) : Number.POSITIVE_INFINITY;
  /** Whether the cook has put a tip right since, by a minute. */
  const isPutRight = (probe: Probe, sinceMin: number, minute: number): boolean =>
    (options.seated ?? []).some((seat) => seat.probe === probe && seat.minute > sinceMin && seat.minute <= minute);
  const tips = bird.centres.flatMap((centre) =>
    bothSides(centre).map((place) => {
      const probe = probeOf(place);
      const offM =
        centre === "filling" ? 0 : traits.probeM[centre] + 0.5 * constant("probeSdM") * either(`${seed}/${probe}`);
      const slips = probe === "left breast";
      const onBone = tipOnBone === true && probe === "right thigh";
      const at = (fromCentreM: number): PointStencil => onSide(tipStencil(body, centre, fromCentreM), place);
      const [own, bone] = [at(offM), at(onBone ? -BONE_M : offM)];
      const sits = (minute: number): PointStencil => (isPutRight(probe, 0, minute) ? own : bone);
      return { centre, probe, sits, slipped: at(offM + (slips ? SLIP_M : 0)) };
    }),
  );
  const depths = byHand
    ? bird.centres.map((centre) => ({
        centre,
        stencils: HAND_OFF_M.map((offM) => tipStencil(body, centre, centre === "filling" ? 0 : offM)),
      }))
    : [];
  const shown = (minute: number): HiddenPoint => {
    const shownC: Partial<Record<Probe, number>> = {};
    for (const { probe, sits, slipped } of tips) {
      if (trouble && chanceOf(`${seed}/lost ${probe} ${minute}`) < LOST_SHARE) continue;
      const isOff = minute > slipsAtMin && !isPutRight(probe, slipsAtMin, minute);
      const truthC = readAt(bird.solver.temperatureC, isOff ? slipped : sits(minute));
      shownC[probe] = Math.round(10 * (truthC + NOISE_K * either(`${seed}/${probe}/${minute}`))) / 10;
    }
    if (!byHand) return { minute, shownC };
    const byDepthC = Object.fromEntries(
      depths.map(({ centre, stencils }) => [
        centre,
        stencils.map((stencil) => Math.round(10 * colderAt(bird.solver.temperatureC, stencil)) / 10),
      ]),
    );
    return { minute, shownC, byDepthC };
  };
  /** The colder side of each pair, without noise. */
  const coldest = (): CentreTemperatures => {
    const byCentre: Partial<Record<Centre, number>> = {};
    for (const { centre, sits } of tips) {
      const celsius = readAt(bird.solver.temperatureC, sits(bird.minute));
      byCentre[centre] = Math.min(celsius, byCentre[centre] ?? Number.POSITIVE_INFINITY);
    }
    return byCentre;
  };
  const course = {
    ...roastingOf({ ...options, events }, oven, everyMin),
    longestMin: Math.min(longestMin, rest?.pulledMin ?? longestMin),
    shown: coldest,
  };
  for (const { minute } of roasting(bird, course)) yield shown(minute);
  if (!rest) return;
  for (const { minute } of resting(bird, { minutes: rest.minutes, cover: rest.cover, everyMin })) yield shown(minute);
}
