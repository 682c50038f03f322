/** The cook's own as a file, out and in again; what comes in is looked at first, and taken as a whole or not at all. */
import { FILE_FORMAT, type FilePreferences, type RoastEntry, type RoastFile } from "../core/formats/file";
import { FILE_VERSION } from "../core/formats/migrations";
import { same } from "../core/formats/same";
import { type Standing, standingOf } from "../core/formats/standing";
import type { Equipment } from "../core/plan/kitchen";
import type { Roast } from "../core/plan/roast";
import { setUpAgain, takenDown, throwAway } from "./bin";
import type { Binned, BrumaDatabase, Import, Preferences, StoredReading } from "./database";
import { kitchenOf } from "./kitchen";
import { isReadable, readableRoasts, storedRoast } from "./listing";
import { photosOf } from "./photos";
import { handOn, readingsOf, roastsOfDinner, withoutKeys } from "./roasts";

/** A roast of a file, and how it stands to what is here. */
export interface Reviewed {
  readonly roast: Roast;
  readonly standing: Standing;
}

export interface Review {
  readonly roasts: readonly Reviewed[];
  /** The file's kitchen, preferences: whether they are other than what is here. */
  readonly kitchen: "none" | "same" | "other";
  readonly preferences: "none" | "same" | "other";
}

async function entryOf(db: BrumaDatabase, roast: Roast): Promise<RoastEntry> {
  const photos = (await photosOf(db, roast.id)).map(({ takenAt, jpeg }) => ({ takenAt, jpeg }));
  return { roast, readings: await readingsOf(db, roast.id), ...(photos.length > 0 && { photos }) };
}

/** What of a device's preferences is the cook's own, wherever they cook. */
function habitsAndColours({ id: _, inNone: __, lastCopyAt: ___, ...kept }: Preferences): FilePreferences {
  return kept;
}

const FILE_TYPE = "application/json";
const textOf = (file: RoastFile): string => `${JSON.stringify(file, null, 1)}\n`;

/** Readings that are asked for at a time, by their keys, and how many such questions are under way. */
const KEYS_AT_A_TIME = 10_000;
const UNDER_WAY = 4;

/** All readings in the order of their keys: several times as quick as roast by roast, where there are millions. */
async function* allReadings(db: BrumaDatabase): AsyncGenerator<readonly StoredReading[]> {
  const [first, last] = await Promise.all([db.readings.toCollection().first(), db.readings.toCollection().last()]);
  const asked: Promise<readonly StoredReading[]>[] = [];
  let next = first?.key ?? 0;
  const ask = (): void => {
    if (next > (last?.key ?? -1)) return;
    asked.push(
      db.readings
        .where("key")
        .between(next, next + KEYS_AT_A_TIME)
        .toArray(),
    );
    next += KEYS_AT_A_TIME;
  };
  for (let n = 0; n < UNDER_WAY; n++) ask();
  for (let rows = asked.shift(); rows; rows = asked.shift()) {
    ask();
    yield await rows;
  }
}

/** The readings of one roast as they go into the file. */
interface Gathered {
  readonly pieces: Blob[];
  lastAt: string;
  /** They were not stored in the order of time: they are asked for once more. */
  isMixed: boolean;
}

export interface ExportWatch {
  /** Readings that are in it so far, of all. */
  progress?(done: number, of: number): void;
  /** Breaks it off. */
  readonly signal?: AbortSignal | undefined;
}

/**
 * All of the cook's own as a file; what cannot be read is not in it. In pieces, which are the browser's to keep: no long
 * log fills the page's memory. @returns null where it was broken off
 */
