/** What was deleted: kept for a week as it stood, and put back by a tap. */

import type { Roast } from "../core/plan/roast";
import { DAY_MS } from "../core/units/time";
import type { Binned, BrumaDatabase } from "./database";
import { readRow, type Unreadable } from "./listing";
import { deleteRoast } from "./roasts";

export const KEPT_MS = 7 * DAY_MS;

/** A roast with all that belongs to it, as it stands. @returns null where there is none of that id */
export async function takenDown(db: BrumaDatabase, id: string, nowMs: number): Promise<Binned | null> {
  const [roast, readings, photos] = await Promise.all([
    db.roasts.get(id),
    db.readings.where("roastId").equals(id).toArray(),
    db.photos.where("roastId").equals(id).toArray(),
  ]);
  return roast ? { roastId: id, binnedMs: nowMs, roast, readings, photos } : null;
}

/** As it stood when it was taken down. */
export async function setUpAgain(db: BrumaDatabase, { roast, readings, photos }: Binned): Promise<void> {
  await db.roasts.put(roast);
  await db.readings.bulkPut([...readings]);
  await db.photos.bulkPut([...photos]);
}

const tablesOf = (db: BrumaDatabase) => [db.roasts, db.readings, db.photos, db.shared, db.bin];

/** @throws Error when there is no such roast */
export async function throwAway(db: BrumaDatabase, id: string, nowMs: number): Promise<void> {
  await db.transaction("rw", tablesOf(db), async () => {
    const taken = await takenDown(db, id, nowMs);
    if (!taken) throw new Error(`no roast ${id} is stored`);
    await db.bin.put(taken);
    await deleteRoast(db, id);
  });
}

/**
 * Back where it was, with its readings and pictures; other devices have it no more until it is put in common again.
 * One that has taken its place meanwhile is what can be put back then.
 */
export async function putBack(db: BrumaDatabase, id: string, nowMs: number): Promise<void> {
  await db.transaction("rw", tablesOf(db), async () => {
    const binned = await db.bin.get(id);
    if (!binned) throw new Error(`no roast ${id} is in the bin`);
    const instead = await takenDown(db, id, nowMs);
    await deleteRoast(db, id);
    await setUpAgain(db, binned);
    if (instead) await db.bin.put(instead);
    else await db.bin.delete(id);
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

/** For good, what has been there for a week, and what would undo a file that was taken in so long ago. */
export async function emptyBin(db: BrumaDatabase, nowMs: number): Promise<void> {
  const beforeMs = nowMs - KEPT_MS;
  await db.bin.where("binnedMs").below(beforeMs).delete();
  await db.imports.where("atMs").below(beforeMs).delete();
}
