import { spawn } from "node:child_process";
import { once } from "node:events";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { lockFolder } from "./folderLock";

const newFolder = (): string => mkdtempSync(join(tmpdir(), "bruma-lock-"));

describe("a folder that is worked in", () => {
  it("is another server's while that one is alive, which is told with where it runs", async () => {
    const folder = newFolder();
    const other = spawn(process.execPath, ["-e", "setInterval(() => {}, 1000)"]);
    try {
      writeFileSync(join(folder, "in-use.json"), JSON.stringify({ pid: other.pid, url: "http://127.0.0.1:4173/" }));
      expect(lockFolder(folder)).toEqual({ kind: "taken", pid: other.pid, url: "http://127.0.0.1:4173/" });
    } finally {
      other.kill();
      await once(other, "exit");
    }
    expect(lockFolder(folder).kind).toBe("mine");
  });

  it.each(["", "{", '{"pid":0}', '{"pid":"x","url":1}'])("is free where %j was left behind", (left) => {
    const folder = newFolder();
    writeFileSync(join(folder, "in-use.json"), left);
    expect(lockFolder(folder).kind).toBe("mine");
  });

  it("says where its server runs, and is free again after it", () => {
    const folder = newFolder();
    const mine = lockFolder(folder);
    if (mine.kind !== "mine") throw new Error("it was taken");
    mine.tell("http://127.0.0.1:4174/");
    expect(JSON.parse(readFileSync(join(folder, "in-use.json"), "utf8"))).toEqual({
      pid: process.pid,
      url: "http://127.0.0.1:4174/",
    });
    mine.release();
    expect(lockFolder(folder).kind).toBe("mine");
  });
});
