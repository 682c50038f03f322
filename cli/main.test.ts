import { spawnSync } from "node:child_process";
import { describe, expect, it } from "vitest";
import { COARSE } from "../tests/helpers/command";

describe("the command", () => {
  it("runs from outside: one JSON object, or one line and the exit code", () => {
    const outside = (...args: readonly string[]) =>
      spawnSync("npm", ["run", "--silent", "bruma", "--", ...args], { encoding: "utf8" });
    const good = outside("simulate", ...COARSE, "--until", "time=10m");
    expect(JSON.parse(good.stdout).pullMinutes).toBe(10);
    expect(good.status).toBe(0);
    const bad = outside("roast");
    expect(bad.status).toBe(2);
    expect(bad.stderr).toContain(
      "command: got roast, allowed is simulate, thaw, salt, plan, forecast, log, learn, practice, check",
    );
  });
});
