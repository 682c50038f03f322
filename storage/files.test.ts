import fc from "fast-check";
import { beforeEach, describe, expect, it } from "vitest";
import { checkRoastFile, type RoastEntry, type RoastFile } from "../core/formats/file";
import { habitsOf } from "../core/units/habits";
import { ANY_FILE, ANY_ROAST } from "../tests/helpers/anyRoast";
import { sampleFile, sampleRoast } from "../tests/helpers/sampleRoast";
import { inBin } from "./bin";
import { BrumaDatabase } from "./database";
import { exportAll, exportFile, imports, reviewFile, takeFile, undoImport } from "./files";
import { changeKitchen } from "./kitchen";
import { exportUnreadable, isReadable, storedRoast, storedRoasts } from "./listing";
import { addPhoto } from "./photos";
import { addReadings, changeRoast, readingsOf, saveRoast } from "./roasts";

const TAKEN = { name: "bruma.json", nowMs: Date.UTC(2026, 8, 28) };

const RUNS = Number(process.env.BRUMA_EXPORTS ?? 12);

let db: BrumaDatabase;
const newDatabase = async (): Promise<BrumaDatabase> => {
  const made = new BrumaDatabase(`files-${Math.random()}`);
  await made.open();
  return made;
};
beforeEach(async () => {
  db = await newDatabase();
});

const exported = (from = db): Promise<string> => exportAll(from, new Date(Date.UTC(2026, 1, 1)));
function fileIn(text: string): RoastFile {
  const checked = checkRoastFile(text);
  if (!checked.valid) throw new Error(JSON.stringify(checked.faults));
  return checked.file;
}
const everything = (file: RoastFile) => ({
  roasts: new Set(file.roasts.map(({ roast }) => roast.id)),
  kitchen: true,
  preferences: false,
});

