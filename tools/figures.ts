/** Figures of the tables. */

/** The value that a share of them stay under. */
export const share = (values: readonly number[], at: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(at * values.length))] as number;

export const rounded = (value: number): number => Math.round(100 * value) / 100;
