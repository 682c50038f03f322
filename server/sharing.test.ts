import { once } from "node:events";
import { mkdtempSync, readdirSync } from "node:fs";
import { createServer, type Server } from "node:http";
import { type AddressInfo, connect } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import type { SharedRoast } from "../core/formats/shared";
import { sampleRoast } from "../tests/helpers/sampleRoast";
import { makeServer } from "./app";
import { RoastShelf } from "./roastShelf";
import { makeSharing, type Sharing } from "./sharing";

let folder: string;
let sharing: Sharing;
let server: Server;
let url: string;

async function start(): Promise<void> {
  sharing = makeSharing(new RoastShelf(folder));
  server = createServer(makeServer({ demo: false, root: tmpdir(), sharing })).listen(0, "127.0.0.1");
  await once(server, "listening");
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/roasts`;
}
function stop(): void {
  sharing.close();
  server.closeAllConnections();
  server.close();
}
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), "bruma-roasts-"));
  return start();
});
afterEach(stop);

const shared = (change: Partial<SharedRoast> = {}): SharedRoast => ({
  revision: 0,
  roast: sampleRoast(),
  readings: [],
  ...change,
});
const put = (body: unknown, id = "sample", headers: Record<string, string> = {}) =>
  fetch(`${url}/${id}`, {
    method: "PUT",
    headers: { "Content-Type": "application/json", ...headers },
    body: typeof body === "string" ? body : JSON.stringify(body),
  });
const reading = (minute: number) => ({
  at: new Date(Date.UTC(2026, 8, 27, 9, minute)).toISOString(),
  part: "breast" as const,
  celsius: 20 + minute,
  source: "typed" as const,
});

/** What the stream says until so many roasts have come. */
async function heard(count: number): Promise<SharedRoast[]> {
  const abort = new AbortController();
  const response = await fetch(`${url}/stream`, { signal: abort.signal });
  const all: SharedRoast[] = [];
  let text = "";
  for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
    text += new TextDecoder().decode(chunk);
    const blocks = text.split("\n\n");
    text = blocks.pop() ?? "";
    for (const block of blocks) {
      const data = /^data: (.+)$/m.exec(block)?.[1];
      if (data) all.push(JSON.parse(data));
    }
    if (all.length >= count) break;
  }
  abort.abort();
  return all;
}

describe("roasts in common", () => {
  it("are counted, sent on, and there again after a restart", async () => {
    expect(await (await put(shared())).json()).toMatchObject({ revision: 1 });
    const listening = heard(2);
    expect((await put(shared({ revision: 1, roast: { ...sampleRoast(), title: "Ours" } }))).status).toBe(200);
    expect((await listening).map(({ revision, roast }) => [revision, roast.title])).toEqual([
      [1, "A Sunday turkey"],
      [2, "Ours"],
    ]);
    stop();
    await start();
    expect(await (await fetch(url)).json()).toEqual({
      roasts: [{ id: "sample", title: "Ours", serveAt: sampleRoast().plan.serveAt, zone: "UTC" }],
    });
    expect(await (await fetch(`${url}/sample`)).json()).toMatchObject({ revision: 2, roast: { title: "Ours" } });
    expect((await fetch(`${url}/another`)).status).toBe(404);
    expect(readdirSync(folder)).toEqual(["sample.json"]);
  });

  it("that were made from an older one are handed back, their readings joined all the same", async () => {
    await put(shared({ readings: [reading(1)] }));
    const stale = await put(shared({ roast: { ...sampleRoast(), title: "Too late" }, readings: [reading(2)] }));
    expect(stale.status).toBe(409);
    expect(await stale.json()).toMatchObject({
      revision: 1,
      roast: { title: "A Sunday turkey" },
      readings: [{ celsius: 21 }, { celsius: 22 }],
    });
  });

  it.each([
    ["no JSON", "{", 400],
    ["no roast", { revision: 0 }, 400],
    ["a roast that cannot be", { ...shared(), roast: { ...sampleRoast(), title: "" } }, 400],
    ["a field nobody knows", { ...shared(), more: 1 }, 400],
    ["too large", `"${"x".repeat(2_100_000)}"`, 413],
  ])("answers %s with what is wrong, and keeps nothing", async (_, body, status) => {
    const response = await put(body);
    expect(response.status).toBe(status);
    expect(JSON.stringify(await response.json())).toContain("why");
    expect(readdirSync(folder)).toEqual([]);
  });

  it("keeps to its folder, whatever a roast is called", async () => {
    const id = "../../etc";
    expect((await put(shared(), encodeURIComponent(id))).status).toBe(400);
    expect((await put(shared({ roast: sampleRoast(id) }), encodeURIComponent(id))).status).toBe(200);
    expect(readdirSync(folder)).toEqual(["..%2F..%2Fetc.json"]);
  });

  it("lets no page from elsewhere speak in the cook's name", async () => {
    expect((await put(shared(), "sample", { Origin: "http://elsewhere.example" })).status).toBe(403);
    const own = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    expect((await put(shared(), "sample", { Origin: own })).status).toBe(200);
    // A name that was bent to this address.
    const socket = connect((server.address() as AddressInfo).port, "127.0.0.1");
    socket.write("GET /api/roasts HTTP/1.1\r\nHost: elsewhere.example\r\n\r\n");
    const [chunk] = await once(socket, "data");
    expect(String(chunk)).toContain("403");
    socket.destroy();
  });
});
