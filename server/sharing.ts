/** Roasts in common: a device sends its own with the revision it was made from, and hears of every change. */
import express, { type Response, Router } from "express";
import { rateLimit } from "express-rate-limit";
import { type SharedRoast, SharedRoastSchema, type SharedTitle } from "../core/formats/shared";
import type { RoastShelf } from "./roastShelf";

const LARGEST_BODY = "2mb";
const POSTS_A_SECOND = 50;
const MOST_LISTENERS = 200;
const HEARTBEAT_MS = 15_000;

export interface Sharing {
  readonly router: Router;
  close(): void;
}

const eventOf = (shared: SharedRoast): string => `data: ${JSON.stringify(shared)}\n\n`;

export function makeSharing(shelf: RoastShelf): Sharing {
  const listeners = new Set<Response>();
  const heartbeat = setInterval(() => {
    for (const listener of listeners) listener.write(": still here\n\n");
  }, HEARTBEAT_MS);
  const router = Router();
  const limit = rateLimit({
    windowMs: 1000,
    limit: POSTS_A_SECOND,
    standardHeaders: true,
    legacyHeaders: false,
    message: { why: `more than ${POSTS_A_SECOND} changes a second` },
  });
  router.get("/stream", (_request, response) => {
    if (listeners.size >= MOST_LISTENERS) {
      response.status(503).json({ why: `${MOST_LISTENERS} are listening already` });
      return;
    }
    response.set({ "Content-Type": "text/event-stream", "Cache-Control": "no-store", Connection: "keep-alive" });
    response.flushHeaders();
    response.write(`retry: 2000\n\n${shelf.all().map(eventOf).join("")}`);
    listeners.add(response);
    response.on("close", () => listeners.delete(response));
  });
  router.get("/", (_request, response) => {
    const titles = shelf.all().map(({ roast: { id, title, plan } }): SharedTitle => {
      return { id, title, serveAt: plan.serveAt, zone: plan.zone };
    });
    response.json({ roasts: titles });
  });
  router.get("/:id", (request, response) => {
    const shared = shelf.all().find(({ roast }) => roast.id === request.params.id);
    if (shared) response.json(shared);
    else response.status(404).json({ why: `no roast ${request.params.id} is kept here` });
  });
  router.put("/:id", limit, express.json({ limit: LARGEST_BODY }), (request, response) => {
    const checked = SharedRoastSchema.safeParse(request.body);
    if (!checked.success) {
      const [issue] = checked.error.issues;
      response.status(400).json({ why: `${issue?.path.join(".")}: ${issue?.message}` });
      return;
    }
    if (checked.data.roast.id !== request.params.id) {
      response
        .status(400)
        .json({ why: `roast.id: got ${checked.data.roast.id}, the address says ${request.params.id}` });
      return;
    }
    const kept = shelf.keep(checked.data);
    if (kept.kind === "full") {
      response.status(507).json({ why: "no more roasts are kept here" });
      return;
    }
    if (kept.changed) for (const listener of listeners) listener.write(eventOf(kept.shared));
    response.status(kept.kind === "kept" ? 200 : 409).json(kept.shared);
  });
  return {
    router,
    close: () => {
      clearInterval(heartbeat);
      for (const listener of listeners) listener.end();
    },
  };
}
