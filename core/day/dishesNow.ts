/** Dishes as the day has them by now. */
import { dishRow, type Row } from "../schedule/rows";
import type { PlacedSide } from "../schedule/sides";

/** @param rows of all the roasts that they are eaten with; a dish that none of them has stays as it was planned */
export const dishesNow = (dishes: readonly PlacedSide[], rows: readonly Row[]): readonly PlacedSide[] =>
  dishes
    .map((dish): PlacedSide => {
      const row = rows.find(({ id }) => id === dishRow(dish.id));
      if (row?.about.kind !== "side") return dish;
      return { ...row.about.side, startMs: row.startMs, endMs: row.endMs };
    })
    .sort((one, other) => one.startMs - other.startMs);
