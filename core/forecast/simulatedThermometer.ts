/**
 * A thermometer that ships with the app: a hidden bird, unlike the planned one in ways drawn from the prior, read at
 * two probes. It keeps its own log from the moment the bird goes in, as a real logger does, so that an app that was
 * closed can fetch what it missed.
 */
import type { Centre } from "../bird/solid";
import type { ThermometerLine } from "../formats/thermometer";
import { type EnsembleOptions, type Member, runMember, shownAt } from "./ensemble";
import { type Draw, UNKNOWNS } from "./prior";

/** A number in 0..2³² from a text: FNV-1a. */
function hash(text: string): number {
  let value = 2166136261;
  for (let n = 0; n < text.length; n++) value = Math.imul(value ^ text.charCodeAt(n), 16777619) >>> 0;
  return value;
}

/** How the hidden bird differs, from a seed: each unknown within about one and a half standard deviations. */
export function hiddenDraw(seed: string): Draw {
  return UNKNOWNS.map((name) => (hash(`${seed}/${name}`) / 2 ** 32) * 3 - 1.5);
}

/** The hidden bird's trajectory, long enough for any roast. */
export function hiddenBird(options: Omit<EnsembleOptions, "shownC">, seed: string): Member {
  return runMember({ ...options, shownC: {}, atLeastMin: 8 * 60 }, hiddenDraw(seed));
}

/** A number from −1 to 1 that is the same for the same text. */
export const noiseOf = (text: string): number => (hash(text) / 2 ** 32 - 0.5) * 2;

const NOISE_K = 0.2;

/** What the device shows at an instant while the bird is in the oven, one line a probe. */
export function linesAt(bird: Member, seed: string, inAtMs: number, atMs: number): ThermometerLine[] {
  const minute = (atMs - inAtMs) / 60_000;
  return (Object.keys(bird.shown) as Centre[]).map((probe) => {
    const noise = NOISE_K * noiseOf(`${seed}/${probe}/${atMs}`);
    const celsius = Math.round((shownAt(bird, probe, minute) + noise) * 10) / 10;
    return { at: new Date(atMs).toISOString(), probe, celsius };
  });
}
