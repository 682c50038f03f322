/**
 * Roasts that devices have in common: one JSON file each, written beside and put in place in one step, so that a power
 * cut or a full disk leaves the old one. A newer revision is only kept on top of the one it was made from. What cannot be
 * read is left alone, and never written over: a newer Bruma may have written it.
 */

import { createHash } from "node:crypto";
import { mkdirSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import * as z from "zod/mini";
import { judgedBy } from "../core/formats/judged";
import {
  allReadings,
  MOST_SHARED_READINGS,
  SHARED_VERSION,
  type SharedRoast,
  SharedRoastSchema,
  sharedForward,
} from "../core/formats/shared";
import { messageOf } from "../words/faults";
import { firstFault } from "../words/incoming";
import { replaceFile } from "./durable";

export type Kept =
  /** Stale: made from an older one; the newest is handed back to be merged with, its readings joined all the same. */
  | { readonly kind: "kept" | "stale"; readonly shared: SharedRoast; readonly changed: boolean }
  /** Not kept, and why. */
  | { readonly kind: "refused"; readonly why: string }
  /** Another device has taken it out: in common no more. */
  | { readonly kind: "removed" };

const MOST_ROASTS = 500;
const REMOVED = "removed.json";

/** Ids are of any letters; names of files are not. */
const nameOf = (id: string): string => `${createHash("sha256").update(id).digest("hex").slice(0, 32)}.json`;

export class RoastShelf {
  private readonly roasts = new Map<string, SharedRoast>();
  private readonly unreadable = new Set<string>();
  /** What was taken out, so that a device that was away does not bring it back. */
  private removed: readonly string[] = [];

  /**
   * @param folder of the files; made when it is not there
   * @param now epoch milliseconds: a shelf that was emptied begins with higher revisions than any device has
   */
  constructor(
    private readonly folder: string,
    private readonly now: () => number = Date.now,
  ) {
    mkdirSync(folder, { recursive: true });
    for (const name of readdirSync(folder).filter((each) => each.endsWith(".json"))) {
      if (name === REMOVED) this.removed = this.readRemoved();
      else this.load(name);
    }
  }

  private load(name: string): void {
    try {
      const raw: unknown = JSON.parse(readFileSync(join(this.folder, name), "utf8"));
      const parsed = judgedBy(SharedRoastSchema, sharedForward(raw));
      if (!parsed.success) throw new Error(firstFault(parsed.faults));
      const { id } = parsed.data.roast;
      this.roasts.set(id, parsed.data);
      if (name !== nameOf(id)) {
        this.write(parsed.data);
        rmSync(join(this.folder, name));
      }
    } catch (error) {
      this.unreadable.add(name);
      console.warn(`${join(this.folder, name)} is left as it is: this server cannot read it (${messageOf(error)})`);
    }
  }

  private readRemoved(): readonly string[] {
    try {
      return z.array(z.string()).parse(JSON.parse(readFileSync(join(this.folder, REMOVED), "utf8")));
    } catch (error) {
      console.warn(`${REMOVED} cannot be read (${messageOf(error)}): what was taken out may come back`);
      return [];
    }
  }

  private remember(removed: readonly string[]): void {
    replaceFile(join(this.folder, REMOVED), Buffer.from(JSON.stringify(removed.slice(-MOST_ROASTS))));
    this.removed = removed.slice(-MOST_ROASTS);
  }

  all(): readonly SharedRoast[] {
    return [...this.roasts.values()];
  }

  get(id: string): SharedRoast | undefined {
    return this.roasts.get(id);
  }

  /**
   * Readings are joined to those that are kept, whatever the revision.
   * @throws Error of the file system; then what was kept before stands
   */
  keep(sent: SharedRoast): Kept {
    const { id } = sent.roast;
    const known = this.roasts.get(id);
    if (this.removed.includes(id)) {
      if (sent.revision > 0) return { kind: "removed" };
      this.remember(this.removed.filter((each) => each !== id));
    }
    if (!known && this.roasts.size >= MOST_ROASTS) {
      return {
        kind: "refused",
        why: `${MOST_ROASTS} roasts are in common already: take one out of it on its list screen`,
      };
    }
    if (this.unreadable.has(nameOf(id))) {
      return {
        kind: "refused",
        why: "a newer Bruma has kept this roast here: start that one on the machine that serves",
      };
    }
    const readings = allReadings(known?.readings ?? [], sent.readings);
    if (readings.length > MOST_SHARED_READINGS) {
      const why = `${readings.length} typed readings of one roast: ${MOST_SHARED_READINGS} are kept in common`;
      return { kind: "refused", why };
    }
    const stale = known !== undefined && sent.revision !== known.revision;
    const shared: SharedRoast = stale
      ? { ...known, readings }
      : { version: SHARED_VERSION, revision: this.nextRevision(known, sent), roast: sent.roast, readings };
    const changed = !stale || JSON.stringify(readings) !== JSON.stringify(known.readings);
    if (changed) this.write(shared);
    this.roasts.set(id, shared);
    return { kind: stale ? "stale" : "kept", shared, changed };
  }

  /** From now on it is in common no more. @returns whether it was there @throws Error of the file system */
  remove(id: string): boolean {
    if (!this.roasts.has(id)) return false;
    this.remember([...this.removed, id]);
    rmSync(join(this.folder, nameOf(id)), { force: true });
    return this.roasts.delete(id);
  }

  private nextRevision(known: SharedRoast | undefined, sent: SharedRoast): number {
    return Math.max(known?.revision ?? 0, sent.revision, Math.floor(this.now() / 1000)) + 1;
  }

  private write(shared: SharedRoast): void {
    replaceFile(join(this.folder, nameOf(shared.roast.id)), Buffer.from(JSON.stringify(shared)));
  }
}
