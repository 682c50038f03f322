/** Where things lie on the record's axis of time, px. */
import { type ScaleLinear, scaleLinear } from "d3-scale";
import { MINUTE_MS } from "../../../../core/units/time";

export const MARGIN = { left: 44, right: 66, top: 8 };
const RAIL = 26;
export const AIR = 40;
const MAIN = 240;
export const TICKS = 24;
export const DISH = 17;

/** From top to bottom: what was done, the air, the meat, the hours, the dishes. */
export const AIR_TOP = MARGIN.top + RAIL;
const MAIN_TOP = AIR_TOP + AIR + 8;
export const MAIN_END = MAIN_TOP + MAIN;

export interface Axis {
  /** Of a minute since it went in. */
  readonly x: ScaleLinear<number, number>;
  /** Of a moment. */
  at(ms: number): number;
  /** Of a temperature in the meat, °C. */
  readonly y: ScaleLinear<number, number>;
  /** Where it ends, minutes since it went in. */
  readonly toMin: number;
}

export function axisOf(width: number, inAtMs: number, toMin: number): Axis {
  const x = scaleLinear([0, toMin], [MARGIN.left, Math.max(MARGIN.left + 1, width - MARGIN.right)]);
  const y = scaleLinear([0, 95], [MAIN_END, MAIN_TOP]).clamp(true);
  return { x, y, at: (ms) => x((ms - inAtMs) / MINUTE_MS), toMin };
}

interface Timed {
  readonly name: string;
  readonly startMs: number;
  readonly endMs: number;
}

/** What a dish is on the axis, and where its name has room: before its bar, after it, or on it. */
interface Bar<Dish> {
  readonly dish: Dish;
  readonly from: number;
  readonly to: number;
  readonly name: { readonly x: number; readonly anchor: "start" | "end" };
}
const NAME_GAP = 6;
/** A letter is seldom wider. */
const LETTER = 7;

/** The dishes that were on between the axis' ends. */
export function barsOn<Dish extends Timed>({ x, at, toMin }: Axis, dishes: readonly Dish[]): readonly Bar<Dish>[] {
  const [left, right] = [x(0), x(toMin)];
  return dishes
    .filter(({ startMs, endMs }) => at(endMs) > left && at(startMs) < right)
    .map((dish) => {
      const [from, to] = [Math.max(left, at(dish.startMs)), Math.min(right, at(dish.endMs))];
      const width = dish.name.length * LETTER + NAME_GAP;
      if (from - left >= width) return { dish, from, to, name: { x: from - NAME_GAP, anchor: "end" } };
      if (right - to >= width) return { dish, from, to, name: { x: to + NAME_GAP, anchor: "start" } };
      // On its bar, and over that end of it which has more room beside it.
      return from - left > right - to
        ? { dish, from, to, name: { x: to - NAME_GAP, anchor: "end" } }
        : { dish, from, to, name: { x: from + NAME_GAP, anchor: "start" } };
    });
}

export const heightWith = (dishes: number): number => MAIN_END + TICKS + (dishes > 0 ? dishes * DISH + 8 : 0);
