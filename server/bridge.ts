/**
 * The thermometer bridge: probes post readings, the app listens. Open and small, so that any device that can speak HTTP
 * takes part; described in docs/formats.md.
 */
import express, { type Request, type Response, Router } from "express";
import { rateLimit } from "express-rate-limit";
import { judgedBy } from "../core/formats/judged";
import { linesIn, type ThermometerLine, ThermometerLineSchema } from "../core/formats/thermometer";
import { firstFault } from "../words/incoming";
import { type ArrivalClock, Arrivals } from "./arrival";
import { PacedClock } from "./clock";
import { diskWords } from "./durable";
import { EventStream } from "./eventStream";
import { type Numbered, type ReadingStore, takenMs } from "./readingStore";

const LARGEST_BODY = "256kb";
const MOST_LINES = 2000;
/** Posts from one address: a probe speaks once a second, a gateway for many of them somewhat more. */
const PATIENCE = { posts: 200, perMs: 1000 } as const;
const MOST_LISTENERS = 2000;
/** Readings go out together this often, so that the work does not grow with readings times listeners. */
const FLUSH_MS = 100;

interface Rejected {
  readonly line: number;
  readonly why: string;
}

/** An event's number: of its epoch, so that it says nothing once the store was reset. */
const idOf = (epoch: string, seq: number): string => `${epoch}-${seq}`;

/** @returns 0 for a number of another epoch: all of it is told again */
function seqOf(epoch: string, told: unknown): number {
  const [, own, seq] = /^([0-9a-z]+)-(\d{1,15})$/.exec(String(told ?? "")) ?? [];
  return own === epoch ? Number(seq) : 0;
}

/** As listeners hear it: at the moment it was taken; the device's own word beside it where its clock is wrong. */
const eventOf = (epoch: string, { seq, arrivedAt: _, placedAt, at, ...line }: Numbered): string => {
  const heard = { at: placedAt ?? at, ...line, ...(placedAt && { saidAt: at }) };
  return `id: ${idOf(epoch, seq)}\ndata: ${JSON.stringify(heard)}\n\n`;
};

const refused = (why: string, line = 1): { readonly accepted: 0; readonly rejected: readonly Rejected[] } => ({
  accepted: 0,
  rejected: [{ line, why }],
});

export interface Bridge {
  readonly router: Router;
  close(): void;
}

interface BridgeOptions {
  readonly patience?: { readonly posts: number; readonly perMs: number };
  /** By which it is seen whether a device's clock is right. */
  readonly clock?: ArrivalClock;
}

export function makeBridge(
  store: ReadingStore,
  { patience = PATIENCE, clock = new PacedClock() }: BridgeOptions = {},
): Bridge {
  const stream = new EventStream(MOST_LISTENERS);
  const arrivals = new Arrivals(clock);
  const { epoch } = store;
  let pending = "";
  const flushNow = (): void => {
    const text = pending;
    pending = "";
    if (text !== "") stream.send(text);
  };
  const timer = setInterval(flushNow, FLUSH_MS);

  const take = async (request: Request, response: Response): Promise<void> => {
    const body: unknown = request.body;
    const lines = typeof body === "string" ? linesIn(body, MOST_LINES) : [];
    if (lines.length === 0) {
      response.status(400).json(refused("the body is empty: post JSON, or a JSON object a line"));
      return;
    }
    if (lines.length > MOST_LINES) {
      response.status(413).json(refused(`more than ${MOST_LINES} lines: send them in several posts`, MOST_LINES + 1));
      return;
    }
    const good: ThermometerLine[] = [];
    const rejected: Rejected[] = [];
    lines.forEach((line, n) => {
      const checked = judgedBy(ThermometerLineSchema, line);
      if (checked.success) good.push(checked.data);
      else rejected.push({ line: n + 1, why: firstFault(checked.faults) });
    });
    let fresh: readonly Numbered[];
    try {
      fresh = await store.add(arrivals.place(good));
    } catch (error) {
      response.status(507).json(refused(diskWords(error, "nothing of this post was kept, send it again")));
      return;
    }
    pending += fresh.map((line) => eventOf(epoch, line)).join("");
    response
      .status(good.length > 0 ? 200 : 400)
      .json({ accepted: good.length, repeated: good.length - fresh.length, rejected });
  };

  const listen = async (request: Request, response: Response): Promise<void> => {
    const told = seqOf(epoch, request.header("Last-Event-ID") ?? request.query.after);
    const since = Date.parse(String(request.query.since ?? ""));
    const sinceMs = Number.isFinite(since) ? since : Number.NEGATIVE_INFINITY;
    let reached = told;
    async function* missed(): AsyncGenerator<string> {
      // Meanwhile what was in memory may have gone to disk: read on until the rest is in memory.
      while (reached + 1 < store.firstKept) {
        const from = reached;
        reached = store.firstKept - 1;
        for await (const slice of store.olderAfter(from, sinceMs)) {
          yield slice.map((line) => eventOf(epoch, line)).join("");
        }
      }
    }
    await stream.open(request, response, missed(), () => {
      // Those that are on their way to all are not sent twice to the one who has just come.
      flushNow();
      const rest = store.keptAfter(reached).filter((line) => takenMs(line) >= sinceMs);
      return rest.map((line) => eventOf(epoch, line)).join("");
    });
  };

  const router = Router();
  const limit = rateLimit({
    windowMs: patience.perMs,
    limit: patience.posts,
    standardHeaders: true,
    legacyHeaders: false,
    message: refused(`more than ${patience.posts} posts in ${patience.perMs / 1000} s: send lines together`),
  });
  router.post("/", limit, express.text({ type: () => true, limit: LARGEST_BODY }), take);
  router.get("/stream", listen);
  return {
    router,
    close: () => {
      clearInterval(timer);
      stream.close();
    },
  };
}
