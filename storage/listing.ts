/** Stored roasts as screens may have them: one that cannot be read takes no other down. */
import type { Fault } from "../core/faults";
import { judgedBy } from "../core/formats/judged";
import { type Roast, RoastSchema } from "../core/plan/roast";
import { shown } from "../core/units/text";
import type { BrumaDatabase } from "./database";

/** A stored roast that cannot be shown: damaged, or written by a newer version. */
export interface Unreadable {
  readonly kind: "unreadable";
  readonly id: string;
  /** Empty where it has none that can be read. */
  readonly title: string;
  /** Where it is not right, and why. */
  readonly faults: readonly Fault[];
}

export const isReadable = (row: Roast | Unreadable): row is Roast => !("kind" in row);

const textOf = (row: unknown, name: string): string => {
  const value = typeof row === "object" && row !== null ? (row as Record<string, unknown>)[name] : undefined;
  return typeof value === "string" ? shown(value).slice(0, 120) : "";
};

/** @param row as it stands in the database */
export function readRow(row: unknown): Roast | Unreadable {
  const judged = judgedBy(RoastSchema, row);
  if (judged.success) return judged.data;
  return {
    kind: "unreadable",
    // Its own, letter for letter: it is found again by it.
    id: String((row as { id?: unknown } | null)?.id ?? ""),
    title: textOf(row, "title"),
    faults: judged.faults,
  };
}

/** All that is stored. */
export const storedRoasts = async (db: BrumaDatabase): Promise<readonly (Roast | Unreadable)[]> =>
  (await db.roasts.toArray()).map(readRow);

/** Those that can be shown. @param isWanted looks at a row as it stands: what is not wanted is not read */
export const readableRoasts = async (
  db: BrumaDatabase,
  isWanted: (row: Roast) => boolean = () => true,
): Promise<readonly Roast[]> => (await db.roasts.toArray()).filter(isWanted).map(readRow).filter(isReadable);

/** One of them; null where there is none of that id. */
export async function storedRoast(db: BrumaDatabase, id: string): Promise<Roast | Unreadable | null> {
  const row: unknown = await db.roasts.get(id);
  return row === undefined ? null : readRow(row);
}

/** One that cannot be shown, with all that belongs to it, as text: for who may mend it. */
export async function exportUnreadable(db: BrumaDatabase, id: string): Promise<string> {
  const [roast, readings, photos] = await Promise.all([
    db.roasts.get(id),
    db.readings.where("roastId").equals(id).toArray(),
    db.photos.where("roastId").equals(id).toArray(),
  ]);
  return `${JSON.stringify({ roast, readings, photos }, null, 1)}\n`;
}
