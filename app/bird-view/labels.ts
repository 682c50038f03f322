/** Where the words of marks stand: clear of one another and of every mark, as near to their own as that goes. */

interface Marked {
  readonly x: number;
  readonly y: number;
  readonly label: string;
}

/** Against the size of the letters: from a mark's middle to its words, tried in turn; sideways they still stand at it. */
const LINES_AWAY = [1.02, 2.14, 3.26, 4.38, 5.5, 6.62] as const;
const SIDEWAYS = [0, -2.5, 2.5] as const;
const AWAY = LINES_AWAY.flatMap((line) => SIDEWAYS.flatMap((dx) => [-line, line].map((dy) => ({ dx, dy }))));
/** Half as wide as so many letters are, and half as high as a line. */
const LETTER_HALF = 0.27;
const LINE_HALF = 0.55;
const MARK_HALF = 0.45;

interface Box {
  readonly x: number;
  readonly y: number;
  readonly halfWidth: number;
  readonly halfHeight: number;
}

/** How much of one box lies on the other. */
function overlap(a: Box, b: Box): number {
  const across = a.halfWidth + b.halfWidth - Math.abs(a.x - b.x);
  const down = a.halfHeight + b.halfHeight - Math.abs(a.y - b.y);
  return Math.max(0, across) * Math.max(0, down);
}

/** @param size of the letters @returns the middle of each one's words */
export function labelPlaces(
  marks: readonly Marked[],
  size: number,
): readonly { readonly x: number; readonly y: number }[] {
  const own = marks.map(({ x, y }): Box => ({ x, y, halfWidth: MARK_HALF * size, halfHeight: MARK_HALF * size }));
  const placed: Box[] = [];
  return marks.map(({ x, y, label }) => {
    const boxes = AWAY.map(
      ({ dx, dy }): Box => ({
        x: x + dx * size,
        y: y + dy * size,
        halfWidth: LETTER_HALF * size * label.length,
        halfHeight: LINE_HALF * size,
      }),
    );
    const hidden = (box: Box): number => [...own, ...placed].reduce((sum, other) => sum + overlap(box, other), 0);
    // Where none is free the one that hides least; of the nearest the first.
    const box = boxes.reduce((best, each) => (hidden(each) < hidden(best) ? each : best));
    placed.push(box);
    return { x: box.x, y: box.y };
  });
}
