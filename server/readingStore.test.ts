import { appendFileSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import fc from "fast-check";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { isFull, writeWhole } from "./durable";
import { type Numbered, ReadingStore } from "./readingStore";

let folder: string;
const opened: ReadingStore[] = [];
const open = (path = folder): ReadingStore => {
  const store = new ReadingStore(path);
  opened.push(store);
  return store;
};
beforeEach(() => {
  folder = join(mkdtempSync(join(tmpdir(), "bruma-store-")), "readings");
  vi.spyOn(console, "warn").mockImplementation(() => undefined);
});
afterEach(() => {
  for (const store of opened.splice(0)) store.close();
  vi.restoreAllMocks();
});

const START = Date.UTC(2026, 8, 27, 9);
const at = (n: number): string => new Date(START + 1000 * n).toISOString();
const line = (n: number) => ({ at: at(n), probe: "breast" as const, celsius: 20, arrivedAt: at(n) });
const some = (from: number, count: number) => Array.from({ length: count }, (_, n) => line(from + n));
const firstFile = (): string => join(folder, "000000001.jsonl");

async function all(store: ReadingStore, after = 0, sinceMs = Number.NEGATIVE_INFINITY): Promise<Numbered[]> {
  const told: Numbered[] = [];
  for await (const slice of store.olderAfter(after, sinceMs)) told.push(...slice);
  return [...told, ...store.keptAfter(Math.max(after, store.firstKept - 1))];
}

describe("the readings' store", () => {
  it("reads from disk what is too old for its memory, over several files, after a number and since a moment", async () => {
    const store = open();
    for (let n = 0; n < 30; n++) await store.add(some(2000 * n, 2000));
    expect(readdirSync(folder).filter((name) => name.endsWith(".jsonl"))).toHaveLength(2);
    const told = await all(store);
    expect(told.map(({ seq }) => seq)).toEqual(Array.from({ length: 60_000 }, (_, n) => n + 1));
    expect(await all(store, 59_990)).toHaveLength(10);
    expect((await all(store, 1000))[0]).toEqual(told[1000]);
    expect((await all(store, 0, START + 1000 * 35_000))[0]?.at).toBe(at(35_000));
    store.close();
    opened.splice(0);
    const again = open();
    expect([again.last, again.epoch]).toEqual([60_000, store.epoch]);
    expect(await again.add([line(59_999), line(60_000)])).toMatchObject([{ seq: 60_001 }]);
    expect(await all(again)).toHaveLength(60_001);
  });

  it("keeps what a file of older versions holds", async () => {
    writeFileSync(
      `${folder}.jsonl`,
      some(0, 3)
        .map(({ arrivedAt: _, ...old }) => `${JSON.stringify(old)}\n`)
        .join(""),
    );
    const store = open();
    expect(await all(store)).toMatchObject(some(0, 3));
    await store.add(some(3, 1));
    expect(await all(store)).toHaveLength(4);
  });

  const good = some(0, 4).map((each) => JSON.stringify(each));
  const text = `${good.join("\n")}\n`;
  it.each([
    ["a damaged line", Buffer.from(`${good[0]}\n{"at":"20\n${good.slice(1).join("\n")}\n`), 4, true],
    ["a byte order mark", Buffer.from(`\uFEFF${text}`), 4, false],
    ["zero bytes at its end", Buffer.concat([Buffer.from(text), Buffer.alloc(512)]), 4, true],
    ["nothing but zero bytes", Buffer.alloc(4096), 0, true],
    ["UTF-16", Buffer.from(text, "utf16le"), 0, true],
    ["nothing in it", Buffer.alloc(0), 0, false],
    ["a line that was torn", Buffer.from(`${text}${good[0]?.slice(0, 20)}`), 4, false],
    ["the reading of a newer version", Buffer.from(`${text}{"at":"2026-09-27T09:00:00Z","grams":3}\n`), 4, true],
  ])(
    "starts on a file with %s: the rest is read, and what was there is kept beside",
    async (_, bytes, count, aside) => {
      mkdirSync(folder, { recursive: true });
      writeFileSync(firstFile(), bytes);
      const store = open();
      expect(await all(store)).toHaveLength(count);
      const kept = readdirSync(folder).filter((name) => name.includes(".damaged-"));
      expect(kept).toHaveLength(aside ? 1 : 0);
      expect(kept.every((name) => readFileSync(join(folder, name)).equals(bytes))).toBe(true);
      expect(vi.mocked(console.warn)).toHaveBeenCalledTimes(aside ? 1 : 0);
      await store.add(some(100, 2));
      const again = open();
      expect(await all(again)).toHaveLength(count + 2);
      expect(vi.mocked(console.warn)).toHaveBeenCalledTimes(aside ? 1 : 0);
    },
  );

  it("keeps all of a post or nothing of it when the disk is full, and goes on when there is room again", async () => {
    let room = 500;
    const full = new ReadingStore(folder, async (file, bytes, place) => {
      const taken = bytes.subarray(0, room);
      room -= taken.length;
      await writeWhole(file, taken, place);
      if (taken.length < bytes.length) throw Object.assign(new Error("no space left"), { code: "ENOSPC" });
    });
    opened.push(full);
    const acknowledged: number[] = [];
    for (let n = 0; n < 20; n++) {
      try {
        await full.add(some(10 * n, 2));
        acknowledged.push(10 * n, 10 * n + 1);
      } catch (error) {
        expect(isFull(error)).toBe(true);
      }
      if (n === 15) room = 1e6;
    }
    expect(acknowledged.length).toBeGreaterThan(8);
    expect(acknowledged.length).toBeLessThan(40);
    // Sent again, what was refused is no repetition.
    expect(await full.add(some(100, 2))).toHaveLength(2);
    const again = await all(open());
    expect(again.map((each) => each.at)).toEqual([...acknowledged, 100, 101].map(at));
    expect(readFileSync(firstFile(), "utf8").trim().split("\n")).toHaveLength(again.length);
  });

  it("begins a new epoch when its numbers count no more, and only then", async () => {
    const store = open();
    await store.add(some(0, 3));
    appendFileSync(firstFile(), '{"at":"torn');
    expect(open().epoch).toBe(store.epoch);
    appendFileSync(firstFile(), "damaged\n");
    expect(open().epoch).not.toBe(store.epoch);
  });

  it("is a law: whatever bytes its file holds, it starts, and keeps what it is given from then on", async () => {
    const piece = fc.oneof(
      fc.constantFrom(...good.map((each) => `${each}\n`)).map((each) => Buffer.from(each)),
      fc.uint8Array({ maxLength: 60 }).map((each) => Buffer.from(each)),
      fc.constant(Buffer.from("\n")),
    );
    await fc.assert(
      fc.asyncProperty(fc.array(piece, { maxLength: 12 }), async (pieces) => {
        const own = join(mkdtempSync(join(tmpdir(), "bruma-store-")), "readings");
        mkdirSync(own);
        writeFileSync(join(own, "000000001.jsonl"), Buffer.concat(pieces));
        const store = open(own);
        const before = (await all(store)).length;
        await store.add(some(1000, 3));
        expect(await all(open(own))).toHaveLength(before + 3);
      }),
      { numRuns: 60 },
    );
  });
});
