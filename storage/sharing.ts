/**
 * A roast in common with other devices, this one's side: what is to be sent, and what has come. What was agreed on last
 * is kept beside it, so that changes made here and there while they were apart can be told from one another.
 */

import { mergedRoast } from "../core/formats/merge";
import type { RoastReading } from "../core/formats/roast";
import { same } from "../core/formats/same";
import { type SharedRoast, SharedRoastSchema } from "../core/formats/shared";
import type { BrumaDatabase } from "./database";
import { addReadings, readingsOf } from "./roasts";

const typedOnly = (readings: readonly RoastReading[]): RoastReading[] =>
  readings.filter(({ source }) => source === "typed");

/** From now on this roast is in common. @throws Error when there is no such roast */
export async function share(db: BrumaDatabase, roastId: string): Promise<void> {
  const roast = await db.roasts.get(roastId);
  if (!roast) throw new Error(`no roast ${roastId} is stored`);
  if (await db.shared.get(roastId)) return;
  await db.shared.put({ roastId, revision: 0, roast, readings: 0 });
}

/** From now on it is this device's own. */
export const unshare = (db: BrumaDatabase, roastId: string): Promise<void> => db.shared.delete(roastId);

/** What has changed here since the devices last agreed; null where nothing has. */
export async function outgoing(db: BrumaDatabase, roastId: string): Promise<SharedRoast | null> {
  const [agreed, roast] = await Promise.all([db.shared.get(roastId), db.roasts.get(roastId)]);
  if (!agreed || !roast) return null;
  const readings = typedOnly(await readingsOf(db, roastId));
  const unchanged = agreed.revision > 0 && same(roast, agreed.roast) && readings.length <= agreed.readings;
  return unchanged ? null : { revision: agreed.revision, roast, readings };
}

/** The server has kept what was sent. */
export async function wasKept(db: BrumaDatabase, { revision, roast, readings }: SharedRoast): Promise<void> {
  await db.transaction("rw", db.shared, async () => {
    // It may have been made this device's own meanwhile.
    if (await db.shared.get(roast.id)) {
      await db.shared.put({ roastId: roast.id, revision, roast, readings: readings.length });
    }
  });
}

/**
 * What the server has kept of a roast comes in: joined with what has changed here since they agreed.
 * @returns paths that were changed on both sides, each to something else; what the server had stands
 */
export async function takeIn(db: BrumaDatabase, sent: SharedRoast): Promise<readonly string[]> {
  const shared = SharedRoastSchema.parse(sent);
  const { id } = shared.roast;
  return db.transaction("rw", db.roasts, db.readings, db.shared, async () => {
    const [agreed, mine] = await Promise.all([db.shared.get(id), db.roasts.get(id)]);
    if (!agreed || !mine || shared.revision < agreed.revision) return [];
    const { roast, conflicts } = mergedRoast(agreed.roast, shared.roast, mine);
    await db.roasts.put(roast);
    await addReadings(db, id, shared.readings);
    await db.shared.put({
      roastId: id,
      revision: shared.revision,
      roast: shared.roast,
      readings: shared.readings.length,
    });
    return conflicts;
  });
}

/** A roast from the server taken along; one that is here from elsewhere gets its plan and keeps what has happened to it. */
export async function takeAlong(db: BrumaDatabase, { revision, roast, readings }: SharedRoast): Promise<void> {
  await db.transaction("rw", db.roasts, db.readings, db.shared, async () => {
    const mine = await db.roasts.get(roast.id);
    await db.roasts.put(mine ? mergedRoast({ ...mine, happened: {}, notes: "" }, roast, mine).roast : roast);
    await addReadings(db, roast.id, readings);
    await db.shared.put({ roastId: roast.id, revision, roast, readings: readings.length });
  });
}
