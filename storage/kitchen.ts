/** The cook's own kitchen: measured once, and what every new roast reckons with. */

import { type Equipment, EquipmentSchema } from "../core/plan/kitchen";
import { cookStage, type Roast, RoastSchema } from "../core/plan/roast";
import { inKitchen } from "../core/plan/targets";
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

/** A log of many years is read whole for none of this. */
const isNotIn = (row: Roast): boolean => row.happened?.inAt === undefined;

/**
 * Changes what was measured; roasts that are still planned follow in what changed, and keep what they have of their own.
 * @param change of the kitchen as it is stored by then: two that follow one another quickly both hold
 * @throws ZodError for a measure outside its range; nothing is stored then
 */
export async function changeKitchen(
  db: BrumaDatabase,
  change: (kitchen: Equipment) => Partial<Equipment>,
  units: UnitSystem = "metric",
): Promise<void> {
  await db.transaction("rw", db.kitchen, db.roasts, async () => {
    const before = await kitchenOf(db, units);
    const changed = change(before);
    await db.kitchen.put({ id: "kitchen", ...EquipmentSchema.parse({ ...before, ...changed }) });
    for (const roast of await readableRoasts(db, isNotIn)) {
      if (cookStage(roast) !== "planned") continue;
      await db.roasts.put(RoastSchema.parse({ ...roast, plan: inKitchen(changed)(roast.plan) }));
    }
  });
}
