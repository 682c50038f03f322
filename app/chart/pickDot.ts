/** Which dot of a chart a tap means. */
interface Dot {
  readonly x: number;
  readonly y: number;
}

/** Half of what a fingertip covers, CSS pixels (WCAG 2.2, target size 2.5.5: 44). */
const REACH_PX = 22;

/** The nearest dot within a fingertip of a point; undefined where none is. */
export function dotAt<Item extends Dot>(dots: readonly Item[], x: number, y: number): Item | undefined {
  let nearest: Item | undefined;
  let leastPx = REACH_PX;
  for (const dot of dots) {
    const px = Math.hypot(dot.x - x, dot.y - y);
    if (px > leastPx) continue;
    leastPx = px;
    nearest = dot;
  }
  return nearest;
}
