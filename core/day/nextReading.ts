/**
 * The reading by hand that would take away most of the doubt: for each centre and each moment to come, how much of the
 * spread of the finish goes with what the members would show there (the share a linear regression explains, less what
 * the thermometer's own noise hides). A later reading always says more; the earliest that says nearly as much as the
 * best is asked for, while there is still time to act.
 */

import type { Centre } from "../bird/solid";
import { CENTRES } from "../bird/solid";
import { READING_SD_K } from "../forecast/evidence";
import type { Forecast } from "../forecast/forecast";
import { minuteAllShown, shownAt } from "../forecast/member";
import type { Reading } from "../forecast/reading";

export interface NextReading {
  readonly part: Centre;
  readonly atMin: number;
  /** Share of the doubt it would take away, 0 to 1, as standard deviation. */
  readonly less: number;
}

/** A narrower band than this is not worth a hole in the bird. */
const DOUBT_MIN = 12;
const EVERY_MIN = 5;
/** After the last reading of the same centre, not sooner. */
const AFTER_LAST_MIN = 15;
/** So near the best is as good. */
const NEARLY = 0.9;
/** What takes away less is not asked for. */
const WORTH = 0.1;

/** Squared correlation of two samples, the second with noise added. */
function explained(a: readonly number[], b: readonly number[], noise: number): number {
  const mean = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0) / values.length;
  const [meanA, meanB] = [mean(a), mean(b)];
  let [ab, aa, bb] = [0, 0, 0];
  a.forEach((value, n) => {
    const [da, db] = [value - meanA, (b[n] as number) - meanB];
    ab += da * db;
    aa += da * da;
    bb += db * db;
  });
  const n = a.length - 1;
  return aa > 0 ? (ab * ab) / (aa * (bb + n * noise * noise)) : 0;
}

/** @returns null where no reading is worth its while */
export function nextReading(
  { members, pull, aimC }: Pick<Forecast, "members" | "pull" | "aimC">,
  readings: readonly Pick<Reading, "part" | "minute">[],
  nowMin: number,
): NextReading | null {
  if (!(pull.p90 - pull.p10 >= DOUBT_MIN) || pull.p50 <= nowMin) return null;
  const finishes = members.map((member) => minuteAllShown(member, aimC));
  if (!finishes.every(Number.isFinite)) return null;
  const lastChanceMin = Math.max(nowMin, pull.p10 - EVERY_MIN);
  const candidates = CENTRES.filter((part) => aimC[part] !== undefined).flatMap((part) => {
    const lastMin = readings.reduce(
      (last, each) => (each.part === part ? Math.max(last, each.minute) : last),
      Number.NEGATIVE_INFINITY,
    );
    const all: NextReading[] = [];
    for (let atMin = Math.max(nowMin, lastMin + AFTER_LAST_MIN); atMin <= lastChanceMin; atMin += EVERY_MIN) {
      const shown = members.map((member) => shownAt(member, { part }, atMin));
      all.push({ part, atMin, less: 1 - Math.sqrt(1 - explained(finishes, shown, READING_SD_K)) });
    }
    return all;
  });
  const best = Math.max(0, ...candidates.map(({ less }) => less));
  if (best < WORTH) return null;
  return candidates.filter(({ less }) => less >= NEARLY * best).sort((a, b) => a.atMin - b.atMin)[0] ?? null;
}
