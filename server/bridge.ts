/**
 * The thermometer bridge: probes post readings, the app listens. Open and small, so that any device that can speak HTTP
 * takes part; described in docs/formats.md.
 */
import express, { type Request, type Response, Router } from "express";
import { rateLimit } from "express-rate-limit";
import { type ThermometerLine, ThermometerLineSchema } from "../core/formats/thermometer";
import { EventStream } from "./eventStream";
import type { Numbered, ReadingStore } from "./readingStore";

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

/** One JSON object, an array of them, or one a line. */
function linesOf(text: string): readonly unknown[] | null {
  try {
    const whole: unknown = JSON.parse(text);
    return Array.isArray(whole) ? whole : [whole];
  } catch {
    // Not one JSON text: a line each, judged one by one.
    const lines = text.split("\n").filter((line) => line.trim() !== "");
    return lines.length === 0 ? null : lines.map(parsedOrText);
  }
}

function parsedOrText(line: string): unknown {
  try {
    return JSON.parse(line);
  } catch {
    // Handed on as it is: the schema says that it is no reading.
    return line;
  }
}

const eventOf = ({ seq, ...line }: Numbered): string => `id: ${seq}\ndata: ${JSON.stringify(line)}\n\n`;

export interface Bridge {
  readonly router: Router;
  close(): void;
}

export function makeBridge(
  store: ReadingStore,
  patience: { readonly posts: number; readonly perMs: number } = PATIENCE,
): Bridge {
  const stream = new EventStream(MOST_LISTENERS);
  let pending = "";
  const flushNow = (): void => {
    const text = pending;
    pending = "";
    if (text !== "") stream.send(text);
  };
  const timer = setInterval(flushNow, FLUSH_MS);

  const take = async (request: Request, response: Response): Promise<void> => {
    const body: unknown = request.body;
    const lines = typeof body === "string" ? linesOf(body) : null;
    if (!lines) {
      response
        .status(400)
        .json({ accepted: 0, rejected: [{ line: 1, why: "the body is empty: post JSON, or a JSON object a line" }] });
      return;
    }
    if (lines.length > MOST_LINES) {
      response.status(413).json({
        accepted: 0,
        rejected: [{ line: MOST_LINES + 1, why: `${lines.length} lines: ${MOST_LINES} at a time are taken` }],
      });
      return;
    }
    const good: ThermometerLine[] = [];
    const rejected: Rejected[] = [];
    lines.forEach((line, n) => {
      const checked = ThermometerLineSchema.safeParse(line);
      if (checked.success) good.push(checked.data);
      else {
        const [issue] = checked.error.issues;
        const where = issue?.path.join(".");
        rejected.push({ line: n + 1, why: `${where ? `${where}: ` : ""}${issue?.message ?? "no reading"}` });
      }
    });
    const fresh = await store.add(good);
    pending += fresh.map(eventOf).join("");
    response
      .status(good.length > 0 ? 200 : 400)
      .json({ accepted: good.length, repeated: good.length - fresh.length, rejected });
  };

  const listen = (request: Request, response: Response): void => {
    const told = Number(request.header("Last-Event-ID") ?? request.query.after ?? 0);
    stream.open(response, () => {
      // Those that are on their way to all are not sent twice to the one who has just come.
      flushNow();
      return store
        .after(Number.isFinite(told) ? told : 0)
        .map(eventOf)
        .join("");
    });
  };

  const router = Router();
  const limit = rateLimit({
    windowMs: patience.perMs,
    limit: patience.posts,
    standardHeaders: true,
    legacyHeaders: false,
    message: {
      accepted: 0,
      rejected: [
        { line: 1, why: `more than ${patience.posts} posts in ${patience.perMs / 1000} s: send lines together` },
      ],
    },
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
