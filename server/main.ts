/**
 * `npm start -- [--demo] [--lan [--plain-http]] [--data FOLDER] [--name HOST …]`: the server. This machine reaches it at
 * 127.0.0.1; with `--lan` the home network does too, over https.
 */

import { createServer } from "node:http";
import { createServer as createSecureServer } from "node:https";
import { hostname, networkInterfaces } from "node:os";
import { join, resolve } from "node:path";
import { fileURLToPath } from "node:url";
import { parseArgs } from "node:util";
import { messageOf } from "../words/faults";
import { makeServer } from "./app";
import { makeBridge } from "./bridge";
import { certificateFor } from "./certificate";
import { PacedClock } from "./clock";
import { demoBird, demoFiles, startDemoThermometer } from "./demo";
import { lockFolder } from "./folderLock";
import { listen, portFrom } from "./listen";
import { Pairing } from "./pairing";
import { ReadingStore } from "./readingStore";
import { RoastShelf } from "./roastShelf";
import { makeSharing } from "./sharing";

// Nobody holds the door open: a request that does not arrive is ended.
const PATIENCE = { requestTimeout: 20_000, headersTimeout: 10_000, connectionsCheckingInterval: 5_000 };
const EVERYWHERE = "0.0.0.0";
const HERE = "127.0.0.1";

function fail(why: string): never {
  console.error(why);
  process.exit(1);
}

function optionsOf() {
  try {
    return parseArgs({
      options: {
        demo: { type: "boolean", default: false },
        lan: { type: "boolean", default: false },
        "plain-http": { type: "boolean", default: false },
        data: { type: "string" },
        name: { type: "string", multiple: true, default: [] },
      },
    }).values;
  } catch (error) {
    return fail(`${messageOf(error)}: the options are --demo, --lan, --plain-http, --data FOLDER and --name HOST.`);
  }
}

function firstPort(): number {
  try {
    return portFrom(process.env.PORT);
  } catch (error) {
    return fail(`${messageOf(error)}.`);
  }
}

const options = optionsOf();
const first = firstPort();
const { demo, name: names } = options;
const root = fileURLToPath(new URL("../dist", import.meta.url));
const inHouse = process.env.BRUMA_DATA ?? fileURLToPath(new URL("../.data", import.meta.url));
const data = join(resolve(options.data ?? inHouse), demo ? "demo" : "");
const lock = lockFolder(data);
if (lock.kind === "taken") {
  const where = lock.url ? `at ${lock.url}` : "and is just starting";
  fail(
    `Bruma runs on ${data} already, ${where} (process ${lock.pid}): use that one, or name another folder with --data.`,
  );
}

const ownAddresses = Object.values(networkInterfaces())
  .flat()
  .flatMap((each) => (each?.family === "IPv4" && !each.internal ? [each.address] : []));
const inDemo = demo ? demoFiles(data, Date.now()) : null;
const bird = inDemo ? demoBird(inDemo.inAtMs, inDemo.roast) : null;
const clock = new PacedClock();
const pairing = new Pairing(join(data, "devices.json"));
const isSecure = options.lan && !options["plain-http"];
const certificate = isSecure
  ? await certificateFor(join(data, "https"), [...ownAddresses, `${hostname()}.local`, "localhost", HERE, ...names])
  : null;
/** Filled in once the port is known. */
const addresses: string[] = [];
const app = makeServer({
  demo,
  root,
  names,
  bridge: makeBridge(new ReadingStore(inDemo?.readings ?? join(data, "readings")), { clock }),
  ...(bird && { bird }),
  sharing: makeSharing(new RoastShelf(join(data, "roasts"))),
  clock,
  ...((options.lan || names.length > 0) && {
    lan: {
      pairing,
      addresses,
      ...(certificate && { fingerprint: certificate.fingerprint, authority: certificate.authority }),
    },
  }),
});

const port = await listen(
  createServer(PATIENCE, app),
  options["plain-http"] && options.lan ? EVERYWHERE : HERE,
  first,
).catch((error: unknown) => fail(messageOf(error)));
const url = `http://${HERE}:${port}`;
lock.tell(`${url}/`);
for (const signal of ["SIGINT", "SIGTERM"] as const) {
  process.once(signal, () => {
    lock.release();
    process.exit(0);
  });
}
if (options.lan) {
  const secure = certificate
    ? await listen(
        createSecureServer({ ...PATIENCE, key: certificate.key, cert: certificate.cert }, app),
        EVERYWHERE,
        port + 1,
      ).catch((error: unknown) => fail(messageOf(error)))
    : null;
  const hosts = ownAddresses.length > 0 ? ownAddresses : [`${hostname()}.local`];
  addresses.push(...hosts.map((host) => (secure ? `https://${host}:${secure}/` : `http://${host}:${port}/`)));
  console.log(`Open to the home network at ${addresses.join(" and ")}.`);
  const offer = pairing.offer();
  if (offer.kind === "codes") {
    console.log(
      `Pair a device within five minutes: open ${addresses[0]}pair#${offer.long} there, or type ${offer.short}.`,
    );
    console.log(`Later this machine's own page shows a new code: Kitchen, Paired devices.`);
  }
  if (certificate) console.log(`The certificate's fingerprint: ${certificate.fingerprint}`);
  else
    console.log(
      "Plain http: devices have no notifications, no wake lock and no offline use, and anybody near can listen.",
    );
}
if (bird) void startDemoThermometer(url, bird, clock);
console.log(`Bruma${demo ? ", with the demo roasts," : ""} is at ${url}/  (Ctrl+C ends it)`);
