/** The readings of a roast that count: its own, without those that were struck out, each where it was truly taken. */

import type { Roast, RoastReading } from "../plan/roast";
import { readingKey } from "../plan/roast";
import { rightlyPlaced } from "./probes";

export function countedReadings(
  stored: readonly RoastReading[],
  { probes, happened: { struck = [], notItsOwn = [] } }: Pick<Roast, "probes" | "happened">,
): readonly RoastReading[] {
  const away = new Set(struck);
  const isItsOwn = ({ source, device = "", at }: RoastReading): boolean =>
    source !== "bridge" || !notItsOwn.some((other) => other.device === device && at <= other.until);
  const counts = (reading: RoastReading): boolean => !away.has(readingKey(reading)) && isItsOwn(reading);
  // Struck out before its probe was said to sit elsewhere, or after.
  return rightlyPlaced(stored.filter(counts), probes).filter(counts);
}
