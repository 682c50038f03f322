/** The real server over the built app, on any free port. */
import { once } from "node:events";
import { mkdtempSync } from "node:fs";
import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { makeServer } from "../../server/app";
import { makeBridge } from "../../server/bridge";
import { ReadingStore } from "../../server/readingStore";

export interface RunningServer {
  readonly url: string;
  close(): void;
}

export async function serve(demo: boolean): Promise<RunningServer> {
  const root = fileURLToPath(new URL("../../dist", import.meta.url));
  const store = new ReadingStore(join(mkdtempSync(join(tmpdir(), "bruma-readings-")), "readings.jsonl"));
  const bridge = makeBridge(store);
  const server = createServer(makeServer({ demo, root, bridge }));
  server.listen(0, "127.0.0.1");
  await once(server, "listening");
  let closed = false;
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    close: () => {
      if (closed) return;
      closed = true;
      bridge.close();
      server.closeAllConnections();
      server.close();
      store.close();
    },
  };
}
