/**
 * The roast behind the simulated thermometer: a bird unlike the planned one in ways drawn from the prior, cooked on a
 * finer grid than the forecast's in an oven that is not where its dial is, and read by a tip on either side of breast
 * and thigh, none of them quite where it should be; noise, gaps, a tip that slips and a door left open included.
 */
import { coarseCellM, makeBody } from "../bird/body";
import { bothSides, type Probe, probeOf } from "../bird/probe";
import { constant } from "../constants";
import { readAt } from "../heat/stencil";
import type { Cover } from "../heat/surroundings";
import { LivingBird } from "../processes/bird";
import { resting } from "../processes/rest";
import { roasting } from "../processes/roast";
import type { RoastEvent } from "../processes/stages";
import { type EnsembleOptions, roastingOf, tipStencil } from "./ensemble";
import { type BirdTraits, traitsOf, UNKNOWNS } from "./prior";

export interface HiddenOptions {
  readonly options: Omit<EnsembleOptions, "shownC">;
  /** The same seed, the same roast. */
  readonly seed: string;
  readonly everyMin: number;
  /** A tip slips, the door is left open once, readings are lost on their way. */
  readonly trouble: boolean;
  readonly longestMin?: number;
  /** How far it is off in everything, against what a cook may usually meet; 1 when left out. */
  readonly spread?: number;
  /** It came out at a minute, and rests. */
  readonly rest?: { readonly pulledMin: number; readonly minutes: number; readonly cover: Cover };
  /** Its oven against its dial, K; drawn like all else where it is left out. */
  readonly ovenOffsetK?: number;
}

export interface HiddenPoint {
  /** Since the bird went in. */
  readonly minute: number;
  readonly shownC: Partial<Record<Probe, number>>;
}

const CELL_M = 0.009;
const LONGEST_MIN = 8 * 60;
const NOISE_K = 0.3;
const LOST_SHARE = 0.05;
const SLIP_M = 0.012;
const DOOR_OPEN_MIN = 4;
/** How far off a draw goes, in standard deviations. */
const WIDEST_SD = 1.5;

/** A number from 0 to 1 that is the same for the same text: FNV-1a, its bits then mixed so that like texts part. */
function chance(text: string): number {
  let value = 2166136261;
  for (let n = 0; n < text.length; n++) value = Math.imul(value ^ text.charCodeAt(n), 16777619) >>> 0;
  value = Math.imul(value ^ (value >>> 16), 0x85ebca6b);
  value = Math.imul(value ^ (value >>> 13), 0xc2b2ae35);
  return ((value ^ (value >>> 16)) >>> 0) / 2 ** 32;
}

const either = (text: string): number => 2 * chance(text) - 1;

/** What is hidden, by its seed: the bird and its oven, and what happens to it besides what was planned. */
export function hiddenTraits({ options, seed, trouble, spread = 1, ovenOffsetK }: HiddenOptions): {
  readonly traits: BirdTraits;
  readonly events: readonly RoastEvent[];
} {
  const drawn = traitsOf(UNKNOWNS.map((name) => spread * WIDEST_SD * either(`${seed}/${name}`)));
  const traits = ovenOffsetK === undefined ? drawn : { ...drawn, oven: { ...drawn.oven, offsetK: ovenOffsetK } };
  const door: RoastEvent = { kind: "door", atMin: 30 + 50 * chance(`${seed}/door`), openMin: DOOR_OPEN_MIN };
  return { traits, events: [...(options.events ?? []), ...(trouble ? [door] : [])] };
}

/** The bird as it goes in. @param watched its juices and its skin are followed too */
export function hiddenBird(
  { form, boughtKg, startC, fillingC }: HiddenOptions["options"],
  traits: BirdTraits,
  watched = false,
): LivingBird {
  const body = makeBody({ ...form, breastThickness: traits.breastThickness }, boughtKg, coarseCellM(form, CELL_M));
  const bird = new LivingBird(body, { watched });
  bird.startAt(startC + traits.startOffsetK, fillingC);
  return bird;
}

/** Yields what the probes show, step by step, until it is pulled and through its rest, or the longest roast is over. */
export function* hiddenRoast(asked: HiddenOptions): Generator<HiddenPoint> {
  const { options, seed, everyMin, trouble, longestMin = LONGEST_MIN, rest } = asked;
  const { traits, events } = hiddenTraits(asked);
  const bird = hiddenBird(options, traits);
  const { body } = bird;
  const slipsAtMin = trouble ? 45 + 40 * chance(`${seed}/slip`) : Number.POSITIVE_INFINITY;
  const tips = bird.centres.flatMap((centre) =>
    bothSides(centre).map((place) => {
      const probe = probeOf(place);
      const offM =
        centre === "filling" ? 0 : traits.probeM[centre] + 0.5 * constant("probeSdM") * either(`${seed}/${probe}`);
      const slips = probe === "left breast";
      return {
        probe,
        sits: tipStencil(body, centre, offM),
        slipped: tipStencil(body, centre, offM + (slips ? SLIP_M : 0)),
      };
    }),
  );
  const shown = (minute: number): HiddenPoint => {
    const shownC: Partial<Record<Probe, number>> = {};
    for (const { probe, sits, slipped } of tips) {
      if (trouble && chance(`${seed}/lost ${probe} ${minute}`) < LOST_SHARE) continue;
      const truthC = readAt(bird.solver.temperatureC, minute > slipsAtMin ? slipped : sits);
      shownC[probe] = Math.round(10 * (truthC + NOISE_K * either(`${seed}/${probe}/${minute}`))) / 10;
    }
    return { minute, shownC };
  };
  const course = {
    ...roastingOf({ ...options, events }, traits.oven, everyMin),
    longestMin: Math.min(longestMin, rest?.pulledMin ?? longestMin),
  };
  for (const { minute } of roasting(bird, course)) yield shown(minute);
  if (!rest) return;
  for (const { minute } of resting(bird, { minutes: rest.minutes, cover: rest.cover, everyMin })) yield shown(minute);
}
