/**
 * A log of temperatures as rows of text, such as a spreadsheet or a logger writes them: which column is the time, which
 * ones are the centres, in which unit; and what cannot be read.
 */

import { type Place, SIDES } from "../bird/probe";
import { CENTRES, type Centre } from "../bird/solid";
import type { Allowed } from "../errors";
import type { RejectedRow, Wrong } from "../faults";
import type { Reading } from "../forecast/reading";
import { localHour } from "../schedule/waking";
import { fahrenheitToC } from "../units/quantity";
import { isOfCentury } from "../units/text";
import { MINUTE_MS } from "../units/time";

export interface ReadingLog {
  readonly readings: readonly Reading[];
  readonly rejected: readonly RejectedRow[];
}

export interface LogContext {
  /** Instant at which the bird went in, where it is known; without it, the first row of clock times or instants is minute 0. */
  readonly inAtMs?: number;
  /** IANA zone of the clock in the log; without it, the first clock time is when the bird went in. */
  readonly zone?: string;
  /** What a column without a unit is in. */
  readonly unit?: "C" | "F";
  /** That the bird has; any, where nothing is known of it. */
  readonly centres?: readonly Centre[];
}

type TimeKind = "minutes" | "seconds" | "hours" | "clock";

interface Column {
  readonly index: number;
  readonly place: Place;
  readonly fahrenheit: boolean;
}

const TIME_NAMES = /^(time|minutes?|min|seconds?|sec|s|hours?|h|elapsed|at|date|datetime|timestamp|clock)\b/;
const PART_NAMES: Record<Centre, RegExp> = {
  breast: /breast|white/,
  thigh: /thigh|leg|dark/,
  filling: /filling|stuffing/,
};

const words = (header: string): string => header.trim().toLowerCase().replaceAll("_", " ");

function timeKind(name: string): TimeKind {
  if (/\b(minutes?|min)\b/.test(name)) return "minutes";
  if (/\b(seconds?|sec|s)\b/.test(name)) return "seconds";
  if (/\b(hours?|h)\b/.test(name)) return "hours";
  return "clock";
}

const CLOCK = /^(\d{1,3}):(\d{2})(?::(\d{2}(?:[.,]\d+)?))?$/;

const DAY_MS = 24 * 60 * MINUTE_MS;
/** What a thermometer in food shows. */
const LOWEST_C = -30;
const HIGHEST_C = 110;
/** No cook and no rest is longer; a row that is further off is a slip. */
const LONGEST_MIN = 48 * 60;
/** As people and loggers write them; a hexadecimal or an exponent is something else. */
const NUMBER = /^[+-]?\d{1,9}(?:[.,]\d{0,12})?$/;

const numberIn = (text: string): number => (NUMBER.test(text) ? Number(text.replace(",", ".")) : Number.NaN);

type Time =
  /** On the scale of its column, from its own zero. */
  | { readonly kind: "span"; readonly ms: number }
  /** Of the day. */
  | { readonly kind: "clock"; readonly ms: number }
  | { readonly kind: "instant"; readonly ms: number }
  | { readonly kind: "wrong"; readonly allowed: Allowed };

/** What an entry of the time column says. */
function timeIn(text: string, column: TimeKind): Time {
  const clock = CLOCK.exec(text);
  if (clock) {
    const [hours, minutes] = [Number(clock[1]), Number(clock[2])];
    const seconds = Number((clock[3] ?? "0").replace(",", "."));
    if (minutes > 59 || seconds >= 60) return { kind: "wrong", allowed: { kind: "rule", rule: "a-time-there-is" } };
    const ms = ((hours * 60 + minutes) * 60 + seconds) * 1000;
    return { kind: column === "clock" && hours < 24 ? "clock" : "span", ms };
  }
  const value = numberIn(text);
  if (Number.isFinite(value)) {
    return {
      kind: "span",
      ms: value * { minutes: MINUTE_MS, seconds: 1000, hours: 60 * MINUTE_MS, clock: MINUTE_MS }[column],
    };
  }
  const ms = Date.parse(text);
  if (Number.isNaN(ms)) return { kind: "wrong", allowed: { kind: "read-as", what: "log-time" } };
  if (!isOfCentury(ms)) return { kind: "wrong", allowed: { kind: "rule", rule: "years-of-this-century" } };
  return { kind: "instant", ms };
}

/** Rows of one log on one scale: milliseconds since the bird went in. */
class Scale {
  /** The first row, where nothing says when the bird went in. */
  private zeroMs: number | undefined;
  private days = 0;
  private lastClockMs: number | undefined;

  /** What the clock showed when the bird went in, to the minute: milliseconds since midnight. */
  private readonly inClockMs: number | undefined;

  constructor(
    column: TimeKind,
    private readonly context: LogContext,
  ) {
    const { inAtMs, zone } = context;
    this.zeroMs = column === "clock" ? undefined : 0;
    if (inAtMs !== undefined && zone !== undefined) {
      this.inClockMs = Math.round(60 * localHour(inAtMs, zone)) * MINUTE_MS;
    }
  }

