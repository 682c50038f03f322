import { once } from "node:events";
import { mkdtempSync, readdirSync, readFileSync, writeFileSync } from "node:fs";
import { createServer, type Server } from "node:http";
import { type AddressInfo, connect } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { SHARED_VERSION, type SharedRoast } from "../core/formats/shared";
import { NO_APP } from "../tests/helpers/noApp";
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
  server = createServer(makeServer({ demo: false, root: NO_APP, sharing })).listen(0, "127.0.0.1");
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
  version: SHARED_VERSION,
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
  const keptAs = async (response: Response): Promise<number> => ((await response.json()) as SharedRoast).revision;

  it("rise with every change, are sent on, and there again after a restart", async () => {
    const first = await keptAs(await put(shared()));
    const listening = heard(2);
    const second = await keptAs(await put(shared({ revision: first, roast: { ...sampleRoast(), title: "Ours" } })));
    expect(second).toBeGreaterThan(first);
    expect((await listening).map(({ revision, roast }) => [revision, roast.title])).toEqual([
      [first, "A Sunday turkey"],
      [second, "Ours"],
    ]);
    stop();
    await start();
    expect(await (await fetch(url)).json()).toEqual({
      version: SHARED_VERSION,
      roasts: [
        {
          id: "sample",
          dinner: "sample",
          title: "Ours",
          bird: { species: "turkey", cut: "whole", massKg: 5.8, count: 1 },
          serveAt: sampleRoast().plan.serveAt,
          zone: "UTC",
        },
      ],
    });
    expect(await (await fetch(`${url}/sample`)).json()).toMatchObject({ revision: second, roast: { title: "Ours" } });
    expect((await fetch(`${url}/another`)).status).toBe(404);
  });

  it("that an older version has kept are read as they would be now", async () => {
    const { dinner: _, fire: __, ...roast } = sampleRoast();
    stop();
    writeFileSync(join(folder, "kept.json"), JSON.stringify({ version: 3, revision: 4, roast, readings: [] }));
    await start();
    expect(await (await fetch(`${url}/sample`)).json()).toMatchObject({
      version: SHARED_VERSION,
      roast: sampleRoast(),
    });
  });

  it("rise over an emptied shelf too, so that no device takes the newest for an old one", async () => {
    const first = await keptAs(await put(shared()));
    stop();
    folder = mkdtempSync(join(tmpdir(), "bruma-roasts-"));
    await start();
    expect(await keptAs(await put(shared({ revision: first })))).toBeGreaterThan(first);
  });

  it("that were made from an older one are handed back, their readings joined all the same", async () => {
    await put(shared({ readings: [reading(1)] }));
    const stale = await put(shared({ roast: { ...sampleRoast(), title: "Too late" }, readings: [reading(2)] }));
    expect(stale.status).toBe(409);
    expect(await stale.json()).toMatchObject({
      roast: { title: "A Sunday turkey" },
      readings: [{ celsius: 21 }, { celsius: 22 }],
    });
  });

  it("are in common no more once one device takes them out, and are not brought back by one that was away", async () => {
    const revision = await keptAs(await put(shared()));
    expect((await fetch(`${url}/sample`, { method: "DELETE" })).status).toBe(204);
    expect((await fetch(`${url}/sample`, { method: "DELETE" })).status).toBe(204);
    stop();
    await start();
    expect((await put(shared({ revision }))).status).toBe(410);
    // Put in common anew, on purpose.
    expect((await put(shared())).status).toBe(200);
  });

  it.each([
    ["no JSON", "{", 400],
    ["no roast", { version: SHARED_VERSION, revision: 0 }, 400],
    ["a roast that cannot be", { ...shared(), roast: { ...sampleRoast(), title: "" } }, 400],
    ["a field nobody knows", { ...shared(), more: 1 }, 400],
    ["an older page", { ...shared(), version: undefined }, 426],
    ["a newer page", { ...shared(), version: SHARED_VERSION + 1 }, 426],
    ["too large", `"${"x".repeat(4_200_000)}"`, 413],
  ])("answers %s with what is wrong, and keeps nothing", async (_, body, status) => {
    const response = await put(body);
    expect(response.status).toBe(status);
    expect(JSON.stringify(await response.json())).toContain("why");
    expect(readdirSync(folder)).toEqual([]);
  });

  it("may be called anything: each has a file in the folder, and no other", async () => {
    for (const id of ["../../etc", "ü".repeat(64), "\u{1F414}", "con", ".", "a/b\\c"]) {
      const address = encodeURIComponent(id === "." ? "%2E" : id);
      const own = id === "." ? "%2E" : id;
      expect((await put(shared(), address)).status).toBe(400);
      expect((await put(shared({ roast: sampleRoast(own) }), address)).status).toBe(200);
      expect(await (await fetch(`${url}/${address}`)).json()).toMatchObject({ roast: { id: own } });
    }
    expect(readdirSync(folder).every((name) => /^[0-9a-f]{32}\.json$/.test(name))).toBe(true);
    expect(readdirSync(folder)).toHaveLength(6);
  });

  it("leave alone what a newer server has kept, and what is damaged; the others are there", async () => {
    await put(shared());
    await put(shared({ roast: sampleRoast("other") }), "other");
    stop();
    const [one] = readdirSync(folder).filter((name) => readFileSync(join(folder, name), "utf8").includes('"sample"'));
    const newer = JSON.stringify({ ...shared(), version: SHARED_VERSION + 1 });
    writeFileSync(join(folder, one as string), newer);
    writeFileSync(join(folder, "damaged.json"), "{");
    vi.spyOn(console, "warn").mockImplementation(() => undefined);
    await start();
    expect(((await (await fetch(url)).json()) as { roasts: unknown[] }).roasts).toHaveLength(1);
    expect((await put(shared())).status).toBe(507);
    expect(readFileSync(join(folder, one as string), "utf8")).toBe(newer);
    expect(readFileSync(join(folder, "damaged.json"), "utf8")).toBe("{");
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
