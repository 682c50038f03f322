import "fake-indexeddb/auto";
import { beforeEach, describe, expect, it } from "vitest";
import type { Oven } from "../core/plan/kitchen";
import type { Roast } from "../core/plan/roast";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { changeOven, deleteOven, keepSays, likelyOven, ovensOf, saveOven } from "./ovens";
import { saveRoast } from "./roasts";

const NOW_MS = Date.UTC(2026, 8, 28);
const OVEN: Oven = { id: "old", name: "Old kitchen", heat: "oven", afreshAt: null, leftOut: [], tests: [] };
const SAYS = { slower: -0.12, doubt: 0.1, by: [-0.06, -0.05, 0, -0.04] };

const inOld = (id: string, happened: Roast["happened"] = {}): Roast => {
  const sample = sampleRoast(id);
  return {
    ...sample,
    plan: { ...sample.plan, oven: { id: "old", name: "Old kitchen", heat: "oven", learned: null } },
    happened,
  };
};
const at = new Date(NOW_MS - 1e9).toISOString();
const OVER = { inAt: at, pulledAt: at, carvedAt: at, closedAt: at };

describe("ovens by name", () => {
  let db: BrumaDatabase;
  beforeEach(async () => {
    db = new BrumaDatabase(`ovens-${Math.random()}`);
    await saveOven(db, OVEN, NOW_MS);
    await saveRoast(db, inOld("past", OVER));
    await saveRoast(db, inOld("next"));
    await saveRoast(db, inOld("now", { inAt: at }));
  });
  const learnedBy = async (id: string) => (await db.roasts.get(id))?.plan.oven?.learned;

  it("teach the plans that are still to be cooked, and no other", async () => {
    await keepSays(db, "past", SAYS, NOW_MS);
    expect((await learnedBy("next"))?.hotterK).toBeGreaterThan(0);
    expect(await learnedBy("now")).toBeNull();
    expect(await learnedBy("past")).toBeNull();
    await saveOven(db, { ...OVEN, leftOut: ["past"] }, NOW_MS);
    expect(await learnedBy("next")).toBeNull();
  });

  it("are renamed in the plans that are to be cooked in them", async () => {
    await saveOven(db, { ...OVEN, name: "Galley" }, NOW_MS);
    expect((await db.roasts.get("next"))?.plan.oven?.name).toBe("Galley");
    expect((await db.roasts.get("past"))?.plan.oven?.name).toBe("Old kitchen");
  });

  it("hold each of two changes, however quickly one follows the other", async () => {
    const leaveOut = (id: string) =>
      changeOven(db, OVEN, (before) => ({ ...before, leftOut: [...before.leftOut, id] }), NOW_MS);
    await Promise.all([leaveOut("past"), leaveOut("next")]);
    expect((await db.ovens.get("old"))?.leftOut).toEqual(["past", "next"]);
    // One that only roasts speak of is the kitchen's from then on.
    await deleteOven(db, "old");
    await leaveOut("past");
    expect(await db.ovens.toArray()).toEqual([{ ...OVEN, leftOut: ["past"] }]);
  });

  it("are refused without a name, and nothing is stored", async () => {
    await expect(saveOven(db, { ...OVEN, name: "" }, NOW_MS)).rejects.toThrow();
    expect(await db.ovens.toArray()).toEqual([OVEN]);
  });

  it("are known by their roasts even where the kitchen has them no more", async () => {
    await deleteOven(db, "old");
    expect(await ovensOf(db, NOW_MS)).toMatchObject([{ oven: { id: "old", name: "Old kitchen" } }]);
  });

  it("are offered to a new roast by its heat: the one that was cooked in last", async () => {
    await saveOven(db, { ...OVEN, id: "new", name: "Hall" }, NOW_MS);
    await saveOven(db, { ...OVEN, id: "deck", name: "Deck", heat: "smoker" }, NOW_MS);
    expect(await likelyOven(db, "oven", NOW_MS)).toMatchObject({ id: "old" });
    expect(await likelyOven(db, "smoker", NOW_MS)).toMatchObject({ id: "deck", learned: null });
    expect(await likelyOven(db, "spit", NOW_MS)).toBeNull();
  });
});
