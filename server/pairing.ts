/** Who may speak to the bridge once it is open to the home network: this machine, and who knows the code on its screen. */
import { randomInt, timingSafeEqual } from "node:crypto";
import type { Request, RequestHandler } from "express";
import { rateLimit } from "express-rate-limit";

export const newPairingCode = (): string => String(randomInt(0, 1_000_000)).padStart(6, "0");

const LOOPBACK = new Set(["127.0.0.1", "::1", "::ffff:127.0.0.1"]);
/** Whether a request comes from the machine that serves. */
export const isThisMachine = ({ socket }: Pick<Request, "socket">): boolean => LOOPBACK.has(socket.remoteAddress ?? "");

const WRONG_A_MINUTE = 10;

const same = (a: string, b: string): boolean =>
  a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));

/** @param code shown on the screen of the machine that serves */
export function paired(code: string): RequestHandler[] {
  const limit = rateLimit({
    windowMs: 60_000,
    limit: WRONG_A_MINUTE,
    standardHeaders: true,
    legacyHeaders: false,
    skipSuccessfulRequests: true,
    skip: isThisMachine,
    message: { why: "too many wrong codes: wait a minute" },
  });
  return [
    limit,
    (request, response, next) => {
      const told = request.header("X-Pairing-Code") ?? String(request.query.code ?? "");
      if (isThisMachine(request) || same(told, code)) next();
      else
        response.status(401).json({
          why: "the pairing code is missing or wrong; it stands on the screen of the machine that runs Bruma",
        });
    },
  ];
}
