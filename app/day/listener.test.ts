import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { BrumaDatabase } from "../../storage/database";
import { readingsOf, saveRoast } from "../../storage/roasts";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { Listener, useBridgeState } from "./listener";

const roast: Roast = {
  ...sampleRoast("in"),
  thermometer: "bridge",
  happened: { inAt: "2026-09-27T09:00:00.000Z" },
  probes: [{ device: "one", probe: "left breast", sits: "left breast" }],
};
const line = (minute: number) => ({
  at: new Date(Date.parse("2026-09-27T09:00:00Z") + 60_000 * minute).toISOString(),
  device: "one",
  probe: "left breast" as const,
  celsius: 20 + minute,
});

let db: BrumaDatabase;
let listener: Listener;
beforeEach(async () => {
  useBridgeState.setState({ unheard: null, unstored: null, wrongClocks: [], unclaimed: [], couldBeIn: [] });
  db = new BrumaDatabase(`listener-${Math.random()}`);
  await db.open();
  await saveRoast(db, roast);
  listener = new Listener(db);
  listener.know([roast], [roast], []);
});
afterEach(() => {
  vi.restoreAllMocks();
  db.close();
});

describe("what probes say", () => {
  it("is stored once, though the bridge tells everything again", async () => {
    await listener.begin();
    for (const minute of [1, 2, 2, 1, 3]) listener.hear(line(minute));
    await expect.poll(() => readingsOf(db, "in")).toHaveLength(3);
    const again = new Listener(db);
    again.know([roast], [roast], []);
    await again.begin();
    for (const minute of [1, 2, 3, 4]) again.hear(line(minute));
    await expect.poll(() => readingsOf(db, "in")).toHaveLength(4);
  });

  it("is remembered to be in the only bird there is by few writes, though that is told again before they are done", async () => {
    const unread: Roast = { ...roast, probes: [] };
    await saveRoast(db, unread);
    const put = vi.spyOn(db.roasts, "put");
    listener.know([unread], [unread], []);
    const probes = ["left breast", "right breast", "left thigh", "right thigh"] as const;
    for (let minute = 1; minute <= 50; minute++) {
      for (const probe of probes) listener.hear({ ...line(minute), probe });
      listener.know([unread], [unread], []);
    }
    const stored = async () => (await db.roasts.get("in"))?.probes;
    await expect.poll(stored).toEqual(probes.map((probe) => ({ device: "one", probe, sits: probe })));
    // What was read of the store before they were there comes once more.
    listener.know([unread], [unread], []);
    for (const probe of probes) listener.hear({ ...line(51), probe });
    await expect.poll(() => readingsOf(db, "in")).toHaveLength(4 * 51);
    expect(put.mock.calls.length).toBeLessThanOrEqual(probes.length);
    expect(await stored()).toHaveLength(probes.length);
  });

  it("counts in whatever order it comes, and one from the future silences nobody", async () => {
    await listener.begin();
    for (const minute of [1, 500, 2, 4, 3]) listener.hear({ ...line(minute), celsius: 40 });
    await expect.poll(() => readingsOf(db, "in")).toHaveLength(5);
  });

  it("is placed where it belongs when its clock is wrong, and the cook is told until it is right", () => {
    const wrong = (): readonly string[] => useBridgeState.getState().wrongClocks;
    listener.hear({ ...line(1), saidAt: "2031-01-01T00:00:00Z" });
    expect(wrong()).toEqual(["one"]);
    listener.hear(line(2));
    expect(wrong()).toEqual([]);
  });

  it("is asked for from when the first bird went in", () => {
    expect(listener.since).toBe("2026-09-27T09:00:00.000Z");
  });

  it("of a second thermometer is asked about, and not again of these birds once it is in none", () => {
    const said = { ...line(1), device: "two" };
    const asked = (): readonly string[] => useBridgeState.getState().unclaimed.map(({ device }) => device);
    listener.hear(said);
    listener.tell();
    expect(asked()).toEqual(["two"]);
    expect(useBridgeState.getState().couldBeIn).toEqual(["in"]);
    const inNone = [{ device: "two", birds: ["in"] }];
    listener.know([roast], [roast], inNone);
    expect(asked()).toEqual([]);
    const later = { ...roast, id: "later", probes: [] };
    listener.know([roast, later], [roast, later], inNone);
    listener.hear({ ...said, at: line(2).at });
    listener.tell();
    expect(asked()).toEqual(["two"]);
  });

  it("is told where the stored readings cannot be read, and is listened to all the same", async () => {
    vi.spyOn(db.readings, "where").mockImplementationOnce(() => {
      throw new Error("the disk is gone");
    });
    await listener.begin();
    expect(useBridgeState.getState().unstored).toBe("The stored readings cannot be read: the disk is gone");
    listener.hear(line(1));
    await expect.poll(() => readingsOf(db, "in")).toHaveLength(1);
  });

  it("is kept where it cannot be stored, and the word about it goes when it can", async () => {
    const add = vi.spyOn(db.readings, "bulkAdd").mockRejectedValueOnce(new Error("the disk is full"));
    listener.hear(line(1));
    await expect.poll(() => useBridgeState.getState().unstored).toContain("the disk is full");
    add.mockRestore();
    listener.hear(line(2));
    await expect.poll(() => readingsOf(db, "in")).toHaveLength(2);
    await expect.poll(() => useBridgeState.getState().unstored).toBeNull();
  });
});
