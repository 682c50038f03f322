/** What has been seen on the thermometer at every place that counts: both sides of a pair, and the filling's middle. */

import type { Centre, CentreTemperatures } from "../bird/solid";
import { bothSides, type Probe, probeOf } from "../formats/thermometer";
import type { Reading } from "./reading";

export interface PlaceSeen {
  readonly probe: Probe;
  readonly goalC: number;
  /** Highest that was read there, by its own probe or by one that stands for both sides; null before a reading. */
  readonly highestC: number | null;
  readonly seen: boolean;
}

/** A thermometer is read to a tenth. */
const READ_TO_K = 0.05;

export function placesSeen(goalsC: CentreTemperatures, readings: readonly Reading[]): PlaceSeen[] {
  return (Object.entries(goalsC) as [Centre, number][]).flatMap(([part, goalC]) =>
    bothSides(part).map((place): PlaceSeen => {
      const probe = probeOf(place);
      const own = readings.filter((each) => each.part === part && (!each.side || each.side === place.side));
      const highestC = own.length > 0 ? Math.max(...own.map(({ celsius }) => celsius)) : null;
      return { probe, goalC, highestC, seen: highestC !== null && highestC >= goalC - READ_TO_K };
    }),
  );
}
