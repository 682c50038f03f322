import Dexie from "dexie";
import { beforeEach, describe, expect, it } from "vitest";
import { planOfVersion } from "../tests/helpers/oldPlans";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { addReadings, changeRoast, deleteRoast, readingsAfter, readingsOf, saveRoast, takeRoast } from "./roasts";

let db: BrumaDatabase;
beforeEach(async () => {
  db = new BrumaDatabase(`test-${Math.random()}`);
  await db.open();
});

describe("the database", () => {
  it("carries roasts stored by version 1 forward", async () => {
    const name = `old-${Math.random()}`;
    const old = new Dexie(name);
    old.version(1).stores({ roasts: "id, createdAt", readings: "++key, roastId, [roastId+at]", preferences: "id" });
    const roast = JSON.parse(JSON.stringify(sampleRoast("old")));
    roast.plan = planOfVersion(1, roast.plan);
    roast.thermometer = "simulated";
    await old.table("roasts").add(roast);
    old.close();
    const now = new BrumaDatabase(name);
    expect(await now.roasts.get("old")).toEqual({ ...sampleRoast("old"), named: true, thermometer: "bridge" });
  });
});

describe("stored roasts", () => {
  it("keep both of two edits made at once", async () => {
    await saveRoast(db, sampleRoast());
    await Promise.all([
      changeRoast(db, "sample", (roast) => ({ ...roast, notes: "one" })),
      changeRoast(db, "sample", (roast) => ({ ...roast, title: "two" })),
    ]);
    expect(await db.roasts.get("sample")).toMatchObject({ notes: "one", title: "two" });
  });

  it("refuse a change that breaks the schema and keep what was there", async () => {
    await saveRoast(db, sampleRoast());
    await expect(changeRoast(db, "sample", (roast) => ({ ...roast, title: "" }))).rejects.toThrow();
    expect((await db.roasts.get("sample"))?.title).toBe("A Sunday turkey");
    await expect(changeRoast(db, "nobody", (roast) => roast)).rejects.toThrow("no roast nobody");
  });

  it("give their readings back in the order of time, and take them along when deleted", async () => {
    await saveRoast(db, sampleRoast());
    const reading = (at: string) => ({ at, part: "thigh" as const, celsius: 50, source: "typed" as const });
    await addReadings(db, "sample", [reading("2026-09-27T10:00:00Z"), reading("2026-09-27T09:00:00Z")]);
    expect((await readingsOf(db, "sample")).map(({ at }) => at)).toEqual([
      "2026-09-27T09:00:00Z",
      "2026-09-27T10:00:00Z",
    ]);
    await deleteRoast(db, "sample");
    expect(await db.readings.count()).toBe(0);
  });

  it("keep a reading once, however often it comes, and give what came after another", async () => {
    const reading = (at: string, celsius = 50) => ({ at, part: "thigh" as const, celsius, source: "bridge" as const });
    const [one, two] = [reading("2026-09-27T10:00:00Z"), reading("2026-09-27T09:00:00Z")];
    await Promise.all([addReadings(db, "sample", [one, one]), addReadings(db, "sample", [one])]);
    const first = await readingsAfter(db, "sample", 0);
    expect(first.readings).toEqual([one]);
    expect(await addReadings(db, "sample", [one, two])).toEqual([two]);
    await addReadings(db, "another", [reading("2026-09-27T11:00:00Z")]);
    expect((await readingsAfter(db, "sample", first.key)).readings).toEqual([two]);
    expect((await readingsAfter(db, "sample", 0)).readings).toEqual([two, one]);
  });

  it("take over a plan from another device, and keep what has happened here", async () => {
    const sent = { ...sampleRoast(), title: "From the laptop" };
    await takeRoast(db, { ...sent, happened: { inAt: "2026-09-27T08:00:00Z" } });
    expect((await db.roasts.get("sample"))?.happened).toEqual({});
    await changeRoast(db, "sample", (roast) => ({
      ...roast,
      notes: "mine",
      happened: { inAt: "2026-09-27T09:00:00Z" },
    }));
    await takeRoast(db, { ...sent, plan: { ...sent.plan, cover: "towels" } });
    expect(await db.roasts.get("sample")).toMatchObject({
      notes: "mine",
      plan: { cover: "towels" },
      happened: { inAt: "2026-09-27T09:00:00Z" },
    });
  });

  it("refuse a reading no thermometer gives", async () => {
    const wrong = {
      at: "2026-09-27T10:00:00Z",
      part: "breast" as const,
      celsius: Number.NaN,
      source: "typed" as const,
    };
    await expect(addReadings(db, "sample", [wrong])).rejects.toThrow();
    expect(await db.readings.count()).toBe(0);
  });
});
