import { once } from "node:events";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it, vi } from "vitest";
import { MINUTE_MS } from "../core/units/time";
import { NO_APP } from "../tests/helpers/noApp";
import { makeServer } from "./app";
import { Pairing } from "./pairing";

let nowMs = Date.UTC(2026, 8, 27, 9);
const newPath = (): string => join(mkdtempSync(join(tmpdir(), "bruma-pairing-")), "devices.json");
const make = (path = newPath()): Pairing => new Pairing(path, () => nowMs);

function codesOf(pairing: Pairing) {
  const offer = pairing.offer();
  if (offer.kind !== "codes") throw new Error("no code is offered");
  return offer;
}
const wrongOf = (pairing: Pairing): string => (codesOf(pairing).short === "000000" ? "000001" : "000000");

describe("pairing", () => {
  it.each(["short", "long"] as const)(
    "takes the %s code once, within minutes, and knows the device after a restart",
    (kind) => {
      const path = newPath();
      const pairing = make(path);
      const code = codesOf(pairing)[kind];
      const tried = pairing.tryCode(code, "phone", "A phone");
      if (tried.kind !== "paired") throw new Error(tried.kind);
      expect(pairing.tryCode(code, "other", "Another").kind).toBe("wrong");
      expect(pairing.knows(tried.token)).toBe(true);
      expect(readFileSync(path, "utf8")).not.toContain(tried.token);
      const again = make(path);
      expect(again.knows(tried.token)).toBe(true);
      expect(again.devices()).toMatchObject([{ name: "A phone" }]);
      expect(again.remove(tried.device.id)).toBe(true);
      expect([again.knows(tried.token), again.remove(tried.device.id)]).toEqual([false, false]);
    },
  );

  it("takes no code after five minutes, and none before one was shown", () => {
    const pairing = make();
    expect(pairing.tryCode("000000", "a", "A").kind).toBe("wrong");
    const { short } = codesOf(pairing);
    nowMs += 5 * MINUTE_MS;
    expect(pairing.tryCode(short, "b", "B").kind).toBe("wrong");
    expect(codesOf(pairing).short).not.toBe(short);
  });

  it("never keeps an honest device that is clumsy out for more than a few seconds", () => {
    const pairing = make();
    let waitedS = 0;
    for (let n = 0; n < 9; ) {
      const tried = pairing.tryCode(wrongOf(pairing), "phone", "A phone");
      if (tried.kind === "wait") {
        expect(tried.seconds).toBeLessThanOrEqual(8);
        waitedS += tried.seconds;
        nowMs += 1000 * tried.seconds;
      } else n++;
    }
    // Nine wrong codes in a row, each typed in no time.
    expect(waitedS).toBeLessThan(40);
    nowMs += 8000;
    expect(pairing.tryCode(codesOf(pairing).short, "phone", "A phone").kind).toBe("paired");
  });

  it("is not broken into in a century, from however many addresses, though its codes are shown day and night", () => {
    const pairing = make();
    const startMs = nowMs;
    let tries = 0;
    while (nowMs - startMs < 24 * 60 * MINUTE_MS) {
      const offer = pairing.offer();
      if (offer.kind === "wait") nowMs = offer.untilMs;
      else if (pairing.tryCode(wrongOf(pairing), `address ${tries % 200}`, "?").kind === "wrong") tries++;
      nowMs += 2;
    }
    const aDay = tries;
    // Half of all codes have to be tried on average.
    expect(500_000 / aDay / 365).toBeGreaterThan(0.4);
    // Shown for ten minutes on one day in the year, it is centuries.
    expect((500_000 / aDay / 365) * (365 * 24 * 6)).toBeGreaterThan(10_000);
  });

  it("starts with a file of devices that is damaged, which is kept beside", () => {
    vi.spyOn(console, "warn").mockImplementation(() => undefined);
    const path = newPath();
    writeFileSync(path, "{");
    expect(make(path).devices()).toEqual([]);
    expect(readFileSync(`${path}.damaged`, "utf8")).toBe("{");
    vi.restoreAllMocks();
  });
});

describe("a server that is open to the home network", () => {
  /** Asked as if through a server in between: from another machine. */
  async function open() {
    const pairing = make();
    const app = makeServer({ demo: false, root: NO_APP, lan: { addresses: [], pairing } });
    app.get("/nothing", () => undefined);
    const server = createServer(app).listen(0, "127.0.0.1");
    await once(server, "listening");
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    const far = { "X-Forwarded-For": "192.168.1.7" };
    const pair = (body: unknown, headers: Record<string, string> = far) =>
      fetch(`${url}/api/pair`, {
        method: "POST",
        headers: { "Content-Type": "application/json", ...headers },
        body: typeof body === "string" ? body : JSON.stringify(body),
      });
    return { pairing, url, far, pair, close: () => server.close() };
  }

  it("gives a device that knows the code a cookie no script can read, and shows codes to this machine alone", async () => {
    const { pairing, url, far, pair, close } = await open();
    expect((await fetch(`${url}/api/pair/offer`, { headers: far })).status).toBe(403);
    expect((await fetch(`${url}/api/pair/devices`, { headers: far })).status).toBe(403);
    const offered = (await (await fetch(`${url}/api/pair/offer`)).json()) as { short: string };
    expect(offered.short).toBe(codesOf(pairing).short);
    expect((await pair({ code: "12" })).status).toBe(400);
    const answer = await pair({ code: ` ${offered.short} `, name: "A phone" });
    expect(answer.status).toBe(200);
    expect(answer.headers.get("set-cookie")).toMatch(/^bruma-paired=[\w-]{43}; HttpOnly; SameSite=Strict; Path=\/;/);
    expect(await answer.text()).not.toContain("token");
    close();
  });

  it.each([
    ["letters of another alphabet", { code: "１２３４５６" }],
    ["nothing", {}],
    ["no JSON", "{"],
    ["half a letter", '{"code":"\\ud800"}'],
    ["something huge", { code: "1".repeat(5000) }],
    ["an object", { code: { $ne: 1 } }],
  ])("answers %s in one sentence, and counts it as no try", async (_, body) => {
    const { pairing, pair, close } = await open();
    for (let n = 0; n < 6; n++) {
      const answer = await pair(body);
      expect([400, 413]).toContain(answer.status);
      const { why } = (await answer.json()) as { why: string };
      expect(why).not.toMatch(/\n| at .*:\d+/);
    }
    expect(pairing.tryCode(codesOf(pairing).short, "192.168.1.7", "A phone").kind).toBe("paired");
    close();
  });
});
