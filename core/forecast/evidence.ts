/** What the birds of an ensemble are held against, and what they miss of it. */

import { type Member, shownAt, unplacedAt } from "./member";
import { type Reading, thinned } from "./reading";
import type { Screened } from "./screening";
import { quantiles } from "./shares";
import type { ReadingOn } from "./slipped";

/** Reading noise and what the model cannot follow, one standard deviation (chosen: thermometers are within 1 K). */
export const READING_SD_K = 1.2;

export const latestOf = (readings: readonly Reading[]): number => Math.max(0, ...readings.map(({ minute }) => minute));

/** A place that the middle of the members knows no better is none in this bird: a slipped tip is not read on there, K (chosen). */
const UNPLACED_MOST_K = 4;

/** What the birds are held against: readings of tips that sit where they should, and what others say from where they lie or lay. */
export function evidenceOf({ stays }: Screened, members: readonly Member[]): readonly ReadingOn[] {
  // A stay is of one place: its first reading says for all of them whether there is such a place.
  const lies = ([first]: readonly ReadingOn[]): boolean =>
    first === undefined || quantiles(members.map((member) => unplacedAt(member, first))).p50 <= UNPLACED_MOST_K;
  return stays.filter(lies).flatMap(thinned);
}

/** What the middle of the members misses of the readings, root mean square, K. */
export function misfitK(members: readonly Member[], readings: readonly Reading[]): number {
  if (readings.length === 0) return 0;
  const squares = readings.map((reading) => {
    const shown = members.reduce((sum, member) => sum + shownAt(member, reading, reading.minute), 0) / members.length;
    return (reading.celsius - shown) ** 2;
  });
  return Math.sqrt(squares.reduce((sum, each) => sum + each, 0) / squares.length);
}
