import { once } from "node:events";
import { createServer } from "node:http";
import { networkInterfaces } from "node:os";
import { join, resolve } from "node:path";
import { fileURLToPath } from "node:url";
import { makeServer } from "./app";
import { makeBridge } from "./bridge";
import { PacedClock } from "./clock";
import { demoFiles, startDemoThermometer } from "./demo";
import { lockFolder } from "./folderLock";
import { Pairing } from "./pairing";
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

/** @throws Error when the option stands there without a folder */
function dataFolder(): string {
  const at = process.argv.indexOf("--data");
  if (at < 0) return process.env.BRUMA_DATA ?? fileURLToPath(new URL("../.data", import.meta.url));
  const named = process.argv[at + 1];
  if (!named || named.startsWith("--")) throw new Error("--data wants a folder: --data my-folder");
  return resolve(named);
}

const data = join(dataFolder(), demo ? "demo" : "");
const lock = lockFolder(data);
if (lock.kind === "taken") {
  const where = lock.url ? `at ${lock.url}` : "and is just starting";
  console.error(
    `Bruma runs on ${data} already, ${where} (process ${lock.pid}): use that one, or name another folder with --data.`,
  );
  process.exit(1);
}
const inDemo = demo ? demoFiles(data, Date.now()) : null;
const clock = new PacedClock();
const store = new ReadingStore(inDemo?.readings ?? join(data, "readings"));
const pairing = new Pairing(join(data, "devices.json"));
const sharing = makeSharing(new RoastShelf(join(data, "roasts")));
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
    bridge: makeBridge(store, { clock }),
    ...(inDemo && { inAt: new Date(inDemo.inAtMs).toISOString() }),
    sharing,
    clock,
    ...(lan && { lan: { pairing, addresses } }),
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
const url = `http://127.0.0.1:${port}`;
lock.tell(`${url}/`);
for (const signal of ["SIGINT", "SIGTERM"] as const) {
  process.once(signal, () => {
    lock.release();
    process.exit(0);
  });
}
if (lan) {
  addresses.push(...addressesAt(port));
  console.log(`Open to the home network at ${addresses.join(" and ") || "no address"}.`);
  const offer = pairing.offer();
  if (offer.kind === "codes") {
    const [address = ""] = addresses;
    console.log(
      `Pair a device within five minutes: open ${address}pair#${offer.long} there, or type the code ${offer.short}.`,
    );
    console.log(`Later: on this machine's page, a roast's list, "To a phone", shows a new code.`);
  }
}
if (inDemo) void startDemoThermometer(url, inDemo.inAtMs, clock);
console.log(`Bruma${demo ? ", with the demo roasts," : ""} is at ${url}/  (Ctrl+C ends it)`);
