/** A folder with very many readings of old: how soon the server is there, and whether who reads them all holds others up. */
import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { ReadingStore } from "../../server/readingStore";
import { hear, startServer, watchWaits } from "./server";

const START = Date.UTC(2025, 0, 1);

export async function oldReadings(count: number) {
  const folder = mkdtempSync(join(tmpdir(), "bruma-old-"));
  const lines = Array.from({ length: count }, (_, n) =>
    JSON.stringify({ at: new Date(START + 1000 * n).toISOString(), probe: "breast", celsius: (n % 900) / 10 }),
  );
  // As older versions kept them: all in one file.
  mkdirSync(folder, { recursive: true });
  writeFileSync(join(folder, "readings.jsonl"), `${lines.join("\n")}\n`);
  const begun = performance.now();
  new ReadingStore(join(folder, "readings")).close();
  const startMs = Math.round(performance.now() - begun);
  const server = await startServer(folder);
  const waits = watchWaits(server.url);
  const before = performance.now();
  let read = 0;
  await new Promise<void>((resolve) => {
    const end = hear(server.url, "/api/readings/stream", (more) => {
      read += more;
      if (read < count) return;
      end();
      resolve();
    });
  });
  const readMs = Math.round(performance.now() - before);
  const longestMs = await waits();
  await server.stop();
  return { startMs, readMs, longestMs, read };
}
