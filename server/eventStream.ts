/** Server-sent events to all who listen: opened, told what they have missed, kept alive and let go in one place. */
import { pipeline } from "node:stream/promises";
import type { Request, Response } from "express";
import { callerOf, isThisMachine } from "./thisMachine";

const HEARTBEAT_MS = 15_000;
/** Who has so much unread is let go before more is sent; it comes back with the number it has. */
const MOST_UNREAD_BYTES = 256 * 1024;
/** Of one device on the home network: its tabs. This machine's own may be more. */
const MOST_A_DEVICE = 12;

export class EventStream {
  private readonly listeners = new Set<Response>();
  private readonly devices = new Map<string, number>();
  private readonly heartbeat = setInterval(() => this.send(": still here\n\n"), HEARTBEAT_MS);
  private opened = 0;

  /** @param most listeners; one more is refused with 503 */
  constructor(private readonly most: number) {}

  /**
   * @param missed what a new listener has missed, a slice at a time: the next one is asked for when it has read the last
   * @param rest what has come meanwhile; from then on it hears everything
   */
  async open(request: Request, response: Response, missed: AsyncIterable<string>, rest: () => string): Promise<void> {
    const device = isThisMachine(request) ? "" : callerOf(request);
    const own = this.devices.get(device) ?? 0;
    if (this.opened >= this.most || (device !== "" && own >= MOST_A_DEVICE)) {
      const why = this.opened >= this.most ? `${this.most} are listening` : `this device listens ${own} times`;
      response.status(503).json({ why: `${why} already` });
      return;
    }
    this.opened++;
    this.devices.set(device, own + 1);
    response.on("close", () => {
      this.listeners.delete(response);
      this.opened--;
      const left = (this.devices.get(device) ?? 1) - 1;
      if (left > 0) this.devices.set(device, left);
      else this.devices.delete(device);
    });
    response.set({ "Content-Type": "text/event-stream", "Cache-Control": "no-store", Connection: "keep-alive" });
    response.flushHeaders();
    response.write("retry: 2000\n\n");
    try {
      await pipeline(missed, response, { end: false });
    } catch (error) {
      // It left while it was being told; what else goes wrong is the caller's.
      if (!response.destroyed || (error as NodeJS.ErrnoException).code !== "ERR_STREAM_PREMATURE_CLOSE") throw error;
    }
    if (response.destroyed) return;
    const text = rest();
    if (text !== "") response.write(text);
    this.listeners.add(response);
  }

  send(text: string): void {
    // One copy for all, however many have not read it yet.
    const bytes = Buffer.from(text);
    for (const listener of this.listeners) {
      if (listener.writableLength <= MOST_UNREAD_BYTES) {
        listener.write(bytes);
        continue;
      }
      this.listeners.delete(listener);
      listener.destroy();
    }
  }

  close(): void {
    clearInterval(this.heartbeat);
    for (const listener of this.listeners) listener.end();
  }
}
