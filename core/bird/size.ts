/** How large a bird is as it lies: what must fit a pan, an oven, a shelf. */
import type { Body } from "./body";
import type { Centre } from "./solid";

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

/** How far a thermometer is pushed in, cm. */
export interface ProbeWay {
  /** From the nearest surface, skin or cavity. */
  readonly underCm: number;
  /** Level with the board, from the neck end. */
  readonly fromNeckCm: number;
}

/** Of the reference bird, m: finer than a tip can be placed. */
const WAY_STEP_M = 0.001;

/** The ways to each thermal centre of a body. */
export function probeWays({
  unit: { shape, centres },
  scale,
}: Pick<Body, "unit" | "scale">): Partial<Record<Centre, ProbeWay>> {
  const cm = (metres: number): number => 100 * scale * metres;
  return Object.fromEntries(
    Object.entries(centres).map(([centre, [x, y, z]]): [string, ProbeWay] => {
      const inside = (way: number): boolean => shape.body(Math.abs(x), y + way, z) < 0;
      let way = 0;
      while (inside(way)) way += WAY_STEP_M;
      return [centre, { underCm: cm(-shape.body(Math.abs(x), y, z)), fromNeckCm: cm(way) }];
    }),
  );
}
