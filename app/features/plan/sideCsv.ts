/** Side dishes out of a CSV file and into one: the library reads and writes the cells, the core says what they mean. */
import Papa from "papaparse";
import { type Dish, readSideRows, SIDE_COLUMNS, sideRows } from "../../../core/formats/sideList";
import type { UnitSystem } from "../../../core/units/quantity";

/** @returns what can be taken in, and every line that cannot with the reason */
export function sidesFromCsv(text: string, places: number, units: UnitSystem): ReturnType<typeof readSideRows> {
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (header) => header.trim().toLowerCase(),
  });
  const missing = SIDE_COLUMNS.slice(0, 2).filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0) {
    const got = meta.fields?.join(", ") || "nothing";
    return {
      dishes: [],
      rejected: [
        { line: 1, why: `the header needs ${missing.join(" and ")}, and may have oven, ring, slot; got ${got}` },
      ],
    };
  }
  return readSideRows(data, places, units);
}

export const sidesToCsv = (sides: readonly Dish[], units: UnitSystem): string =>
  `${Papa.unparse(sideRows(sides, units), { columns: [...SIDE_COLUMNS] })}\r\n`;