describe("the cook's own as a file", () => {
  it("comes back equal into an empty browser: roasts, readings, pictures, kitchen, calibration", async () => {
    await changeKitchen(db, () => ({ potL: 9, calibration: { iceC: 0.4, boilC: 99.1, altitudeM: 120 } }));
    await db.preferences.put({ id: "preferences", ...habitsOf("en-US"), theme: "dark" });
    const file = sampleFile();
    await takeFile(db, file, everything(file), TAKEN);
    await addPhoto(db, "sample", { takenAt: "2026-09-27T12:00:00Z", jpeg: "/9j/4AAQ" });
    const text = await exported();
    const out = fileIn(text);
    expect(out).toMatchObject({ kitchen: { potL: 9 }, preferences: { units: "us", clock: "12h", theme: "dark" } });
    const other = await newDatabase();
    expect(await reviewFile(other, out)).toMatchObject({
      roasts: [{ standing: "new" }],
      kitchen: "other",
      preferences: "other",
    });
    await takeFile(other, out, everything(out), TAKEN);
    await other.preferences.put({ id: "preferences", ...habitsOf("en-US"), theme: "system", ...out.preferences });
    expect(await exported(other)).toBe(text);
  });

  it("is a law: export, wipe, import gives the same, whatever roasts there are", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.uniqueArray(ANY_ROAST, { maxLength: 3, selector: ({ roast }) => roast.id }),
        async (entries) => {
          const from = await newDatabase();
          for (const { roast, readings, photos = [] } of entries) {
            await saveRoast(from, roast);
            await addReadings(from, roast.id, readings);
            for (const photo of photos) await addPhoto(from, roast.id, photo);
          }
          const text = await exported(from);
          const file = fileIn(text);
          const to = await newDatabase();
          await takeFile(to, file, everything(file), TAKEN);
          expect(await exported(to)).toBe(text);
          const again = await reviewFile(to, file);
          expect(again.roasts.every(({ standing }) => standing === "same")).toBe(true);
        },
      ),
      { numRuns: RUNS },
    );
  });

  it("says what is new, newer, older, the same, and takes nothing that is here away unasked", async () => {
    for (const id of ["same", "newer", "older", "different"]) await saveRoast(db, sampleRoast(id));
    await changeRoast(db, "newer", (roast) => ({ ...roast, happened: { inAt: "2026-09-27T08:00:00Z" } }));
    const file = fileIn(await exported());
    await changeRoast(db, "newer", (roast) => ({ ...roast, happened: {} }));
    await changeRoast(db, "older", (roast) => ({ ...roast, notes: "crisp" }));
    await changeRoast(db, "different", (roast) => ({ ...roast, title: "Another" }));
    const review = await reviewFile(db, {
      ...file,
      roasts: [...file.roasts, { roast: sampleRoast("new"), readings: [] }],
    });
    expect(Object.fromEntries(review.roasts.map(({ roast, standing }) => [roast.id, standing]))).toEqual({
      same: "same",
      newer: "newer",
      older: "older",
      different: "different",
      new: "new",
    });
    await takeFile(db, file, { roasts: new Set(["newer"]), kitchen: false, preferences: false }, TAKEN);
    expect((await db.roasts.get("newer"))?.happened.inAt).toBe("2026-09-27T08:00:00Z");
    expect((await db.roasts.get("older"))?.notes).toBe("crisp");
  });

  it("is refused whole for one wrong roast among good ones, with where it is wrong", () => {
    const file = sampleFile();
    file.roasts.push({ ...file.roasts[0], roast: { ...sampleRoast("bad"), title: "" } });
    expect(checkRoastFile(JSON.stringify(file))).toMatchObject({
      valid: false,
      faults: [{ where: "roasts.1.roast.title" }],
    });
  });

  it("changes nothing when a write fails half way, and does not double readings when it comes twice", async () => {
    const file = sampleFile();
    await takeFile(db, file, everything(file), TAKEN);
    await takeFile(db, file, everything(file), TAKEN);
    expect(await readingsOf(db, "sample")).toHaveLength(1);
    const before = await exported();
    const add = db.readings.bulkAdd.bind(db.readings);
    db.readings.bulkAdd = (() => Promise.reject(new Error("the quota is used up"))) as never;
    file.roasts[0].roast.title = "Other";
    await expect(takeFile(db, file, everything(file), TAKEN)).rejects.toThrow("quota");
    db.readings.bulkAdd = add;
    expect(await exported()).toBe(before);
  });
});

/** The same roast as another device might have it: other words, fewer readings, at the dinner of the one before. */
const otherwise = ({ roast, readings }: RoastEntry): RoastEntry => ({
  roast: { ...roast, notes: "From elsewhere.", plan: { ...roast.plan, gravy: "starch", stock: "bought" } },
  readings: readings.slice(1),
});

describe("everything as a file", () => {
  it("has readings in the order of time, whatever the order in which they were stored, and tells how far it is", async () => {
    await saveRoast(db, sampleRoast("a"));
    await saveRoast(db, sampleRoast("b"));
    const at = (minute: number) => new Date(Date.UTC(2026, 8, 27, 9, minute)).toISOString();
    const reading = (minute: number) => ({ at: at(minute), part: "breast", celsius: minute, source: "typed" }) as const;
    await addReadings(db, "a", [reading(30)]);
    await addReadings(db, "b", [reading(10), reading(20)]);
    await addReadings(db, "a", [reading(5)]);
    const told: number[][] = [];
    const file = await exportFile(db, new Date(0), { progress: (done, of) => told.push([done, of]) });
    const { roasts } = fileIn((await file?.text()) ?? "");
    expect(roasts.map(({ readings }) => readings.map(({ celsius }) => celsius))).toEqual([
      [5, 30],
      [10, 20],
    ]);
    expect(told.at(-1)).toEqual([4, 4]);
  });

  it("is nothing once it was broken off", async () => {
    const file = sampleFile();
    await takeFile(db, file, everything(file), TAKEN);
    const abort = new AbortController();
    abort.abort();
    expect(await exportFile(db, new Date(0), { signal: abort.signal })).toBeNull();
  });
});

