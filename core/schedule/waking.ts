/** Hours at which a cook is up, in the cook's own zone. Instants are epoch milliseconds; a clock change moves nothing. */
import { MINUTE_MS } from "../units/time";

const QUARTER_MS = 15 * MINUTE_MS;
const DAY_MS = 24 * 60 * MINUTE_MS;

const formats = new Map<string, Intl.DateTimeFormat>();

/** Hours since local midnight, by the clock on the wall. @throws RangeError for a zone nobody knows */
export function localHour(ms: number, zone: string): number {
  let format = formats.get(zone);
  if (!format) {
    format = new Intl.DateTimeFormat("en-GB", { timeZone: zone, hour: "2-digit", minute: "2-digit", hourCycle: "h23" });
    formats.set(zone, format);
  }
  const [hour, minute] = format.format(ms).split(":").map(Number) as [number, number];
  return hour + minute / 60;
}

export interface Hours {
  readonly from: number;
  readonly until: number;
}
/** Nobody gets up in the night to salt a bird (common practice). */
export const WAKING: Hours = { from: 7, until: 22 };
/** Nobody wants to be asked to dinner in the night; a late one is better than tomorrow's (chosen). */
export const AT_TABLE: Hours = { from: 7, until: 23.5 };
/** What something else follows at once: whoever does that is up. */
export const ANY_HOUR: Hours = { from: 0, until: 24 };
/** When the next day is made ready. */
export const EVENING: Hours = { from: 17, until: 20 };

/** Hours at which work of so many minutes is begun, so that it is done while the cook is up. */
export const toBeDone = ({ from, until }: Hours, minutes: number): Hours => ({
  from,
  until: Math.max(from, until - minutes / 60),
});

export const isWithin = (ms: number, zone: string, { from, until }: Hours): boolean => {
  const hour = localHour(ms, zone);
  return hour >= from && hour <= until;
};

/** The nearest moment within these hours, going one way a quarter hour at a time; a day holds them all. */
function within(ms: number, zone: string, hours: Hours, firstMs: number, stepMs: number): number {
  if (isWithin(ms, zone, hours)) return ms;
  for (let at = firstMs; Math.abs(at - ms) <= DAY_MS; at += stepMs) if (isWithin(at, zone, hours)) return at;
  return ms;
}

/** The latest moment not after `ms` within these hours, to the quarter hour when it has to move. */
export const latestWithin = (ms: number, zone: string, hours: Hours): number =>
  within(ms, zone, hours, Math.floor(ms / QUARTER_MS) * QUARTER_MS, -QUARTER_MS);

/** The earliest moment not before `ms` within these hours, to the quarter hour when it has to move. */
export const earliestWithin = (ms: number, zone: string, hours: Hours): number =>
  within(ms, zone, hours, Math.ceil(ms / QUARTER_MS) * QUARTER_MS, QUARTER_MS);
