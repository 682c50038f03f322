/** The Express application: serves the built app, says how it was started, and takes the thermometer bridge in. */

import express, { type ErrorRequestHandler, type Express } from "express";
import helmet from "helmet";
import type { Bridge } from "./bridge";
import { clockRouter, type PacedClock } from "./clock";
import { isThisMachine, paired } from "./pairing";
import { onlySameOrigin } from "./sameOrigin";
import type { Sharing } from "./sharing";

export interface ServerOptions {
  readonly demo: boolean;
  /** When the bird at the demo's simulated thermometer went in, where one is running. */
  readonly inAt?: string;
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
    /** Needed from any other machine. */
    readonly pairingCode: string;
  };
}

/** A body that is too large or broken is answered with what is wrong; anything else of /api is not there. */
const refuse: ErrorRequestHandler = (error, _request, response, next) => {
  const status = Number((error as { status?: unknown }).status);
  if (!(status >= 400 && status < 500)) {
    next(error);
    return;
  }
  response.status(status).json({ accepted: 0, rejected: [{ line: 1, why: String((error as Error).message) }] });
};

export function makeServer({ demo, inAt, root, bridge, sharing, clock, lan }: ServerOptions): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", "data:", "blob:"],
          workerSrc: ["'self'"],
          // Plain http on the loopback address: browsers must not be told to upgrade.
          upgradeInsecureRequests: null,
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use("/api", onlySameOrigin);
  app.get("/api/mode", (request, response) => {
    // The code stands on the screen of this machine, and on no other.
    const { addresses, pairingCode } = lan ?? {};
    const open = lan && { lan: { addresses, ...(isThisMachine(request) && { pairingCode }) } };
    response.json({ demo, ...(inAt && { inAt }), ...open });
  });
  const known = lan ? paired(lan.pairingCode) : [];
  if (clock) app.use("/api/clock", ...known, clockRouter(clock));
  if (bridge) app.use("/api/readings", ...known, bridge.router);
  if (sharing) app.use("/api/roasts", ...known, sharing.router);
  app.use("/api", refuse);
  app.use(express.static(root, { index: "index.html", maxAge: 0 }));
  // Any other path is a route of the app; a missing file under /assets is a missing file.
  app.get("/{*path}", (request, response, next) => {
    if (request.path.startsWith("/assets/") || request.path.startsWith("/api/")) next();
    else response.sendFile("index.html", { root });
  });
  return app;
}
