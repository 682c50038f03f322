/** One bird of an ensemble: what its thermometers show, and when. */

import { type Place, type Probe, probeOf } from "../bird/probe";
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import type { Indices } from "../processes/indices";
import type { Draw } from "./prior";
import { quantiles } from "./shares";
import { shownSince, unplacedK, type Whereabouts } from "./slipped";

/** What the thermometer of one member would show at some minutes from the start. */
export interface Member {
  readonly draw: Draw;
  readonly minutes: Float64Array;
  /** At the colder side of a pair; and where left and right differ, at each of them. */
  readonly shown: Partial<Record<Probe, Float64Array>>;
  /** And what it would where a slip may have taken it: so much further out each, see `slipped.ts`. */
  readonly further: Partial<Record<Probe, readonly Float64Array[]>>;
  readonly indices?: Indices | undefined;
}

/** Of a place and of those outward of it; where both sides are alike, either is the pair's. */
function seriesOf({ shown, further }: Member, place: Place): readonly [Float64Array, ...(readonly Float64Array[])] {
  const probe = shown[probeOf(place)] ? probeOf(place) : place.part;
  const own = shown[probe];
  if (!own) throw new RangeError(`this bird has no centre called ${place.part}`);
  return [own, ...(further[probe] ?? [])];
}

/** Whether a bird has such a centre: one that is cut otherwise by now may not. */
export const hasCentre = ({ shown }: Member, centre: Centre): boolean => shown[centre] !== undefined;

/** Where a minute lies between a member's steps, held at the ends: what a series of its shows then, °C. */
function readingAt({ minutes }: Member, minute: number): (series: Float64Array) => number {
  let after = 0;
  while (after < minutes.length && (minutes[after] as number) <= minute) after++;
  if (after === 0) return (series) => series[0] as number;
  if (after >= minutes.length) return (series) => series[series.length - 1] as number;
  const from = minutes[after - 1] as number;
  const share = (minute - from) / ((minutes[after] as number) - from);
  return (series) => (series[after - 1] as number) * (1 - share) + (series[after] as number) * share;
}

/** What a member's tip and the places outward of it show, by the minute. */
function placesOf(member: Member, place: Place): (minute: number) => readonly number[] {
  const places = seriesOf(member, place);
  return (minute) => places.map(readingAt(member, minute));
}

/** What a member's thermometer shows at a minute, straight between steps and held at the ends. */
export function shownAt(member: Member, { since, ...place }: Whereabouts, minute: number): number {
  if (since) return shownSince(placesOf(member, place), since, minute);
  return readingAt(member, minute)(seriesOf(member, place)[0]);
}

/** What no place of a member showed of a slipped tip as it came to lie there, K. */
export const unplacedAt = (member: Member, { since, ...place }: Whereabouts): number =>
  since ? unplacedK(placesOf(member, place), since) : 0;

/** What the middle one of the members shows at a minute. */
export const middleShownAt = (members: readonly Member[], centre: Centre, minute: number): number =>
  quantiles(members.map((member) => shownAt(member, { part: centre }, minute))).p50;

/** Minute at which a member first shows a temperature; infinite when it never does. */
export function minuteShown(member: Member, centre: Centre, celsius: number): number {
  const [series] = seriesOf(member, { part: centre });
  for (let n = 1; n < series.length; n++) {
    const before = series[n - 1] as number;
    const after = series[n] as number;
    if (after < celsius) continue;
    const from = member.minutes[n - 1] as number;
    const share = Math.max(0, (celsius - before) / (after - before));
    return from + share * ((member.minutes[n] as number) - from);
  }
  return Number.POSITIVE_INFINITY;
}

/** Minute at which every asked centre has shown its temperature. */
export function minuteAllShown(member: Member, shownC: CentreTemperatures): number {
  return Math.max(
    0,
    ...CENTRES.map((centre) => {
      const target = shownC[centre];
      return target === undefined ? 0 : minuteShown(member, centre, target);
    }),
  );
}
