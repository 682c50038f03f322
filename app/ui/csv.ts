/** Tables as CSV text, out and in: the library reads and writes the cells. */
import Papa from "papaparse";

/** Far above any log of a roast; more would hold the page up. */
const LARGEST_BYTES = 5_000_000;

/**
 * What a spreadsheet would take for a formula, and is none. A number may begin with its sign.
 * Common practice: such a cell gets an apostrophe in front, which a spreadsheet hides; one that has its own gets another,
 * so that every cell is read as it was.
 */
const FORMULA = /^(?![+-]?[\d.,]+$)'*[=+\-@\t\r]/;
const DEFUSED = /^'(?='*[=+\-@\t\r])/;

/** @throws RangeError for a file that is too large */
export async function textOfTable(file: File): Promise<string> {
  if (file.size > LARGEST_BYTES) {
    throw new RangeError(
      `${file.name} has ${Math.round(file.size / 1e6)} MB: tables up to ${LARGEST_BYTES / 1e6} MB are read`,
    );
  }
  return (await file.text()).replace(/^\uFEFF/, "");
}

const plain = (cell: string): string => cell.replace(DEFUSED, "");

/** Rows of cells; the first is the header. */
export const rowsIn = (text: string): string[][] =>
  Papa.parse<string[]>(text, { skipEmptyLines: "greedy", transform: plain }).data;

/** Rows by the names of their columns, in lower case. */
export function namedRowsIn(text: string): {
  readonly rows: Record<string, string>[];
  readonly columns: readonly string[];
} {
  const { data, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: "greedy",
    transform: plain,
    transformHeader: (header) => header.trim().toLowerCase(),
  });
  return { rows: data, columns: meta.fields ?? [] };
}

export const toCsv = (rows: readonly object[], columns: readonly string[]): string =>
  `${Papa.unparse([...rows], { columns: [...columns], escapeFormulae: FORMULA })}\r\n`;
