/** A finish with its doubt: in minutes, as shares of the usual one, and where its late end never comes. */

export interface Quantiles {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
}

/** A late end that one bird in ten never comes to is no number of minutes. */
export const NEVER = "never";
export type Late = number | typeof NEVER;
export const lateOf = (value: number): Late => (Number.isFinite(value) ? value : NEVER);

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

/** Until the first band has been computed: the declared spread of the usual bird, from the science page. */
export const FIRST_SHARES: Shares = { p10: 0.9, p50: 1, p90: 1.1 };
