/**
 * What the plan cannot know, as a prior: independent normal spreads, each a declared constant, and draws from it
 * that are the same every time (a Halton sequence, so that few members cover the spread evenly).
 */

import { evenNumbers, normalNumbers } from "../chance";
import { constant } from "../constants";
import type { OvenTraits } from "../heat/ovens";
import { areOneOven, type Draught, type HeatSource, isLidded, SOURCE_TRAITS } from "../heat/sources";

/** One member's way of differing from the usual, each in standard deviations. */
export const UNKNOWNS = [
  "ovenOffset",
  "convection",
  "drying",
  "crust",
  "shape",
  "start",
  "breastProbe",
  "thighProbe",
  "mass",
  "permeability",
  "elsewhereOffset",
  "elsewhereConvection",
] as const;
export type Unknown = (typeof UNKNOWNS)[number];
export type Draw = readonly number[];

export interface BirdTraits {
  readonly oven: OvenTraits;
  readonly breastThickness: number;
  readonly startOffsetK: number;
  /** Of what the weight may be off by, either way. */
  readonly massOff: number;
  /** How far the tip is from the thermal centre along the way it was pushed in, metres; positive towards the skin. */
  readonly probeM: { readonly breast: number; readonly thigh: number };
}

/** Of a Halton sequence, one an unknown; of larger ones a few members go through one slope, all the same way. */
const PRIMES = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29] as const;

function radicalInverse(index: number, base: number): number {
  let result = 0;
  let share = 1 / base;
  for (let n = index; n > 0; n = Math.floor(n / base)) {
    result += (n % base) * share;
    share /= base;
  }
  return result;
}

/** Quantile of the standard normal: Acklam's rational approximation (from memory), relative error under 1.2e-9. */
export function normalQuantile(probability: number): number {
  const a = [
    -39.69683028665376, 220.9460984245205, -275.9285104469687, 138.357751867269, -30.66479806614716, 2.506628277459239,
  ] as const;
  const b = [-54.47609879822406, 161.5858368580409, -155.6989798598866, 66.80131188771972, -13.28068155288572] as const;
  const c = [
    -0.007784894002430293, -0.3223964580411365, -2.400758277161838, -2.549732539343734, 4.374664141464968,
    2.938163982698783,
  ] as const;
  const d = [0.007784695709041462, 0.3224671290700398, 2.445134137142996, 3.754408661907416] as const;
  const low = 0.02425;
  const tail = (q: number): number =>
    (((((c[0] * q + c[1]) * q + c[2]) * q + c[3]) * q + c[4]) * q + c[5]) /
    ((((d[0] * q + d[1]) * q + d[2]) * q + d[3]) * q + 1);
  if (probability < low) return tail(Math.sqrt(-2 * Math.log(probability)));
  if (probability > 1 - low) return -tail(Math.sqrt(-2 * Math.log(1 - probability)));
  const q = probability - 0.5;
  const r = q * q;
  return (
    ((((((a[0] * r + a[1]) * r + a[2]) * r + a[3]) * r + a[4]) * r + a[5]) * q) /
    (((((b[0] * r + b[1]) * r + b[2]) * r + b[3]) * r + b[4]) * r + 1)
  );
}

/** `count` draws, each with one standard normal number an unknown; centred and scaled so that the sample has mean 0 and deviation 1. */
export function priorDraws(count: number): Draw[] {
  const columns = UNKNOWNS.map((_, u) => {
    const prime = PRIMES[u];
    const next =
      prime === undefined
        ? normalNumbers(evenNumbers(u))
        : (n: number) => normalQuantile(radicalInverse(n + 21, prime));
    const raw = Array.from({ length: count }, (_, n) => next(n));
    const mean = raw.reduce((sum, value) => sum + value, 0) / count;
    const deviation = Math.sqrt(raw.reduce((sum, value) => sum + (value - mean) ** 2, 0) / count);
    return raw.map((value) => (value - mean) / deviation);
  });
  return Array.from({ length: count }, (_, n) => columns.map((column) => column[n] as number));
}

