/** Pairing over HTTP: codes for this machine's screen, a cookie for a device that knows one, and the list of devices. */
import express, { type Request, type RequestHandler, Router } from "express";
import * as z from "zod/mini";
import { onDisk } from "./onDisk";
import { LONG_CODE, type Pairing, SHORT_CODE } from "./pairing";
import { callerOf, isThisMachine } from "./thisMachine";

const COOKIE = "bruma-paired";
/** What became of a change of the list that could not be written. */
const UNPAIRED = "paired devices are those of before";
const YEAR_S = 365 * 24 * 60 * 60;

const Asked = z.strictObject({
  code: z.string().check(z.maxLength(200)),
  name: z.optional(z.string().check(z.maxLength(40))),
});

function tokenOf(request: Request): string | null {
  for (const part of (request.headers.cookie ?? "").split(";")) {
    const [name, value] = part.trim().split("=", 2);
    if (name === COOKIE && value) return value;
  }
  return null;
}

/** Lets this machine and paired devices through. */
export const onlyPaired =
  (pairing: Pairing): RequestHandler =>
  (request, response, next) => {
    const token = tokenOf(request);
    if (isThisMachine(request) || (token !== null && pairing.knows(token))) next();
    else {
      const why = "this device is not paired: type the code that stands on the screen of the machine that runs Bruma";
      response.status(401).json({ why });
    }
  };

const onlyHere: RequestHandler = (request, response, next) => {
  if (isThisMachine(request)) next();
  else response.status(403).json({ why: "only the machine that runs Bruma may ask for this" });
};

export function pairingRouter(pairing: Pairing): Router {
  const router = Router();
  router.post("/", express.json({ limit: "1kb" }), (request, response) => {
    const asked = Asked.safeParse(request.body);
    const code = asked.success ? asked.data.code.trim().toLowerCase() : "";
    if (!asked.success || !(SHORT_CODE.test(code) || LONG_CODE.test(code))) {
      response.status(400).json({ why: "a pairing code has six figures" });
      return;
    }
    onDisk(response, UNPAIRED, () => {
      const tried = pairing.tryCode(code, callerOf(request), asked.data.name ?? "A device");
      if (tried.kind === "wait") {
        response.set("Retry-After", String(tried.seconds));
        response.status(429).json({ why: `too many wrong codes: wait ${tried.seconds} s`, seconds: tried.seconds });
      } else if (tried.kind === "wrong") {
        response.status(401).json({ why: "that is not the code that is shown now; it changes after five minutes" });
      } else {
        const secure = request.secure ? "; Secure" : "";
        response.set(
          "Set-Cookie",
          `${COOKIE}=${tried.token}; HttpOnly; SameSite=Strict; Path=/; Max-Age=${YEAR_S}${secure}`,
        );
        response.json({ device: tried.device });
      }
    });
  });
  router.get("/offer", onlyHere, (_request, response) => {
    response.set("Cache-Control", "no-store").json(pairing.offer());
  });
  router.get("/devices", onlyHere, (_request, response) => {
    response.json({ devices: pairing.devices() });
  });
  router.delete("/devices/:id", onlyHere, (request, response) => {
    onDisk(response, UNPAIRED, () => {
      if (pairing.remove(String(request.params.id))) response.status(204).end();
      else response.status(404).json({ why: "no such device is paired" });
    });
  });
  return router;
}
