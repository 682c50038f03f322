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

let links = new Int32Array(0);

/**
 * Walks the closed lines around everything at or above a value; coordinates are columns and rows. Beyond the raster,
 * and where a sample is not a number, the field counts as below.
 */
export function traceAbove(
  field: ArrayLike<number>,
  columns: number,
  rows: number,
  value: number,
  sink: PathSink,
): void {
  // One ring of padding, so that every line closes.
  const width = columns + 2;
  const height = rows + 2;
  if (links.length < 2 * width * height) links = new Int32Array(2 * width * height);
  const next = links;
  next.fill(-1, 0, 2 * width * height);
  const at = (i: number, j: number): number => {
    if (i < 1 || j < 1 || i > columns || j > rows) return value - 1;
    const sample = field[i - 1 + columns * (j - 1)] as number;
    return Number.isNaN(sample) ? value - 1 : sample;
  };
  for (let j = 0; j < height - 1; j++) {
    let topRight = at(0, j) >= value;
    let bottomRight = at(0, j + 1) >= value;
    for (let i = 0; i < width - 1; i++) {
      const topLeft = topRight;
      const bottomLeft = bottomRight;
      topRight = at(i + 1, j) >= value;
      bottomRight = at(i + 1, j + 1) >= value;
      const kind = (topLeft ? 1 : 0) | (topRight ? 2 : 0) | (bottomRight ? 4 : 0) | (bottomLeft ? 8 : 0);
      if (kind === 0 || kind === 15) continue;
      const cell = i + width * j;
      for (const [from, to] of SEGMENTS[kind] as (typeof SEGMENTS)[number])
        next[edge(cell, from, width)] = edge(cell, to, width);
    }
  }
  for (let first = 0; first < 2 * width * height; first++) {
    if (next[first] === -1) continue;
    let started = false;
    for (let here = first; next[here] !== -1; ) {
      const corner = here >> 1;
      const i = corner % width;
      const j = (corner - i) / width;
      const down = here & 1;
      const low = at(i, j);
      const share = (value - low) / (at(i + 1 - down, j + down) - low);
      const x = i - 1 + (down === 1 ? 0 : share);
      const y = j - 1 + (down === 1 ? share : 0);
      if (started) sink.lineTo(x, y);
      else sink.moveTo(x, y);
      started = true;
      const onward = next[here] as number;
      next[here] = -1;
      here = onward;
    }
    sink.closePath();
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
  traceAbove(field, columns, rows, value, path);
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
