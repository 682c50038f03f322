/**
 * When a reading was taken, as far as it can be known: a device's own instant, unless its clock is wrong. What comes late
 * but in one go is a memory handed over, and keeps its instants; what comes as it is measured and is always as far behind,
 * or ahead of now, has a wrong clock, and is moved by as much: nobody waits for a probe that seems to speak of yesterday.
 */
import type { ThermometerLine } from "../core/formats/thermometer";

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

export class Arrivals {
  private readonly behind = new Map<string, Behind>();

  constructor(private readonly clock: ArrivalClock) {}

  /** What came in one post, each line where it belongs. */
  place(lines: readonly ThermometerLine[]): readonly Arrived[] {
    const nowMs = this.clock.now();
    const arrivedAt = new Date(nowMs).toISOString();
    const shifts = new Map<string, { readonly ahead: number; readonly steady: number }>();
    for (const device of new Set(lines.map((line) => line.device ?? ""))) {
      const own = lines.filter((line) => (line.device ?? "") === device).map(({ at }) => Date.parse(at));
      shifts.set(device, { ahead: this.aheadMs(own, nowMs), steady: this.steadyMs(device, own, nowMs) });
    }
    return lines.map((line) => {
      const atMs = Date.parse(line.at);
      const shift = shifts.get(line.device ?? "");
      const byMs = this.isAhead(atMs, nowMs) ? (shift?.ahead ?? 0) : (shift?.steady ?? 0);
      return { ...line, arrivedAt, ...(byMs !== 0 && { placedAt: new Date(atMs + byMs).toISOString() }) };
    });
  }

  private isAhead(atMs: number, nowMs: number): boolean {
    return atMs - nowMs > 1000 * OFF_S * this.clock.rate;
  }

  /** By how much those from the future are to be moved: the newest of them was taken now. */
  private aheadMs(own: readonly number[], nowMs: number): number {
    const ahead = own.filter((atMs) => this.isAhead(atMs, nowMs));
    return ahead.length === 0 ? 0 : nowMs - Math.max(...ahead);
  }

  /** By how much a device's readings are to be moved, if they are always as late as now. */
  private steadyMs(device: string, own: readonly number[], nowMs: number): number {
    const newest = Math.max(...own.filter((atMs) => !this.isAhead(atMs, nowMs)));
    if (!Number.isFinite(newest)) return 0;
    const lagMs = nowMs - newest;
    const second = 1000 * this.clock.rate;
    const before = this.behind.get(device);
    if (lagMs <= OFF_S * second) {
      this.behind.delete(device);
      return 0;
    }
    const isApart = before !== undefined && nowMs - before.arrivedMs >= APART_S * second;
    if (!before || isApart) this.behind.set(device, { lagMs, arrivedMs: nowMs });
    return isApart && Math.abs(lagMs - before.lagMs) <= STEADY_S * second ? lagMs : 0;
  }
}
