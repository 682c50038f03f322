/** A plan gone through before the day: what is called when, what has to be done at once, where hands are short. */
import { MINUTE_MS } from "../units/time";
import type { Use } from "./resources";
import { kindOf, type Row, type RowKind } from "./rows";

export interface Moment<Called extends Row = Row> {
  readonly atMs: number;
  /** Called together: within a few minutes of one another. */
  readonly rows: readonly Called[];
  /**
   * Pairs of hands that are wanted then: those at work, and those of each work that begins; what takes a moment only is
   * done right before that, one after the other.
   */
  readonly wanted: number;
  /** Ids of what keeps hands meanwhile. */
  readonly busy: readonly string[];
}

/** Nobody does two things one after the other in less (chosen). */
const TOGETHER_MIN = 3;
/** A knob is turned in passing, whatever the hands are at. */
const IN_PASSING: readonly RowKind[] = ["preheat", "oven-on"];
/** What is called wants hands for a moment; a row without an alarm takes care of itself. */
const wantsHands = (row: Row): boolean =>
  row.alarmMin !== undefined && !row.inOneGo && !IN_PASSING.includes(kindOf(row));
const handsOf = (uses: readonly Use[]): number => uses.reduce((sum, { hands }) => sum + hands, 0);

/** @param rows in their order @param uses of the whole dinner */
export function momentsOf<Called extends Row>(
  rows: readonly Called[],
  uses: readonly Use[],
): readonly Moment<Called>[] {
  const groups: Called[][] = [];
  for (const row of rows) {
    const last = groups.at(-1);
    const first = last?.[0];
    if (last && first && row.startMs - first.startMs < TOGETHER_MIN * MINUTE_MS) last.push(row);
    else groups.push([row]);
  }
  return groups.map((group): Moment<Called> => {
    const atMs = (group[0] as Called).startMs;
    const until = (group.at(-1) as Called).startMs;
    // What begins now is called; what began before keeps its hands.
    const busy = uses.filter(({ hands, startMs, endMs }) => hands > 0 && startMs < atMs && endMs > until);
    const begun = uses.filter(({ startMs }) => startMs >= atMs && startMs <= until);
    const wanted = handsOf(busy) + (group.some(wantsHands) ? Math.max(1, handsOf(begun)) : 0);
    return { atMs, rows: group, wanted, busy: busy.map(({ id }) => id) };
  });
}

/** Moments that want more hands than there are. */
export const shortOfHands = <Called extends Row>(
  moments: readonly Moment<Called>[],
  hands: number,
): readonly Moment<Called>[] => moments.filter(({ wanted }) => wanted > hands);

/** Where a rehearsal goes on from a moment: on with the clock, or over a time in which nothing is called. */
const IDLE_MIN = 20;
const BEFORE_MIN = 5;
export function rehearsedOn(atMs: number, byMs: number, moments: readonly Pick<Moment, "atMs">[]): number {
  const next = moments.find((moment) => moment.atMs > atMs);
  if (!next) return atMs + byMs;
  const isIdle =
    next.atMs - atMs > IDLE_MIN * MINUTE_MS &&
    !moments.some((each) => Math.abs(each.atMs - atMs) < BEFORE_MIN * MINUTE_MS);
  return isIdle ? next.atMs - BEFORE_MIN * MINUTE_MS : Math.min(atMs + byMs, next.atMs);
}
