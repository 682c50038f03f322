import { probeOf } from "../bird/probe";
import type { RoastReading } from "../plan/roast";
import { MINUTE_MS } from "../units/time";

/** One hand goes from bird to bird in so long, and none of them warms by much meanwhile (chosen). */
export const ROUND_MIN = 4;

/**
 * What is followed of birds that are read one after the other with one thermometer: the one that is behind decides,
 * whichever was read last. Of a place's typed readings of one round the lowest; all others as they are.
 * @param readings oldest first @param birds of the roast that they are of
 */
export function lowestOfRounds(readings: readonly RoastReading[], birds: number): readonly RoastReading[] {
  if (birds < 2) return readings;
  const kept: RoastReading[] = [];
  const rounds = new Map<string, { readonly fromMs: number; readonly place: number }>();
  for (const reading of readings) {
    if (reading.source !== "typed") {
      kept.push(reading);
      continue;
    }
    const probe = probeOf(reading);
    const atMs = Date.parse(reading.at);
    const round = rounds.get(probe);
    const before = round && kept[round.place];
    if (before && atMs - round.fromMs <= ROUND_MIN * MINUTE_MS) {
      if (reading.celsius < before.celsius) kept[round.place] = reading;
    } else {
      rounds.set(probe, { fromMs: atMs, place: kept.length });
      kept.push(reading);
    }
  }
  return kept;
}
