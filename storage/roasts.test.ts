import { beforeEach, describe, expect, it } from "vitest";
import { massRangeKg } from "../core/bird/mass";
import { carriedFrom } from "../tests/helpers/carriedFrom";
import { planOfVersion } from "../tests/helpers/oldPlans";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { addReadings, changeRoast, deleteRoast, readingsAfter, readingsOf, saveRoast, takeRoasts } from "./roasts";

let db: BrumaDatabase;
beforeEach(async () => {
  db = new BrumaDatabase(`test-${Math.random()}`);
  await db.open();
});

describe("the database", () => {
  it("carries roasts stored by version 1 forward", async () => {
    const roast = JSON.parse(JSON.stringify(sampleRoast("old")));
    roast.plan = planOfVersion(1, roast.plan);
    roast.thermometer = "simulated";
    const now = await carriedFrom(1, { roasts: [roast] });
    expect(await now.roasts.get("old")).toEqual({ ...sampleRoast("old"), named: true, thermometer: "bridge" });
  });
});

describe("the roasts of one dinner", () => {
  const together = async (): Promise<void> => {
    await saveRoast(db, sampleRoast("one"));
    await saveRoast(db, { ...sampleRoast("two"), dinner: "one" });
    await saveRoast(db, { ...sampleRoast("piece"), dinner: "one", fire: "one" });
    await saveRoast(db, sampleRoast("stranger"));
  };
  const later = "2026-09-27T15:00:00.000Z";
  const serveAt = async (id: string) => (await db.roasts.get(id))?.plan.serveAt;

  it("are eaten at one hour, whichever of them is changed, and go into one heat in one go", async () => {
    await together();
    await changeRoast(db, "two", (roast) => ({ ...roast, plan: { ...roast.plan, serveAt: later } }));
    expect([await serveAt("one"), await serveAt("piece"), await serveAt("stranger")]).toEqual([
      later,
      later,
      sampleRoast().plan.serveAt,
    ]);
    const inAt = "2026-09-27T12:00:00.000Z";
    await changeRoast(db, "piece", (roast) => ({ ...roast, happened: { inAt } }));
    expect((await db.roasts.get("one"))?.happened).toEqual({ inAt });
    expect((await db.roasts.get("two"))?.happened).toEqual({});
  });

  it("keep what two hands change in two of them at once", async () => {
    await together();
    await Promise.all([
      changeRoast(db, "one", (roast) => ({ ...roast, plan: { ...roast.plan, serveAt: later } })),
      changeRoast(db, "two", (roast) => ({ ...roast, plan: { ...roast.plan, gravy: "starch" } })),
    ]);
    for (const id of ["one", "two", "piece"]) {
      expect((await db.roasts.get(id))?.plan).toMatchObject({ serveAt: later, gravy: "starch" });
    }
  });

  it("are changed though one of them is damaged, which is left as it is", async () => {
    await together();
    await db.table("roasts").put({ id: "hurt", dinner: "one", plan: 7 });
    await changeRoast(db, "one", (roast) => ({ ...roast, plan: { ...roast.plan, serveAt: later } }));
    expect(await serveAt("two")).toBe(later);
    expect(await db.table("roasts").get("hurt")).toEqual({ id: "hurt", dinner: "one", plan: 7 });
  });

  it("of version 7 are those that were eaten within three hours of one another", async () => {
    const row = (id: string, hour: number, made: number) => {
      const { dinner: _, fire: __, ...roast } = sampleRoast(id);
      const at = `2026-09-27T${hour}:00:00.000Z`;
      return { ...roast, createdAt: `2026-09-0${made}T08:00:00.000Z`, plan: { ...roast.plan, serveAt: at } };
    };
    const now = await carriedFrom(7, { roasts: [row("late", 20, 3), row("second", 13, 2), row("first", 12, 1)] });
    const dinners = Object.fromEntries((await now.roasts.toArray()).map(({ id, dinner }) => [id, dinner]));
    expect(dinners).toEqual({ first: "first", second: "first", late: "late" });
    expect((await now.roasts.get("second"))?.plan.serveAt).toBe("2026-09-27T13:00:00.000Z");
  });
});

describe("a roast of version 22", () => {
  it("has a bird that can be made, wherever it is kept", async () => {
    const roast = (id: string) => {
      const { plan, ...rest } = sampleRoast(id);
      return { ...rest, plan: { ...plan, bird: { ...plan.bird, cut: "legs", cavity: "stuffed", massKg: 15 } } };
    };
    const now = await carriedFrom(22, {
      roasts: [roast("legs"), sampleRoast("whole")],
      bin: [{ roastId: "thrown", binnedMs: 0, roast: roast("thrown") }],
    });
    const made = { cut: "legs", cavity: "empty", massKg: massRangeKg("turkey", "legs")[1] };
    expect((await now.roasts.get("legs"))?.plan.bird).toMatchObject(made);
    expect((await now.bin.get("thrown"))?.roast.plan.bird).toMatchObject(made);
    expect(await now.roasts.get("whole")).toEqual(sampleRoast("whole"));
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
    await takeRoasts(db, [{ ...sent, happened: { inAt: "2026-09-27T08:00:00Z" } }]);
    expect((await db.roasts.get("sample"))?.happened).toEqual({});
    await changeRoast(db, "sample", (roast) => ({
      ...roast,
      notes: "mine",
      happened: { inAt: "2026-09-27T09:00:00Z" },
    }));
    await takeRoasts(db, [{ ...sent, plan: { ...sent.plan, cover: "towels" } }]);
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
