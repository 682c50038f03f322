/** Killed at any moment while readings and changes of a roast come in; then started on the same folder again. */

import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { SHARED_VERSION } from "../../core/formats/shared";
import { ReadingStore } from "../../server/readingStore";
import { RoastShelf } from "../../server/roastShelf";
import { sampleRoast } from "../../tests/helpers/sampleRoast";
import { post, startServer } from "./server";

/** Values of all readings on disk. */
async function stored(folder: string): Promise<ReadonlySet<number>> {
  const store = new ReadingStore(join(folder, "readings"));
  const values = new Set<number>();
  for await (const slice of store.olderAfter(0, Number.NEGATIVE_INFINITY))
    for (const { celsius } of slice) values.add(celsius);
  for (const { celsius } of store.keptAfter(0)) values.add(celsius);
  store.close();
  return values;
}

export async function kills(count: number) {
  const folder = mkdtempSync(join(tmpdir(), "bruma-kills-"));
  const acknowledged = new Set<number>();
  let sent = 0;
  let revision = 0;
  let changes = 0;
  let lastNote = "";
  let lostChanges = 0;
  let slowestStartMs = 0;
  for (let n = 0; n < count; n++) {
    const server = await startServer(folder);
    slowestStartMs = Math.max(slowestStartMs, server.startMs);
    let isOn = true;
    const posting = (async () => {
      while (isOn) {
        const size = 1 + (sent % 40);
        const from = sent;
        sent += size;
        try {
          for (const value of (await post(server.url, from, size)).values) acknowledged.add(value);
        } catch {
          // Killed in the middle of a post: it was not acknowledged.
          return;
        }
      }
    })();
    const sharing = (async () => {
      while (isOn) {
        const notes = `change ${changes}`;
        try {
          const response = await fetch(`${server.url}/api/roasts/sample`, {
            method: "PUT",
            headers: { "Content-Type": "application/json" },
            body: JSON.stringify({
              version: SHARED_VERSION,
              revision,
              roast: { ...sampleRoast(), notes },
              readings: [],
            }),
          });
          const kept = (await response.json()) as { revision: number; roast?: { notes: string } };
          if (response.status === 409 || response.status === 200) revision = kept.revision;
          if (response.status !== 200) continue;
          lastNote = notes;
          changes++;
        } catch {
          // Killed in the middle: kept or not, it was not acknowledged.
          return;
        }
      }
    })();
    await new Promise((resolve) => setTimeout(resolve, 5 + ((n * 37) % 90)));
    await server.kill();
    isOn = false;
    await Promise.all([posting, sharing]);
    const [shared] = new RoastShelf(join(folder, "roasts")).all();
    // The one after it may have been kept too, unacknowledged.
    if (lastNote !== "" && shared?.roast.notes !== lastNote && shared?.roast.notes !== `change ${changes}`)
      lostChanges++;
  }
  const onDisk = await stored(folder);
  const missing = [...acknowledged].filter((value) => !onDisk.has(value)).length;
  return { kills: count, acknowledged: acknowledged.size, missing, changes, lostChanges, slowestStartMs };
}
