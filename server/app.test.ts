import { once } from "node:events";
import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { createServer, type Server } from "node:http";
import { type AddressInfo, connect } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { brotliCompressSync, gzipSync } from "node:zlib";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { makeServer } from "./app";

let server: Server;
let url: string;
beforeAll(async () => {
  const root = mkdtempSync(join(tmpdir(), "bruma-root-"));
  writeFileSync(join(root, "index.html"), "<title>Bruma</title>");
  mkdirSync(join(root, "assets"));
  writeFileSync(join(root, "assets", "kernel.wasm"), Buffer.from([0, 97, 115, 109]));
  const script = "export const bird = 1;".repeat(100);
  writeFileSync(join(root, "assets", "app-1a2b3c4d.js"), script);
  writeFileSync(join(root, "assets", "app-1a2b3c4d.js.br"), brotliCompressSync(script));
  writeFileSync(join(root, "assets", "app-1a2b3c4d.js.gz"), gzipSync(script));
  server = createServer(makeServer({ demo: true, root, names: ["dinner.example"] })).listen(0, "127.0.0.1");
  await once(server, "listening");
  url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => server.close());

describe("the server", () => {
  it("says whether it was started as the demo", async () => {
    expect(await (await fetch(`${url}/api/mode`)).json()).toEqual({ demo: true });
  });

  it.each(["/", "/roast/abc/plan", "/kitchen"])("answers the app's route %s with the app", async (path) => {
    expect(await (await fetch(url + path)).text()).toContain("<title>Bruma</title>");
  });

  it.each(["/assets/none.js", "/api/none"])("does not answer %s with the app", async (path) => {
    expect((await fetch(url + path)).status).toBe(404);
  });

  it("serves the kernel as what it is, so that it can be compiled while it streams", async () => {
    expect((await fetch(`${url}/assets/kernel.wasm`)).headers.get("content-type")).toBe("application/wasm");
  });

  it.each([
    ["br, gzip", "br"],
    ["gzip", "gzip"],
    ["identity", null],
  ])(
    "sends what was compressed at the build to a browser that takes %s, to be kept for a year",
    async (takes, sent) => {
      const answer = await fetch(`${url}/assets/app-1a2b3c4d.js`, { headers: { "accept-encoding": takes } });
      expect(answer.headers.get("content-encoding")).toBe(sent);
      expect(answer.headers.get("content-type")).toContain("javascript");
      expect(answer.headers.get("cache-control")).toBe("public, max-age=31536000, immutable");
      expect(await answer.text()).toContain("export const bird = 1;");
    },
  );

  it("has the page itself asked for each time", async () => {
    expect((await fetch(url)).headers.get("cache-control")).toBe("no-cache");
  });

  it("answers to addresses, names of a home network and its own, and to no name that was bent to it", async () => {
    const asked = (host: string): Promise<string> =>
      new Promise((resolve) => {
        const socket = connect((server.address() as AddressInfo).port, "127.0.0.1");
        socket.once("data", (chunk) => {
          resolve(String(chunk).split(" ")[1] ?? "");
          socket.destroy();
        });
        socket.write(`GET /api/mode HTTP/1.1\r\nHost: ${host}\r\n\r\n`);
      });
    for (const host of ["127.0.0.1:4173", "kitchen", "kitchen.local:4174", "dinner.example"]) {
      expect([host, await asked(host)]).toEqual([host, "200"]);
    }
    for (const host of ["elsewhere.example", "dinner.example.elsewhere.example", "constructor.example"]) {
      expect([host, await asked(host)]).toEqual([host, "403"]);
    }
  });

  it("tells a mistake of its own in one sentence, without how it came about", async () => {
    for (const path of ["/%E0%A4%A", "/api/%E0%A4%A", "/api/roasts/%E0%A4%A"]) {
      const answer = await fetch(url + path);
      const text = await answer.text();
      expect([400, 404]).toContain(answer.status);
      expect(text).not.toMatch(/\.[jt]s:\d+|node_modules/);
    }
  });

  it("lets the page run its own scripts and the kernel, and nothing from elsewhere", async () => {
    const policy = (await fetch(url)).headers.get("content-security-policy") ?? "";
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(policy).toContain("default-src 'self'");
    expect(policy).toMatch(/font-src 'self'(;|$)/);
    expect(policy).not.toContain("https:");
    expect(policy).not.toContain("unsafe-inline");
    expect(policy).not.toContain("upgrade-insecure-requests");
  });
});
