/** The readings of a roast that count: without those that were struck out, each where it was truly taken. */

import type { Roast, RoastReading } from "../plan/roast";
import { readingKey } from "../plan/roast";
import { rightlyPlaced } from "./probes";

export function countedReadings(
  stored: readonly RoastReading[],
  { probes, happened: { struck = [] } }: Pick<Roast, "probes" | "happened">,
): readonly RoastReading[] {
  const away = new Set(struck);
  const counts = (reading: RoastReading): boolean => !away.has(readingKey(reading));
  // Struck out before its probe was said to sit elsewhere, or after.
  return rightlyPlaced(stored.filter(counts), probes).filter(counts);
}
