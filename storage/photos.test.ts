import { beforeEach, describe, expect, it } from "vitest";
import { checkRoastFile } from "../core/formats/file";
import { MOST_PHOTOS } from "../core/plan/roast";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { exportAll, takeFile } from "./files";
import { addPhoto, deletePhoto, photosOf } from "./photos";
import { deleteRoast, saveRoast } from "./roasts";

const TAKEN = { name: "bruma.json", nowMs: Date.UTC(2026, 8, 28) };

let db: BrumaDatabase;
beforeEach(async () => {
  db = new BrumaDatabase(`photos-${Math.random()}`);
  await db.open();
  await saveRoast(db, sampleRoast());
});
const photo = (day: number) => ({ takenAt: `2026-09-${String(day).padStart(2, "0")}T12:00:00Z`, jpeg: "/9j/4AAQ" });

describe("pictures of a record", () => {
  it("stand in the order they were taken, go one by one, and leave with their roast", async () => {
    await addPhoto(db, "sample", photo(28));
    await addPhoto(db, "sample", photo(27));
    const [first, second] = await photosOf(db, "sample");
    expect([first?.takenAt, second?.takenAt]).toEqual([photo(27).takenAt, photo(28).takenAt]);
    await deletePhoto(db, first?.key ?? 0);
    expect(await photosOf(db, "sample")).toHaveLength(1);
    await deleteRoast(db, "sample");
    expect(await db.photos.count()).toBe(0);
  });

  it("go out with the file and come in again, once", async () => {
    await addPhoto(db, "sample", photo(27));
    const text = await exportAll(db, new Date(Date.UTC(2026, 1, 1)));
    const checked = checkRoastFile(text);
    if (!checked.valid) throw new Error("the file was refused");
    const chosen = {
      roasts: new Set(checked.file.roasts.map(({ roast }) => roast.id)),
      kitchen: false,
      preferences: false,
    };
    await takeFile(db, checked.file, chosen, TAKEN);
    await takeFile(db, checked.file, chosen, TAKEN);
    expect(await exportAll(db, new Date(Date.UTC(2026, 1, 1)))).toBe(text);
    expect(JSON.parse(text).roasts[0].photos).toEqual([photo(27)]);
  });

  it("are no more than a record keeps, and are pictures", async () => {
    for (let n = 0; n < MOST_PHOTOS; n++) await addPhoto(db, "sample", photo(n + 1));
    await expect(addPhoto(db, "sample", photo(20))).rejects.toThrow("a record keeps 12 pictures");
    await expect(addPhoto(db, "other", { ...photo(20), jpeg: "no base64!" })).rejects.toThrow();
  });
});
