/** Roasts that are practised: in a database of their own, so that they never mix with the log nor teach an oven. */

import { centresOf } from "../core/bird/form";
import { PROBES, placeOf } from "../core/bird/probe";
import { RoastSchema } from "../core/plan/roast";
import type { Plan } from "../core/plan/schema";
import { alone } from "../core/plan/together";
import type { DrillResult } from "../core/practice/drills";
import { roastUntil } from "../core/practice/playedOn";
import type { Call, Practised } from "../core/practice/scenarios";
import { BrumaDatabase, type DrillDone } from "./database";
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
export async function beginPractice({ id, title, plan, nowMs, ...practised }: Asked): Promise<void> {
  await inPractice(async (db) => {
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
        ...(practised.thermometer === "hand"
          ? { thermometer: "typed" as const }
          : {
              thermometer: "bridge" as const,
              probes: sided.map((probe) => ({ device: PRACTICE_DEVICE, probe, sits: probe })),
            }),
      }),
    );
    await db.transaction("rw", db.roasts, db.practised, async () => {
      await saveRoast(db, roast);
      await db.practised.put({ roastId: id, ...practised });
    });
  });
}

async function inPractice<Answer>(work: (db: BrumaDatabase) => Promise<Answer>): Promise<Answer> {
  const db = new BrumaDatabase(PRACTICE_DATABASE);
  try {
    return await work(db);
  } finally {
    db.close();
  }
}

export const noteDrill = (result: DrillResult, atMs: number): Promise<unknown> =>
  inPractice((db) => db.drills.add({ ...result, atMs }));

/** The newest first. */
export const drillsDone = (): Promise<readonly DrillDone[]> =>
  inPractice((db) => db.drills.orderBy("atMs").reverse().toArray());

/** Written down, so that nobody is asked twice. */
export async function answerCall(
  db: BrumaDatabase,
  roastId: string,
  kind: Call["kind"],
  answer: "yes" | "no",
): Promise<void> {
  await db.transaction("rw", db.practised, async () => {
    const row = await db.practised.get(roastId);
    if (row) await db.practised.put({ ...row, answered: { ...row.answered, [kind]: answer } });
  });
}

/**
 * The same roast once more from a moment on: what had happened until then, what had been read; the rest is open again.
 * @throws RangeError for a roast that was not practised
 */
export async function playOn(db: BrumaDatabase, roastId: string, fromMs: number, newId: string): Promise<void> {
  const from = new Date(fromMs).toISOString();
  await db.transaction("rw", db.roasts, db.practised, db.readings, async () => {
    const [roast, practised] = [await db.roasts.get(roastId), await db.practised.get(roastId)];
    if (!roast || !practised) throw new RangeError("this roast was not practised");
    const readings = await db.readings.where({ roastId }).toArray();
    await db.roasts.add({
      ...alone({ ...roastUntil(roast, from), id: newId }),
      createdAt: from,
      notes: "",
    });
    await db.readings.bulkAdd(
      readings.filter(({ at }) => at <= from).map(({ key: _, ...reading }) => ({ ...reading, roastId: newId })),
    );
    await db.practised.put({ ...practised, roastId: newId });
  });
}
