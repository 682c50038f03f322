import { MINUTE_MS } from "../units/time";
import { latestWithin, toBeDone, WAKING } from "./waking";

/**
 * Work that may be done earlier, put as late as it can be where the hands are free and the cook is up, and not before it was
 * planned, unless it was wanted by then: it never comes after what wants it.
 */
export class Bench {
  private readonly busy: { readonly startMs: number; readonly endMs: number }[] = [];

  constructor(
    private readonly zone: string,
    private readonly madeMs: number,
  ) {}

  take(startMs: number, endMs: number): void {
    this.busy.push({ startMs, endMs });
  }

  /** Start of so many minutes of work that end at the latest by `byMs`; where nothing from `fromMs` on is free, there. */
  before(byMs: number, minutes: number, hours = toBeDone(WAKING, minutes), fromMs = Number.NEGATIVE_INFINITY): number {
    const length = minutes * MINUTE_MS;
    let startMs = latestWithin(byMs - length, this.zone, hours);
    for (;;) {
      const inTheWay = this.busy.find((work) => startMs < work.endMs && startMs + length > work.startMs);
      if (!inTheWay) break;
      startMs = latestWithin(inTheWay.startMs - length, this.zone, hours);
    }
    startMs = Math.max(startMs, fromMs, Math.min(this.madeMs, byMs - length));
    this.take(startMs, startMs + length);
    return startMs;
  }
}
