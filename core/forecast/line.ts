import type { Reading } from "./reading";

/** A straight line through readings. */
export interface Line {
  /** Mean of their minutes, and of their temperatures: the line goes through both. */
  readonly minute: number;
  readonly celsius: number;
  readonly slopeKPerMin: number;
}

type Point = Pick<Reading, "minute" | "celsius">;

/** Share of a minute, or of a sum of squares, that rounding may leave of nothing. */
const ROUNDING = 1e-12;

/** By least squares; level where all are of one moment. */
export function lineThrough(readings: readonly Point[]): Line {
  const n = readings.length;
  const minute = readings.reduce((sum, each) => sum + each.minute, 0) / n;
  const celsius = readings.reduce((sum, each) => sum + each.celsius, 0) / n;
  const spread = readings.reduce((sum, each) => sum + (each.minute - minute) ** 2, 0);
  const rise = readings.reduce((sum, each) => sum + (each.minute - minute) * (each.celsius - celsius), 0);
  // Of one moment, but for rounding: level.
  return { minute, celsius, slopeKPerMin: spread > n * (ROUNDING * minute) ** 2 ? rise / spread : 0 };
}

/**
 * The line through readings of so many minutes before the next one, as they come: each is looked at a few times, however
 * many there are.
 */
export class RecentLine {
  private readonly points: Point[] = [];
  /** The oldest within reach, and the one that the sums were begun anew with, whose minute they count from. */
  private first = 0;
  private base = 0;
  private minutes = 0;
  private celsius = 0;
  private squares = 0;
  private products = 0;

  constructor(private readonly reachMin: number) {}

  /** @param point no older than the one before */
  add({ minute, celsius }: Point): void {
    this.points.push({ minute, celsius });
    this.count(this.points.length - 1, 1);
  }

  /**
   * The line through those that are no older than the reach before a minute; null where they are fewer than `least`.
   * @param minute no earlier than the one asked for before
   */
  before(minute: number, least: number): Line | null {
    for (; this.first < this.points.length && this.at(this.first).minute < minute - this.reachMin; this.first++) {
      this.count(this.first, -1);
    }
    const n = this.points.length - this.first;
    if (n < Math.max(1, least)) return null;
    // What rounding leaves behind would grow with the day.
    if (this.first - this.base >= n) this.beginAnew();
    const middle = this.minutes / n;
    const spread = this.squares - n * middle ** 2;
    const rise = this.products - middle * this.celsius;
    return {
      minute: middle + this.at(this.base).minute,
      celsius: this.celsius / n,
      // Of one moment, but for rounding: level.
      slopeKPerMin: spread > ROUNDING * this.squares ? rise / spread : 0,
    };
  }

  private at(n: number): Point {
    return this.points[n] as Point;
  }

  private count(n: number, sign: 1 | -1): void {
    const { minute, celsius } = this.at(n);
    const since = minute - this.at(this.base).minute;
    this.minutes += sign * since;
    this.celsius += sign * celsius;
    this.squares += sign * since * since;
    this.products += sign * since * celsius;
  }

  private beginAnew(): void {
    this.base = this.first;
    this.minutes = 0;
    this.celsius = 0;
    this.squares = 0;
    this.products = 0;
    for (let n = this.first; n < this.points.length; n++) this.count(n, 1);
  }
}

export const onLine = ({ minute, celsius, slopeKPerMin }: Line, at: number): number =>
  celsius + slopeKPerMin * (at - minute);
