/**
 * A log of temperatures as rows of text, such as a spreadsheet or a logger writes them: which column is the time, which
 * ones are the centres, in which unit; and what cannot be read.
 */
import { CENTRES, type Centre } from "../bird/solid";
import type { Reading } from "../forecast/reading";
import { fahrenheitToC } from "../units/quantity";
import type { RejectedRow } from "./sideList";
import { type Place, SIDES } from "./thermometer";

export interface ReadingLog {
  readonly readings: readonly Reading[];
  readonly rejected: readonly RejectedRow[];
}

export interface LogContext {
  /** Instant at which the bird went in, where it is known; without it, the first row of clock times or instants is minute 0. */
  readonly inAtMs?: number;
  /** What a column without a unit is in. */
  readonly unit?: "C" | "F";
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
const MINUTE_MS = 60_000;

/** Milliseconds of an entry on its own scale, and whether that scale is the calendar's. */
function timeMs(text: string, kind: TimeKind): { readonly ms: number; readonly isInstant: boolean } | null {
  const clock = CLOCK.exec(text);
  if (clock) {
    const seconds = Number((clock[3] ?? "0").replace(",", "."));
    return { ms: ((Number(clock[1]) * 60 + Number(clock[2])) * 60 + seconds) * 1000, isInstant: false };
  }
  const value = Number(text.replace(",", "."));
  if (text !== "" && Number.isFinite(value)) {
    return {
      ms: value * { minutes: MINUTE_MS, seconds: 1000, hours: 60 * MINUTE_MS, clock: MINUTE_MS }[kind],
      isInstant: false,
    };
  }
  const instant = Date.parse(text);
  return Number.isNaN(instant) ? null : { ms: instant, isInstant: true };
}

/**
 * @param header names of the columns
 * @param rows cells in the order of the header
 */
export function readLog(
  header: readonly string[],
  rows: readonly (readonly string[])[],
  { inAtMs, unit = "C" }: LogContext = {},
): ReadingLog {
  const names = header.map(words);
  const timeAt = names.findIndex((name) => TIME_NAMES.test(name));
  const columns = names.flatMap((name, index): Column[] => {
    const part = index === timeAt ? undefined : CENTRES.find((centre) => PART_NAMES[centre].test(name));
    if (!part) return [];
    // "thigh (°F)", "thigh_f", "thighF".
    const said = /(?:°|deg|\(|\s)\s*([cf])\b/.exec(name)?.[1] ?? /[a-z]([CF])$/.exec(header[index]?.trim() ?? "")?.[1];
    const side = part === "filling" ? undefined : SIDES.find((each) => name.includes(each));
    return [{ index, place: { part, ...(side && { side }) }, fahrenheit: (said ?? unit).toLowerCase() === "f" }];
  });
  if (timeAt < 0 || columns.length === 0) {
    const lacks = timeAt < 0 ? "time" : "breast, thigh or filling";
    const why = `the header has no column for ${lacks}; got ${header.join(", ") || "nothing"}`;
    return { readings: [], rejected: [{ line: 1, why }] };
  }
  const kind = timeKind(names[timeAt] as string);
  const readings: Reading[] = [];
  const rejected: RejectedRow[] = [];
  let zeroMs: number | undefined = kind === "clock" ? undefined : 0;
  let daysMs = 0;
  let lastMs = Number.NEGATIVE_INFINITY;
  rows.forEach((row, n) => {
    const line = n + 2;
    const text = (row[timeAt] ?? "").trim();
    const time = timeMs(text, kind);
    if (!time) {
      rejected.push({ line, why: `time: got ${JSON.stringify(text)}, allowed is an instant, hh:mm or a number` });
      return;
    }
    let { ms } = time;
    if (!time.isInstant && kind === "clock") {
      // Over midnight the clock begins again.
      if (ms + daysMs < lastMs - 12 * 60 * MINUTE_MS) daysMs += 24 * 60 * MINUTE_MS;
      ms += daysMs;
    }
    lastMs = ms;
    zeroMs ??= time.isInstant && inAtMs !== undefined ? inAtMs : ms;
    const minute = (ms - zeroMs) / MINUTE_MS;
    for (const { index, place, fahrenheit } of columns) {
      const cell = (row[index] ?? "").trim();
      // A probe that said nothing is a gap, not a fault.
      if (cell === "" || /^(nan|-+|n\/a|null)$/i.test(cell)) continue;
      const value = Number(cell.replace(/[°\s]*[cf]?$/i, "").replace(",", "."));
      const celsius = fahrenheit ? fahrenheitToC(value) : value;
      if (!(celsius >= -30 && celsius <= 110)) {
        rejected.push({ line, why: `${place.part}: got ${JSON.stringify(cell)}, allowed is −30 to 110 °C` });
      } else if (minute < 0) rejected.push({ line, why: `${place.part}: before the bird went in` });
      else readings.push({ minute, ...place, celsius });
    }
  });
  return { readings: readings.sort((a, b) => a.minute - b.minute), rejected };
}
