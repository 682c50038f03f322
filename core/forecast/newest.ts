/** What the thermometers show now: the newest of each probe, and of a pair the side that is behind. */

import { type Probe, probeOf } from "../bird/probe";
import { CENTRES, type Centre, type CentreTemperatures } from "../bird/solid";
import { shows } from "../safety/guideline";
import type { Reading } from "./reading";

/** A side read so long before the other says nothing of now. */
const STALE_MIN = 12;

/** Newest reading of each probe, of those that are in the meat. @param lost probes that are not */
export function newestByProbe<Item extends Reading>(
  readings: readonly Item[],
  lost: readonly Probe[] = [],
): ReadonlyMap<Probe, Item> {
  const newest = new Map<Probe, Item>();
  for (const reading of readings) {
    const probe = probeOf(reading);
    if (!lost.includes(probe) && !((newest.get(probe)?.minute ?? Number.NEGATIVE_INFINITY) > reading.minute)) {
      newest.set(probe, reading);
    }
  }
  return newest;
}

/**
 * The newest of a centre's probes, those that were read within minutes of the last of them. What was read without saying
 * on which side is of now until both sides are.
 */
function freshOf<Item extends Reading>(newest: readonly Item[], part: Centre): Item[] {
  const own = newest.filter((reading) => reading.part === part);
  const last = Math.max(...own.map(({ minute }) => minute));
  const sides = own.filter(({ side }) => side);
  const bothMin = sides.length > 1 ? Math.min(...sides.map(({ minute }) => minute)) : Number.NEGATIVE_INFINITY;
  return own.filter(({ side, minute }) => minute >= last - STALE_MIN && (side || minute > bothMin));
}

/** Of each centre the probe that is furthest behind, among those read within minutes of its newest. */
export function behind<Item extends Reading>(
  readings: readonly Item[],
  lost: readonly Probe[] = [],
): Partial<Record<Centre, Item>> {
  const newest = [...newestByProbe(readings, lost).values()];
  return Object.fromEntries(
    CENTRES.flatMap((part) => {
      const [lowest] = freshOf(newest, part).sort((a, b) => a.celsius - b.celsius);
      return lowest ? [[part, lowest]] : [];
    }),
  );
}

/** What decides at each centre, °C. */
export const lowestC = (readings: readonly Reading[], lost: readonly Probe[] = []): CentreTemperatures =>
  Object.fromEntries(Object.entries(behind(readings, lost)).map(([part, { celsius }]) => [part, celsius]));

/** Meat in the heat does not cool: a probe that was there and shows so little less is still there (chosen: noise, a door). */
const HELD_K = 2.5;

/**
 * Whether every probe of each centre shows what it should, or did and has not fallen back.
 * @param sinceMin when it last went into the heat: what was shown before has cooled since
 */
export function allReached(
  goalsC: CentreTemperatures,
  readings: readonly Reading[],
  lost: readonly Probe[] = [],
  sinceMin = 0,
): boolean {
  const newest = [...newestByProbe(readings, lost).values()];
  return Object.entries(goalsC).every(([part, goal]) => {
    const isThere = (reading: Reading): boolean => {
      if (shows(reading.celsius, goal)) return true;
      const wasThere = readings.some(
        (each) => probeOf(each) === probeOf(reading) && each.minute >= sinceMin && shows(each.celsius, goal),
      );
      return wasThere && reading.celsius >= goal - HELD_K;
    };
    const fresh = freshOf(newest, part as Centre);
    return fresh.length > 0 && fresh.every(isThere);
  });
}
