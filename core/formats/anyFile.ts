/** Which of our formats a text is, told from how it begins, and what is wrong with it. */

import type { RejectedRow } from "../faults";
import { MOST_SIDES } from "../plan/schema";
import { rowsIn } from "./csv";
import { checkRoastFile, type FileCheck } from "./file";
import { judgedBy } from "./judged";
import { readLog } from "./readingLog";
import { SIDE_COLUMNS, sidesFromCsv } from "./sideList";
import { linesIn, ThermometerLineSchema } from "./thermometer";

/** A format of lines: each by itself is right or not. */
export interface LinesCheck {
  readonly format: "readings-csv" | "dishes-csv" | "thermometer-lines";
  readonly valid: boolean;
  readonly entries: number;
  readonly rejected: readonly RejectedRow[];
}

/** Reads a text: its format, and what is in it or wrong with it. Never throws. */
export function checkAnyFile(text: string): FileCheck | LinesCheck {
  const start = text.replace(/^\uFEFF/, "").trimStart();
  if (/^\[?\s*\{\s*"(at|probe|celsius|device)"/.test(start)) return checkThermometerLines(start);
  if (start === "" || start.startsWith("{") || start.startsWith("[")) return checkRoastFile(text);
  const [header = [], ...rows] = rowsIn(text);
  const names = header.map((name) => name.trim().toLowerCase());
  if (SIDE_COLUMNS.slice(0, 2).every((column) => names.includes(column))) {
    const { dishes, rejected } = sidesFromCsv(text, MOST_SIDES, "metric");
    return linesCheck("dishes-csv", dishes.length, rejected);
  }
  const { readings, rejected } = readLog(header, rows);
  return linesCheck("readings-csv", readings.length, rejected);
}

const linesCheck = (format: LinesCheck["format"], entries: number, rejected: readonly RejectedRow[]): LinesCheck => ({
  format,
  valid: entries > 0 && rejected.length === 0,
  entries,
  rejected,
});

function checkThermometerLines(text: string): LinesCheck {
  const judged = linesIn(text).map((line) => judgedBy(ThermometerLineSchema, line));
  const rejected = judged.flatMap((each, n): RejectedRow[] => {
    const [fault] = each.success ? [] : each.faults;
    return fault ? [{ line: n + 1, ...fault }] : [];
  });
  return linesCheck("thermometer-lines", judged.length - rejected.length, rejected);
}
