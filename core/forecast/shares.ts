/** A finish with its doubt: in minutes, as shares of the usual one, and where its late end never comes. */

export interface Quantiles {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/** A finish without any doubt. */
export const certain = (at: number): Quantiles => ({ p10: at, p50: at, p90: at });

/** A late end that one bird in ten never comes to is no number of minutes. */
export const NEVER = "never";
export type Late = number | typeof NEVER;
export const lateOf = (value: number): Late => (Number.isFinite(value) ? value : NEVER);
/** The same as a number: infinite where it never comes. */
export const latest = (late: Late): number => (late === NEVER ? Number.POSITIVE_INFINITY : late);

/** Something done with a late end, where there is one. */
export const mapLate = (late: Late, change: (value: number) => number): Late => (late === NEVER ? NEVER : change(late));

/** Shares that multiply a computed finish: early, middle, late. */
export interface Shares {
  readonly p10: number;
  readonly p50: number;
  /** "never" where one bird in ten does not get there at this heat: a normal outcome, to be said and not to be drawn. */
  readonly p90: Late;
}

/** What leaves the heat by time alone leaves it then. */
export const BY_TIME: Shares = { p10: 1, p50: 1, p90: 1 };

/** Until the first band has been computed: what those of usual birds come to. */
export const FIRST_SHARES: Shares = { p10: 0.85, p50: 1, p90: 1.2 };

/** Quantiles of a sample, straight between the ordered values (Hyndman and Fan's type 7). */
export function quantiles(values: readonly number[]): Quantiles {
  const ordered = [...values].sort((a, b) => a - b);
  const at = (share: number): number => {
    const place = share * (ordered.length - 1);
    const n = Math.floor(place);
    const low = ordered[n] as number;
    const high = ordered[Math.min(n + 1, ordered.length - 1)] as number;
    return high === low ? low : low + (place - n) * (high - low);
  };
  return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
}
