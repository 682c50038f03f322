/**
 * Closed isolines of a sampled field by marching squares, walked straight into a path.
 *
 * Our own, against the habit of taking a library: the pictures are traced anew for every step of a drag, and d3-contour
 * took most of a second for what this does in milliseconds (typed arrays, no objects a segment).
 */

/** What a traced line is walked into: a canvas, a Path2D, or an {@link SvgPath}. */
export interface PathSink {
  moveTo(x: number, y: number): void;
  lineTo(x: number, y: number): void;
  closePath(): void;
}

/** Collects a path as the `d` of an SVG path. */
export class SvgPath implements PathSink {
  private readonly parts: string[] = [];
  moveTo(x: number, y: number): void {
    this.parts.push(`M${x.toFixed(2)},${y.toFixed(2)}`);
  }
  lineTo(x: number, y: number): void {
    this.parts.push(`L${x.toFixed(2)},${y.toFixed(2)}`);
  }
  closePath(): void {
    this.parts.push("Z");
  }
  toString(): string {
    return this.parts.join("");
  }
}

/** Sides of a square of four samples. */
const TOP = 0;
const RIGHT = 1;
const BOTTOM = 2;
const LEFT = 3;

/** Segments of each case, from side to side, the inside on the left hand. Bits: the corners that are inside, clockwise. */
const SEGMENTS: readonly (readonly (readonly [number, number])[])[] = [
  [],
  [[LEFT, TOP]],
  [[TOP, RIGHT]],
  [[LEFT, RIGHT]],
  [[RIGHT, BOTTOM]],
  [
    [LEFT, TOP],
    [RIGHT, BOTTOM],
  ],
  [[TOP, BOTTOM]],
  [[LEFT, BOTTOM]],
  [[BOTTOM, LEFT]],
  [[BOTTOM, TOP]],
  [
    [TOP, RIGHT],
    [BOTTOM, LEFT],
  ],
  [[BOTTOM, RIGHT]],
  [[RIGHT, LEFT]],
  [[RIGHT, TOP]],
  [[TOP, LEFT]],
  [],
];

/** A field with a ring of samples around it, so that every line closes; row by row, the ring counted in both measures. */
export interface Ringed {
  readonly samples: Float32Array;
  readonly width: number;
  readonly height: number;
}

const BELOW_ALL = Number.NEGATIVE_INFINITY;

/** @param field row by row; what is no number in it lies below everything, as the ring does */
export function ringed(field: ArrayLike<number>, columns: number, rows: number): Ringed {
  const width = columns + 2;
  const height = rows + 2;
  const samples = new Float32Array(width * height).fill(BELOW_ALL);
  for (let j = 0; j < rows; j++) {
    for (let i = 0; i < columns; i++) {
      const sample = field[i + columns * j] as number;
      if (!Number.isNaN(sample)) samples[i + 1 + width * (j + 1)] = sample;
    }
  }
  return { samples, width, height };
}

/** From side to side, -1 where no line goes on, which between two traces is everywhere; and where lines may begin. */
let links = new Int32Array(0);
let begins = new Int32Array(0);

/** Walks the closed lines around everything at or above a value; coordinates are columns and rows of the field itself. */
export function traceAbove({ samples, width, height }: Ringed, value: number, sink: PathSink): void {
  if (links.length < 2 * samples.length) {
    links = new Int32Array(2 * samples.length).fill(-1);
    begins = new Int32Array(2 * samples.length);
  }
  const next = links;
  let begun = 0;
  for (let j = 0; j < height - 1; j++) {
    const row = width * j;
    let topRight = false;
    let bottomRight = false;
    for (let cell = row; cell < row + width - 1; cell++) {
      const topLeft: boolean = topRight;
      const bottomLeft: boolean = bottomRight;
      topRight = (samples[cell + 1] as number) >= value;
      bottomRight = (samples[cell + 1 + width] as number) >= value;
      if (topLeft === topRight && bottomLeft === bottomRight && topLeft === bottomLeft) continue;
      const kind = (topLeft ? 1 : 0) | (topRight ? 2 : 0) | (bottomRight ? 4 : 0) | (bottomLeft ? 8 : 0);
      for (const [from, to] of SEGMENTS[kind] as (typeof SEGMENTS)[number]) {
        const begin = edge(cell, from, width);
        next[begin] = edge(cell, to, width);
        begins[begun++] = begin;
      }
    }
  }
  /** What lies below everything is taken to lie just below the line. */
  const at = (corner: number): number => {
    const sample = samples[corner] as number;
    return sample === BELOW_ALL ? value - 1 : sample;
  };
  for (let n = 0; n < begun; n++) {
    const first = begins[n] as number;
    let started = false;
    for (let here = first; next[here] !== -1; ) {
      const corner = here >> 1;
      const column = corner % width;
      const down = here & 1;
      const low = at(corner);
      const share = (value - low) / (at(corner + (down ? width : 1)) - low);
      const x = column - 1 + (down === 1 ? 0 : share);
      const y = (corner - column) / width - 1 + (down === 1 ? share : 0);
      if (started) sink.lineTo(x, y);
      else sink.moveTo(x, y);
      started = true;
      const onward = next[here] as number;
      next[here] = -1;
      here = onward;
    }
    if (started) sink.closePath();
  }
}

/** Number of a side of a square: twice its first corner, plus one when it runs downwards. */
function edge(cell: number, side: number, width: number): number {
  if (side === TOP) return 2 * cell;
  if (side === LEFT) return 2 * cell + 1;
  return side === RIGHT ? 2 * (cell + 1) + 1 : 2 * (cell + width);
}

/** SVG path around everything at or above a value. */
export function pathAbove(field: ArrayLike<number>, columns: number, rows: number, value: number): string {
  const path = new SvgPath();
  traceAbove(ringed(field, columns, rows), value, path);
  return path.toString();
}

/** SVG path of the inside of a distance field (negative inside). */
export const pathInside = (distance: Float32Array, columns: number, rows: number): string =>
  pathAbove(
    distance.map((value) => -value),
    columns,
    rows,
    0,
  );

/** One field between two, share by share. */
export function blend(a: Float32Array, b: Float32Array, share: number): Float32Array {
  const out = new Float32Array(a.length);
  for (let n = 0; n < a.length; n++) out[n] = (a[n] as number) * (1 - share) + (b[n] as number) * share;
  return out;
}
