import type { Reading } from "./reading";

/** A straight line through readings. */
export interface Line {
  /** Mean of their minutes, and of their temperatures: the line goes through both. */
  readonly minute: number;
  readonly celsius: number;
  readonly slopeKPerMin: number;
}

/** By least squares; level where all are of one moment. */
export function lineThrough(readings: readonly Pick<Reading, "minute" | "celsius">[]): Line {
  const n = readings.length;
  const minute = readings.reduce((sum, each) => sum + each.minute, 0) / n;
  const celsius = readings.reduce((sum, each) => sum + each.celsius, 0) / n;
  const spread = readings.reduce((sum, each) => sum + (each.minute - minute) ** 2, 0);
  const rise = readings.reduce((sum, each) => sum + (each.minute - minute) * (each.celsius - celsius), 0);
  return { minute, celsius, slopeKPerMin: rise / (spread || 1) };
}

export const onLine = ({ minute, celsius, slopeKPerMin }: Line, at: number): number =>
  celsius + slopeKPerMin * (at - minute);
