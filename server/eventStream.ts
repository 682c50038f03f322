/** Server-sent events to all who listen: opened, kept alive and let go in one place. */
import type { Response } from "express";

const HEARTBEAT_MS = 15_000;
/** A listener that does not read is let go; it comes back with the number it has. */
const SLOWEST_BYTES = 4_000_000;

export class EventStream {
  private readonly listeners = new Set<Response>();
  private readonly heartbeat = setInterval(() => this.send(": still here\n\n"), HEARTBEAT_MS);

  /** @param most listeners; one more is refused with 503 */
  constructor(private readonly most: number) {}

  /** @param begin what a new listener is told first; asked when it is certain that there is one */
  open(response: Response, begin: () => string): void {
    if (this.listeners.size >= this.most) {
      response.status(503).json({ why: `${this.most} are listening already` });
      return;
    }
    response.set({ "Content-Type": "text/event-stream", "Cache-Control": "no-store", Connection: "keep-alive" });
    response.flushHeaders();
    response.write(`retry: 2000\n\n${begin()}`);
    this.listeners.add(response);
    response.on("close", () => this.listeners.delete(response));
  }

  send(text: string): void {
    for (const listener of this.listeners) {
      if (listener.writableLength <= SLOWEST_BYTES) {
        listener.write(text);
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
