/** Instants as a cook reads them: local times in the roast's own zone. */

import { TZDate } from "@date-fns/tz";
import { format } from "date-fns";
import { type Late, NEVER } from "../../core/forecast/ensemble";
import { MINUTE_MS } from "../../core/units/time";

const written = new Map<string, string>();
const MOST_WRITTEN = 4000;

/** A zoned date costs many lookups of the zone's rules, and a screen asks for the same minutes again and again. */
function write(ms: number, zone: string, pattern: string): string {
  const key = `${Math.floor(ms / MINUTE_MS)}|${zone}|${pattern}`;
  const known = written.get(key);
  if (known !== undefined) return known;
  if (written.size > MOST_WRITTEN) written.clear();
  const made = format(new TZDate(ms, zone), pattern);
  written.set(key, made);
  return made;
}

/** "13:30" */
export const clockTime = (ms: number, zone: string): string => write(ms, zone, "HH:mm");
/** "Sun 26 Sep" */
export const dayName = (ms: number, zone: string): string => write(ms, zone, "EEE d MMM");
/** "Sun 26 Sep, 13:30" */
export const dayAndTime = (ms: number, zone: string): string => write(ms, zone, "EEE d MMM, HH:mm");
/** "2027-09-26T13:30", what a date field holds. */
export const fieldTime = (ms: number, zone: string): string => write(ms, zone, "yyyy-MM-dd'T'HH:mm");

/** The instant of a local time as a date field gives it; NaN when it is not one. */
export function instantOf(field: string, zone: string): number {
  const match = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)/.exec(field);
  if (!match) return Number.NaN;
  const [year, month, day, hour, minute] = match.slice(1).map(Number) as [number, number, number, number, number];
  return new TZDate(year, month - 1, day, hour, minute, zone).getTime();
}

/** Midnights in the zone between two instants. */
export function midnights(fromMs: number, toMs: number, zone: string): number[] {
  const first = new TZDate(fromMs, zone);
  const days: number[] = [];
  for (let n = 1; ; n++) {
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

/** "1:04:09" or "12:30": a countdown, never negative. */
export function countdown(ms: number): string {
  const total = Math.max(0, Math.floor(ms / 1000));
  const [hours, minutes, seconds] = [Math.floor(total / 3600), Math.floor(total / 60) % 60, total % 60];
  const two = (value: number): string => String(value).padStart(2, "0");
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds)}` : `${minutes}:${two(seconds)}`;
}

const TWO = (value: number): string => String(value).padStart(2, "0");

/** A wait as few large figures, read from two metres, and their unit: "12 days", "2:05 h", "46 min", "9:30". */
export function largeCountdown(ms: number): { readonly figure: string; readonly unit: string } {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  const minutes = Math.floor(seconds / 60);
  if (minutes >= 48 * 60) return { figure: String(Math.round(minutes / 1440)), unit: "days" };
  if (minutes >= 10 * 60) return { figure: String(Math.round(minutes / 60)), unit: "h" };
  if (minutes >= 60) return { figure: `${Math.floor(minutes / 60)}:${TWO(minutes % 60)}`, unit: "h" };
  if (minutes >= 10) return { figure: String(minutes), unit: "min" };
  return { figure: `${minutes}:${TWO(seconds % 60)}`, unit: "min" };
}

/** Doubt in words: half the spread between the tenth and the ninetieth percentile, to five minutes above a quarter hour. */
export function giveOrTake(p10Ms: number, p90Ms: Late): string {
  const half = p90Ms === NEVER ? Number.NaN : (p90Ms - p10Ms) / 2 / MINUTE_MS;
  if (!Number.isFinite(half)) return "how late cannot be told";
  return `give or take ${half > 15 ? Math.round(half / 5) * 5 : Math.max(1, Math.round(half))} min`;
}
