/** Where a server listens: on the port that is asked for, or the next that is free. */
import { once } from "node:events";
import type { Server } from "node:http";
import type { AddressInfo } from "node:net";

const USUAL_PORT = 4173;
const HIGHEST_PORT = 65_535;
const PORTS_TRIED = 20;

/** @param text as in the environment; any port that is free for 0 @throws RangeError for what is no port */
export function portFrom(text: string | undefined): number {
  if (text === undefined) return USUAL_PORT;
  const port = text.trim() === "" ? Number.NaN : Number(text);
  if (!Number.isInteger(port) || port < 0 || port > HIGHEST_PORT)
    throw new RangeError(`PORT is “${text}”; a whole number from 0 to ${HIGHEST_PORT} is allowed`);
  return port;
}

/** @returns the port it listens on @throws RangeError where none of the next ports is free */
export async function listen(
  server: Server,
  host: string,
  first: number,
  tell: (line: string) => void = console.log,
): Promise<number> {
  const last = Math.min(first + PORTS_TRIED - 1, HIGHEST_PORT);
  for (let port = first; port <= last; port++) {
    server.listen(port, host);
    try {
      await once(server, "listening");
      return (server.address() as AddressInfo).port;
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== "EADDRINUSE") throw error;
      tell(`Port ${port} is taken${port < last ? `; trying ${port + 1}` : ""}.`);
    }
  }
  throw new RangeError(`no free port from ${first} to ${last}`);
}
