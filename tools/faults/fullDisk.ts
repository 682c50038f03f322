/** A disk of 256 kB that fills up while readings come in, and has room again later. */

import { spawnSync } from "node:child_process";
import { mkdtempSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { SHARED_VERSION } from "../../core/formats/shared";
import { ReadingStore } from "../../server/readingStore";
import { RoastShelf } from "../../server/roastShelf";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { post, startServer } from "./server";

const put = (url: string, revision: number, notes: string): Promise<Response> =>
  fetch(`${url}/api/roasts/sample`, {
    method: "PUT",
    headers: { "Content-Type": "application/json" },
    body: JSON.stringify({ version: SHARED_VERSION, revision, roast: { ...sampleRoast(), notes }, readings: [] }),
  });

/** @returns null where this machine lets no small disk be made */
export async function fullDisk() {
  const folder = mkdtempSync(join(tmpdir(), "bruma-full-"));
  const mounted = spawnSync("mount", ["-t", "tmpfs", "-o", "size=256k", "tmpfs", folder]);
  if (mounted.status !== 0) return null;
  try {
    const ballast = join(folder, "ballast");
    writeFileSync(ballast, Buffer.alloc(60_000));
    let server = await startServer(folder);
    const first = (await (await put(server.url, 0, "kept")).json()) as { revision: number };
    const acknowledged = new Set<number>();
    let refused = 0;
    for (let n = 0; n < 400; n++) {
      const { status, values } = await post(server.url, 10 * n, 10);
      // Quicker than any probe: told to wait a moment.
      if (status === 429) await new Promise((resolve) => setTimeout(resolve, 300));
      else if (status === 507) refused++;
      else if (status !== 200) throw new Error(`answered ${status}`);
      for (const value of values) acknowledged.add(value);
    }
    await put(server.url, first.revision, "x".repeat(4000));
    await server.kill();
    server = await startServer(folder);
    const told = (await (await fetch(`${server.url}/api/roasts/sample`)).json()) as { roast?: { id: string } };
    rmSync(ballast);
    const { values } = await post(server.url, 5000, 10);
    for (const value of values) acknowledged.add(value);
    await server.stop();
    const store = new ReadingStore(join(folder, "readings"));
    const onDisk = new Set(store.keptAfter(0).map(({ celsius }) => celsius));
    store.close();
    return {
      acknowledged: acknowledged.size,
      refused,
      missing: [...acknowledged].filter((value) => !onDisk.has(value)).length,
      roastStays: told.roast?.id === "sample" && new RoastShelf(join(folder, "roasts")).all().length === 1,
      after: values.length,
    };
  } finally {
    spawnSync("umount", [folder]);
  }
}