  msOf(time: Exclude<Time, { kind: "wrong" }>): number {
    if (time.kind === "instant") return time.ms - (this.context.inAtMs ?? this.zero(time.ms));
    if (time.kind === "span") return time.ms - this.zero(time.ms);
    const clockMs = this.acrossMidnight(time.ms);
    return clockMs - (this.inClockMs ?? this.zero(clockMs));
  }

  private zero(ms: number): number {
    this.zeroMs ??= ms;
    return this.zeroMs;
  }

  /** Over midnight the clock begins again; the first row is on the day that is nearer to when the bird went in. */
  private acrossMidnight(ms: number): number {
    if (this.lastClockMs === undefined && this.inClockMs !== undefined) {
      const off = ms - this.inClockMs;
      this.days = off < -DAY_MS / 2 ? 1 : off > DAY_MS / 2 ? -1 : 0;
    } else if (this.lastClockMs !== undefined && ms + this.days * DAY_MS < this.lastClockMs - DAY_MS / 2) this.days++;
    this.lastClockMs = ms + this.days * DAY_MS;
    return this.lastClockMs;
  }
}

/** °C of a cell, by its own unit where it names one. */
function celsiusIn(cell: string, fahrenheit: boolean): number {
  const [, text = "", unit] = /^(.*?)\s*°?\s*([cf])?$/i.exec(cell) ?? [];
  const value = numberIn(text.trim());
  return (unit ? unit.toLowerCase() === "f" : fahrenheit) ? fahrenheitToC(value) : value;
}

/**
 * @param header names of the columns
 * @param rows cells in the order of the header
 */
export function readLog(
  header: readonly string[],
  rows: readonly (readonly string[])[],
  context: LogContext = {},
): ReadingLog {
  const { unit = "C", centres = CENTRES } = context;
  const names = header.map(words);
  const timeAt = names.findIndex((name) => TIME_NAMES.test(name));
  const named = names.flatMap((name, index): Column[] => {
    const part = index === timeAt ? undefined : CENTRES.find((centre) => PART_NAMES[centre].test(name));
    if (!part) return [];
    // "thigh (°F)", "thigh_f", "thighF".
    const said = /(?:°|deg|\(|\s)\s*([cf])\b/.exec(name)?.[1] ?? /[a-z]([CF])$/.exec(header[index]?.trim() ?? "")?.[1];
    const side = part === "filling" ? undefined : SIDES.find((each) => name.includes(each));
    return [{ index, place: { part, ...(side && { side }) }, fahrenheit: (said ?? unit).toLowerCase() === "f" }];
  });
  if (timeAt < 0 || named.length === 0) {
    const wrong: Wrong = { kind: "no-column", columns: timeAt < 0 ? ["time"] : CENTRES, got: header };
    return { readings: [], rejected: [{ line: 1, where: "", wrong }] };
  }
  const isOfThisBird = ({ place }: Column): boolean => centres.includes(place.part);
  const columns = named.filter(isOfThisBird);
  const kind = timeKind(names[timeAt] as string);
  const scale = new Scale(kind, context);
  const readings: Reading[] = [];
  const rejected = named
    .filter((column) => !isOfThisBird(column))
    .map(
      ({ index }): RejectedRow => ({
        line: 1,
        where: header[index] ?? "",
        wrong: { kind: "rule", rule: "meat-of-this-bird" },
      }),
    );
  rows.forEach((row, n) => {
    const line = n + 2;
    const reject = (where: string, wrong: Wrong): void => void rejected.push({ line, where, wrong });
    const told = (row[timeAt] ?? "").trim();
    const time = timeIn(told, kind);
    if (time.kind === "wrong") {
      reject("time", { kind: "value", value: told, allowed: time.allowed });
      return;
    }
    const minute = scale.msOf(time) / MINUTE_MS;
    if (minute > LONGEST_MIN) {
      reject("time", { kind: "rule", rule: "within-two-days" });
      return;
    }
    for (const { index, place, fahrenheit } of columns) {
      const cell = (row[index] ?? "").trim();
      // A probe that said nothing is a gap, not a fault.
      if (cell === "" || /^(nan|-+|n\/a|null)$/i.test(cell)) continue;
      const celsius = celsiusIn(cell, fahrenheit);
      if (!(celsius >= LOWEST_C && celsius <= HIGHEST_C)) {
        reject(place.part, {
          kind: "value",
          value: cell,
          allowed: { kind: "between", low: LOWEST_C, high: HIGHEST_C, unit: "°C" },
        });
      } else if (minute < 0) reject(place.part, { kind: "rule", rule: "after-the-bird-went-in" });
      else readings.push({ minute, ...place, celsius });
    }
  });
  return { readings: readings.sort((a, b) => a.minute - b.minute), rejected };
}
