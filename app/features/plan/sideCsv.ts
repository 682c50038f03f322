/** Side dishes out of a CSV file and into one: the core says what the cells mean. */
import { type Dish, readSideRows, SIDE_COLUMNS, sideRows } from "../../../core/formats/sideList";
import type { UnitSystem } from "../../../core/units/quantity";
import { namedRowsIn, toCsv } from "../../ui/csv";

/** @returns what can be taken in, and every line that cannot with the reason */
export function sidesFromCsv(text: string, places: number, units: UnitSystem): ReturnType<typeof readSideRows> {
  const { rows, columns } = namedRowsIn(text);
  const missing = SIDE_COLUMNS.slice(0, 2).filter((column) => !columns.includes(column));
  if (missing.length > 0) {
    return {
      dishes: [],
      rejected: [{ line: 1, where: "", wrong: { kind: "no-column", columns: missing.slice(0, 1), got: columns } }],
    };
  }
  return readSideRows(rows, places, units);
}

export const sidesToCsv = (sides: readonly Dish[], units: UnitSystem): string =>
  toCsv(sideRows(sides, units), SIDE_COLUMNS);
