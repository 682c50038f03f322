/**
 * The demo: a made-up scenario. The open-day lunch of a harbour light's volunteer keepers to plan, a roast in
 * progress at the simulated thermometer, and eight of the past with their readings: a turkey that came out late, a duck
 * in a fan oven, a winter chicken in parts, three of an oven that runs hot, a crown, one smoked.
 */

import { predictionOf } from "../core/forecast/prediction";
import type { Roast, RoastReading } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { alone } from "../core/plan/together";
import { DAY_MS, MINUTE_MS } from "../core/units/time";
import type { BrumaDatabase } from "../storage/database";
import { deleteRoast, saveRoast } from "../storage/roasts";
import { type Computed, ComputedSchema, readingsOf } from "./computed";
import computedFile from "./computed.json";
import { IN_PROGRESS_ID, roastInProgress } from "./inProgress";
import { DEMO_OVENS, type DemoOven, openDayRoast, type Past, pastRoasts, servedAt } from "./scenario";

export { IN_PROGRESS_ID };

const iso = (ms: number): string => new Date(ms).toISOString();

/** As it was planned: nothing was known of it yet. */
function inOven(oven: DemoOven): Plan["oven"] {
  const { id, name, heat } = DEMO_OVENS[oven];
  return { id, name, heat, learned: null };
}

function pastRoast(
  past: Past,
  computed: Computed,
  nowMs: number,
  zone: string,
): { readonly roast: Roast; readonly readings: readonly RoastReading[] } {
  const known = computed.past[past.id];
  if (!known) throw new Error(`the demo's file knows no roast ${past.id}`);
  const serveAtMs = servedAt(past, nowMs, zone);
  const inAtMs = serveAtMs - past.leadMin * MINUTE_MS;
  const pulledMs = inAtMs + known.pulledMin * MINUTE_MS;
  return {
    roast: alone({
      id: past.id,
      named: true,
      title: past.title,
      createdAt: iso(serveAtMs - 6 * DAY_MS),
      plan: { ...past.plan(serveAtMs), oven: past.oven ? inOven(past.oven) : null },
      happened: {
        inAt: iso(inAtMs),
        predicted: predictionOf(known.predicted, known.predicted.shares, inAtMs),
        pulledAt: iso(pulledMs),
        carvedAt: iso(pulledMs + 25 * MINUTE_MS),
        closedAt: iso(serveAtMs + 180 * MINUTE_MS),
      },
      notes: past.notes,
      rating: past.rating,
      says: known.says,
      thermometer: "bridge",
    }),
    readings: readingsOf(known).map(({ minute, ...shown }) => ({
      at: iso(inAtMs + minute * MINUTE_MS),
      ...shown,
      source: "simulated",
    })),
  };
}

/** The roast in progress as it was predicted. */
function inProgressSince({ inProgress }: Computed, inAtMs: number, zone: string): Roast {
  const roast = roastInProgress(inAtMs, zone);
  const predicted = predictionOf(inProgress, inProgress.shares, inAtMs);
  return { ...roast, happened: { ...roast.happened, predicted } };
}

/**
 * Fills an empty demo database; one that holds anything keeps what it has, but for the roast in progress: it begins anew
 * with each bird of the simulated thermometer.
 * @param inAtMs when the bird at the simulated thermometer went in; null where none is running, and none is in progress
 */
export async function seedDemo(db: BrumaDatabase, nowMs: number, inAtMs: number | null): Promise<void> {
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const computed = ComputedSchema.parse(computedFile);
  const current = inAtMs === null ? null : inProgressSince(computed, inAtMs, zone);
  const past = pastRoasts(zone).map((each) => pastRoast(each, computed, nowMs, zone));
  // All of it or nothing: a page that is left half way must not leave half a demo for good.
  await db.transaction("rw", [db.roasts, db.readings, db.photos, db.shared, db.ovens, db.practised], async () => {
    // What is practised has the kitchen to itself.
    if ((await db.practised.count()) > 0) return;
    if ((await db.roasts.count()) > 0) {
      if (!current || (await db.roasts.get(current.id))?.createdAt === current.createdAt) return;
      await deleteRoast(db, current.id);
      await saveRoast(db, current);
      return;
    }
    // All at once: somebody waits for the list.
    await db.roasts.bulkAdd([
      ...(current ? [current] : []),
      openDayRoast(nowMs, zone),
      ...past.map(({ roast }) => roast),
    ]);
    await db.ovens.bulkAdd(
      Object.values(DEMO_OVENS).map(({ id, name, heat }) => ({
        id,
        name,
        heat,
        afreshAt: null,
        leftOut: [],
        tests: [],
      })),
    );
    await db.readings.bulkAdd(
      past.flatMap(({ roast, readings }) => readings.map((each) => ({ ...each, roastId: roast.id }))),
    );
  });
}
