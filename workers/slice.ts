/** How long a worker works before it lets waiting messages in. */
const SLICE_MS = 10;

/** Whether this slice is over; the next one begins with {@link Slice.begin}. */
export class Slice {
  private untilMs = 0;

  begin(): void {
    this.untilMs = performance.now() + SLICE_MS;
  }

  get isOver(): boolean {
    return performance.now() > this.untilMs;
  }
}
