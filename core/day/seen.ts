/** What has been seen on the thermometer at every place that counts: both sides of a pair, and the filling's middle. */

import { bothSides, type Probe, probeOf } from "../bird/probe";
import type { Centre, CentreTemperatures } from "../bird/solid";
import type { Reading } from "../forecast/reading";
import { AT_ONCE, askedC, type Guideline, meetsGuideline, shows } from "../safety/guideline";

export interface PlaceSeen {
  readonly probe: Probe;
  readonly goalC: number;
  /** Highest that was read there; null before a reading. */
  readonly highestC: number | null;
  readonly seen: boolean;
  /** It was there, and has to be there still: it is read again so much later, min; 0 where nothing is waited for. */
  readonly againMin: number;
}

/** Whether what was read there is enough: once, or again so much later and not below it between. */
function isEnough(readings: readonly Reading[], goalC: number, guideline: Guideline, part: Centre): boolean {
  const isThere = ({ celsius }: Reading): boolean => shows(celsius, goalC, askedC(guideline, part));
  if (guideline.heldMin === 0) return readings.some(isThere);
  let sinceMin: number | null = null;
  for (const reading of [...readings].sort((a, b) => a.minute - b.minute)) {
    if (isThere(reading) && meetsGuideline(reading.celsius)) return true;
    sinceMin = isThere(reading) ? (sinceMin ?? reading.minute) : null;
    if (sinceMin !== null && reading.minute - sinceMin >= guideline.heldMin) return true;
  }
  return false;
}

/**
 * A reading that names no side was taken on one of them: it counts for one that has none of its own, never for both.
 * @param readings that are believed: of a probe that is set aside, none
 * @param guideline that may want it held; what is hot enough to be seen once needs no second look
 */
export function placesSeen(goalsC: CentreTemperatures, readings: readonly Reading[], guideline = AT_ONCE): PlaceSeen[] {
  return (Object.entries(goalsC) as [Centre, number][]).flatMap(([part, goalC]) => {
    const own = readings.filter((each) => each.part === part);
    const places = bothSides(part);
    const unnamed = own.filter(({ side }) => !side);
    const takesUnnamed = places.find(({ side }) => side && !own.some((each) => each.side === side)) ?? places[0];
    return places.map((place): PlaceSeen => {
      const here = own.filter((each) => each.side === place.side && each.side !== undefined);
      const all = place === takesUnnamed ? [...here, ...unnamed] : here;
      const highestC = all.length > 0 ? Math.max(...all.map(({ celsius }) => celsius)) : null;
      const seen = isEnough(all, goalC, guideline, part);
      const wasThere = highestC !== null && shows(highestC, goalC, askedC(guideline, part));
      return { probe: probeOf(place), goalC, highestC, seen, againMin: wasThere && !seen ? guideline.heldMin : 0 };
    });
  });
}
