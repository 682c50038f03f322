/** The cook's own kitchen: measured once, and what every new roast reckons with. */
import { type Equipment, EquipmentSchema } from "../core/plan/kitchen";
import { cookStage, RoastSchema } from "../core/plan/roast";
import { usualKitchen } from "../core/plan/usualKitchen";
import type { UnitSystem } from "../core/units/quantity";
import type { BrumaDatabase } from "./database";
import { readableRoasts } from "./listing";

/** As measured, or the usual one of who cooks in such units. */
export async function kitchenOf(db: BrumaDatabase, units: UnitSystem = "metric"): Promise<Equipment> {
  const stored = await db.kitchen.get("kitchen");
  if (!stored) return usualKitchen(units);
  const { id: _, ...equipment } = stored;
  return equipment;
}

/**
 * Changes what was measured; roasts that are still planned follow in what changed, and keep what they have of their own.
 * @throws ZodError for a measure outside its range; nothing is stored then
 */
export async function changeKitchen(
  db: BrumaDatabase,
  change: Partial<Equipment>,
  units: UnitSystem = "metric",
): Promise<void> {
  await db.transaction("rw", db.kitchen, db.roasts, async () => {
    const equipment = EquipmentSchema.parse({ ...(await kitchenOf(db, units)), ...change });
    await db.kitchen.put({ id: "kitchen", ...equipment });
    for (const roast of await readableRoasts(db)) {
      if (cookStage(roast) !== "planned") continue;
      const plan = { ...roast.plan, equipment: { ...roast.plan.equipment, ...change } };
      await db.roasts.put(RoastSchema.parse({ ...roast, plan }));
    }
  });
}
