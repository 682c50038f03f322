import { once } from "node:events";
import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import express, { type Response } from "express";
import { describe, expect, it } from "vitest";
import { EventStream } from "./eventStream";

const SLICE = `data: ${"x".repeat(64 * 1024)}\n\n`;
const SLICES = 400;

describe("an event stream", () => {
  it("tells a new listener all it has missed as it reads, then the rest, and waits for it with one ear", async () => {
    const stream = new EventStream(1);
    let waiting = 0;
    let told: Response | undefined;
    async function* missed(): AsyncGenerator<string> {
      for (let n = 0; n < SLICES; n++) {
        waiting = Math.max(waiting, told?.listenerCount("close") ?? 0, told?.listenerCount("error") ?? 0);
        yield SLICE;
      }
    }
    const app = express().get("/", (request, response) => {
      told = response;
      return stream.open(request, response, missed(), () => "data: the rest\n\n");
    });
    const server = createServer(app).listen(0, "127.0.0.1");
    await once(server, "listening");
    const abort = new AbortController();
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/`;
    const heard = await fetch(url, { signal: abort.signal });
    let bytes = 0;
    let end = "";
    for await (const chunk of heard.body as unknown as AsyncIterable<Uint8Array>) {
      bytes += chunk.length;
      end = new TextDecoder().decode(chunk).slice(-20);
      if (!end.endsWith("the rest\n\n")) continue;
      expect((await fetch(url)).status).toBe(503);
      break;
    }
    expect(bytes).toBeGreaterThan(SLICES * SLICE.length);
    // Each wait that left a listener behind would show here.
    expect(waiting).toBeLessThan(20);
    abort.abort();
    stream.close();
    server.closeAllConnections();
    server.close();
  });
});
