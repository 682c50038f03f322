/** Roasts in common: a device sends its own with the revision it was made from, and hears of every change. */
import express, { Router } from "express";
import { rateLimit } from "express-rate-limit";
import { judgedBy } from "../core/formats/judged";
import { SHARED_VERSION, type SharedRoast, SharedRoastSchema, type SharedTitle } from "../core/formats/shared";
import { firstFault } from "../words/incoming";
import { EventStream } from "./eventStream";
import { onDisk } from "./onDisk";
import type { Kept, RoastShelf } from "./roastShelf";

const LARGEST_BODY = "4mb";
const CHANGES_A_SECOND = 50;
const MOST_LISTENERS = 200;

/** What became of a change that could not be written. */
const STANDS = "what was kept before stands";

export interface Sharing {
  readonly router: Router;
  close(): void;
}

const eventOf = (shared: SharedRoast): string => `data: ${JSON.stringify(shared)}\n\n`;
const goneEvent = (id: string): string => `event: gone\ndata: ${JSON.stringify({ id })}\n\n`;

/** What a body says of its version, before anything else of it is looked at. */
function versionFault(body: unknown): string | null {
  const told = typeof body === "object" && body !== null && "version" in body ? body.version : 1;
  if (typeof told !== "number" || told === SHARED_VERSION) return null;
  return told < SHARED_VERSION
    ? "this page is of an older Bruma than the machine that serves it: reload the page"
    : "the machine that serves is of an older Bruma than this page: start it anew";
}

export function makeSharing(shelf: RoastShelf, { changesASecond = CHANGES_A_SECOND } = {}): Sharing {
  const stream = new EventStream(MOST_LISTENERS);
  const router = Router();
  const limit = rateLimit({
    windowMs: 1000,
    limit: changesASecond,
    standardHeaders: true,
    legacyHeaders: false,
    message: { why: `more than ${changesASecond} changes a second` },
  });
  router.get("/stream", (request, response) => {
    const missed = async function* (): AsyncGenerator<string> {
      for (const shared of shelf.all()) yield eventOf(shared);
    };
    return stream.open(request, response, missed(), () => "");
  });
  router.get("/", (_request, response) => {
    const titles = shelf.all().map(({ roast: { id, dinner, title, named, plan } }): SharedTitle => {
      const { species, cut, massKg, count } = plan.bird;
      const bird = { species, cut, massKg, count };
      return { id, dinner, title, ...(named && { named }), bird, serveAt: plan.serveAt, zone: plan.zone };
    });
    response.json({ version: SHARED_VERSION, roasts: titles });
  });
  router.get("/:id", (request, response) => {
    const shared = shelf.get(request.params.id);
    if (shared) response.json(shared);
    else response.status(404).json({ why: "this roast is not kept here" });
  });
  router.put("/:id", limit, express.json({ limit: LARGEST_BODY }), (request, response) => {
    const why = versionFault(request.body);
    if (why) {
      response.status(426).json({ why });
      return;
    }
    const checked = judgedBy(SharedRoastSchema, request.body);
    if (!checked.success) {
      response.status(400).json({ why: firstFault(checked.faults) });
      return;
    }
    if (checked.data.roast.id !== request.params.id) {
      response.status(400).json({ why: "roast.id: not the one that the address says" });
      return;
    }
    const kept = onDisk<Kept>(response, STANDS, () => shelf.keep(checked.data));
    if (!kept) return;
    if (kept.kind === "refused") {
      response.status(507).json({ why: kept.why });
      return;
    }
    if (kept.kind === "removed") {
      response.status(410).json({ why: "another device has taken this roast out of what is in common" });
      return;
    }
    if (kept.changed) stream.send(eventOf(kept.shared));
    response.status(kept.kind === "kept" ? 200 : 409).json(kept.shared);
  });
  router.delete("/:id", limit, (request, response) => {
    const id = String(request.params.id);
    const removed = onDisk(response, STANDS, () => shelf.remove(id));
    if (removed === null) return;
    if (removed) stream.send(goneEvent(id));
    // One that was never sent, or is out already, is as far out as was asked.
    response.status(204).end();
  });
  return { router, close: () => stream.close() };
}
