/** What was deleted: kept for a week as it stood, and put back by a tap. */

import type { Roast } from "../core/plan/schema";
import { DAY_MS } from "../core/units/time";
import type { BrumaDatabase } from "./database";
import { readRow, type Unreadable } from "./listing";
import { deleteRoast } from "./roasts";

export const KEPT_MS = 7 * DAY_MS;

/** @throws Error when there is no such roast */
export async function throwAway(db: BrumaDatabase, id: string, nowMs: number): Promise<void> {
  await db.transaction("rw", [db.roasts, db.readings, db.photos, db.shared, db.bin], async () => {
    const [roast, readings, photos] = await Promise.all([
      db.roasts.get(id),
      db.readings.where("roastId").equals(id).toArray(),
      db.photos.where("roastId").equals(id).toArray(),
    ]);
    if (!roast) throw new Error(`no roast ${id} is stored`);
    await db.bin.put({ roastId: id, binnedMs: nowMs, roast, readings, photos });
    await deleteRoast(db, id);
  });
}

/** Back where it was, with its readings and pictures; other devices have it no more until it is put in common again. */
export async function putBack(db: BrumaDatabase, id: string): Promise<void> {
  await db.transaction("rw", [db.roasts, db.readings, db.photos, db.bin], async () => {
    const binned = await db.bin.get(id);
    if (!binned) throw new Error(`no roast ${id} is in the bin`);
    await db.roasts.put(binned.roast);
    await db.readings.bulkPut([...binned.readings]);
    await db.photos.bulkPut([...binned.photos]);
    await db.bin.delete(id);
  });
}

export interface InBin {
  readonly roast: Roast | Unreadable;
  readonly binnedMs: number;
}

/** What is there, the newest first. */
export const inBin = async (db: BrumaDatabase): Promise<readonly InBin[]> =>
  (await db.bin.orderBy("binnedMs").reverse().toArray()).map(({ roast, binnedMs }) => ({
    roast: readRow(roast),
    binnedMs,
  }));

/** For good, what has been there for a week. */
export const emptyBin = (db: BrumaDatabase, nowMs: number): Promise<number> =>
  db.bin
    .where("binnedMs")
    .below(nowMs - KEPT_MS)
    .delete();
