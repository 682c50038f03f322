/** A reading that this bird cannot show: asked about once, before it is kept. */
import { CENTRES, type Centre } from "../bird/solid";
import { type Member, shownAt } from "../forecast/member";
import type { Reading } from "../forecast/reading";
import { type Seat, screened } from "../forecast/screening";
import { quantiles } from "../forecast/shares";
import type { HistoryPoint } from "../processes/bird";

export interface Expected {
  readonly lowC: number;
  readonly highC: number;
}

export interface Doubted {
  readonly reading: Reading;
  /** What was to be expected there and then; null where nothing is known yet. */
  readonly expected: Expected | null;
}

/** A plan's own bird is one of many: its curve is good to so much. */
const PLANNED_WITHIN_K = 8;

/** By the fitted birds where there are some, else by the plan's own. */
export function expectedC(
  part: Centre,
  minute: number,
  members: readonly Member[] | null,
  history: readonly HistoryPoint[],
): Expected | null {
  const known = members?.filter(({ shown }) => shown[part] !== undefined) ?? [];
  if (known.length > 0) {
    const { p10, p90 } = quantiles(known.map((member) => shownAt(member, { part }, minute)));
    return { lowC: p10, highC: p90 };
  }
  const planned = (history.find((point) => point.minute >= minute) ?? history.at(-1))?.centresC[part];
  return planned === undefined ? null : { lowC: planned - PLANNED_WITHIN_K, highC: planned + PLANNED_WITHIN_K };
}

/**
 * Which of some new readings would be set aside with those that are there.
 * @param startC of the bird as it went in
 * @param seats when its tips were put right
 */
export function doubtedOf(
  fresh: readonly Reading[],
  before: readonly Reading[],
  startC: number,
  seats: readonly Seat[],
  expected: (reading: Reading) => Expected | null,
): Doubted[] {
  const { setAside } = screened([...before, ...fresh], startC, CENTRES, seats);
  return fresh
    .filter((reading) => setAside.some((each) => each.reading === reading))
    .map((reading) => ({ reading, expected: expected(reading) }));
}

/** What carry-over adds to the hottest place of the oven's time at the very most (chosen). */
const RISES_AT_REST_K = 15;
/** A place that was never read in the oven may show so much at rest (chosen: below boiling). */
const AT_REST_C = 90;

const highestOf = (inOven: readonly Reading[], startC: number): number =>
  Math.max(startC, ...inOven.map(({ celsius }) => celsius));

/** The most a resting bird can show, by what it showed in the oven, °C. */
export const mostAtRestC = (inOven: readonly Reading[], startC: number): number =>
  Math.max(AT_REST_C, highestOf(inOven, startC) + RISES_AT_REST_K);

/** Which of some new readings a resting bird cannot show. */
export function doubtedAtRest(fresh: readonly Reading[], inOven: readonly Reading[], startC: number): Doubted[] {
  const mostC = mostAtRestC(inOven, startC);
  const highestC = highestOf(inOven, startC);
  return fresh
    .filter(({ celsius }) => celsius > mostC || celsius < 0)
    .map((reading) => ({ reading, expected: { lowC: highestC - RISES_AT_REST_K, highC: highestC + 5 } }));
}
