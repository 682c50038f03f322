/** A number and where it is from. `fromMemory` marks a published value for which no copy was at hand when it was written. */

export type Origin =
  | { kind: "published"; source: string; fromMemory?: true }
  | { kind: "common practice" }
  | { kind: "fitted" }
  | { kind: "chosen" };

export interface Constant {
  readonly value: number;
  /** Unit as written in the handbook; "1" for a pure number. */
  readonly unit: string;
  readonly origin: Origin;
}

export const published = (value: number, unit: string, source: string) =>
  ({ value, unit, origin: { kind: "published", source, fromMemory: true } }) as const;
export const practice = (value: number, unit: string) =>
  ({ value, unit, origin: { kind: "common practice" } }) as const;
export const chosen = (value: number, unit: string) => ({ value, unit, origin: { kind: "chosen" } }) as const;
/** By `tools/fit.ts` (npm run fit), to the cases of tests/outside/cases.ts marked for the fit; residuals in tools/fitted.json. */
export const fitted = (value: number, unit: string) => ({ value, unit, origin: { kind: "fitted" } }) as const;
