/** Whether a request comes from the machine that serves. */
import type { Request } from "express";

const LOOPBACK = new Set(["127.0.0.1", "::1", "::ffff:127.0.0.1"]);

/** What a server in between adds: its own address is this machine's, its caller's is not. */
const FORWARDED = ["x-forwarded-for", "forwarded", "x-real-ip"] as const;

export const isThisMachine = ({ socket, headers }: Pick<Request, "socket" | "headers">): boolean =>
  LOOPBACK.has(socket.remoteAddress ?? "") && FORWARDED.every((name) => headers[name] === undefined);

/** Who is counted as one caller: its address, as a server in between tells it. */
export function callerOf({ socket, headers }: Pick<Request, "socket" | "headers">): string {
  const own = socket.remoteAddress ?? "";
  const told = headers["x-forwarded-for"];
  // Only a server on this machine is believed: anybody else could say anything.
  if (!LOOPBACK.has(own) || told === undefined) return own;
  return String(told).split(",").at(-1)?.trim() ?? own;
}