export async function exportFile(
  db: BrumaDatabase,
  exportedAt: Date,
  { progress = () => undefined, signal }: ExportWatch = {},
): Promise<Blob | null> {
  const roasts = await readableRoasts(db);
  const gathered = new Map<string, Gathered>(roasts.map(({ id }) => [id, { pieces: [], lastAt: "", isMixed: false }]));
  const of = await db.readings.count();
  let done = 0;
  for await (const rows of allReadings(db)) {
    if (signal?.aborted) return null;
    const texts = new Map<string, string>();
    for (const row of rows) {
      const own = gathered.get(row.roastId);
      if (!own) continue;
      if (row.at < own.lastAt) own.isMixed = true;
      own.lastAt = row.at;
      const comma = own.pieces.length > 0 || texts.has(row.roastId) ? "," : "";
      texts.set(row.roastId, `${texts.get(row.roastId) ?? ""}${comma}${JSON.stringify(withoutKeys(row))}`);
    }
    for (const [id, text] of texts) gathered.get(id)?.pieces.push(new Blob([text]));
    done += rows.length;
    progress(done, of);
  }
  const [measured, preferences, ovens] = [
    await db.kitchen.get("kitchen"),
    await db.preferences.get("preferences"),
    await db.ovens.toArray(),
  ];
  const outside: Omit<RoastFile, "roasts"> = {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    exportedAt: exportedAt.toISOString(),
    ...(measured && { kitchen: await kitchenOf(db) }),
    ...(ovens.length > 0 && { ovens }),
    ...(preferences && { preferences: habitsAndColours(preferences) }),
  };
  const parts: (string | Blob)[] = [`${JSON.stringify(outside, null, 1).slice(0, -2)},\n "roasts": [`];
  for (const [n, roast] of roasts.entries()) {
    if (signal?.aborted) return null;
    const { pieces, isMixed } = gathered.get(roast.id) as Gathered;
    const readings = isMixed
      ? [(await readingsOf(db, roast.id)).map((reading) => JSON.stringify(reading)).join()]
      : pieces;
    const photos = (await photosOf(db, roast.id)).map(({ takenAt, jpeg }) => ({ takenAt, jpeg }));
    const pictures = photos.length > 0 ? `,"photos":${JSON.stringify(photos)}` : "";
    parts.push(`${n > 0 ? "," : ""}\n  {"roast":${JSON.stringify(roast)},"readings":[`, ...readings, `]${pictures}}`);
  }
  return new Blob([...parts, "\n ]\n}\n"], { type: FILE_TYPE });
}

/** The same as a text. */
export async function exportAll(db: BrumaDatabase, exportedAt: Date): Promise<string> {
  return (await exportFile(db, exportedAt))?.text() ?? "";
}

/** The roasts of a dinner with their readings, as a file another device takes in. @throws Error when there are none */
export async function exportDinner(db: BrumaDatabase, dinner: string, exportedAt: Date): Promise<string> {
  const roasts: RoastEntry[] = [];
  for (const roast of await roastsOfDinner(db, dinner)) roasts.push(await entryOf(db, roast));
  if (roasts.length === 0) throw new Error("no roast of this dinner is stored, or none can be read");
  return textOf({ format: FILE_FORMAT, version: FILE_VERSION, exportedAt: exportedAt.toISOString(), roasts });
}

const againstMine = (sent: unknown, mine: unknown): Review["kitchen"] =>
  sent === undefined ? "none" : same(sent, mine) ? "same" : "other";

/** What a file would change here; nothing is changed yet. */
export async function reviewFile(db: BrumaDatabase, { roasts, kitchen, preferences }: RoastFile): Promise<Review> {
  const reviewed: Reviewed[] = [];
  for (const entry of roasts) {
    const { roast } = entry;
    const stored = await storedRoast(db, roast.id);
    const readable = stored && isReadable(stored) ? await entryOf(db, stored) : undefined;
    // One that is here and cannot be read may hold what the file does not: it is asked about.
    const standing = stored && !readable ? "different" : standingOf(entry, readable);
    reviewed.push({ roast, standing });
  }
  const mine = await db.preferences.get("preferences");
  return {
    roasts: reviewed,
    kitchen: againstMine(kitchen, await kitchenOf(db)),
    preferences: againstMine(preferences, mine && { ...preferences, ...habitsAndColours(mine) }),
  };
}

export interface Chosen {
  /** Ids of the roasts that are taken, each with all that belongs to it in the place of what is here. */
  readonly roasts: ReadonlySet<string>;
  readonly kitchen: boolean;
  readonly preferences: boolean;
}

const tablesOf = (db: BrumaDatabase) => [
  db.roasts,
  db.readings,
  db.photos,
  db.kitchen,
  db.preferences,
  db.shared,
  db.ovens,
  db.imports,
  db.bin,
];

