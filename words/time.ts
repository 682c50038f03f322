/** Instants as a cook reads them: local times in the roast's own zone, by the cook's habits. */
import { TZDate } from "@date-fns/tz";
import { lightFormat } from "date-fns/lightFormat";
import { type Late, NEVER } from "../core/forecast/shares";
import type { Habits } from "../core/units/habits";
import { MINUTE_MS } from "../core/units/time";

/** A cook's habits, and the year that goes without saying. */
export interface Reader extends Habits {
  readonly year: number;
}

export const DAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"] as const;
export const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"] as const;

const nameOf = (date: Date): string => `${DAYS[date.getDay()]}`;
const monthOf = (date: Date): string => `${MONTHS[date.getMonth()]}`;

const PATTERNS = {
  year: (date: Date) => String(date.getFullYear()),
  day: (date: Date) => `${nameOf(date)} ${date.getDate()} ${monthOf(date)}`,
  month: (date: Date) => `${nameOf(date)}, ${monthOf(date)} ${date.getDate()}`,
  "24h": (date: Date) => lightFormat(date, "HH:mm"),
  "12h": (date: Date) => `${lightFormat(date, "h:mm")} ${date.getHours() < 12 ? "am" : "pm"}`,
} as const;

const written = new Map<string, string>();
const MOST_WRITTEN = 4000;

/** A zoned date costs many lookups of the zone's rules, and a screen asks for the same minutes again and again. */
function write(ms: number, zone: string, pattern: keyof typeof PATTERNS): string {
  const key = `${Math.floor(ms / MINUTE_MS)}|${zone}|${pattern}`;
  const known = written.get(key);
  if (known !== undefined) return known;
  if (written.size > MOST_WRITTEN) written.clear();
  const made = PATTERNS[pattern](new TZDate(ms, zone));
  written.set(key, made);
  return made;
}

/** "13:30" or "1:30 pm" */
export const clockTime = (ms: number, zone: string, { clock }: Pick<Reader, "clock">): string => write(ms, zone, clock);

/** A whole hour on an axis, where room is short: "13:00" or "1 pm" */
export const hourTick = (ms: number, zone: string, reader: Pick<Reader, "clock">): string =>
  reader.clock === "12h" ? clockTime(ms, zone, reader).replace(":00", "") : clockTime(ms, zone, reader);

/** A day on an axis, where room is short and its dates stand beside it: "Sun 26 Sep" or "Sun, Sep 26" */
export const dayTick = (ms: number, zone: string, { dates }: Pick<Reader, "dates">): string => write(ms, zone, dates);

/** "Sun 26 Sep" or "Sun, Sep 26"; with its year where that is another than the reader's. */
export function dayName(ms: number, zone: string, { dates, year }: Pick<Reader, "dates" | "year">): string {
  const day = write(ms, zone, dates);
  const its = write(ms, zone, "year");
  return its === String(year) ? day : `${day}${dates === "month" ? "," : ""} ${its}`;
}

/** "Sun 26 Sep, 13:30" or "Sun, Sep 26, 1:30 pm" */
export const dayAndTime = (ms: number, zone: string, reader: Omit<Reader, "units" | "weekStart">): string =>
  `${dayName(ms, zone, reader)}, ${clockTime(ms, zone, reader)}`;

/** The day of a row of a list, where it is another than that of the row before; null where it is the same. */
export function newDay(
  ms: number,
  beforeMs: number | undefined,
  zone: string,
  reader: Pick<Reader, "dates" | "year">,
): string | null {
  const day = dayName(ms, zone, reader);
  return beforeMs !== undefined && dayName(beforeMs, zone, reader) === day ? null : day;
}

/** A day goes without saying for so long before and after the moment that a time is told beside. */
const SAME_DAY_MS = 12 * 60 * MINUTE_MS;

/** The day of a time that is told beside another one, or beside now; null where it goes without saying. */
export const dayBeside = (
  ms: number,
  besideMs: number,
  zone: string,
  reader: Pick<Reader, "dates" | "year">,
): string | null => (Math.abs(ms - besideMs) < SAME_DAY_MS ? null : dayName(ms, zone, reader));

/** "13:30", or "Sun 26 Sep, 13:30" where its day does not go without saying, see {@link dayBeside}. */
export const timeBeside = (
  ms: number,
  besideMs: number,
  zone: string,
  reader: Omit<Reader, "units" | "weekStart">,
): string =>
  dayBeside(ms, besideMs, zone, reader) === null ? clockTime(ms, zone, reader) : dayAndTime(ms, zone, reader);

/** "1:04:09" or "12:30": a countdown, never negative. */
export function countdown(ms: number): string {
  const total = Math.max(0, Math.floor(ms / 1000));
  const [hours, minutes, seconds] = [Math.floor(total / 3600), Math.floor(total / 60) % 60, total % 60];
  return hours > 0 ? `${hours}:${two(minutes)}:${two(seconds)}` : `${minutes}:${two(seconds)}`;
}

const two = (value: number): string => String(value).padStart(2, "0");

/** Few large figures, read from two metres, and their unit. */
interface Large {
  readonly figure: string;
  readonly unit: string;
}

function large(minutes: number): Large {
  if (minutes >= 48 * 60) return { figure: String(Math.round(minutes / 1440)), unit: "days" };
  if (minutes >= 10 * 60) return { figure: String(Math.round(minutes / 60)), unit: "h" };
  if (minutes >= 60) return { figure: `${Math.floor(minutes / 60)}:${two(minutes % 60)}`, unit: "h" };
  return { figure: String(minutes), unit: "min" };
}

/** A wait: "12 days", "2:05 h", "46 min", "9:30". */
export function largeCountdown(ms: number): Large {
  const seconds = Math.max(0, Math.floor(ms / 1000));
  const minutes = Math.floor(seconds / 60);
  return minutes >= 10 ? large(minutes) : { figure: `${minutes}:${two(seconds % 60)}`, unit: "min" };
}

/** How late something is: "17 h late", "46 min late". */
export function largeDelay(minutes: number): Large {
  const { figure, unit } = large(Math.max(0, Math.round(minutes)));
  return { figure, unit: `${unit} late` };
}

/** The same beside other words, to the minute: "1 h 20 min late". */
export const durationLate = (minutes: number): string =>
  `${minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h ${minutes % 60} min`} late`;

/** Doubt in words: half the spread between the tenth and the ninetieth percentile, to five minutes above a quarter hour. */
export function giveOrTake(p10Ms: number, p90Ms: Late): string {
  const half = p90Ms === NEVER ? Number.NaN : (p90Ms - p10Ms) / 2 / MINUTE_MS;
  if (!Number.isFinite(half)) return "how late cannot be told";
  return `give or take ${half > 15 ? Math.round(half / 5) * 5 : Math.max(1, Math.round(half))} min`;
}
