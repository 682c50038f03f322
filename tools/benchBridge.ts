/**
 * The bridge under load, on loopback: so many listeners, so many readings a second, for so long. Counts what was lost or
 * came out of order, and the server's memory: `node --import tsx tools/benchBridge.ts 500 2000 60`.
 */
import { spawn, spawnSync } from "node:child_process";
import { mkdtempSync } from "node:fs";
import { get, request } from "node:http";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { pathToFileURL } from "node:url";

export interface BridgeFigures {
  readonly listeners: number;
  readonly acknowledged: number;
  readonly lost: number;
  readonly outOfOrder: number;
  readonly readingsPerSecond: number;
  readonly memoryMb: readonly number[];
}

const POSTS_A_SECOND = 20;

export async function benchBridge(listeners: number, perSecond: number, seconds: number): Promise<BridgeFigures> {
  const port = 4800 + (process.pid % 90);
  const child = spawn(process.execPath, ["--import", "tsx", "server/main.ts"], {
    env: {
      ...process.env,
      PORT: String(port),
      BRUMA_DATA: mkdtempSync(join(tmpdir(), "bruma-bench-")),
    },
    stdio: ["ignore", "pipe", "inherit", "ipc"],
    detached: true,
  });
  await new Promise<void>((resolve) => child.stdout?.on("data", (text) => String(text).includes("is at") && resolve()));
  const heard = new Array<number>(listeners).fill(0);
  let outOfOrder = 0;
  const streams = Array.from({ length: listeners }, (_, n) => {
    let last = 0;
    let text = "";
    return get({ host: "127.0.0.1", port, path: "/api/readings/stream", agent: false }, (response) => {
      response.setEncoding("utf8");
      response.on("data", (chunk: string) => {
        text += chunk;
        let end = text.lastIndexOf("\n\n");
        if (end < 0) return;
        for (const found of text.slice(0, end).matchAll(/^id: [0-9a-f]+-(\d+)$/gm)) {
          const id = Number(found[1]);
          if (id !== last + 1) outOfOrder++;
          last = id;
          heard[n] = (heard[n] as number) + 1;
        }
        end += 2;
        text = text.slice(end);
      });
    });
  });
  let acknowledged = 0;
  let sent = 0;
  const started = Date.now();
  const postOne = (count: number): Promise<void> =>
    new Promise((resolve, reject) => {
      const body = Array.from({ length: count }, () => {
        sent++;
        return JSON.stringify({
          at: new Date(started + sent).toISOString(),
          probe: "breast",
          celsius: 20 + (sent % 500) / 10,
        });
      }).join("\n");
      const post = request({ host: "127.0.0.1", port, path: "/api/readings", method: "POST" }, (response) => {
        let text = "";
        response.on("data", (chunk) => {
          text += chunk;
        });
        response.on("end", () => {
          acknowledged += JSON.parse(text).accepted;
          resolve();
        });
      });
      post.on("error", reject);
      post.end(body);
    });
  const memoryMb: number[] = [];
  const memory = (): void => {
    // The server itself is the child of the shell that started it: the largest of the group.
    const { stdout } = spawnSyncText("ps", ["-o", "rss=", "-g", String(child.pid)]);
    memoryMb.push(Math.round(Math.max(0, ...stdout.split("\n").map(Number)) / 1024));
  };
  for (let second = 0; second < seconds; second++) {
    const posts: Promise<void>[] = [];
    for (let n = 0; n < POSTS_A_SECOND; n++) posts.push(postOne(perSecond / POSTS_A_SECOND));
    await Promise.all(posts);
    if (second % Math.max(1, Math.floor(seconds / 6)) === 0) memory();
    const ahead = started + 1000 * (second + 1) - Date.now();
    if (ahead > 0) await new Promise((resolve) => setTimeout(resolve, ahead));
  }
  const took = (Date.now() - started) / 1000;
  for (let n = 0; n < 100 && heard.some((count) => count < acknowledged); n++) {
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  for (const stream of streams) stream.destroy();
  if (child.pid) process.kill(-child.pid);
  return {
    listeners,
    acknowledged,
    lost: heard.reduce((sum, count) => sum + (acknowledged - count), 0),
    outOfOrder,
    readingsPerSecond: Math.round(acknowledged / took),
    memoryMb,
  };
}

function spawnSyncText(command: string, args: readonly string[]): { stdout: string } {
  return { stdout: String(spawnSync(command, [...args]).stdout ?? "") };
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? "").href) {
  const [listeners = 500, perSecond = 2000, seconds = 60] = process.argv.slice(2).map(Number);
  console.log(JSON.stringify(await benchBridge(listeners, perSecond, seconds)));
}
