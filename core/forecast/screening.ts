/** Readings that no bird gives: a tip that has slipped, touched bone or come out. They are set aside, never deleted. */
import { type Probe, probeOf } from "../formats/thermometer";
import { type Reading, seriesOf } from "./reading";

export interface SetAside {
  readonly reading: Reading;
  /** Slipped: from here on the probe is elsewhere. Out: it is in the oven's air. Spike: one reading by itself. */
  readonly why: "slipped" | "out" | "spike";
}

/** A line is laid through readings of so long before, when there are enough of them (chosen: a few bins of noise). */
const LINE_MIN = 16;
const LINE_READINGS = 4;
/** Meat at a thermal centre bends away from its line by less than this (chosen: five deviations of a probe's noise). */
const JUMP_K = 2.5;
const JUMP_K_PER_MIN = 0.2;
/** So many in a row on the other side make a slip of a spike. */
const SLIP_READINGS = 3;
/** Nothing under a skin is so much hotter from one reading to the next, or so hot at all: the tip is in the air. */
const OUT_JUMP_K = 18;
const OUT_C = 98;

/** What a line through readings comes to at a minute, by least squares. */
function lineAt(readings: readonly Reading[], minute: number): number {
  const n = readings.length;
  const x = readings.reduce((sum, each) => sum + each.minute, 0) / n;
  const y = readings.reduce((sum, each) => sum + each.celsius, 0) / n;
  const spread = readings.reduce((sum, each) => sum + (each.minute - x) ** 2, 0);
  const slope = readings.reduce((sum, each) => sum + (each.minute - x) * (each.celsius - y), 0) / (spread || 1);
  return y + slope * (minute - x);
}

/** How far a reading lies from the line through those shortly before it; null where they are too few for a line. */
function jumpK(before: readonly Reading[], reading: Reading): number | null {
  const line: Reading[] = [];
  for (let n = before.length - 1; n >= 0 && (before[n] as Reading).minute >= reading.minute - LINE_MIN; n--) {
    line.push(before[n] as Reading);
  }
  const [last] = line;
  if (!last || line.length < LINE_READINGS) return null;
  const away = reading.celsius - lineAt(line, reading.minute);
  return Math.abs(away) > JUMP_K + JUMP_K_PER_MIN * (reading.minute - last.minute) ? away : 0;
}

/** One probe's readings: stretches between jumps, and the strays between them. */
function stretches(own: readonly Reading[]): { readonly runs: Reading[][]; readonly strays: Reading[] } {
  const runs: Reading[][] = [[]];
  const strays: Reading[] = [];
  let pending: Reading[] = [];
  for (const reading of own) {
    const run = runs.at(-1) as Reading[];
    if (jumpK(run, reading)) {
      pending.push(reading);
      if (pending.length < SLIP_READINGS) continue;
      runs.push(pending);
    } else {
      strays.push(...pending);
      run.push(reading);
    }
    pending = [];
  }
  // The newest ones may be either: until the next reading says which, they are not counted.
  return { runs, strays: [...strays, ...pending] };
}

/**
 * The stretch before the first jump is believed, and after a slip the one that begins with a jump back towards it: the
 * cook has pushed the probe in again. Readings typed by hand are too far apart for a line: all of them are kept.
 */
export function screened(readings: readonly Reading[]): {
  readonly kept: readonly Reading[];
  readonly setAside: readonly SetAside[];
  /** Probes that are not where they should be now. */
  readonly lost: readonly Probe[];
} {
  const kept: Reading[] = [];
  const setAside: SetAside[] = [];
  const lost: Probe[] = [];
  for (const own of seriesOf(readings)) {
    const { runs, strays } = stretches(own);
    setAside.push(...strays.map((reading) => ({ reading, why: "spike" as const })));
    let believed = true;
    let slipK = 0;
    runs.forEach((run, n) => {
      const before = runs[n - 1]?.at(-1);
      const first = run[0];
      if (before && first) {
        const byK = first.celsius - before.celsius;
        believed = !believed && Math.sign(byK) !== Math.sign(slipK) && Math.abs(byK) > Math.abs(slipK) / 2;
        slipK = byK;
      }
      if (believed) kept.push(...run);
      else {
        const out = slipK > OUT_JUMP_K || run.some(({ celsius }) => celsius > OUT_C);
        setAside.push(...run.map((reading) => ({ reading, why: out ? ("out" as const) : ("slipped" as const) })));
      }
    });
    if (!believed) lost.push(probeOf(own[0] as Reading));
  }
  return { kept, setAside, lost };
}
