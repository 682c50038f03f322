import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Roast } from "../core/plan/roast";
import { RoastShelf } from "../server/roastShelf";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { addReadings, changeRoast, readingsOf, saveRoast } from "./roasts";
import { outgoing, share, shareWithDinner, takeAlong, takeIn, unshare, wasKept } from "./sharing";

const newDatabase = async (): Promise<BrumaDatabase> => {
  const db = new BrumaDatabase(`device-${Math.random()}`);
  await db.open();
  return db;
};

/**
 * What the page does when it reaches the server: hears what is kept there, then sends what is new here.
 * @returns what it tells to have been changed on two devices at once
 */
async function meet(db: BrumaDatabase, shelf: RoastShelf): Promise<readonly string[]> {
  const told: string[] = [];
  for (const shared of shelf.all()) {
    if (await db.shared.get(shared.roast.id)) told.push(...(await takeIn(db, shared)));
  }
  for (let sent = await outgoing(db, "sample"); sent; sent = await outgoing(db, "sample")) {
    const kept = shelf.keep(sent);
    if (kept.kind === "kept") {
      await wasKept(db, { ...kept.shared, roast: sent.roast });
    } else if (kept.kind === "stale") told.push(...(await takeIn(db, kept.shared)));
  }
  return told;
}

/** Sends what is new here, and is gone before the server's answer: it reached the server, or did not. */
async function sendUnanswered(db: BrumaDatabase, shelf: RoastShelf, arrives: boolean): Promise<void> {
  const sent = await outgoing(db, "sample");
  if (sent && arrives) shelf.keep(sent);
}

async function laptopAndPhone() {
  const shelf = new RoastShelf(mkdtempSync(join(tmpdir(), "bruma-roasts-")));
  const [laptop, phone] = [await newDatabase(), await newDatabase()];
  await saveRoast(laptop, sampleRoast());
  await share(laptop, "sample");
  await meet(laptop, shelf);
  const [offered] = shelf.all();
  if (!offered) throw new Error("nothing was offered");
  await takeAlong(phone, offered);
  return { shelf, laptop, phone };
}

const typed = (minute: number) => ({
  at: new Date(Date.UTC(2026, 8, 27, 9, minute)).toISOString(),
  part: "breast" as const,
  celsius: 20,
  source: "typed" as const,
});

describe("a roast in common with a thermometer that speaks all the while", () => {
  it("is sent and joined without looking at what the thermometer said", async () => {
    const { shelf, laptop } = await laptopAndPhone();
    const spoken = Array.from({ length: 3000 }, (_, n) => ({
      ...typed(0),
      at: new Date(Date.UTC(2026, 8, 27, 9, 0, n)).toISOString(),
      source: "bridge" as const,
    }));
    await addReadings(laptop, "sample", spoken);
    await addReadings(laptop, "sample", [typed(70), typed(80)]);
    let looks = 0;
    laptop.readings.hook("reading", (row) => {
      looks++;
      return row;
    });
    await meet(laptop, shelf);
    expect(looks).toBeGreaterThan(0);
    expect(looks).toBeLessThan(30);
    expect(shelf.all()[0]?.readings).toHaveLength(2);
  });
});

describe("a dinner in common", () => {
  it("goes whole, a roast that is planned later too, and what comes in of one is handed on to the others", async () => {
    const db = await newDatabase();
    await saveRoast(db, sampleRoast());
    await saveRoast(db, { ...sampleRoast("second"), dinner: "sample" });
    await share(db, "second");
    expect((await db.shared.toCollection().primaryKeys()).sort()).toEqual(["sample", "second"]);
    await saveRoast(db, { ...sampleRoast("third"), dinner: "sample" });
    await shareWithDinner(db, { id: "third", dinner: "sample" });
    expect(await db.shared.get("third")).toBeDefined();
    const sent = await outgoing(db, "second");
    if (!sent) throw new Error("nothing is to be sent");
    const serveAt = "2026-09-27T15:00:00.000Z";
    await takeIn(db, { ...sent, revision: 5, roast: { ...sent.roast, plan: { ...sent.roast.plan, serveAt } } });
    expect((await db.roasts.get("sample"))?.plan.serveAt).toBe(serveAt);
  });
});

