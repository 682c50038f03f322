/** Where roasts live: IndexedDB in the cook's own browser. Every write is on disk before it is answered. */
import Dexie, { type EntityTable, type Transaction } from "dexie";
import type { InNone } from "../core/day/probes";
import {
  dinnersByTime,
  FILE_VERSION,
  kitchenWithDial,
  roastInOrder,
  roastThatCanBeMade,
  roastWithBridge,
  roastWithDay,
  roastWithDial,
  roastWithDinner,
  roastWithDraught,
  roastWithFinish,
  roastWithForm,
  roastWithKitchen,
  roastWithOven,
} from "../core/formats/migrations";
import type { Equipment, Oven } from "../core/plan/kitchen";
import type { Photo, Roast, RoastReading } from "../core/plan/roast";
import type { DrillResult } from "../core/practice/drills";
import type { Call, Practised } from "../core/practice/scenarios";
import type { Habits } from "../core/units/habits";

export type StoredPhoto = Photo & { readonly key?: number; readonly roastId: string };

export type StoredReading = RoastReading & { readonly key?: number; readonly roastId: string };

/** Rows of older versions have units and colours only; what is missing follows the browser's language. */
export interface Preferences extends Habits {
  readonly id: "preferences";
  readonly theme: "system" | "light" | "dark";
  /** Thermometers of which the cook has said that they are in no bird: asked once. */
  readonly inNone?: readonly InNone[];
  /** When everything was last written to a file on this device; empty for never. */
  readonly lastCopyAt?: string;
}

/** A roast that other devices have too: what the server kept of it when they last agreed. */
export interface SharedHere {
  readonly roastId: string;
  readonly revision: number;
  readonly roast: Roast;
  /** What the server has of its readings, see `digestOf`; a number in rows of older versions, which are sent once more. */
  readonly readings: string | number;
  /** What was sent of the roast since then without an answer: kept there or not. */
  readonly unanswered?: readonly Roast[];
}

/** A roast that was deleted, with all that belongs to it, as it stood in the tables. */
export interface Binned {
  readonly roastId: string;
  /** Epoch milliseconds. */
  readonly binnedMs: number;
  readonly roast: Roast;
  readonly readings: readonly StoredReading[];
  readonly photos: readonly StoredPhoto[];
}

/** A file that was taken in, with what it took the place of: it can be undone for a week. */
export interface Import {
  readonly key?: number;
  readonly atMs: number;
  /** Of the file. */
  readonly name: string;
  /** Ids of the roasts that were taken. */
  readonly taken: readonly string[];
  /** What stood in their place. */
  readonly replaced: readonly Binned[];
  /** Others of their dinners, which were handed on what these have together. */
  readonly beside: readonly { readonly before: Roast; readonly after: Roast }[];
  /** As it was before; left out where the file's was not taken, null where nothing had been measured. */
  readonly kitchen?: Kitchen | null;
  readonly preferences?: Preferences | null;
  /** Ids of the ovens that came with it. */
  readonly ovens: readonly string[];
}

/** A roast that is practised: its hidden bird's seed, and how much goes wrong. Only a practice database has any. */
export type PractisedHere = Practised & {
  readonly roastId: string;
  /** What was answered to what somebody said, by the kind of call. */
  readonly answered?: Partial<Record<Call["kind"], "yes" | "no">> | undefined;
};

/** What a drill came to, and when. Only a practice database has any. */
export type DrillDone = DrillResult & { readonly key?: number; readonly atMs: number };

/** What the cook's kitchen has; new roasts start from it. */
export type Kitchen = Equipment & { readonly id: "kitchen" };

/**
 * The newest of the versions below: every step of the roast file is one, so that an older page is told; three more brought
 * tables alone.
 */
export const DATABASE_VERSION = FILE_VERSION + 3;

