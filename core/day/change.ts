/** What moved a forecast: by how much, and which reading did it. */

import { type Probe, probeOf } from "../bird/probe";
import { CENTRES, type Centre } from "../bird/solid";
import type { Forecast } from "../forecast/forecast";
import { middleShownAt } from "../forecast/member";
import { type Reading, thinned } from "../forecast/reading";

export interface ForecastChange {
  /** Later is more: infinite where it is not to be had any more, or is again. */
  readonly byMin: number;
  readonly because:
    | { readonly kind: "reading"; readonly part: Centre; readonly readC: number; readonly expectedC: number }
    | { readonly kind: "lost"; readonly probe: Probe }
    | { readonly kind: "believed-again"; readonly probe: Probe };
}

/** Less is no news. */
const NEWS_MIN = 2;

/**
 * The reading that surprised the forecast as it was: furthest from what its middle member showed, by the newest minutes,
 * on the side that moves it so. @param readings of tips that are where they should be
 */
function surprise(before: Forecast, byMin: number, readings: readonly Reading[]): ForecastChange["because"] | null {
  const fresh = CENTRES.flatMap((part) => {
    const last = thinned(readings.filter((reading) => reading.part === part)).at(-1);
    if (!last || before.targets[part] === undefined) return [];
    const expectedC = middleShownAt(before.members, part, last.minute);
    // Colder than expected, it is done later.
    const moves = Math.sign(expectedC - last.celsius) === Math.sign(byMin);
    return moves ? [{ kind: "reading" as const, part, readC: last.celsius, expectedC }] : [];
  });
  const [most] = fresh.sort((a, b) => Math.abs(b.readC - b.expectedC) - Math.abs(a.readC - a.expectedC));
  return most ?? null;
}

/** @returns null where the forecast has not moved by so much that it is news */
export function changeOf(before: Forecast, after: Forecast, readings: readonly Reading[]): ForecastChange | null {
  const byMin = after.pull.p50 - before.pull.p50;
  if (!(Math.abs(byMin) >= NEWS_MIN)) return null;
  const lost = after.lost.find((probe) => !before.lost.includes(probe));
  if (lost) return { byMin, because: { kind: "lost", probe: lost } };
  const again = before.lost.find((probe) => !after.lost.includes(probe));
  if (again) return { byMin, because: { kind: "believed-again", probe: again } };
  const believed = readings.filter((reading) => !after.lost.includes(probeOf(reading)));
  const because = surprise(before, byMin, believed);
  return because && { byMin, because };
}
