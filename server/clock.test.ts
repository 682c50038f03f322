import { once } from "node:events";
import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import { afterEach, describe, expect, it } from "vitest";
import { NO_APP } from "../tests/helpers/noApp";
import { makeServer } from "./app";
import { PacedClock } from "./clock";

let server: Server | undefined;
afterEach(() => server?.close());

describe("the clock of simulated devices", () => {
  it("is life's until it is set", () => {
    let lifeMs = 1000;
    const clock = new PacedClock(() => lifeMs);
    lifeMs = 5000;
    expect(clock.now()).toBe(5000);
    clock.set({ rate: 60, now: new Date(1_000_000).toISOString() });
    lifeMs = 6000;
    expect(clock.now()).toBe(1_060_000);
  });

  it("is set by a page of this machine, and refuses what is no pace", async () => {
    const clock = new PacedClock();
    server = createServer(makeServer({ demo: false, root: NO_APP, clock })).listen(0, "127.0.0.1");
    await once(server, "listening");
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/clock`;
    const put = (body: unknown) =>
      fetch(url, { method: "PUT", headers: { "Content-Type": "application/json" }, body: JSON.stringify(body) });
    const now = "2026-12-24T10:00:00.000Z";
    expect((await put({ rate: 120, now })).status).toBe(200);
    expect(clock.rate).toBe(120);
    for (const wrong of [{ rate: 0, now }, { rate: 1000, now }, { rate: 1, now: "noon" }, {}]) {
      expect((await put(wrong)).status).toBe(400);
    }
    const told = (await (await fetch(url)).json()) as { rate: number; now: string };
    expect(told.rate).toBe(120);
    expect(Date.parse(told.now)).toBeGreaterThanOrEqual(Date.parse(now));
  });
});
