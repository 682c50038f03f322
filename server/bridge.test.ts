import { once } from "node:events";
import { appendFileSync, mkdtempSync, readFileSync } from "node:fs";
import { createServer, type Server } from "node:http";
import { type AddressInfo, connect } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterEach, beforeEach, describe, expect, it } from "vitest";
import { NO_APP } from "../tests/helpers/noApp";
import { makeServer } from "./app";
import { type Bridge, makeBridge } from "./bridge";
import { ReadingStore } from "./readingStore";

let path: string;
let store: ReadingStore;
let bridge: Bridge;
let server: Server;
let url: string;

async function start(patience?: { readonly posts: number; readonly perMs: number }): Promise<void> {
  store = new ReadingStore(path);
  bridge = makeBridge(store, patience ? { patience } : {});
  const timeouts = { requestTimeout: 1000, headersTimeout: 800, connectionsCheckingInterval: 100 };
  server = createServer(timeouts, makeServer({ demo: false, root: NO_APP, bridge })).listen(0, "127.0.0.1");
  await once(server, "listening");
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/readings`;
}
function stop(): void {
  bridge.close();
  server.closeAllConnections();
  server.close();
  store.close();
}
beforeEach(() => {
  path = join(mkdtempSync(join(tmpdir(), "bruma-readings-")), "readings");
  return start();
});
afterEach(stop);

const START = Date.UTC(2026, 8, 27, 9);
const line = (n: number, celsius = 20 + n / 100) => ({
  at: new Date(START + 1000 * n).toISOString(),
  probe: "breast",
  celsius,
});
const post = (body: string) => fetch(url, { method: "POST", body });
const answer = async (body: string) => {
  const response = await post(body);
  return { status: response.status, ...((await response.json()) as { accepted: number; rejected: { why: string }[] }) };
};

/** Listens until so many readings have come, and hands back their numbers and temperatures. */
async function heard(count: number, after = 0, epoch = store.epoch): Promise<{ id: number; celsius: number }[]> {
  const abort = new AbortController();
  const headers = { "Last-Event-ID": `${epoch}-${after}` };
  const response = await fetch(`${url}/stream`, { headers, signal: abort.signal });
  const events: { id: number; celsius: number }[] = [];
  let text = "";
  for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>) {
    text += new TextDecoder().decode(chunk);
    const blocks = text.split("\n\n");
    text = blocks.pop() ?? "";
    for (const block of blocks) {
      const id = /^id: [0-9a-f]+-(\d+)$/m.exec(block)?.[1];
      const data = /^data: (.+)$/m.exec(block)?.[1];
      if (id && data) events.push({ id: Number(id), celsius: JSON.parse(data).celsius });
    }
    if (events.length >= count) break;
  }
  abort.abort();
  return events;
}

describe("the thermometer bridge", () => {
  it("takes one reading, an array, or one a line, and sends each on in the order it came", async () => {
    const listening = heard(4);
    await post(JSON.stringify(line(1)));
    await post(JSON.stringify([line(2), line(3)]));
    await post(`${JSON.stringify(line(4))}\n`);
    expect((await listening).map(({ id, celsius }) => [id, celsius])).toEqual([
      [1, 20.01],
      [2, 20.02],
      [3, 20.03],
      [4, 20.04],
    ]);
  });

  it("sends what was missed to one who comes back", async () => {
    await post(JSON.stringify(Array.from({ length: 10 }, (_, n) => line(n))));
    expect((await heard(4, 6)).map(({ id }) => id)).toEqual([7, 8, 9, 10]);
  });

  it("tells everything again to one whose number is of a store that was reset", async () => {
    await post(JSON.stringify(Array.from({ length: 10 }, (_, n) => line(n))));
    expect((await heard(10, 6, "0123456789ab")).map(({ id }) => id)).toHaveLength(10);
  });

  it("loses nothing acknowledged over a restart, even one in the middle of a line", async () => {
    await post(JSON.stringify([line(1), line(2)]));
    stop();
    const file = join(path, "000000001.jsonl");
    appendFileSync(file, '{"at":"2026-09-27T09:00');
    await start();
    await post(JSON.stringify(line(3)));
    expect((await heard(3)).map(({ celsius }) => celsius)).toEqual([20.01, 20.02, 20.03]);
    expect(readFileSync(file, "utf8").trim().split("\n")).toHaveLength(3);
  });

  it("keeps a reading once however often it is posted", async () => {
    for (let n = 0; n < 5; n++) await post(JSON.stringify(line(1)));
    await Promise.all(Array.from({ length: 20 }, () => post(JSON.stringify(line(2)))));
    expect(store.last).toBe(2);
  });

  it.each([
    ["", "the body is empty"],
    ["hello", "has to be an object"],
    ["null", "has to be an object"],
    ['{"at":"noon","probe":"breast","celsius":20}', "at:"],
    ['{"at":"2026-09-27T09:00:00Z","probe":"wing","celsius":20}', "probe:"],
    ['{"at":"2026-09-27T09:00:00Z","probe":"breast","celsius":1e9}', "celsius:"],
    ['{"at":"2026-09-27T09:00:00Z","probe":"breast","celsius":20,"__proto__":{"x":1},"more":1}', "more"],
  ])("answers %s with what is wrong, and keeps nothing", async (body, says) => {
    const { status, accepted, rejected } = await answer(body);
    expect([status, accepted]).toEqual([400, 0]);
    expect(rejected[0]?.why).toContain(says);
    expect(store.last).toBe(0);
  });

  it("takes the good lines among bad ones, and names the others by their line", async () => {
    const { status, accepted, rejected } = await answer(
      `${JSON.stringify(line(1))}\nnonsense\n${JSON.stringify(line(2))}`,
    );
    expect([status, accepted]).toEqual([200, 2]);
    expect(rejected).toMatchObject([{ line: 2 }]);
  });

  it("is not held up by a body of line breaks, nor by one that is nested without end", async () => {
    expect((await answer("\n".repeat(250_000))).status).toBe(400);
    expect((await answer("\n{}".repeat(80_000))).status).toBe(413);
    expect((await answer("[".repeat(200_000))).status).toBe(400);
    expect((await answer(`${"[".repeat(100_000)}${"]".repeat(100_000)}`)).status).toBe(400);
  });

  it("refuses what is too large, and goes on", async () => {
    expect((await answer("x".repeat(300_000))).status).toBe(413);
    expect((await answer(JSON.stringify(Array.from({ length: 2001 }, (_, n) => line(n))))).status).toBe(413);
    expect((await answer(JSON.stringify(line(1)))).status).toBe(200);
  });

  it("refuses more posts than any probe makes, and says so", async () => {
    stop();
    // So long that a slow machine is no slow cook.
    await start({ posts: 20, perMs: 600_000 });
    const answers = await Promise.all(Array.from({ length: 25 }, (_, n) => answer(JSON.stringify(line(n)))));
    expect(answers.filter(({ status }) => status === 200)).toHaveLength(20);
    const refused = answers.filter(({ status }) => status === 429);
    expect(refused).toHaveLength(5);
    expect(refused[0]?.rejected[0]?.why).toBe("more than 20 posts in 600 s: send lines together");
  });

  it("ends a post that never arrives", async () => {
    const { port } = server.address() as AddressInfo;
    const socket = connect(port, "127.0.0.1");
    socket.write("POST /api/readings HTTP/1.1\r\nHost: x\r\nContent-Length: 100\r\n\r\n{");
    const [chunk] = await once(socket, "data");
    expect(String(chunk)).toContain("408");
    expect((await answer(JSON.stringify(line(1)))).status).toBe(200);
  });
});
