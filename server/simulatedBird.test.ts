import { once } from "node:events";
import { mkdtempSync, writeFileSync } from "node:fs";
import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it, vi } from "vitest";
import { hiddenRoast } from "../core/forecast/hiddenRoast";
import type { ThermometerLine } from "../core/formats/thermometer";
import { withStage } from "../core/plan/edits";
import type { Roast } from "../core/plan/roast";
import { MINUTE_MS } from "../core/units/time";
import { roastInProgress } from "../demo/inProgress";
import { NO_APP } from "../tests/helpers/noApp";
import { makeServer } from "./app";
import { demoBird } from "./demo";
import { runThermometer } from "./thermometer";

const IN_AT_MS = Date.parse("2026-12-24T10:00:00.000Z");
const roast = roastInProgress(IN_AT_MS, "UTC");
const at = (minute: number): string => new Date(IN_AT_MS + minute * MINUTE_MS).toISOString();
const pulledAt = (minute: number): Roast => ({ ...roast, happened: { ...roast.happened, pulledAt: at(minute) } });

describe("the bird at the simulated thermometer", () => {
  it("is another one once something was done to it that it feels, and only then", () => {
    const bird = demoBird(IN_AT_MS);
    const first = bird.asked();
    expect(bird.hear({ ...roast, notes: "golden already" })).toBe(true);
    expect(bird.asked()).toBe(first);
    expect(bird.hear({ ...roast, plan: withStage(1, { airC: 190 })(roast.plan) })).toBe(true);
    const hotter = bird.asked();
    expect(hotter.options.stages.at(-1)?.airC).toBe(190);
    expect(bird.hear({ ...roast, createdAt: at(0) })).toBe(false);
    expect(bird.hear({ ...roast, id: "another" })).toBe(false);
    expect(bird.asked()).toBe(hotter);
  });

  it("goes on as it was told with a server that starts again", () => {
    const keptIn = join(mkdtempSync(join(tmpdir(), "bruma-bird-")), "roast.json");
    const bird = demoBird(IN_AT_MS, keptIn);
    bird.hear(pulledAt(100));
    expect(demoBird(IN_AT_MS, keptIn).asked()).toEqual(bird.asked());
    expect(demoBird(IN_AT_MS + MINUTE_MS, keptIn).asked().rest).toBeUndefined();
    writeFileSync(keptIn, '{"id": "demo-n');
    const said = vi.spyOn(console, "error").mockReturnValue();
    expect(demoBird(IN_AT_MS, keptIn).asked().rest).toBeUndefined();
    expect(said).toHaveBeenCalledWith(expect.stringContaining("cannot be read"));
    said.mockRestore();
  });

  it("is told by a page what its roast is, and refuses what is none", async () => {
    const bird = demoBird(IN_AT_MS);
    const server = createServer(makeServer({ demo: true, root: NO_APP, bird })).listen(0, "127.0.0.1");
    await once(server, "listening");
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/simulated-bird`;
    const put = (body: unknown) =>
      fetch(url, { method: "PUT", headers: { "Content-Type": "application/json" }, body: JSON.stringify(body) });
    expect(await (await put(pulledAt(90))).json()).toEqual({ heard: true });
    expect(bird.asked().rest?.pulledMin).toBe(90);
    expect(await (await put({ ...roast, id: "another" })).json()).toEqual({ heard: false });
    const refused = await put({ ...roast, plan: { ...roast.plan, targetC: "hot" } });
    expect(refused.status).toBe(400);
    expect(((await refused.json()) as { why: string }).why).toContain("targetC");
    server.close();
  });

  it("is read as it was until it is out, and as it rests from then on", async () => {
    const told: ThermometerLine[] = [];
    const bird = demoBird(IN_AT_MS);
    const stop = new AbortController();
    const [OUT_MIN, EVERY_S] = [80, 20];
    let nowMin = OUT_MIN;
    const server = createServer(async (request, response) => {
      let body = "";
      for await (const chunk of request) body += chunk;
      told.push(...(JSON.parse(body) as ThermometerLine[]));
      response.end();
      const lastMin = (Date.parse(told.at(-1)?.at ?? "") - IN_AT_MS) / MINUTE_MS;
      // What lay behind is nearly told: now it comes out, and an hour goes by.
      if (lastMin > OUT_MIN - 30) {
        bird.hear(pulledAt(OUT_MIN));
        nowMin = OUT_MIN + 60;
      }
      if (lastMin > OUT_MIN + 20) stop.abort();
    }).listen(0, "127.0.0.1");
    await once(server, "listening");
    await runThermometer({
      bird,
      url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
      clock: { now: () => IN_AT_MS + nowMin * MINUTE_MS, rate: 1 },
      everyS: EVERY_S,
      signal: stop.signal,
    });
    server.close();
    const lines = (): Map<string, number> => new Map(told.map((line) => [`${line.at} ${line.probe}`, line.celsius]));
    const asked = (of: typeof bird, longestMin: number) =>
      [...hiddenRoast({ ...of.asked(), everyMin: EVERY_S / 60, longestMin })].flatMap(({ minute, shownC }) =>
        Object.entries(shownC).map(([probe, celsius]) => [`${at(minute)} ${probe}`, celsius] as const),
      );
    const rested = asked(bird, 8 * 60).slice(0, told.length);
    expect([...lines()]).toEqual(rested);
    const still = asked(demoBird(IN_AT_MS), OUT_MIN);
    expect(rested.slice(0, still.length)).toEqual(still);
    // In the heat it would be far hotter by then.
    const hotter = new Map(asked(demoBird(IN_AT_MS), OUT_MIN + 30));
    const last = told.findLast(({ probe }) => probe === "right breast");
    expect((hotter.get(`${last?.at} right breast`) ?? 0) - (last?.celsius ?? 0)).toBeGreaterThan(2);
    expect(lines().size).toBe(told.length);
  });
});
