/** Readings that no bird gives: a tip that has slipped, touched bone or come out. They are set aside, never deleted. */
import { CENTRES } from "../bird/solid";
import type { Reading } from "./assimilate";

export interface SetAside {
  readonly reading: Reading;
  /** Slipped: from here on the probe is elsewhere. Spike: one reading by itself. */
  readonly why: "slipped" | "spike";
}

/** A line is laid through readings of so long before, when there are enough of them (chosen: a few bins of noise). */
const LINE_MIN = 16;
const LINE_READINGS = 4;
/** Meat at a thermal centre bends away from its line by less than this (chosen: five deviations of a probe's noise). */
const JUMP_K = 2.5;
const JUMP_K_PER_MIN = 0.2;
/** So many in a row on the other side make a slip of a spike. */
const SLIP_READINGS = 3;

/** What a line through readings comes to at a minute, by least squares. */
function lineAt(readings: readonly Reading[], minute: number): number {
  const n = readings.length;
  const x = readings.reduce((sum, each) => sum + each.minute, 0) / n;
  const y = readings.reduce((sum, each) => sum + each.celsius, 0) / n;
  const spread = readings.reduce((sum, each) => sum + (each.minute - x) ** 2, 0);
  const slope = readings.reduce((sum, each) => sum + (each.minute - x) * (each.celsius - y), 0) / (spread || 1);
  return y + slope * (minute - x);
}

/** Readings typed by hand are too far apart for a line: all of them are kept. */
export function screened(readings: readonly Reading[]): {
  readonly kept: readonly Reading[];
  readonly setAside: readonly SetAside[];
} {
  const kept: Reading[] = [];
  const setAside: SetAside[] = [];
  for (const part of CENTRES) {
    const good: Reading[] = [];
    let strays: Reading[] = [];
    let slipped = false;
    for (const reading of readings.filter((each) => each.part === part).sort((a, b) => a.minute - b.minute)) {
      const line = good.filter(({ minute }) => minute >= reading.minute - LINE_MIN);
      const last = line.at(-1);
      const isStray =
        last !== undefined &&
        line.length >= LINE_READINGS &&
        Math.abs(reading.celsius - lineAt(line, reading.minute)) >
          JUMP_K + JUMP_K_PER_MIN * (reading.minute - last.minute);
      if (slipped) {
        setAside.push({ reading, why: "slipped" });
      } else if (isStray) {
        strays.push(reading);
        if (strays.length >= SLIP_READINGS) {
          slipped = true;
          setAside.push(...strays.map((stray) => ({ reading: stray, why: "slipped" as const })));
          strays = [];
        }
      } else {
        setAside.push(...strays.map((stray) => ({ reading: stray, why: "spike" as const })));
        strays = [];
        good.push(reading);
      }
    }
    // The newest ones may be either: until the next reading says which, they are not counted.
    setAside.push(...strays.map((reading) => ({ reading, why: "spike" as const })));
    kept.push(...good);
  }
  return { kept, setAside };
}
