/** The clock's axis: days compressed, the last hours wide. Piecewise straight, so it can be read backwards too. */
import { scaleLinear } from "d3-scale";
import { MINUTE_MS } from "../../core/units/time";
import { tickStepMin } from "../ui/time";

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

/** After dinner the axis goes on for so long, and for so many pixels: what stands at its end stays on the screen. */
const END_MIN = 45;
export const END_PX = 44;

/** Where an axis of a width ends, for a dinner and the moment from which on its hours are wide. */
export function endOf(serveAtMs: number, wideFromMs: number, width: number): number {
  const hoursPx = width * (1 - DAYS_SHARE);
  const share = hoursPx > 2 * END_PX ? END_PX / (hoursPx - END_PX) : 0;
  return serveAtMs + Math.max(END_MIN * MINUTE_MS, share * (serveAtMs - wideFromMs));
}

/** When the first of it begins: a brine is mixed before anything goes into it. */
export const firstOf = (placed: readonly { readonly startMs: number }[]): number =>
  placed.reduce((first, { startMs }) => Math.min(first, startMs), Number.POSITIVE_INFINITY);

/** When the last of it is over: dinner, or what of a late bird comes after the hour that was wanted. */
export const lastOf = (serveAtMs: number, placed: readonly { readonly endMs: number }[]): number =>
  placed.reduce((last, { endMs }) => Math.max(last, endMs), serveAtMs);

export function clockScale(fromMs: number, wideFromMs: number, untilMs: number, width: number): ClockScale {
  const hasDays = fromMs < wideFromMs;
  const scale = hasDays
    ? scaleLinear([fromMs, wideFromMs, untilMs], [0, width * DAYS_SHARE, width])
    : scaleLinear([wideFromMs, untilMs], [0, width]);
  return { toX: scale, toMs: scale.invert, fromMs: Math.min(fromMs, wideFromMs), wideFromMs, untilMs };
}

/** Where what lasts from one moment to another is drawn, px: at least so wide, and never past the axis's end. */
export function drawnFrom(scale: ClockScale, startMs: number, endMs: number, leastPx: number) {
  const left = scale.toX(startMs);
  const width = Math.max(leastPx, scale.toX(Math.min(endMs, scale.untilMs)) - left);
  return { left: Math.min(left, Math.max(0, scale.toX(scale.untilMs) - width)), width };
}

/** Minutes from one hour that is named to the next, so that their names stand apart: whole hours, or days. */
export const hourStepMin = ({ toX, wideFromMs, untilMs }: ClockScale): number =>
  Math.max(60, tickStepMin((MINUTE_MS * (toX(untilMs) - toX(wideFromMs))) / (untilMs - wideFromMs)));

/** Half the width of an hour's name, and of what stands at dinner, px. */
const HALF_HOUR_NAME = 20;
const HALF_DINNER = 30;

/** Those hours whose names are whole: neither behind what stands at dinner nor over the axis's end. */
export function hoursShown(scale: ClockScale, serveAtMs: number, hours: readonly number[]): readonly number[] {
  const [dinnerX, endX] = [scale.toX(serveAtMs), scale.toX(scale.untilMs)];
  return hours.filter((ms) => {
    const x = scale.toX(ms);
    return Math.abs(x - dinnerX) >= HALF_DINNER + HALF_HOUR_NAME && x <= endX - HALF_HOUR_NAME;
  });
}
