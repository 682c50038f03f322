/** The real server over the built app, on any free port. */

import { once } from "node:events";
import { mkdtempSync } from "node:fs";
import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { MINUTE_MS } from "../../core/units/time";
import { IN_SINCE_MIN } from "../../demo/inProgress";
import { makeServer } from "../../server/app";
import { makeBridge } from "../../server/bridge";
import { PacedClock } from "../../server/clock";
import { demoBird, startDemoThermometer } from "../../server/demo";
import type { Pairing } from "../../server/pairing";
import { ReadingStore } from "../../server/readingStore";
import { RoastShelf } from "../../server/roastShelf";
import { makeSharing } from "../../server/sharing";

export interface RunningServer {
  readonly url: string;
  readonly clock: PacedClock;
  close(): void;
}

interface Served {
  /** Open to the home network, as far as the app can tell. */
  readonly pairing?: Pairing;
  /** Whether a page keeps the app for offline use: what nobody looks at there costs every first page a second. */
  readonly offline?: boolean;
  /** Of the demo: a roast is in progress, which every page follows. */
  readonly inProgress?: boolean;
  /** Its probes speak all the while, and every page refits it. */
  readonly isRead?: boolean;
  /** Any free one when left out. */
  readonly port?: number;
}

export async function serve(
  demo: boolean,
  { pairing, offline = false, inProgress = demo, isRead = inProgress, port = 0 }: Served = {},
): Promise<RunningServer> {
  const root = fileURLToPath(new URL("../../dist", import.meta.url));
  const store = new ReadingStore(join(mkdtempSync(join(tmpdir(), "bruma-readings-")), "readings"));
  const clock = new PacedClock();
  const bridge = makeBridge(store, { clock });
  const sharing = makeSharing(new RoastShelf(mkdtempSync(join(tmpdir(), "bruma-roasts-"))));
  const bird = demoBird(Date.now() - IN_SINCE_MIN * MINUTE_MS);
  const app = makeServer({
    demo,
    root,
    bridge,
    sharing,
    clock,
    ...(inProgress && { bird }),
    ...(pairing && { lan: { addresses: ["http://192.168.1.2:4173/"], pairing } }),
  });
  const server = createServer((request, response) => {
    if (offline || request.url !== "/sw.js") app(request, response);
    else response.writeHead(404).end();
  });
  server.listen(port, "127.0.0.1");
  await once(server, "listening");
  let closed = false;
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
  const thermometer = new AbortController();
  if (isRead) void startDemoThermometer(url, bird, clock, thermometer.signal);
  return {
    url,
    clock,
    close: () => {
      if (closed) return;
      closed = true;
      thermometer.abort();
      bridge.close();
      sharing.close();
      server.closeAllConnections();
      server.close();
      store.close();
    },
  };
}
