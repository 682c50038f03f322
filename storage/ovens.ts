/** The kitchen's ovens and fires by name, what their roasts have taught of them, and the plans that go by it. */
import { type InOven, inOvens, learnedOf } from "../core/log/ovens";
import { type Oven, OvenSchema } from "../core/plan/kitchen";
import { cookStage, type Roast, RoastSchema } from "../core/plan/roast";
import type { BrumaDatabase } from "./database";
import { readableRoasts } from "./listing";
import { changeRoast } from "./roasts";

/** What is known of one oven. */
export interface OvenHere extends InOven {
  readonly oven: Oven;
}

/** As a plan names the one it is cooked in. */
export const asPlanned = ({
  oven: { id, name, heat },
  learned,
}: Pick<OvenHere, "oven" | "learned">): NonNullable<Roast["plan"]["oven"]> => ({ id, name, heat, learned });

/** A log of many years is read whole for none of this. */
const isInOven = (row: Roast): boolean => Boolean(row.plan?.oven);

/** All of them by name: those of the kitchen, and those that only roasts from elsewhere speak of. */
export async function ovensOf(db: BrumaDatabase, nowMs: number): Promise<readonly OvenHere[]> {
  const [stored, roasts] = [await db.ovens.toArray(), await readableRoasts(db, isInOven)];
  return inOvens(stored, roasts, nowMs);
}

/** Plans that are still to be cooked go by what is known now. */
async function taughtAnew(db: BrumaDatabase, nowMs: number): Promise<void> {
  const stored = await db.ovens.toArray();
  const roasts = await readableRoasts(db, isInOven);
  for (const roast of roasts) {
    const { oven: planned } = roast.plan;
    const oven = stored.find(({ id }) => id === planned?.id);
    if (!planned || !oven || cookStage(roast) !== "planned") continue;
    const plan = { ...roast.plan, oven: asPlanned({ oven, learned: learnedOf(oven, roasts, nowMs).learned }) };
    if (JSON.stringify(plan.oven) === JSON.stringify(planned)) continue;
    await db.roasts.put(RoastSchema.parse({ ...roast, plan }));
  }
}

/** @throws ZodError for a name that cannot be; nothing is stored then */
export const saveOven = (db: BrumaDatabase, oven: Oven, nowMs: number): Promise<void> =>
  changeOven(db, oven, () => oven, nowMs);

/**
 * @param shown the oven as it is known, where only roasts speak of it
 * @param change of the oven as it is stored by then: two that follow one another quickly both hold
 * @throws ZodError for a name that cannot be; nothing is stored then
 */
export async function changeOven(
  db: BrumaDatabase,
  shown: Oven,
  change: (oven: Oven) => Oven,
  nowMs: number,
): Promise<void> {
  await db.transaction("rw", db.ovens, db.roasts, async () => {
    const stored = await db.ovens.get(shown.id);
    await db.ovens.put(OvenSchema.parse(change(stored ?? shown)));
    await taughtAnew(db, nowMs);
  });
}

/** The oven is not the kitchen's any more; roasts keep which one they were in. */
export const deleteOven = (db: BrumaDatabase, id: string): Promise<void> => db.ovens.delete(id);

/** What a roast says of its oven is written down, and taught to the plans that are to be cooked in it. */
export async function keepSays(db: BrumaDatabase, id: string, says: Roast["says"], nowMs: number): Promise<void> {
  await db.transaction("rw", db.ovens, db.roasts, async () => {
    await changeRoast(db, id, (before) => ({ ...before, says }));
    await taughtAnew(db, nowMs);
  });
}

/** The one that a new roast by such a heat is most likely in: the only one, or the one that was cooked in last. */
export async function likelyOven(db: BrumaDatabase, heat: Oven["heat"], nowMs: number): Promise<Roast["plan"]["oven"]> {
  const those = (await ovensOf(db, nowMs)).filter(({ oven }) => oven.heat === heat);
  const [likely] = [...those].sort((one, other) => (other.lastMs ?? 0) - (one.lastMs ?? 0));
  return likely ? asPlanned(likely) : null;
}
