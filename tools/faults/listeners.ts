/** Many who listen, and many who do not read what they asked for. */

import { mkdtempSync } from "node:fs";
import { connect, type Socket } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { SHARED_VERSION } from "../../core/formats/shared";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { hear, post, startServer, watchWaits } from "./server";

const newFolder = (): string => mkdtempSync(join(tmpdir(), "bruma-listeners-"));
const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

/** They ask for changes of roasts and never read a byte. */
export async function silentListeners(count: number, changes: number) {
  const server = await startServer(newFolder());
  const port = Number(new URL(server.url).port);
  const sockets: Socket[] = [];
  for (let n = 0; n < count; n++) {
    const socket = connect(port, "127.0.0.1");
    socket.on("error", () => undefined);
    socket.pause();
    socket.write("GET /api/roasts/stream HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n");
    sockets.push(socket);
  }
  await pause(1500);
  const beforeMb = server.memoryMb();
  const waits = watchWaits(server.url);
  let mostMb = beforeMb;
  let revision = 0;
  const readings = Array.from({ length: 9000 }, (_, n) => ({
    at: new Date(Date.UTC(2026, 8, 27, 9) + 1000 * n).toISOString(),
    part: "breast",
    celsius: 20 + (n % 50),
    source: "typed",
  }));
  for (let n = 0; n < changes; n++) {
    const response = await fetch(`${server.url}/api/roasts/sample`, {
      method: "PUT",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({
        version: SHARED_VERSION,
        revision,
        roast: { ...sampleRoast(), notes: `change ${n}` },
        readings,
      }),
    });
    revision = ((await response.json()) as { revision: number }).revision;
    mostMb = Math.max(mostMb, server.memoryMb());
  }
  const longestMs = await waits();
  for (const socket of sockets) socket.destroy();
  await server.stop();
  return { beforeMb, mostMb, longestMs };
}

/** All of them read: none may miss one. */
export async function listeners(count: number, perSecond: number, seconds: number) {
  const server = await startServer(newFolder());
  const heard = new Array<number>(count).fill(0);
  const ends = heard.map((_, n) =>
    hear(server.url, "/api/readings/stream", (more) => {
      heard[n] = (heard[n] as number) + more;
    }),
  );
  await pause(4000);
  const waits = watchWaits(server.url);
  let acknowledged = 0;
  for (let second = 0; second < seconds; second++) {
    for (let n = 0; n < 10; n++) {
      acknowledged += (await post(server.url, acknowledged, perSecond / 10)).values.length;
      await pause(90);
    }
  }
  for (let n = 0; n < 300 && heard.some((each) => each < acknowledged); n++) await pause(100);
  const longestMs = await waits();
  for (const end of ends) end();
  await server.stop();
  return { acknowledged, lost: heard.reduce((sum, each) => sum + (acknowledged - each), 0), longestMs };
}
