import { once } from "node:events";
import { createServer } from "node:http";
import { networkInterfaces } from "node:os";
import { join } from "node:path";
import { fileURLToPath } from "node:url";
import { makeServer } from "./app";
import { makeBridge } from "./bridge";
import { PacedClock } from "./clock";
import { demoFiles, startDemoThermometer } from "./demo";
import { newPairingCode } from "./pairing";
import { ReadingStore } from "./readingStore";
import { RoastShelf } from "./roastShelf";
import { makeSharing } from "./sharing";

/** This machine alone, unless the cook opens it to the home network. */
const lan = process.argv.includes("--lan");
const HOST = lan ? "0.0.0.0" : "127.0.0.1";
const FIRST_PORT = Number(process.env.PORT ?? 4173);
const PORTS_TRIED = 20;

const root = fileURLToPath(new URL("../dist", import.meta.url));
const demo = process.argv.includes("--demo");
const data = fileURLToPath(new URL("../.data", import.meta.url));
const inDemo = demo ? demoFiles(data, Date.now()) : null;
const store = new ReadingStore(process.env.BRUMA_READINGS ?? inDemo?.readings ?? join(data, "readings.jsonl"));
const pairingCode = newPairingCode();
const clock = new PacedClock();
const sharing = makeSharing(new RoastShelf(join(data, demo ? "demo-roasts" : "roasts")));
/** Where other devices of the home network find a port of this machine. */
const addressesAt = (port: number): string[] =>
  Object.values(networkInterfaces())
    .flat()
    .filter((each) => each?.family === "IPv4" && !each.internal)
    .map((each) => `http://${each?.address}:${port}/`);
const addresses: string[] = [];
// Nobody holds the door open: a request that does not arrive is ended.
const PATIENCE = { requestTimeout: 20_000, headersTimeout: 10_000, connectionsCheckingInterval: 5_000 };
const server = createServer(
  PATIENCE,
  makeServer({
    demo,
    root,
    bridge: makeBridge(store),
    ...(inDemo && { inAt: new Date(inDemo.inAtMs).toISOString() }),
    sharing,
    clock,
    ...(lan && { lan: { pairingCode, addresses } }),
  }),
);

async function listen(port: number): Promise<boolean> {
  server.listen(port, HOST);
  try {
    await once(server, "listening");
    return true;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== "EADDRINUSE") throw error;
    console.log(`Port ${port} is taken; trying ${port + 1}.`);
    return false;
  }
}

let port = FIRST_PORT;
while (!(await listen(port))) {
  port++;
  if (port >= FIRST_PORT + PORTS_TRIED) throw new Error(`no free port from ${FIRST_PORT} to ${port - 1}`);
}
if (lan) {
  addresses.push(...addressesAt(port));
  console.log(`Open to the home network at ${addresses.join(" and ") || "no address"}; pairing code ${pairingCode}`);
}
if (inDemo) void startDemoThermometer(`http://127.0.0.1:${port}`, inDemo.inAtMs, clock);
console.log(`Bruma${demo ? ", with the demo roasts," : ""} is at http://127.0.0.1:${port}/  (Ctrl+C ends it)`);
