/** The one database of this page; the demo has its own, so that it never mixes with a cook's roasts. */
import { z } from "zod";
import { BrumaDatabase } from "../../storage/database";

const Mode = z.object({ demo: z.boolean() });

async function startedAsDemo(): Promise<boolean> {
  try {
    const response = await fetch("/api/mode");
    return response.ok && Mode.parse(await response.json()).demo;
  } catch {
    // Served as plain files, without the server: an ordinary start, no demo.
    return false;
  }
}

export interface Shelf {
  readonly db: BrumaDatabase;
  readonly demo: boolean;
}

let shelf: Shelf | undefined;

/** Opens the database; called once before the first screen. */
export async function openShelf(): Promise<Shelf> {
  const demo = await startedAsDemo();
  const db = new BrumaDatabase(demo ? "bruma-demo" : "bruma");
  await db.open();
  shelf = { db, demo };
  return shelf;
}

/** @throws Error before {@link openShelf} has finished */
export function database(): BrumaDatabase {
  if (!shelf) throw new Error("the database is not open yet");
  return shelf.db;
}
