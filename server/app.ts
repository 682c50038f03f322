/** The Express application: serves the built app and says how it was started. */
import express, { type Express } from "express";
import helmet from "helmet";

export interface ServerOptions {
  readonly demo: boolean;
  /** Folder of the built app. */
  readonly root: string;
}

export function makeServer({ demo, root }: ServerOptions): Express {
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
  app.get("/api/mode", (_request, response) => {
    response.json({ demo });
  });
  app.use(express.static(root, { index: "index.html", maxAge: 0 }));
  // Any other path is a route of the app; a missing file under /assets is a missing file.
  app.get("/{*path}", (request, response, next) => {
    if (request.path.startsWith("/assets/") || request.path.startsWith("/api/")) next();
    else response.sendFile("index.html", { root });
  });
  return app;
}
