import { describe, expect, it } from "vitest";
import { checkRoastFile } from "../core/formats/file";
import { BrumaDatabase } from "../storage/database";
import { exportAll, takeFile } from "../storage/files";
import { seedDemo } from "./seed";

const TAKEN = { name: "bruma.json", nowMs: Date.UTC(2026, 8, 28) };

const NOW = Date.UTC(2026, 10, 26, 12);

describe("the demo", () => {
  it("is filled whole or not at all, once, and its roast in progress follows the thermometer's bird", async () => {
    const db = new BrumaDatabase("seed");
    // Broken off by what a page that is left does to it: the last write fails.
    const add = db.readings.bulkAdd.bind(db.readings);
    db.readings.bulkAdd = (() => {
      throw new Error("the page was left");
    }) as typeof db.readings.bulkAdd;
    await expect(seedDemo(db, NOW, NOW - 3_600_000)).rejects.toThrow("the page was left");
    expect(await db.roasts.count()).toBe(0);
    db.readings.bulkAdd = add;
    await seedDemo(db, NOW, NOW - 3_600_000);
    await seedDemo(db, NOW, NOW - 3_600_000);
    expect(await db.roasts.count()).toBe(10);
    const before = await db.readings.count();
    await seedDemo(db, NOW, NOW - 600_000);
    expect((await db.roasts.get("demo-now"))?.happened.inAt).toBe(new Date(NOW - 600_000).toISOString());
    expect(await db.readings.count()).toBe(before);
  });

  it("has no roast in progress where no thermometer runs", async () => {
    const db = new BrumaDatabase("seed-past");
    await seedDemo(db, NOW, null);
    expect(await db.roasts.get("demo-now")).toBeUndefined();
    expect(await db.roasts.count()).toBe(9);
  });

  it("goes out to a file and comes back equal into an empty browser", async () => {
    const from = new BrumaDatabase("seed-out");
    await seedDemo(from, NOW, NOW - 3_600_000);
    const text = await exportAll(from, new Date(NOW));
    const checked = checkRoastFile(text);
    if (!checked.valid) throw new Error(JSON.stringify(checked.faults));
    const to = new BrumaDatabase("seed-in");
    const ids = new Set(checked.file.roasts.map(({ roast }) => roast.id));
    expect(await takeFile(to, checked.file, { roasts: ids, kitchen: false, preferences: false }, TAKEN)).toBe(10);
    expect(await exportAll(to, new Date(NOW))).toBe(text);
  });
});
