import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it } from "vitest";
import { DAY_MS } from "../core/units/time";
import { carriedFrom } from "../tests/helpers/carriedFrom";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { emptyBin, inBin, putBack, throwAway } from "./bin";
import { BrumaDatabase } from "./database";
import { storedRoasts } from "./listing";
import { addPhoto, photosOf } from "./photos";
import { addReadings, readingsOf, saveRoast } from "./roasts";

const NOW_MS = Date.UTC(2026, 8, 28);
const reading = { at: "2026-09-27T09:00:00.000Z", part: "breast", celsius: 41.5, source: "typed" } as const;

describe("the bin", () => {
  let db: BrumaDatabase;
  beforeEach(async () => {
    db = new BrumaDatabase(`bin-${Math.random()}`);
    await saveRoast(db, sampleRoast("one"));
    await saveRoast(db, sampleRoast("other"));
    await addReadings(db, "one", [reading]);
    await addPhoto(db, "one", { takenAt: reading.at, jpeg: "AAAA" });
  });

  it("keeps a roast with all that belongs to it, and gives it back as it was", async () => {
    const before = [await db.roasts.get("one"), await readingsOf(db, "one"), await photosOf(db, "one")];
    await throwAway(db, "one", NOW_MS);
    expect(await db.roasts.toCollection().primaryKeys()).toEqual(["other"]);
    expect([await db.readings.count(), await db.photos.count()]).toEqual([0, 0]);
    expect(await inBin(db)).toMatchObject([{ binnedMs: NOW_MS, roast: { id: "one" } }]);
    await putBack(db, "one", NOW_MS);
    expect([await db.roasts.get("one"), await readingsOf(db, "one"), await photosOf(db, "one")]).toEqual(before);
    expect(await inBin(db)).toEqual([]);
  });

  it("is emptied of what has been there for a week, and of nothing else", async () => {
    await throwAway(db, "one", NOW_MS - 8 * DAY_MS);
    await throwAway(db, "other", NOW_MS - 6 * DAY_MS);
    await emptyBin(db, NOW_MS);
    expect((await inBin(db)).map(({ roast }) => roast.id)).toEqual(["other"]);
    await expect(putBack(db, "one", NOW_MS)).rejects.toThrow("no roast one is in the bin");
  });

  it("takes nothing that is not there, and leaves what is", async () => {
    await expect(throwAway(db, "none", NOW_MS)).rejects.toThrow("no roast none is stored");
    expect(await db.roasts.count()).toBe(2);
  });

  it("gives back what was thrown away, and keeps what has taken its place meanwhile", async () => {
    await throwAway(db, "one", NOW_MS);
    await saveRoast(db, { ...sampleRoast("one"), title: "Another" });
    await putBack(db, "one", NOW_MS);
    expect((await db.roasts.get("one"))?.title).toBe(sampleRoast("one").title);
    expect(await readingsOf(db, "one")).toHaveLength(1);
    expect(await inBin(db)).toMatchObject([{ roast: { id: "one", title: "Another" } }]);
    await putBack(db, "one", NOW_MS);
    expect((await db.roasts.get("one"))?.title).toBe("Another");
  });

  it("takes what cannot be read too", async () => {
    await db.table("roasts").put({ id: "hurt", dinner: "hurt", plan: 7 });
    await throwAway(db, "hurt", NOW_MS);
    await putBack(db, "hurt", NOW_MS);
    expect(await db.table("roasts").get("hurt")).toEqual({ id: "hurt", dinner: "hurt", plan: 7 });
  });

  it("gives back what was thrown away before there were ovens by name, as a roast of today", async () => {
    const { oven: _, ...plan } = sampleRoast("past").plan;
    const roast = { ...sampleRoast("past"), plan };
    const binned = { roastId: "past", binnedMs: NOW_MS, roast, readings: [], photos: [] };
    const now = await carriedFrom(10, { bin: [binned] });
    await putBack(now, "past", NOW_MS);
    expect(await now.roasts.get("past")).toEqual(sampleRoast("past"));
    expect(await storedRoasts(now)).toEqual([sampleRoast("past")]);
  });

  it("gives back what was thrown away, replaced by a file or kept in common before it was asked how a fire draws", async () => {
    const { draught: _, ...plan } = sampleRoast("past").plan;
    const roast = { ...sampleRoast("past"), plan };
    const binned = { roastId: "past", binnedMs: NOW_MS, roast, readings: [], photos: [] };
    const beside = [{ before: roast, after: roast }];
    const now = await carriedFrom(13, {
      roasts: [{ ...roast, id: "here" }],
      bin: [binned],
      shared: [{ roastId: "past", revision: 1, roast, readings: "" }],
      imports: [{ atMs: NOW_MS, name: "a", taken: [], replaced: [binned], beside, ovens: [] }],
    });
    const carried = sampleRoast("past");
    expect(await now.roasts.get("here")).toEqual({ ...carried, id: "here" });
    expect((await now.bin.get("past"))?.roast).toEqual(carried);
    expect((await now.shared.get("past"))?.roast).toEqual(carried);
    expect(await now.imports.toArray()).toMatchObject([
      { replaced: [{ roast: carried }], beside: [{ before: carried, after: carried }] },
    ]);
  });
});
