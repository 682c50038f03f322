/** Which dishes find their oven on, and when it is turned on for those that do not. */
import { constant } from "../constants";
import { MINUTE_MS } from "../units/time";
import { COLD, type OvenUse, ovenFor, takesOven, type Use } from "./resources";
import type { PlacedSide } from "./sides";

/**
 * Dishes, each with whether somebody has to turn its oven on: nothing is in it, nor has just come out of it.
 * @param sides of one roast
 * @param uses of the whole kitchen, others with their names; of two that go in at one moment, the first turns it on
 */
export function withOvens(sides: readonly PlacedSide[], uses: readonly Use[], ovens: number): PlacedSide[] {
  const hot = uses.filter(takesOven).filter(({ id }) => id !== COLD);
  return sides.map((side) => {
    const at = hot.findIndex(({ id, of }) => of === undefined && id === side.id);
    const dish = hot[at];
    if (!dish) return side;
    const isThere = ({ startMs }: Use, n: number): boolean =>
      startMs < dish.startMs || (startMs === dish.startMs && n < at);
    return { ...side, isOvenOff: isOff(dish, hot.filter(isThere), ovens) };
  });
}

/** So early that it is hot by the time that the dish goes in. */
export const ovenOnMs = ({ startMs }: Pick<PlacedSide, "startMs">): number =>
  startMs - constant("preheatMin") * MINUTE_MS;

function isOff(dish: OvenUse, before: readonly OvenUse[], ovens: number): boolean {
  const staysHotMs = constant("preheatMin") * MINUTE_MS;
  if (before.some(({ endMs }) => endMs <= dish.startMs && endMs > dish.startMs - staysHotMs)) return false;
  const filled: OvenUse[][] = [];
  for (const use of before.filter(({ endMs }) => endMs > dish.startMs)) {
    const shared = ovenFor(filled, use);
    if (shared) shared.push(use);
    else filled.push([use]);
  }
  return filled.length < ovens && !ovenFor(filled, dish);
}
