/** The Express application: serves the built app, says how it was started, and takes the thermometer bridge in. */

import { sep } from "node:path";
import express, { type ErrorRequestHandler, type Express } from "express";
import compressedFiles from "express-static-gzip";
import helmet from "helmet";
import { LONGEST_REASON, oneLine } from "../core/units/text";
import { messageOf } from "../words/faults";
import type { Bridge } from "./bridge";
import { clockRouter, type PacedClock } from "./clock";
import type { Pairing } from "./pairing";
import { onlyPaired, pairingRouter } from "./pairingRouter";
import { onlySameOrigin } from "./sameOrigin";
import type { Sharing } from "./sharing";
import { type SimulatedBird, simulatedBirdRouter } from "./simulatedBird";

export interface ServerOptions {
  readonly demo: boolean;
  /** The one at the demo's simulated thermometer, where one is running: to be told what is done to it. */
  readonly bird?: SimulatedBird;
  /** Host names of its own by which it is reached, besides addresses and those of a home network. */
  readonly names?: readonly string[];
  /** Folder of the built app. */
  readonly root: string;
  /** Where probes post readings and the app listens; none without it. */
  readonly bridge?: Bridge;
  /** Roasts that devices have in common; none without it. */
  readonly sharing?: Sharing;
  /** What simulated devices keep pace with; none without it. */
  readonly clock?: PacedClock;
  /** Once it is open to the home network. */
  readonly lan?: {
    /** Where other devices find it. */
    readonly addresses: readonly string[];
    /** Which other machines may speak to it. */
    readonly pairing: Pairing;
    /** Of the authority that devices are to trust, and itself, PEM; none over plain http. */
    readonly fingerprint?: string;
    readonly authority?: string;
  };
}

const YEAR_S = 365 * 24 * 3600;

/** A file whose name holds a hash of what is in it never changes; all others are asked for each time. */
const keptFor = (path: string): string =>
  path.includes(`${sep}assets${sep}`) ? `public, max-age=${YEAR_S}, immutable` : "no-cache";

/** Whatever goes wrong is answered in one sentence; how it came about stands on this machine's console alone. */
const refuse: ErrorRequestHandler = (error, request, response, _next) => {
  const told = Number((error as { status?: unknown }).status);
  const isTheirs = told >= 400 && told < 500;
  const why = isTheirs ? oneLine(messageOf(error), LONGEST_REASON) : "this went wrong on the machine that runs Bruma";
  if (!isTheirs) console.error(`${request.method} ${request.path}:`, error);
  if (response.headersSent) response.end();
  else response.status(isTheirs ? told : 500).json({ why, accepted: 0, rejected: [{ line: 1, why }] });
};

/** What a phone takes to trust this server. */
const AUTHORITY_PATH = "/bruma-at-home.crt";

export function makeServer({ demo, bird, names = [], root, bridge, sharing, clock, lan }: ServerOptions): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'"],
          imgSrc: ["'self'", "data:", "blob:"],
          fontSrc: ["'self'"],
          workerSrc: ["'self'"],
          // Plain http on the loopback address: browsers must not be told to upgrade.
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use("/api", onlySameOrigin(names));
  app.get("/api/mode", (_request, response) => {
    const { addresses, fingerprint } = lan ?? {};
    response.json({
      demo,
      ...(bird && { inAt: new Date(bird.inAtMs).toISOString() }),
      ...(lan && { lan: { addresses, fingerprint } }),
    });
  });
  if (lan?.authority) {
    const { authority } = lan;
    app.get(AUTHORITY_PATH, (_request, response) => {
      response.type("application/x-x509-ca-cert").send(authority);
    });
  }
  const known = lan ? [onlyPaired(lan.pairing)] : [];
  if (lan) app.use("/api/pair", pairingRouter(lan.pairing));
  if (clock) app.use("/api/clock", ...known, clockRouter(clock));
  if (bird) app.use("/api/simulated-bird", ...known, simulatedBirdRouter(bird));
  if (bridge) app.use("/api/readings", ...known, bridge.router);
  if (sharing) app.use("/api/roasts", ...known, sharing.router);
  app.use(
    compressedFiles(root, {
      enableBrotli: true,
      orderPreference: ["br", "gz"],
      serveStatic: { setHeaders: (response, path) => response.setHeader("Cache-Control", keptFor(path)) },
    }),
  );
  // Any other path is a route of the app; a missing file under /assets is a missing file.
  app.get("/{*path}", (request, response, next) => {
    if (request.path.startsWith("/assets/") || request.path.startsWith("/api/")) next();
    else response.sendFile("index.html", { root });
  });
  app.use((_request, response) => {
    response.status(404).json({ why: "there is nothing at this address" });
  });
  app.use(refuse);
  return app;
}
