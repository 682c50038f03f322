/** The clock's axis: days compressed, the last hours wide. Piecewise straight, so it can be read backwards too. */
import { scaleLinear } from "d3-scale";

export interface ClockScale {
  toX(ms: number): number;
  toMs(x: number): number;
  readonly fromMs: number;
  /** Where the wide hours begin. */
  readonly wideFromMs: number;
  readonly untilMs: number;
}

/** Share of the width that the days before get. */
const DAYS_SHARE = 0.3;

export function clockScale(fromMs: number, wideFromMs: number, untilMs: number, width: number): ClockScale {
  const hasDays = fromMs < wideFromMs;
  const scale = hasDays
    ? scaleLinear([fromMs, wideFromMs, untilMs], [0, width * DAYS_SHARE, width])
    : scaleLinear([wideFromMs, untilMs], [0, width]);
  return { toX: scale, toMs: scale.invert, fromMs: Math.min(fromMs, wideFromMs), wideFromMs, untilMs };
}
