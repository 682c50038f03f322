/** The one database of this page; the demo has its own, so that it never mixes with a cook's roasts. */

import * as z from "zod/mini";
import { create } from "zustand";
import { BrumaDatabase } from "../../storage/database";
import { openDatabase } from "../../storage/opening";
import { usePace } from "./clock";

const Mode = z.object({
  demo: z.boolean(),
  /** When the bird at the demo's simulated thermometer went in. */
  inAt: z.optional(z.iso.datetime()),
  /** Open to the home network: where other devices find it, and the fingerprint of what they are to trust. */
  lan: z.optional(z.object({ addresses: z.array(z.string()), fingerprint: z.optional(z.string()) })),
});
type Mode = z.infer<typeof Mode>;

let starting: Promise<Mode> | undefined;

/** How the server was started, asked once. */
export function startedAs(): Promise<Mode> {
  starting ??= askMode();
  return starting;
}

async function askMode(): Promise<Mode> {
  try {
    const response = await fetch("/api/mode");
    if (response.ok) return Mode.parse(await response.json());
  } catch {
    // Served as plain files, without the server: an ordinary start, no demo.
  }
  return { demo: false };
}

/** What keeps the database from being opened, or used any further. */
export const useOpening = create<{ readonly isBlocked: boolean; readonly isOutdated: boolean }>(() => ({
  isBlocked: false,
  isOutdated: false,
}));

export interface Shelf {
  readonly db: BrumaDatabase;
  readonly mode: Mode;
}

let shelf: Shelf | undefined;
let opening: Promise<Shelf> | undefined;

async function open(): Promise<Shelf> {
  const mode = await startedAs();
  const db = new BrumaDatabase(usePace.getState().pace ? "bruma-practice" : mode.demo ? "bruma-demo" : "bruma");
  await openDatabase(db, () => useOpening.setState({ isBlocked: true }));
  useOpening.setState({ isBlocked: false });
  // A newer page wants to change it: this one lets go, and says that it must be loaded anew.
  db.on("versionchange", () => {
    db.close();
    useOpening.setState({ isOutdated: true });
  });
  shelf = { db, mode };
  return shelf;
}

/** Opens the database, once: the frame is painted meanwhile. */
export function openShelf(): Promise<Shelf> {
  opening ??= open();
  return opening;
}

/** How the server was started, as far as this page knows. @throws Error before {@link openShelf} has finished */
export function mode(): Mode {
  if (!shelf) throw new Error("the database is not open yet");
  return shelf.mode;
}

/** @throws Error before {@link openShelf} has finished */
export function database(): BrumaDatabase {
  if (!shelf) throw new Error("the database is not open yet");
  return shelf.db;
}
