/** Where roasts live: IndexedDB in the cook's own browser. Every write is on disk before it is answered. */
import Dexie, { type EntityTable } from "dexie";
import { roastWithForm } from "../core/formats/migrations";
import type { Roast, RoastReading } from "../core/formats/roast";

export type StoredReading = RoastReading & { readonly key?: number; readonly roastId: string };

export interface Preferences {
  readonly id: "preferences";
  readonly units: "metric" | "us";
  readonly theme: "system" | "light" | "dark";
}

export class BrumaDatabase extends Dexie {
  declare roasts: EntityTable<Roast, "id">;
  declare readings: EntityTable<StoredReading, "key">;
  declare preferences: EntityTable<Preferences, "id">;

  constructor(name: string) {
    // Strict: a reading must outlive a browser that is killed the next moment.
    super(name, { chromeTransactionDurability: "strict" });
    // Version 1, first slice. A later shape gets a later version with an upgrade named beside it.
    this.version(1).stores({
      roasts: "id, createdAt",
      readings: "++key, roastId, [roastId+at]",
      preferences: "id",
    });
    // Version 2, birds of every kind and cut: the same rows, each carried to the new shape.
    this.version(2).upgrade((change) =>
      change
        .table("roasts")
        .toCollection()
        .modify((row, place) => {
          place.value = roastWithForm(row);
        }),
    );
  }
}
