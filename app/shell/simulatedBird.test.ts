import { afterEach, describe, expect, it, vi } from "vitest";
import type { Roast } from "../../core/plan/roast";
import { BrumaDatabase } from "../../storage/database";
import { changeRoast, saveRoast } from "../../storage/roasts";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { tellSimulatedBird } from "./simulatedBird";

afterEach(() => {
  vi.unstubAllGlobals();
  vi.useRealTimers();
});

describe("the bird of the simulated thermometer", () => {
  it("is told what was done to its roast, the newest last, and again where the server was away", async () => {
    vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout"] });
    const db = new BrumaDatabase("simulated bird");
    const told: Roast[] = [];
    let isAway = true;
    vi.stubGlobal("fetch", async (path: string, { method, body }: { method: string; body: string }) => {
      expect([path, method]).toEqual(["/api/simulated-bird", "PUT"]);
      if (isAway) throw new TypeError("no network");
      told.push(JSON.parse(body) as Roast);
      return Response.json({ heard: true });
    });
    const info = vi.spyOn(console, "info").mockReturnValue();
    const roast = sampleRoast();
    await saveRoast(db, roast);
    tellSimulatedBird(db, roast.id);
    await expect.poll(() => info).toHaveBeenCalled();
    await changeRoast(db, roast.id, (before) => ({ ...before, notes: "hotter" }));
    expect(told).toEqual([]);
    isAway = false;
    vi.advanceTimersByTime(5000);
    await expect.poll(() => told.at(-1)?.notes).toBe("hotter");
    await changeRoast(db, roast.id, (before) => ({ ...before, notes: "out" }));
    await expect.poll(() => told.at(-1)?.notes).toBe("out");
    info.mockRestore();
    db.close();
  });
});
