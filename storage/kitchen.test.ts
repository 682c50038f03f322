import { beforeEach, describe, expect, it } from "vitest";
import { usualKitchen } from "../core/plan/usualKitchen";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { changeKitchen, kitchenOf } from "./kitchen";
import { changeRoast, saveRoast } from "./roasts";

let db: BrumaDatabase;
beforeEach(async () => {
  db = new BrumaDatabase(`kitchen-${Math.random()}`);
  await db.open();
});

describe("the kitchen", () => {
  it("is the usual one until it was measured", async () => {
    expect(await kitchenOf(db)).toEqual(usualKitchen());
    await changeKitchen(db, () => ({ potL: 20 }));
    expect(await kitchenOf(db)).toEqual({ ...usualKitchen(), potL: 20 });
  });

  it("is followed by what is still planned, in what was changed only; what is over stays as it was", async () => {
    await saveRoast(db, sampleRoast("coming"));
    await changeRoast(db, "coming", (roast) => ({
      ...roast,
      plan: { ...roast.plan, equipment: { ...roast.plan.equipment, hands: 3 } },
    }));
    await saveRoast(db, { ...sampleRoast("over"), happened: { inAt: "2026-09-27T08:00:00Z" } });
    await changeKitchen(db, () => ({ rings: 2 }));
    expect((await db.roasts.get("coming"))?.plan.equipment).toMatchObject({ rings: 2, hands: 3 });
    expect((await db.roasts.get("over"))?.plan.equipment.rings).toBe(usualKitchen().rings);
  });

  it("has what is planned aim at another guideline, and what is over stay what it was", async () => {
    await saveRoast(db, sampleRoast("coming"));
    await saveRoast(db, { ...sampleRoast("over"), happened: { inAt: "2026-09-27T08:00:00Z" } });
    await changeKitchen(db, () => ({ guideline: "held" }));
    expect((await db.roasts.get("coming"))?.plan.targetC).toEqual({ breast: 70, thigh: 70 });
    expect((await db.roasts.get("over"))?.plan.targetC).toEqual({ breast: 74, thigh: 74 });
  });

  it("holds what is measured of one thing after the other, however quickly", async () => {
    const { panCm } = usualKitchen();
    await Promise.all([
      changeKitchen(db, (before) => ({ panCm: { ...before.panCm, length: 51 } })),
      changeKitchen(db, (before) => ({ panCm: { ...before.panCm, width: 41 } })),
    ]);
    expect((await kitchenOf(db)).panCm).toEqual({ ...panCm, length: 51, width: 41 });
  });

  it("refuses what no kitchen has, and nothing changes", async () => {
    await saveRoast(db, sampleRoast("coming"));
    await expect(changeKitchen(db, () => ({ rings: 40 }))).rejects.toThrow();
    expect(await kitchenOf(db)).toEqual(usualKitchen());
    expect((await db.roasts.get("coming"))?.plan.equipment.rings).toBe(usualKitchen().rings);
  });
});
