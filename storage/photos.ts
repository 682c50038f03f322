/** Pictures of a roast's record. */
import { MOST_PHOTOS, type Photo, PhotoSchema } from "../core/plan/roast";
import type { BrumaDatabase, StoredPhoto } from "./database";

export const photosOf = (db: BrumaDatabase, roastId: string): Promise<StoredPhoto[]> =>
  db.photos.where("roastId").equals(roastId).sortBy("takenAt");

/** @throws Error when the roast has as many as it may */
export async function addPhoto(db: BrumaDatabase, roastId: string, photo: Photo): Promise<void> {
  const checked = PhotoSchema.parse(photo);
  await db.transaction("rw", db.photos, async () => {
    const count = await db.photos.where("roastId").equals(roastId).count();
    if (count >= MOST_PHOTOS) throw new Error(`a record keeps ${MOST_PHOTOS} pictures`);
    await db.photos.add({ ...checked, roastId });
  });
}

export const deletePhoto = (db: BrumaDatabase, key: number): Promise<void> => db.photos.delete(key);
