/**
 * When a reading was taken, as far as it can be known: a device's own instant, unless its clock is wrong. What comes late
 * but in one go is a memory handed over, and keeps its instants; what comes as it is measured and is always as far behind,
 * or ahead of now, has a wrong clock, and is moved by as much: nobody waits for a probe that seems to speak of yesterday.
 */
import type { ThermometerLine } from "../core/formats/thermometer";
import { Recent } from "../core/recent";

export interface Arrived extends ThermometerLine {
  readonly arrivedAt: string;
  /** When it was taken, where the device's clock is wrong. */
  readonly placedAt?: string | undefined;
}

/** A clock may be so far off and is still called right; in seconds of life. */
const OFF_S = 120;
/** Two posts that are behind by the same to so much come from one wrong clock. */
const STEADY_S = 20;
/** Posts closer together than this say nothing about how a device's clock runs. */
const APART_S = 1;

export interface ArrivalClock {
  now(): number;
  readonly rate: number;
}

interface Behind {
  readonly lagMs: number;
  readonly arrivedMs: number;
}

/** Devices whose last post is remembered: far more than a kitchen has. */
const MOST_DEVICES = 1000;

interface Shift {
  /** By how much those from the future are to be moved: the newest of them was taken now. */
  readonly aheadMs: number;
  /** By how much all others are, if they are always as late as now. */
  readonly steadyMs: number;
}

export class Arrivals {
  private readonly behind = new Recent<Behind>(MOST_DEVICES);

  constructor(private readonly clock: ArrivalClock) {}

  /** What came in one post, each line where it belongs. */
  place(lines: readonly ThermometerLine[]): readonly Arrived[] {
    const nowMs = this.clock.now();
    const arrivedAt = new Date(nowMs).toISOString();
    const newestMs = new Map<string, { ahead: number; other: number }>();
    for (const { at, device = "" } of lines) {
      const newest = newestMs.get(device) ?? { ahead: Number.NEGATIVE_INFINITY, other: Number.NEGATIVE_INFINITY };
      const atMs = Date.parse(at);
      const side = this.isAhead(atMs, nowMs) ? "ahead" : "other";
      newest[side] = Math.max(newest[side], atMs);
      newestMs.set(device, newest);
    }
    const shifts = new Map<string, Shift>();
    for (const [device, { ahead, other }] of newestMs) {
      shifts.set(device, { aheadMs: nowMs - ahead, steadyMs: this.steadyMs(device, other, nowMs) });
    }
    return lines.map((line) => {
      const atMs = Date.parse(line.at);
      const { aheadMs, steadyMs } = shifts.get(line.device ?? "") as Shift;
      const byMs = this.isAhead(atMs, nowMs) ? aheadMs : steadyMs;
      return { ...line, arrivedAt, ...(byMs !== 0 && { placedAt: new Date(atMs + byMs).toISOString() }) };
    });
  }

  private isAhead(atMs: number, nowMs: number): boolean {
    return atMs - nowMs > 1000 * OFF_S * this.clock.rate;
  }

  private steadyMs(device: string, newestMs: number, nowMs: number): number {
    if (!Number.isFinite(newestMs)) return 0;
    const lagMs = nowMs - newestMs;
    const second = 1000 * this.clock.rate;
    if (lagMs <= OFF_S * second) {
      this.behind.forget(device);
      return 0;
    }
    const before = this.behind.recall(device);
    const isApart = before !== undefined && nowMs - before.arrivedMs >= APART_S * second;
    if (!before || isApart) this.behind.keep(device, { lagMs, arrivedMs: nowMs });
    return isApart && Math.abs(lagMs - before.lagMs) <= STEADY_S * second ? lagMs : 0;
  }
}
