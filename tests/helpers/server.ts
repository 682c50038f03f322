/** The real server over the built app, on any free port. */
import { once } from "node:events";
import { createServer } from "node:http";
import type { AddressInfo } from "node:net";
import { fileURLToPath } from "node:url";
import { makeServer } from "../../server/app";

export interface RunningServer {
  readonly url: string;
  close(): void;
}

export async function serve(demo: boolean): Promise<RunningServer> {
  const root = fileURLToPath(new URL("../../dist", import.meta.url));
  const server = createServer(makeServer({ demo, root }));
  server.listen(0, "127.0.0.1");
  await once(server, "listening");
  return {
    url: `http://127.0.0.1:${(server.address() as AddressInfo).port}`,
    close: () => {
      server.closeAllConnections();
      server.close();
    },
  };
}
