/** What a date field holds, and where a zone's clock shows whole hours. */

import { TZDate } from "@date-fns/tz";
import { lightFormat } from "date-fns/lightFormat";
import { DAY_MIN, HOUR_MS, MINUTE_MS } from "../../core/units/time";

/** "2027-09-26T13:30", what a date field holds. */
export const fieldTime = (ms: number, zone: string): string => lightFormat(new TZDate(ms, zone), "yyyy-MM-dd'T'HH:mm");

/** The instant of a local time as a date field gives it; NaN when it is not one. */
export function instantOf(field: string, zone: string): number {
  const match = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)/.exec(field);
  if (!match) return Number.NaN;
  const [year, month, day, hour, minute] = match.slice(1).map(Number) as [number, number, number, number, number];
  return new TZDate(year, month - 1, day, hour, minute, zone).getTime();
}

/** The instant nearest to another at which the zone's clock shows a time, "13:30": over midnight it is on another day. */
function nearestAt(time: string, toMs: number, zone: string): number {
  const days = [-1, 0, 1].map((days) => fieldTime(toMs + days * DAY_MIN * MINUTE_MS, zone).split("T")[0]);
  const instants = days.map((day) => instantOf(`${day}T${time}`, zone));
  return instants.reduce((best, each) => (Math.abs(each - toMs) < Math.abs(best - toMs) ? each : best));
}

/** A moment is put right by so little that its day need not be looked at (chosen: a quarter of one). */
const NEAR_MS = 6 * HOUR_MS;

/**
 * What a time may stand for that is typed in the place of a moment's own, likeliest first: of its day; where that would
 * be most of a day off and the evening before or the morning after is near, of that.
 */
export function momentsMeant(time: string, atMs: number, zone: string): readonly [number, number] {
  const onItsDayMs = instantOf(`${fieldTime(atMs, zone).split("T")[0]}T${time}`, zone);
  const nearestMs = nearestAt(time, atMs, zone);
  return Math.abs(nearestMs - atMs) <= NEAR_MS ? [nearestMs, onItsDayMs] : [onItsDayMs, nearestMs];
}

/** Steps of an axis that a clock on the wall knows; longer ones are days. */
const TICK_STEPS_MIN = [30, 60, 120, 180, 240, 360, 720];

/** A time of day on an axis is written so far from the next that both can be read. */
const TICK_APART = 46;

/** The shortest step of an axis whose ticks stand so far apart. */
export function tickStepMin(pixelsPerMin: number, apartPixels = TICK_APART): number {
  const least = apartPixels / pixelsPerMin;
  return TICK_STEPS_MIN.find((step) => step >= least) ?? DAY_MIN * Math.ceil(least / DAY_MIN);
}

/** Midnights in the zone between two instants, every so many days. */
export function midnights(fromMs: number, toMs: number, zone: string, everyDays = 1): number[] {
  const first = new TZDate(fromMs, zone);
  const days: number[] = [];
  for (let n = 1; ; n += everyDays) {
    const midnight = new TZDate(first.getFullYear(), first.getMonth(), first.getDate() + n, zone).getTime();
    if (midnight > toMs) return days;
    days.push(midnight);
  }
}

/** Instants at which a clock on the wall shows whole steps of an hour, between two others: also where zones lie half an hour apart. */
export function wholeTicks(fromMs: number, toMs: number, stepMin: number, zone: string): number[] {
  const stepMs = stepMin * MINUTE_MS;
  const offsetMs = -new TZDate(fromMs, zone).getTimezoneOffset() * MINUTE_MS;
  const firstMs = Math.ceil((fromMs + offsetMs) / stepMs) * stepMs - offsetMs;
  return Array.from({ length: Math.max(0, Math.floor((toMs - firstMs) / stepMs) + 1) }, (_, n) => firstMs + n * stepMs);
}
