/** How large a bird is as it lies: what must fit a pan, an oven, a shelf. */
import type { Body } from "./body";

export interface BirdSize {
  /** From tail to neck. */
  readonly length: number;
  readonly width: number;
  readonly height: number;
}

/** cm, from the outermost cells; a jointed bird as its pieces lie. */
export function sizeOf({ unit, cellSizeM }: Pick<Body, "unit" | "cellSizeM">): BirdSize {
  const { nx, ny, mirrored } = unit.grid;
  const low = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY];
  const high = [Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY, Number.NEGATIVE_INFINITY];
  for (const cell of unit.surface.cell) {
    const place = [cell % nx, Math.floor(cell / nx) % ny, Math.floor(cell / (nx * ny))];
    place.forEach((at, axis) => {
      low[axis] = Math.min(low[axis] as number, at);
      high[axis] = Math.max(high[axis] as number, at);
    });
  }
  const cm = (axis: number): number => 100 * cellSizeM * ((high[axis] as number) - (low[axis] as number) + 1);
  // Of a mirrored bird only the half beyond the mid-plane is there.
  return { length: cm(1), width: (mirrored ? 2 : 1) * cm(0), height: cm(2) };
}
