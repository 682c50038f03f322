/** Opening the database, and what can be done where it does not open: a coded fault, and all of it as text. */
import { type BrumaDatabase, DATABASE_VERSION } from "./database";

/** The browser's own count of a version, which Dexie makes of ours. */
const DEXIE_STEPS = 10;

/** Newer: another version has stored in it. Full: no room. Shut: the browser does not open it, for whatever reason. */
export type OpeningKind = "newer" | "full" | "shut";

export class OpeningFault extends Error {
  constructor(
    readonly kind: OpeningKind,
    /** Its name in the browser. */
    readonly database: string,
    cause: unknown,
  ) {
    super(`the database ${database} does not open: ${cause instanceof Error ? cause.message : String(cause)}`);
    this.name = "OpeningFault";
  }
}

function kindOf(error: unknown): OpeningKind {
  const told =
    error instanceof Error ? `${error.name} ${error.message} ${String((error as { inner?: unknown }).inner)}` : "";
  return told.includes("QuotaExceeded") ? "full" : "shut";
}

/**
 * @param onBlocked another tab holds an older version of it open: it opens once that one is shut
 * @throws OpeningFault
 */
export async function openDatabase(db: BrumaDatabase, onBlocked: () => void): Promise<void> {
  db.on("blocked", onBlocked);
  let stored = 0;
  try {
    stored = await storedVersion(db.name);
    // Dexie would open what is newer as if nothing were, and change it: what it means nobody here knows.
    if (stored <= DATABASE_VERSION) await db.open();
  } catch (error) {
    throw new OpeningFault(kindOf(error), db.name, error);
  }
  if (stored > DATABASE_VERSION) {
    throw new OpeningFault("newer", db.name, new Error(`version ${stored}, this page knows up to ${DATABASE_VERSION}`));
  }
}

/** Version of a database that is stored; 0 where there is none. */
async function storedVersion(name: string): Promise<number> {
  // Not every browser tells what there is; without it Dexie's own word has to do.
  const all = await indexedDB.databases?.();
  return Math.floor((all?.find((each) => each.name === name)?.version ?? 0) / DEXIE_STEPS);
}

/**
 * All that stands in a database, whatever its version, as text: for a page that cannot do more with it.
 * @throws DOMException when the browser does not open it at all
 */
export function everythingIn(name: string): Promise<string> {
  return new Promise((resolve, reject) => {
    const opening = indexedDB.open(name);
    opening.onerror = () => reject(opening.error);
    opening.onsuccess = () => {
      const db = opening.result;
      const names = [...db.objectStoreNames];
      const tables: Record<string, unknown> = {};
      if (names.length === 0) {
        db.close();
        resolve(JSON.stringify({ version: db.version, tables }));
        return;
      }
      const reading = db.transaction(names, "readonly");
      for (const table of names) {
        const rows = reading.objectStore(table).getAll();
        rows.onsuccess = () => {
          tables[table] = rows.result;
        };
      }
      reading.oncomplete = () => {
        db.close();
        resolve(`${JSON.stringify({ database: name, version: db.version, tables }, null, 1)}\n`);
      };
      reading.onerror = () => reject(reading.error);
    };
  });
}
