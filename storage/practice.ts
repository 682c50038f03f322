/** Roasts that are practised: in a database of their own, so that they never mix with the log nor teach an oven. */

import { centresOf } from "../core/bird/form";
import { PROBES, placeOf } from "../core/bird/probe";
import { type Plan, RoastSchema } from "../core/plan/schema";
import { alone } from "../core/plan/together";
import type { Practised } from "../core/practice/practice";
import { BrumaDatabase } from "./database";
import { saveRoast } from "./roasts";

export const PRACTICE_DATABASE = "bruma-practice";
/** As the thermometer of a practised bird names itself. */
export const PRACTICE_DEVICE = "practice";

interface Asked extends Practised {
  readonly id: string;
  readonly title: string;
  readonly plan: Plan;
  readonly nowMs: number;
}

/** A roast to practise on, probes in it: stored where only the practice clock's pages look. */
export async function beginPractice({ id, title, plan, nowMs, seed, difficulty }: Asked): Promise<void> {
  const db = new BrumaDatabase(PRACTICE_DATABASE);
  try {
    const centres = centresOf(plan.bird);
    const sided = PROBES.filter((probe) => {
      const { part, side } = placeOf(probe);
      return centres.includes(part) && (side !== undefined || part === "filling");
    });
    const roast = RoastSchema.parse(
      alone({
        id,
        title,
        named: true,
        createdAt: new Date(nowMs).toISOString(),
        // An oven by name is the cook's own: what is practised says nothing of it.
        plan: { ...plan, oven: null },
        happened: {},
        notes: "",
        thermometer: "bridge",
        probes: sided.map((probe) => ({ device: PRACTICE_DEVICE, probe, sits: probe })),
      }),
    );
    await db.transaction("rw", db.roasts, db.practised, async () => {
      await saveRoast(db, roast);
      await db.practised.put({ roastId: id, seed, difficulty });
    });
  } finally {
    db.close();
  }
}
