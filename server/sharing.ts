/** Roasts in common: a device sends its own with the revision it was made from, and hears of every change. */
import express, { Router } from "express";
import { rateLimit } from "express-rate-limit";
import { type SharedRoast, SharedRoastSchema, type SharedTitle } from "../core/formats/shared";
import { EventStream } from "./eventStream";
import type { RoastShelf } from "./roastShelf";

const LARGEST_BODY = "2mb";
const POSTS_A_SECOND = 50;
const MOST_LISTENERS = 200;

export interface Sharing {
  readonly router: Router;
  close(): void;
}

const eventOf = (shared: SharedRoast): string => `data: ${JSON.stringify(shared)}\n\n`;

export function makeSharing(shelf: RoastShelf): Sharing {
  const stream = new EventStream(MOST_LISTENERS);
  const router = Router();
  const limit = rateLimit({
    windowMs: 1000,
    limit: POSTS_A_SECOND,
    standardHeaders: true,
    legacyHeaders: false,
    message: { why: `more than ${POSTS_A_SECOND} changes a second` },
  });
  router.get("/stream", (_request, response) => stream.open(response, () => shelf.all().map(eventOf).join("")));
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
    if (kept.changed) stream.send(eventOf(kept.shared));
    response.status(kept.kind === "kept" ? 200 : 409).json(kept.shared);
  });
  return { router, close: () => stream.close() };
}