describe("a file that was taken in", () => {
  it("is undone: whatever was here and whatever was chosen, all is as it was", async () => {
    await fc.assert(
      fc.asyncProperty(ANY_FILE, ANY_FILE, fc.infiniteStream(fc.boolean()), async (here, file, coins) => {
        const to = await newDatabase();
        // All at one dinner, which they have the table and the kitchen of together.
        const dinner = here.roasts.map((entry) => ({ ...entry, roast: { ...entry.roast, dinner: "one" } }));
        await takeFile(to, { ...here, roasts: dinner }, everything(here), TAKEN);
        await to.imports.clear();
        const before = await exported(to);
        // Some of its roasts are here already, as they are or otherwise.
        const mixed = { ...file, roasts: [...file.roasts, ...dinner.map(otherwise)] };
        const chosen = mixed.roasts.filter(() => coins.next().value).map(({ roast }) => roast.id);
        await takeFile(to, mixed, { ...everything(mixed), roasts: new Set(chosen) }, TAKEN);
        const [done] = await imports(to);
        await undoImport(to, done?.key ?? 0, TAKEN.nowMs);
        expect(await exported(to)).toBe(before);
        expect(await imports(to)).toEqual([]);
      }),
      { numRuns: 12 },
    );
  });

  it("loses nothing of what has become of its roasts since: that is in the bin", async () => {
    const file = sampleFile();
    await takeFile(db, file, everything(file), TAKEN);
    await changeRoast(db, "sample", (before) => ({ ...before, notes: "Changed since." }));
    const [done] = await imports(db);
    await undoImport(db, done?.key ?? 0, TAKEN.nowMs);
    expect(await db.roasts.count()).toBe(0);
    expect(await inBin(db)).toMatchObject([{ roast: { id: "sample", notes: "Changed since." } }]);
    await expect(undoImport(db, done?.key ?? 0, TAKEN.nowMs)).rejects.toThrow("cannot be undone any more");
  });
});

describe("a stored roast that cannot be read", () => {
  const bad = { ...sampleRoast("bad"), plan: { ...sampleRoast().plan, stages: "none" }, title: "Broken\u202E one" };
  it("is told apart, can be written out as it is, and leaves the others alone", async () => {
    await saveRoast(db, sampleRoast("good"));
    await db.roasts.put(bad as never);
    await db.roasts.put({ id: "nothing" } as never);
    const all = await storedRoasts(db);
    expect(all.filter(isReadable).map(({ id }) => id)).toEqual(["good"]);
    expect(all.filter((each) => !isReadable(each))).toEqual([
      {
        kind: "unreadable",
        id: "bad",
        title: "Broken  one",
        faults: [{ where: "title", wrong: { kind: "rule", rule: "unprintable" } }, expect.anything()],
      },
      { kind: "unreadable", id: "nothing", title: "", faults: expect.any(Array) },
    ]);
    expect(await storedRoast(db, "bad")).toMatchObject({ kind: "unreadable" });
    expect(await storedRoast(db, "nobody")).toBeNull();
    expect(JSON.parse(await exportUnreadable(db, "bad"))).toMatchObject({ roast: { id: "bad" }, readings: [] });
    expect(fileIn(await exported()).roasts.map(({ roast }) => roast.id)).toEqual(["good"]);
    await changeKitchen(db, () => ({ potL: 9 }));
    expect((await db.roasts.get("good"))?.plan.equipment.potL).toBe(9);
    const file = { ...sampleFile(), roasts: [{ roast: sampleRoast("bad"), readings: [] }] };
    expect((await reviewFile(db, file as RoastFile)).roasts).toMatchObject([{ standing: "different" }]);
  });
});
