/** Where the words of marks stand: clear of one another and of every mark, as near to their own as that goes. */

interface Marked {
  readonly x: number;
  readonly y: number;
  readonly label: string;
}

/** Against the size of the letters: from a mark's middle to its words, tried in turn. */
const AWAY = [-1.02, 1.02, -2.14, 2.14, -3.26, 3.26] as const;
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

const overlaps = (a: Box, b: Box): boolean =>
  Math.abs(a.x - b.x) < a.halfWidth + b.halfWidth && Math.abs(a.y - b.y) < a.halfHeight + b.halfHeight;

/** @param size of the letters @returns where the middle of each one's words stands, y */
export function labelPlaces(marks: readonly Marked[], size: number): readonly number[] {
  const own = marks.map(({ x, y }): Box => ({ x, y, halfWidth: MARK_HALF * size, halfHeight: MARK_HALF * size }));
  const placed: Box[] = [];
  return marks.map(({ x, y, label }) => {
    const at = (away: number): Box => ({
      x,
      y: y + away * size,
      halfWidth: LETTER_HALF * size * label.length,
      halfHeight: LINE_HALF * size,
    });
    const box = AWAY.map(at).find((each) => ![...own, ...placed].some((other) => overlaps(each, other))) ?? at(AWAY[0]);
    placed.push(box);
    return box.y;
  });
}
