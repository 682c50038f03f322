import Dexie from "dexie";
import { describe, expect, it, vi } from "vitest";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { BrumaDatabase } from "./database";
import { everythingIn, openDatabase } from "./opening";

const newName = (): string => `opening-${Math.random()}`;

describe("a database that does not open", () => {
  it("of a newer version is told so, left as it is, and can be written out", async () => {
    const name = newName();
    const newer = new Dexie(name);
    newer.version(99).stores({ roasts: "id" });
    await newer.table("roasts").add(sampleRoast("kept"));
    newer.close();
    await expect(openDatabase(new BrumaDatabase(name), vi.fn())).rejects.toMatchObject({
      kind: "newer",
      database: name,
    });
    expect(JSON.parse(await everythingIn(name))).toMatchObject({ version: 990, tables: { roasts: [{ id: "kept" }] } });
  });

  it.each([
    ["full", new DOMException("no room", "QuotaExceededError")],
    ["shut", new DOMException("internal", "UnknownError")],
  ])("for another reason is %s", async (kind, thrown) => {
    const db = new BrumaDatabase(newName());
    db.open = (() => Promise.reject(thrown)) as never;
    await expect(openDatabase(db, vi.fn())).rejects.toMatchObject({ kind });
  });

  it("because another tab holds it says so, and opens once that one lets go", async () => {
    const name = newName();
    const old = new Dexie(name);
    old.version(1).stores({ roasts: "id, createdAt", readings: "++key, roastId, [roastId+at]", preferences: "id" });
    await old.open();
    // A page of an older version that does not let go by itself.
    old.on("versionchange", () => false);
    const onBlocked = vi.fn();
    const db = new BrumaDatabase(name);
    const opened = openDatabase(db, onBlocked);
    await expect.poll(() => onBlocked).toHaveBeenCalled();
    old.close();
    await opened;
    expect(db.isOpen()).toBe(true);
    db.close();
  });
});
