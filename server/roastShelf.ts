/**
 * Roasts that devices have in common: one JSON file each, written beside and put in place in one step, so that a power
 * cut leaves the old or the new. A newer revision is only kept on top of the one it was made from.
 */
import { closeSync, fsyncSync, mkdirSync, openSync, readdirSync, readFileSync, renameSync, writeSync } from "node:fs";
import { join } from "node:path";
import { allReadings, type SharedRoast, SharedRoastSchema } from "../core/formats/shared";

export type Kept =
  /** Stale: made from an older one; the newest is handed back to be merged with, its readings joined all the same. */
  | { readonly kind: "kept" | "stale"; readonly shared: SharedRoast; readonly changed: boolean }
  | { readonly kind: "full" };

const MOST_ROASTS = 500;
const MOST_READINGS = 5000;

export class RoastShelf {
  private readonly roasts = new Map<string, SharedRoast>();

  /** @param folder of the files; made when it is not there */
  constructor(private readonly folder: string) {
    mkdirSync(folder, { recursive: true });
    for (const name of readdirSync(folder).filter((each) => each.endsWith(".json"))) {
      const parsed = SharedRoastSchema.safeParse(JSON.parse(readFileSync(join(folder, name), "utf8")));
      if (parsed.success) this.roasts.set(parsed.data.roast.id, parsed.data);
      // Left where it is: a newer Bruma may have written it.
      else console.warn(`${name} is no roast this server can read`);
    }
  }

  all(): readonly SharedRoast[] {
    return [...this.roasts.values()];
  }

  /** Readings are joined to those that are kept, whatever the revision. */
  keep(sent: SharedRoast): Kept {
    const { id } = sent.roast;
    const known = this.roasts.get(id);
    if (!known && this.roasts.size >= MOST_ROASTS) return { kind: "full" };
    const readings = allReadings(known?.readings ?? [], sent.readings).slice(-MOST_READINGS);
    const stale = known !== undefined && sent.revision !== known.revision;
    const shared: SharedRoast = stale
      ? { ...known, readings }
      : { revision: (known?.revision ?? 0) + 1, roast: sent.roast, readings };
    const changed = !stale || readings.length > known.readings.length;
    if (changed) this.write(shared);
    this.roasts.set(id, shared);
    return { kind: stale ? "stale" : "kept", shared, changed };
  }

  private write(shared: SharedRoast): void {
    const path = join(this.folder, `${encodeURIComponent(shared.roast.id)}.json`);
    const beside = `${path}.new`;
    const file = openSync(beside, "w");
    try {
      writeSync(file, JSON.stringify(shared));
      fsyncSync(file);
    } finally {
      closeSync(file);
    }
    renameSync(beside, path);
  }
}
