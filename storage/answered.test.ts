import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { AnsweredDatabase, forgetOtherBuilds, keepAnswer, recallAnswer } from "./answered";

let db: AnsweredDatabase;
beforeEach(() => {
  db = new AnsweredDatabase(`answered ${crypto.randomUUID()}`);
});
afterEach(() => db.delete());

const keep = (key: string, nowMs: number, answer: unknown, mostBytes?: number, build = "one"): Promise<void> =>
  keepAnswer(db, { key, build, nowMs }, answer, mostBytes);

describe("answers kept on the device", () => {
  it("come back as they were, numbers, rows of them and all", async () => {
    const answer = { minutes: Float64Array.of(1, 2.5, Number.NaN), nested: [{ breast: 71.25 }, null, "late"] };
    await keep("a", 1, answer);
    expect(await recallAnswer(db, "a", 2)).toEqual(answer);
    expect(await recallAnswer(db, "b", 2)).toBeUndefined();
  });

  it("let go of what was wanted longest ago, and never take more room than there is", async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.record({ key: fc.constantFrom(..."abcdefgh"), recalls: fc.boolean() }), { maxLength: 30 }),
        async (wanted) => {
          await db.uses.clear();
          await db.answers.clear();
          const order: string[] = [];
          for (const [nowMs, { key, recalls }] of wanted.entries()) {
            const isHere = order.includes(key);
            if (recalls) expect((await recallAnswer(db, key, nowMs)) !== undefined).toBe(isHere);
            else await keep(key, nowMs, new Float64Array(100), 3 * 900);
            if (isHere) order.splice(order.indexOf(key), 1);
            if (isHere || !recalls) order.unshift(key);
            order.length = Math.min(order.length, 3);
          }
          expect((await db.answers.toCollection().primaryKeys()).sort()).toEqual([...order].sort());
          expect((await db.uses.toCollection().primaryKeys()).sort()).toEqual([...order].sort());
        },
      ),
      { numRuns: 30 },
    );
  });

  it("do not keep what would push out nearly all else", async () => {
    await keep("small", 1, [1, 2, 3]);
    await keep("large", 2, new Uint8Array(7e6));
    expect(await db.answers.toCollection().primaryKeys()).toEqual(["small"]);
  });

  it("are of this build alone: those of another go", async () => {
    await keep("old", 1, "of before", undefined, "zero");
    await keep("new", 2, "of now");
    await forgetOtherBuilds(db, "one");
    expect(await recallAnswer(db, "old", 3)).toBeUndefined();
    expect(await recallAnswer(db, "new", 3)).toBe("of now");
  });
});