export class BrumaDatabase extends Dexie {
  declare roasts: EntityTable<Roast, "id">;
  declare readings: EntityTable<StoredReading, "key">;
  declare preferences: EntityTable<Preferences, "id">;
  declare kitchen: EntityTable<Kitchen, "id">;
  declare photos: EntityTable<StoredPhoto, "key">;
  declare shared: EntityTable<SharedHere, "roastId">;
  declare bin: EntityTable<Binned, "roastId">;
  declare ovens: EntityTable<Oven, "id">;
  declare imports: EntityTable<Import, "key">;
  declare practised: EntityTable<PractisedHere, "roastId">;
  declare drills: EntityTable<DrillDone, "key">;

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
    this.version(2).upgrade((change) => eachRoast(change, roastWithForm));
    // Version 3, salting, seasoning and the kitchen's own measures, which get a table of their own.
    this.version(3)
      .stores({ kitchen: "id" })
      .upgrade((change) => eachRoast(change, roastWithKitchen));
    // Version 4, every probe over the bridge; roasts that several devices have in common; pictures.
    this.version(4)
      .stores({ shared: "roastId", photos: "++key, roastId" })
      .upgrade((change) => eachRoast(change, roastWithBridge));
    // Version 5, the day: what is ticked off, struck out, and which probe is in which bird.
    this.version(5).upgrade((change) => eachRoast(change, roastWithDay));
    // Version 6, what happened in its order, texts that can be shown.
    this.version(6).upgrade((change) => eachRoast(change, roastInOrder));
    // Version 7, what burns, when it leaves the heat, how long it rests, what else goes on and in.
    this.version(7).upgrade((change) => eachRoast(change, roastWithFinish));
    // Version 8, of which dinner and which fire a roast is.
    this.version(8)
      .stores({ roasts: "id, createdAt, dinner" })
      .upgrade(async (change) => {
        await eachRoast(change, roastWithDinner);
        const roasts = change.table("roasts");
        await roasts.bulkPut(dinnersByTime(await roasts.toArray()));
      });
    // Version 9, what the oven's dial is marked in.
    this.version(9).upgrade(async (change) => {
      await eachRow(change, "roasts", roastWithDial);
      await eachRow(change, "kitchen", kitchenWithDial);
    });
    // Version 10, what was deleted, kept for a week.
    this.version(10).stores({ bin: "roastId, binnedMs" });
    // Version 11, ovens and fires by name, and in which of them a roast is; files that were taken in, to be
    // undone; roasts that are practised.
    this.version(11)
      .stores({ ovens: "id", imports: "++key, atMs", practised: "roastId" })
      .upgrade(async (change) => {
        await eachRoast(change, roastWithOven);
        await eachRow(change, "bin", itsRoast(roastWithOven));
      });
    // Version 12, what drills came to.
    this.version(12).stores({ drills: "++key, atMs" });
    // Version 13, readings by where they come from: what was typed is found among a day of a talkative thermometer's.
    this.version(13).stores({ readings: "++key, roastId, [roastId+at], [roastId+source]" });
    // Version 14, how well a smoker draws: of roasts in the bin, and of those that a file took the place of, too.
    this.version(14).upgrade((change) => everyRoast(change, roastWithDraught));
    // Versions 15 to 22: as the steps of the file that leave a roast as it was. Older pages know nothing of what may be
    // added with them, and rows stay as they are.
    // Version 23, birds that can be made.
    this.version(23).upgrade((change) => everyRoast(change, roastThatCanBeMade));
    // Versions 24 and 25, as versions 21 and 22 of the file: a roast stays as it was.
    // Whatever the newest is, it is told to an older page.
    this.version(DATABASE_VERSION).stores({});
  }
}

/** Wherever there is one: in the bin, as it is shared, and where a file took the place of it, too. */
async function everyRoast(change: Transaction, step: (roast: unknown) => unknown): Promise<void> {
  await eachRoast(change, step);
  await eachRow(change, "bin", itsRoast(step));
  await eachRow(change, "shared", itsRoast(step));
  await eachRow(change, "imports", (row) => {
    const { replaced, beside, ...rest } = row as Import;
    const carried = beside.map(({ before, after }) => ({ before: step(before), after: step(after) }));
    return { ...rest, replaced: replaced.map(itsRoast(step)), beside: carried };
  });
}

const eachRoast = (change: Transaction, step: (roast: unknown) => unknown): PromiseLike<unknown> =>
  eachRow(change, "roasts", step);

/** What holds a roast among other things, its roast carried forward. */
const itsRoast =
  (step: (roast: unknown) => unknown) =>
  (row: unknown): unknown => ({ ...(row as object), roast: step((row as { readonly roast: unknown }).roast) });

const eachRow = (change: Transaction, table: string, step: (row: unknown) => unknown): PromiseLike<unknown> =>
  change
    .table(table)
    .toCollection()
    .modify((row, place) => {
      place.value = step(row);
    });