/** Further out nothing is believed, whatever the readings say, standard deviations. */
const WIDEST_SD = 3;
export const within = (z: number): number => Math.min(WIDEST_SD, Math.max(-WIDEST_SD, z));

/** A normal spread of one unknown, in its own unit. */
export interface Spread {
  readonly mean: number;
  readonly sd: number;
}

/**
 * What is believed of a roast before it is read, as a value: offset of the oven and of the start in K, tips in metres
 * towards the skin, shares of film, drying, crust and its permeability as logarithms, thickness and weight as shares. Plan, forecast and
 * what if take the same one.
 */
export type Prior = Readonly<Record<Unknown, Spread>>;

/**
 * Of an oven or a fire, a bird and a hand nothing is known of.
 * @param elsewhere another heat that the bird is moved into
 */
export const usualPrior = (source: HeatSource = "oven", elsewhere?: HeatSource): Prior => ({
  ovenOffset: { mean: 0, sd: constant("ovenOffsetSdK") },
  convection: { mean: 0, sd: SOURCE_TRAITS[source].convectionSd() },
  drying: { mean: 0, sd: constant("dryingSdShare") },
  crust: { mean: 0, sd: constant("crustSdShare") },
  shape: { mean: 0, sd: constant("shapeSdShare") },
  start: { mean: 0, sd: constant("startSdK") },
  // Tips sit short of the deepest far more often than past it.
  breastProbe: { mean: constant("probeShortM"), sd: constant("probeSdM") },
  thighProbe: { mean: constant("probeShortM"), sd: constant("probeSdM") },
  // Anywhere within the range alike: the standard deviation of a uniform spread.
  mass: { mean: 0, sd: 1 / Math.sqrt(3) },
  permeability: { mean: 0, sd: constant("permeabilitySdShare") },
  elsewhereOffset: { mean: 0, sd: elsewhere && !areOneOven(source, elsewhere) ? constant("ovenOffsetSdK") : 0 },
  elsewhereConvection: { mean: 0, sd: elsewhere ? SOURCE_TRAITS[elsewhere].convectionSd() : 0 },
});

/** The same where the tip is as likely past the deepest as short of it: what published tables are read by. */
export function centredPrior(source: HeatSource = "oven", elsewhere?: HeatSource): Prior {
  const usual = usualPrior(source, elsewhere);
  return {
    ...usual,
    breastProbe: { ...usual.breastProbe, mean: 0 },
    thighProbe: { ...usual.thighProbe, mean: 0 },
  };
}

const DRAUGHT_SD: Record<Draught, number> = { weak: -1, usual: 0, good: 1 };

/**
 * Where the draught of a fire under a lid was seen, of that which the bird goes into, else of that which it is moved into:
 * a deviation to that side, and half the doubt about it left (chosen).
 */
export function drawn(
  prior: Prior,
  { source, draught }: { readonly source: HeatSource; readonly draught: Draught },
): Prior {
  if (draught === "usual") return prior;
  const film = isLidded(source) ? "convection" : "elsewhereConvection";
  const { mean, sd } = prior[film];
  return { ...prior, [film]: { mean: mean + DRAUGHT_SD[draught] * sd, sd: sd / 2 } };
}

/** The bird and oven a draw stands for. */
export function traitsOf(draw: Draw, prior: Prior = usualPrior()): BirdTraits {
  const value = (name: Unknown): number => {
    const { mean, sd } = prior[name];
    return mean + sd * within(draw[UNKNOWNS.indexOf(name)] ?? 0);
  };
  return {
    oven: {
      offsetK: value("ovenOffset"),
      convectionShare: Math.exp(value("convection")),
      dryingShare: Math.exp(value("drying")),
      crustShare: Math.exp(value("crust")),
      permeabilityShare: Math.exp(value("permeability")),
      hotSideK: 0,
      elsewhere: {
        offsetK: value("elsewhereOffset"),
        convectionShare: Math.exp(value("elsewhereConvection")),
      },
    },
    breastThickness: 1 + value("shape"),
    startOffsetK: value("start"),
    massOff: value("mass"),
    probeM: { breast: value("breastProbe"), thigh: value("thighProbe") },
  };
}
