/** Tables as CSV text (RFC 4180), out and in: the library reads and writes the cells. */
import Papa from "papaparse";

/**
 * What a spreadsheet would take for a formula, and is none. A number may begin with its sign.
 * Common practice: such a cell gets an apostrophe in front, which a spreadsheet hides; one that has its own gets another,
 * so that every cell is read as it was.
 */
const FORMULA = /^(?![+-]?[\d.,]+$)'*[=+\-@\t\r]/;
const DEFUSED = /^'(?='*[=+\-@\t\r])/;

/** Without the mark of its encoding. */
const bare = (text: string): string => text.replace(/^\uFEFF/, "");
const plain = (cell: string): string => cell.replace(DEFUSED, "");

/** Rows of cells; the first is the header. */
export const rowsIn = (text: string): string[][] =>
  Papa.parse<string[]>(bare(text), { skipEmptyLines: "greedy", transform: plain }).data;

/** Rows by the names of their columns, in lower case. */
export function namedRowsIn(text: string): {
  readonly rows: Record<string, string>[];
  readonly columns: readonly string[];
} {
  const { data, meta } = Papa.parse<Record<string, string>>(bare(text), {
    header: true,
    skipEmptyLines: "greedy",
    transform: plain,
    transformHeader: (header) => header.trim().toLowerCase(),
  });
  return { rows: data, columns: meta.fields ?? [] };
}

export const toCsv = (rows: readonly object[], columns: readonly string[]): string =>
  `${Papa.unparse([...rows], { columns: [...columns], escapeFormulae: FORMULA })}\r\n`;
