/**
 * A tip that has slipped and is still in the meat goes on being read, from where it has come to lie: what it showed first
 * says how far out that is in each bird, and how such a place warms says what the centre would have said.
 */

import type { Place } from "../bird/probe";
import type { Reading } from "./reading";

/** Places beyond a tip along the way it was pushed in at which a bird is looked at as well, metres of a turkey. */
export const FURTHER_M = [0.01, 0.02] as const;

/** What a tip showed as it came to lie elsewhere. */
type Moment = Pick<Reading, "minute" | "celsius">;

/** Of a tip that has slipped: by what it showed first at the place where it lies. */
export interface Whereabouts extends Place {
  readonly since?: Moment | undefined;
}
export interface ReadingOn extends Reading, Whereabouts {}

/** So many readings together say where it lies (chosen: their noise is then a fifth of a degree). */
const PLACE_READINGS = 3;
/** Before it has lain there for so long, noise says more of the place than its warmth does, min (chosen on tables of known truths). */
const LAIN_MIN = 10;
/** Meat that is watched stays under this; a tip in the air soon shows more, °C (chosen). */
const MEAT_MOST_C = 90;

/** The readings that follow the first of a tip at its new place; none where it does not lie in meat. */
export function readOn(run: readonly Reading[]): readonly ReadingOn[] {
  const lainMin = (run.at(-1)?.minute ?? 0) - (run[0]?.minute ?? 0);
  if (run.length <= PLACE_READINGS || lainMin < LAIN_MIN) return [];
  if (run.some(({ celsius }) => celsius > MEAT_MOST_C)) return [];
  const since = momentOf(run.slice(0, PLACE_READINGS));
  return run.slice(PLACE_READINGS).map((reading) => ({ ...reading, since }));
}

/** The readings of a tip that has been put elsewhere since: what it showed last says where it lay. */
export function leftBehind(stay: readonly Reading[]): readonly ReadingOn[] {
  const last = stay.slice(-PLACE_READINGS);
  // By hand, hours apart, they say nothing of one moment.
  const takenMin = (last.at(-1)?.minute ?? 0) - (last[0]?.minute ?? 0);
  if (stay.length <= PLACE_READINGS || takenMin > LAIN_MIN) return stay;
  const since = momentOf(last);
  return stay.slice(0, -PLACE_READINGS).map((reading) => ({ ...reading, since }));
}

function momentOf(readings: readonly Reading[]): Moment {
  const mean = (of: (reading: Reading) => number): number =>
    readings.reduce((sum, each) => sum + of(each), 0) / readings.length;
  return { minute: mean(({ minute }) => minute), celsius: mean(({ celsius }) => celsius) };
}

/** Further out or in than the places that are looked at, by so much of the way between the nearest two (chosen). */
const BEYOND_SHARE = 0.5;
/** Places that differ by less are one (chosen: their distance would be noise), K. */
const ALIKE_K = 0.2;

interface Lying {
  /** The place lies between the nth and the next of those looked at, this share of the way. */
  readonly n: number;
  readonly share: number;
  /** What no place of this bird showed of it, K. */
  readonly restK: number;
}

/** Where a tip lies that shows so much, by what the places from its own outward show then. */
function lyingAt(placesC: readonly number[], celsius: number): Lying {
  const outer = placesC.findIndex((each, n) => n > 0 && each >= celsius);
  const n = Math.max(0, (outer < 0 ? placesC.length - 1 : outer) - 1);
  const span = between(placesC, n, 1) - between(placesC, n, 0);
  const share = (celsius - between(placesC, n, 0)) / span;
  const within = span < ALIKE_K ? 0 : Math.min(1 + BEYOND_SHARE, Math.max(-BEYOND_SHARE, share));
  return { n, share: within, restK: celsius - between(placesC, n, within) };
}

/** What lies so much of the way from one place to the next shows; at the last there is no next. */
function between(placesC: readonly number[], n: number, share: number): number {
  const from = placesC[n] as number;
  return from + share * ((placesC[n + 1] ?? from) - from);
}

/**
 * What a slipped tip shows of a bird, °C.
 * @param placesC what the places of this bird from the tip outward show at a minute
 */
export function shownSince(placesC: (minute: number) => readonly number[], since: Moment, minute: number): number {
  const { n, share, restK } = lyingAt(placesC(since.minute), since.celsius);
  return between(placesC(minute), n, share) + restK;
}

/** What no place of a bird showed of a slipped tip as it came to lie there, K. */
export const unplacedK = (placesC: (minute: number) => readonly number[], since: Moment): number =>
  Math.abs(lyingAt(placesC(since.minute), since.celsius).restK);