/**
 * Takes in what was chosen of a file, all of it or, when a write fails, nothing; what it takes the place of is kept, so
 * that it can be undone. Preferences are the page's own to set: only what they were is kept. @returns roasts that were taken
 */
export async function takeFile(
  db: BrumaDatabase,
  file: RoastFile,
  chosen: Chosen,
  { name, nowMs }: { readonly name: string; readonly nowMs: number },
): Promise<number> {
  const entries = file.roasts.filter(({ roast }) => chosen.roasts.has(roast.id));
  await db.transaction("rw", tablesOf(db), async () => {
    const replaced: Binned[] = [];
    const neighbours = new Map<string, Roast>();
    for (const { roast, readings, photos = [] } of entries) {
      const before = await storedRoast(db, roast.id);
      const instead = before && (await takenDown(db, roast.id, nowMs));
      if (instead) replaced.push(instead);
      await db.readings.where("roastId").equals(roast.id).delete();
      await db.photos.where("roastId").equals(roast.id).delete();
      await db.photos.bulkAdd(photos.map((photo) => ({ ...photo, roastId: roast.id })));
      await db.roasts.put(roast);
      if (before && isReadable(before)) {
        for (const each of await roastsOfDinner(db, roast.dinner)) {
          if (!chosen.roasts.has(each.id) && !neighbours.has(each.id)) neighbours.set(each.id, each);
        }
        await handOn(db, before, roast, chosen.roasts);
      }
      await db.readings.bulkAdd(readings.map((reading) => ({ ...reading, roastId: roast.id })));
    }
    const beside: Import["beside"][number][] = [];
    for (const before of neighbours.values()) {
      const after = (await db.roasts.get(before.id)) as Roast;
      if (!same(before, after)) beside.push({ before, after });
    }
    // An oven that is known here stays as it is here; what its roasts say comes with them.
    const here = new Set(await db.ovens.toCollection().primaryKeys());
    const ovens = (file.ovens ?? []).filter(({ id }) => !here.has(id));
    await db.ovens.bulkAdd(ovens);
    const kitchen = (await db.kitchen.get("kitchen")) ?? null;
    const preferences = (await db.preferences.get("preferences")) ?? null;
    const takesKitchen = chosen.kitchen && file.kitchen !== undefined;
    // Planned roasts keep the kitchen they were planned in.
    if (takesKitchen) await db.kitchen.put({ id: "kitchen", ...(file.kitchen as Equipment) });
    await db.imports.add({
      atMs: nowMs,
      name,
      taken: entries.map(({ roast }) => roast.id),
      replaced,
      beside,
      ovens: ovens.map(({ id }) => id),
      ...(takesKitchen && { kitchen }),
      ...(chosen.preferences && file.preferences && { preferences }),
    });
  });
  return entries.length;
}

/** Files that can still be undone, the newest first. */
export const imports = (db: BrumaDatabase): Promise<readonly Import[]> =>
  db.imports.orderBy("atMs").reverse().toArray();

/**
 * As if the file had never been taken in: what stood there before stands there again. What has become of its roasts since
 * goes into the bin, so that nothing is lost by it. @returns what was undone, for what the page has to set back itself
 * @throws Error when that file cannot be undone any more
 */
export async function undoImport(db: BrumaDatabase, key: number, nowMs: number): Promise<Import> {
  return db.transaction("rw", tablesOf(db), async () => {
    const done = await db.imports.get(key);
    if (!done) throw new Error("that file cannot be undone any more");
    for (const id of done.taken) if (await db.roasts.get(id)) await throwAway(db, id, nowMs);
    for (const instead of done.replaced) await setUpAgain(db, instead);
    // What the cook has changed since is left as it is.
    for (const { before, after } of done.beside)
      if (same(await db.roasts.get(before.id), after)) await db.roasts.put(before);
    await db.ovens.bulkDelete([...done.ovens]);
    if (done.kitchen) await db.kitchen.put(done.kitchen);
    else if (done.kitchen === null) await db.kitchen.delete("kitchen");
    await db.imports.delete(key);
    return done;
  });
}
