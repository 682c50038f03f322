import { afterEach, describe, expect, it } from "vitest";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { answerCall, beginPractice, PRACTICE_DATABASE, playOn } from "./practice";
import { addReadings, changeRoast } from "./roasts";

const { plan } = sampleRoast();
const START_MS = Date.parse("2026-12-24T12:00:00.000Z");
const at = (minute: number): string => new Date(START_MS + 60_000 * minute).toISOString();

async function begun(thermometer: "probes" | "hand"): Promise<BrumaDatabase> {
  await beginPractice({
    id: "one",
    title: "Tried",
    plan,
    nowMs: START_MS,
    seed: "harbour",
    difficulty: "usual",
    thermometer,
  });
  return new BrumaDatabase(PRACTICE_DATABASE);
}
let db: BrumaDatabase | undefined;
afterEach(async () => {
  await db?.delete();
});

describe("a roast that is practised", () => {
  it("has probes in it, or a thermometer in the hand", async () => {
    db = await begun("probes");
    expect((await db.roasts.get("one"))?.thermometer).toBe("bridge");
    await db.delete();
    db = await begun("hand");
    const roast = await db.roasts.get("one");
    expect(roast?.thermometer).toBe("typed");
    expect(roast?.probes ?? []).toEqual([]);
  });

  it("keeps what was answered to each call", async () => {
    db = await begun("hand");
    await answerCall(db, "one", "dish", "no");
    await answerCall(db, "one", "guests-late", "yes");
    expect((await db.practised.get("one"))?.answered).toEqual({ dish: "no", "guests-late": "yes" });
  });

  it("is played on from a moment: what had been by then, and nothing after it; the first one stays", async () => {
    db = await begun("hand");
    await changeRoast(db, "one", (before) => ({
      ...before,
      happened: {
        inAt: at(0),
        pulledAt: at(100),
        carvedAt: at(130),
        doors: [
          { at: at(20), openMin: 3 },
          { at: at(90), openMin: 2 },
        ],
      },
    }));
    await addReadings(
      db,
      "one",
      [30, 60, 95].map((minute) => ({ at: at(minute), part: "breast", celsius: minute / 2, source: "typed" })),
    );
    await playOn(db, "one", Date.parse(at(60)), "two");
    const two = await db.roasts.get("two");
    expect(two?.happened).toEqual({ inAt: at(0), doors: [{ at: at(20), openMin: 3 }] });
    expect(two?.dinner).toBe("two");
    expect((await db.readings.where({ roastId: "two" }).toArray()).map((each) => each.at)).toEqual([at(30), at(60)]);
    expect(await db.practised.get("two")).toMatchObject({ seed: "harbour", thermometer: "hand" });
    expect((await db.roasts.get("one"))?.happened.carvedAt).toBe(at(130));
    await expect(playOn(db, "nobody", 0, "three")).rejects.toThrow("not practised");
  });
});