describe("a roast in common", () => {
  it("is one on both devices: what is done on either shows on the other, readings too", async () => {
    const { shelf, laptop, phone } = await laptopAndPhone();
    await changeRoast(phone, "sample", (roast) => ({ ...roast, happened: { inAt: "2026-09-27T08:00:00Z" } }));
    await addReadings(phone, "sample", [typed(5)]);
    await changeRoast(laptop, "sample", (roast) => ({ ...roast, plan: { ...roast.plan, cover: "towels" } }));
    for (const db of [phone, laptop, phone]) await meet(db, shelf);
    for (const db of [laptop, phone]) {
      expect(await db.roasts.get("sample")).toMatchObject({
        happened: { inAt: "2026-09-27T08:00:00Z" },
        plan: { cover: "towels" },
      });
      expect(await readingsOf(db, "sample")).toEqual([typed(5)]);
    }
  });

  it("keeps what had happened to a copy that was taken before", async () => {
    const { shelf } = await laptopAndPhone();
    const tablet = await newDatabase();
    await saveRoast(tablet, { ...sampleRoast(), happened: { inAt: "2026-09-27T08:00:00Z" }, notes: "mine" });
    await takeAlong(tablet, shelf.all()[0] as never);
    expect(await tablet.roasts.get("sample")).toMatchObject({
      happened: { inAt: "2026-09-27T08:00:00Z" },
      notes: "mine",
    });
  });

  it("is one again after the server's shelf was emptied, and a reading put right goes out", async () => {
    const { laptop, phone } = await laptopAndPhone();
    await addReadings(laptop, "sample", [typed(5)]);
    const emptied = new RoastShelf(mkdtempSync(join(tmpdir(), "bruma-roasts-")));
    await laptop.readings.toCollection().modify({ celsius: 31 });
    await changeRoast(phone, "sample", (roast) => ({ ...roast, notes: "mine" }));
    for (const db of [phone, laptop, phone, laptop]) await meet(db, emptied);
    for (const db of [laptop, phone]) {
      expect((await db.roasts.get("sample"))?.notes).toBe("mine");
      expect(await readingsOf(db, "sample")).toEqual([{ ...typed(5), celsius: 31 }]);
    }
    await laptop.readings.toCollection().modify({ celsius: 32 });
    for (const db of [laptop, phone]) await meet(db, emptied);
    expect(await readingsOf(phone, "sample")).toEqual([{ ...typed(5), celsius: 32 }]);
  });

  it("keeps what this device changed last, however often it was gone before the server's answer", async () => {
    const act = fc.record({
      changes: fc.constantFrom("mass", "tick", "dish" as const),
      n: fc.integer({ min: 0, max: 2 }),
      and: fc.constantFrom("nothing", "lost", "arrived", "answered", "phone" as const),
    });
    const dish = (id: string) => ({ id, name: id, minutes: 30, ovenC: 180, ring: false, slot: "auto" as const });
    const said = ({ plan, happened, notes }: Roast) => ({
      massKg: plan.bird.massKg,
      ticked: [...(happened.ticked ?? [])].sort(),
      dishes: plan.sides.map(({ id }) => id).sort(),
      notes,
    });
    await fc.assert(
      fc.asyncProperty(fc.array(act, { maxLength: 8 }), async (acts) => {
        const { laptop, phone, shelf } = await laptopAndPhone();
        let notes = "";
        for (const [step, { changes, n, and }] of acts.entries()) {
          await changeRoast(laptop, "sample", (roast): Roast => {
            const { plan, happened } = roast;
            const ids = happened.ticked ?? [];
            const id = String(n);
            const without = plan.sides.filter((side) => side.id !== id);
            switch (changes) {
              case "mass":
                return { ...roast, plan: { ...plan, bird: { ...plan.bird, massKg: 4 + step / 10 } } };
              case "tick":
                return {
                  ...roast,
                  happened: {
                    ...happened,
                    ticked: ids.includes(id) ? ids.filter((each) => each !== id) : [...ids, id],
                  },
                };
              case "dish": {
                const isThere = without.length < plan.sides.length;
                return { ...roast, plan: { ...plan, sides: isThere ? without : [...without, dish(id)] } };
              }
            }
          });
          if (and === "answered") expect(await meet(laptop, shelf)).toEqual([]);
          else if (and === "phone") {
            notes = `phone ${step}`;
            await changeRoast(phone, "sample", (roast) => ({ ...roast, notes }));
            await meet(phone, shelf);
          } else if (and !== "nothing") await sendUnanswered(laptop, shelf, and === "arrived");
        }
        const mine = said((await laptop.roasts.get("sample")) as Roast);
        for (const db of [laptop, phone, laptop]) expect(await meet(db, shelf)).toEqual([]);
        for (const db of [laptop, phone]) {
          expect(said((await db.roasts.get("sample")) as Roast)).toEqual({ ...mine, notes });
        }
      }),
      { numRuns: 40 },
    );
  });

  it("is this device's own again when it is taken out", async () => {
    const { laptop } = await laptopAndPhone();
    await unshare(laptop, "sample");
    expect(await outgoing(laptop, "sample")).toBeNull();
  });

  it("comes to one truth whatever is done in whatever order, and loses no reading and no note", async () => {
    const act = fc.record({
      on: fc.constantFrom("laptop", "phone" as const),
      does: fc.constantFrom("read", "note", "cover", "mass", "meet" as const),
      n: fc.integer({ min: 0, max: 50 }),
    });
    await fc.assert(
      fc.asyncProperty(fc.array(act, { maxLength: 20 }), async (acts) => {
        const devices = await laptopAndPhone();
        const expected = { readings: new Set<string>(), notes: new Set<string>() };
        for (const [step, { on, does, n }] of acts.entries()) {
          const db = devices[on];
          if (does === "meet") await meet(db, devices.shelf);
          else if (does === "read") {
            const reading = {
              ...typed(n),
              celsius: step,
              at: new Date(Date.UTC(2026, 8, 27, 9, n, step)).toISOString(),
            };
            expected.readings.add(reading.at);
            await addReadings(db, "sample", [reading]);
          } else {
            const note = `${on} ${step}`;
            if (does === "note") expected.notes.add(note);
            await changeRoast(db, "sample", (roast) => ({
              ...roast,
              ...(does === "note" && { notes: `${roast.notes}${roast.notes && "\n"}${note}` }),
              plan: {
                ...roast.plan,
                ...(does === "cover" && { cover: n % 2 ? ("towels" as const) : ("box" as const) }),
                ...(does === "mass" && { bird: { ...roast.plan.bird, massKg: 4 + n / 20 } }),
              },
            }));
          }
        }
        for (const db of [devices.laptop, devices.phone, devices.laptop]) await meet(db, devices.shelf);
        const [one, other] = [await devices.laptop.roasts.get("sample"), await devices.phone.roasts.get("sample")];
        expect(one).toEqual(other);
        for (const db of [devices.laptop, devices.phone]) {
          expect(new Set((await readingsOf(db, "sample")).map(({ at }) => at))).toEqual(expected.readings);
        }
        for (const note of expected.notes) expect(one?.notes.split("\n")).toContain(note);
      }),
      { numRuns: 40 },
    );
  });
});
