/**
 * What simulations came to, kept on the device: a page that is opened again shows at once what it showed last. Nothing of
 * a cook's is in it that is not elsewhere, and all of it may go at any time: a database of its own, outside every copy.
 */
import Dexie, { type EntityTable } from "dexie";

/** When an answer was last wanted, by which build it was computed, and what it takes. */
interface Use {
  readonly key: string;
  readonly build: string;
  readonly usedMs: number;
  readonly bytes: number;
}
interface Kept {
  readonly key: string;
  readonly answer: unknown;
}

/** All that is kept, and the largest single answer: a few hundred fits, or a score of plans with their pictures. */
const MOST_BYTES = 48e6;
const LARGEST_BYTES = 6e6;

export class AnsweredDatabase extends Dexie {
  uses!: EntityTable<Use, "key">;
  answers!: EntityTable<Kept, "key">;

  constructor(name = "bruma-answered") {
    super(name);
    this.version(1).stores({ uses: "key, build, usedMs", answers: "key" });
  }
}

/** About what it takes to keep a value. */
function bytesOf(value: unknown): number {
  if (ArrayBuffer.isView(value)) return value.byteLength;
  if (typeof value === "string") return 2 * value.length;
  if (typeof value !== "object" || value === null) return 8;
  return Object.values(value).reduce((sum: number, each) => sum + bytesOf(each), 16);
}

/** The answer, if it is still there; it is then the one wanted last. */
export async function recallAnswer(db: AnsweredDatabase, key: string, nowMs: number): Promise<unknown> {
  const kept = await db.answers.get(key);
  if (kept) await db.uses.update(key, { usedMs: nowMs });
  return kept?.answer;
}

/** Keeps an answer, and lets go of those that were wanted longest ago where there is no room for all. */
export async function keepAnswer(
  db: AnsweredDatabase,
  { key, build, nowMs }: { readonly key: string; readonly build: string; readonly nowMs: number },
  answer: unknown,
  mostBytes = MOST_BYTES,
): Promise<void> {
  const bytes = bytesOf(answer);
  if (bytes > LARGEST_BYTES) return;
  await db.transaction("rw", db.uses, db.answers, async () => {
    await db.answers.put({ key, answer });
    await db.uses.put({ key, build, usedMs: nowMs, bytes });
    const latestFirst = await db.uses.orderBy("usedMs").reverse().toArray();
    let sum = 0;
    const gone = latestFirst.filter((use) => {
      sum += use.bytes;
      return sum > mostBytes;
    });
    await forget(
      db,
      gone.map((use) => use.key),
    );
  });
}

/** What another build computed is not what this one would. */
export const forgetOtherBuilds = (db: AnsweredDatabase, build: string): Promise<void> =>
  db.transaction("rw", db.uses, db.answers, async () => {
    await forget(db, await db.uses.where("build").notEqual(build).primaryKeys());
  });

async function forget(db: AnsweredDatabase, keys: readonly string[]): Promise<void> {
  if (keys.length === 0) return;
  await db.uses.bulkDelete([...keys]);
  await db.answers.bulkDelete([...keys]);
}
