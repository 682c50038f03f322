/**
 * A roast in common with other devices, this one's side: what is to be sent, and what has come. What was agreed on last
 * is kept beside it, so that changes made here and there while they were apart can be told from one another.
 */

import { mergedRoast } from "../core/formats/merge";
import { same } from "../core/formats/same";
import { digestOf, SHARED_VERSION, type SharedRoast, SharedRoastSchema } from "../core/formats/shared";
import type { Roast, RoastReading } from "../core/plan/roast";
import { readingKey } from "../core/plan/roast";
import type { BrumaDatabase, SharedHere } from "./database";
import { isReadable, storedRoast } from "./listing";
import { addReadings, handOn, roastsOfDinner, withoutKeys } from "./roasts";

/** Of a roast what was typed: what its devices hear from a thermometer, each hears itself. */
export const typedIn = (db: BrumaDatabase, roastId: string) =>
  db.readings.where("[roastId+source]").equals([roastId, "typed"]);

const typedOf = async (db: BrumaDatabase, roastId: string): Promise<RoastReading[]> =>
  (await typedIn(db, roastId).sortBy("at")).map(withoutKeys);

/** From now on this roast is in common, with all others of its dinner. @throws Error when there is no such roast */
export async function share(db: BrumaDatabase, roastId: string): Promise<void> {
  await db.transaction("rw", db.roasts, db.shared, async () => {
    const asked = await db.roasts.get(roastId);
    if (!asked) throw new Error(`no roast ${roastId} is stored`);
    for (const roast of [asked, ...(await roastsOfDinner(db, asked.dinner))]) {
      if (await db.shared.get(roast.id)) continue;
      await db.shared.put({ roastId: roast.id, revision: 0, roast, readings: digestOf([]) });
    }
  });
}

/** A roast that was just planned goes where others of its dinner are. */
export async function shareWithDinner(db: BrumaDatabase, { id, dinner }: Pick<Roast, "id" | "dinner">): Promise<void> {
  for (const other of await roastsOfDinner(db, dinner)) {
    if (other.id !== id && (await db.shared.get(other.id))) await share(db, id);
  }
}

/** From now on it is this device's own. */
export const unshare = (db: BrumaDatabase, roastId: string): Promise<void> => db.shared.delete(roastId);

/** A network that swallows more answers than these in a row is none. */
const MOST_UNANSWERED = 16;

/** What has changed here since the devices last agreed, noted as sent; null where nothing has. */
export const outgoing = (db: BrumaDatabase, roastId: string): Promise<SharedRoast | null> =>
  db.transaction("rw", db.roasts, db.readings, db.shared, async () => {
    const [agreed, roast] = await Promise.all([db.shared.get(roastId), storedRoast(db, roastId)]);
    if (!agreed || !roast || !isReadable(roast)) return null;
    const readings = await typedOf(db, roastId);
    if (agreed.revision > 0 && same(roast, agreed.roast) && digestOf(readings) === agreed.readings) return null;
    const before = agreed.unanswered ?? [];
    if (!before.some((each) => same(each, roast))) {
      await db.shared.update(roastId, { unanswered: [...before, roast].slice(-MOST_UNANSWERED) });
    }
    return { version: SHARED_VERSION, revision: agreed.revision, roast, readings };
  });

const agreedOn = ({ revision, roast, readings }: SharedRoast): SharedHere => ({
  roastId: roast.id,
  revision,
  roast,
  readings: digestOf(readings),
});

/** The server has it no more, and nobody took it out: it is sent once more, whatever was agreed. */
export const tellAgain = (db: BrumaDatabase, roastId: string): Promise<number> =>
  db.shared.update(roastId, { readings: "" });

/**
 * Readings that the server has: what is not here is added, and one that was put right there is put right here, unless
 * something was put right here that the server does not know yet.
 */
async function joinReadings(
  db: BrumaDatabase,
  roastId: string,
  theirs: readonly RoastReading[],
  agreed?: SharedHere,
): Promise<void> {
  const mine = await typedOf(db, roastId);
  const isMineNew = agreed !== undefined && digestOf(mine) !== agreed.readings;
  const told = new Map(isMineNew ? [] : theirs.map((reading) => [readingKey(reading), reading]));
  await typedIn(db, roastId).modify((row, place) => {
    const { key, roastId: _, ...here } = row;
    const reading = told.get(readingKey(here));
    if (reading && !same(reading, here)) place.value = { ...reading, roastId, ...(key !== undefined && { key }) };
  });
  await addReadings(db, roastId, theirs);
}

/** The server has kept what was sent, and says what it has now. */
export async function wasKept(db: BrumaDatabase, kept: SharedRoast): Promise<void> {
  await db.transaction("rw", db.shared, db.readings, async () => {
    // It may have been made this device's own meanwhile.
    if (!(await db.shared.get(kept.roast.id))) return;
    await joinReadings(db, kept.roast.id, kept.readings);
    await db.shared.put(agreedOn(kept));
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
    const [agreed, mine] = await Promise.all([db.shared.get(id), storedRoast(db, id)]);
    if (!agreed || !mine || !isReadable(mine) || shared.revision < agreed.revision) return [];
    const { roast, conflicts } = mergedRoast(agreed.roast, shared.roast, mine, agreed.unanswered);
    await db.roasts.put(roast);
    await handOn(db, mine, roast);
    await joinReadings(db, id, shared.readings, agreed);
    await db.shared.put(agreedOn(shared));
    return conflicts;
  });
}

/** A roast from the server taken along; one that is here from elsewhere gets its plan and keeps what has happened to it. */
export async function takeAlong(db: BrumaDatabase, shared: SharedRoast): Promise<void> {
  const { roast, readings } = shared;
  await db.transaction("rw", db.roasts, db.readings, db.shared, async () => {
    const mine = await storedRoast(db, roast.id);
    await db.roasts.put(
      mine && isReadable(mine) ? mergedRoast({ ...mine, happened: {}, notes: "" }, roast, mine).roast : roast,
    );
    await joinReadings(db, roast.id, readings);
    await db.shared.put(agreedOn(shared));
  });
}
