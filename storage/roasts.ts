/** Reading and writing roasts; every row is checked against its schema on the way in. */

import { ReadingSchema, type Roast, type RoastReading, RoastSchema, readingKey } from "../core/plan/roast";
import { alone, handedOn } from "../core/plan/together";
import type { BrumaDatabase, StoredReading } from "./database";
import { isReadable, readRow } from "./listing";

/** A reading as it goes out: without its place in the table. */
export const withoutKeys = ({ key: _, roastId: __, ...reading }: StoredReading): RoastReading => reading;

export async function saveRoast(db: BrumaDatabase, roast: Roast): Promise<void> {
  await db.roasts.put(RoastSchema.parse(roast));
}

/** All of a dinner that can be read, in the order in which they were planned. */
export const roastsOfDinner = async (db: BrumaDatabase, dinner: string): Promise<readonly Roast[]> =>
  (await db.roasts.where("dinner").equals(dinner).sortBy("createdAt")).map(readRow).filter(isReadable);

/**
 * Hands a change on to the other roasts of its dinner: inside the transaction that has written it.
 * @param skip ids of those that were written with it
 */
export async function handOn(
  db: BrumaDatabase,
  before: Roast,
  after: Roast,
  skip: ReadonlySet<string> = new Set(),
): Promise<void> {
  for (const other of await roastsOfDinner(db, after.dinner)) {
    if (other.id === after.id || skip.has(other.id)) continue;
    const changed = handedOn(before, after, other);
    if (changed !== other) await db.roasts.put(RoastSchema.parse(changed));
  }
}

/**
 * Changes one roast, and what others have together with it, in a single transaction, so that two quick edits never
 * overwrite each other.
 * @throws Error when there is no such roast
 */
export async function changeRoast(db: BrumaDatabase, id: string, change: (roast: Roast) => Roast): Promise<Roast> {
  return db.transaction("rw", db.roasts, async () => {
    const roast = await db.roasts.get(id);
    if (!roast) throw new Error(`no roast ${id} is stored`);
    const next = change(roast);
    // Nobody is told, and nothing made anew, where nothing has changed.
    if (next === roast) return roast;
    const changed = RoastSchema.parse(next);
    await db.roasts.put(changed);
    await handOn(db, roast, changed);
    return changed;
  });
}

/** Keeps those that are not there yet: another tab or device may have heard the same. @returns what was added */
export async function addReadings(
  db: BrumaDatabase,
  roastId: string,
  readings: readonly RoastReading[],
): Promise<readonly RoastReading[]> {
  const checked = readings.map((reading) => ReadingSchema.parse(reading));
  const instants = checked.map(({ at }) => at).sort();
  const [first, last] = [instants[0], instants.at(-1)];
  if (first === undefined || last === undefined) return [];
  return db.transaction("rw", db.readings, async () => {
    // One question for the whole time that they span: a roast that is opened half way brings thousands at once.
    const there = await db.readings
      .where("[roastId+at]")
      .between([roastId, first], [roastId, last], true, true)
      .toArray();
    const known = new Set(there.map(readingKey));
    const fresh = checked.filter((reading) => !known.has(readingKey(reading)) && known.add(readingKey(reading)));
    await db.readings.bulkAdd(fresh.map((reading) => ({ ...reading, roastId })));
    return fresh;
  });
}

export async function readingsOf(db: BrumaDatabase, roastId: string): Promise<RoastReading[]> {
  const stored = await db.readings.where("roastId").equals(roastId).sortBy("at");
  return stored.map(withoutKeys);
}

/** What was stored after the one of that key, and the key of the newest; all of it, in the order of time, after key 0. */
export async function readingsAfter(
  db: BrumaDatabase,
  roastId: string,
  key: number,
): Promise<{ readonly readings: readonly RoastReading[]; readonly key: number }> {
  const rows =
    key === 0
      ? await db.readings.where("roastId").equals(roastId).sortBy("at")
      : await db.readings
          .where(":id")
          .above(key)
          .filter((row) => row.roastId === roastId)
          .toArray();
  return { readings: rows.map(withoutKeys), key: rows.reduce((last, row) => Math.max(last, row.key ?? 0), key) };
}

/** The same roast once more, with its readings and pictures, alone at a dinner of its own. @throws Error when there is no such roast */
export async function duplicateRoast(
  db: BrumaDatabase,
  id: string,
  { newId, title, nowMs }: { readonly newId: string; readonly title: string; readonly nowMs: number },
): Promise<void> {
  await db.transaction("rw", db.roasts, db.readings, db.photos, async () => {
    const roast = await db.roasts.get(id);
    if (!roast) throw new Error(`no roast ${id} is stored`);
    const { dinner: _, fire: __, ...own } = roast;
    const createdAt = new Date(nowMs).toISOString();
    await db.roasts.add(RoastSchema.parse(alone({ ...own, id: newId, title, named: true, createdAt })));
    const readings = await readingsOf(db, id);
    await db.readings.bulkAdd(readings.map((reading) => ({ ...reading, roastId: newId })));
    const photos = await db.photos.where("roastId").equals(id).toArray();
    await db.photos.bulkAdd(photos.map(({ key: ___, ...photo }) => ({ ...photo, roastId: newId })));
  });
}

export async function deleteRoast(db: BrumaDatabase, id: string): Promise<void> {
  await db.transaction("rw", db.roasts, db.readings, db.photos, db.shared, async () => {
    await db.roasts.delete(id);
    await db.readings.where("roastId").equals(id).delete();
    await db.photos.where("roastId").equals(id).delete();
    await db.shared.delete(id);
  });
}

/**
 * Takes in a dinner that another device planned. A roast that is here already gets its plan and its title; its readings,
 * and what has happened to it, stay.
 */
export async function takeRoasts(db: BrumaDatabase, roasts: readonly Roast[]): Promise<void> {
  await db.transaction("rw", db.roasts, async () => {
    const sent = new Set(roasts.map(({ id }) => id));
    for (const roast of roasts) {
      const here = await db.roasts.get(roast.id);
      const { dinner, fire, title, plan } = roast;
      const taken = here ? { ...here, dinner, fire, title, plan } : { ...roast, happened: {} };
      await saveRoast(db, taken);
      if (here) await handOn(db, here, taken, sent);
    }
  });
}
