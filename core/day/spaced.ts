import { probeOf } from "../bird/probe";
import type { RoastReading } from "../plan/roast";

/** So much of an instant is the same for ten seconds: "2026-11-26T10:00:0". */
const TEN_SECONDS = "2026-11-26T10:00:0".length;

/**
 * What a day follows: of a thermometer that speaks by itself the last reading of every ten seconds, what a hand has typed
 * all. One that speaks every second says as much by them, and after four hours a page that followed thirty thousand would
 * have no time for the hand. @param readings as they came
 */
export function spaced(readings: readonly RoastReading[]): RoastReading[] {
  const kept: RoastReading[] = [];
  const newest = new Map<string, { readonly at: string; readonly place: number }>();
  for (const reading of readings) {
    if (reading.source === "typed") {
      kept.push(reading);
      continue;
    }
    const probe = probeOf(reading);
    const at = reading.at.slice(0, TEN_SECONDS);
    const known = newest.get(probe);
    if (known?.at === at) kept[known.place] = reading;
    else {
      newest.set(probe, { at, place: kept.length });
      kept.push(reading);
    }
  }
  return kept;
}
