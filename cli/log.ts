/** `log FILE [--csv]`: the roasts of a file as the log has them, newest first. */
import { toCsv } from "../core/formats/csv";
import { heldByKind, heldOf, type LogRow, logRows } from "../core/log/rows";
import { readNamed, roastsIn } from "./readFile";

const COLUMNS: readonly (keyof LogRow)[] = [
  "outAt",
  "name",
  "species",
  "cut",
  "massKg",
  "count",
  "heat",
  "oven",
  "method",
  "serveAt",
  "inAt",
  "predictedAt",
  "minutesOff",
  "inBand",
  "rating",
  "note",
  "isArchived",
  "id",
  "movedTo",
];

/** @returns an object for JSON, or the table as text @throws CommandError when the file cannot be read, or is none of ours */
export function log(args: readonly string[]): unknown {
  const { path, text, values } = readNamed("log", args, { csv: { type: "boolean" } });
  const rows = logRows(roastsIn("log", path, text).map(({ roast }) => roast));
  if (values.csv) return toCsv(rows, COLUMNS);
  const byWay = heldByKind(rows, ({ method }) => method);
  const byOven = heldByKind(rows, ({ oven }) => oven);
  return { predicted: heldOf(rows), byWay, byOven, rows };
}
