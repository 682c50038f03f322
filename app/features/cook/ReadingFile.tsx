import Papa from "papaparse";
import { useRef, useState } from "react";
import { type LoggedReading, readLog } from "../../../core/formats/readingLog";
import type { Roast, RoastReading } from "../../../core/formats/roast";
import type { RejectedRow } from "../../../core/formats/sideList";
import { Button } from "../../ui/Button";
import { saveFile } from "../../ui/saveFile";

interface Props {
  readonly roast: Roast;
  readonly readings: readonly RoastReading[];
  onReading(readings: readonly RoastReading[]): Promise<void>;
}

interface Report {
  readonly file: string;
  readonly taken: number;
  readonly rejected: readonly RejectedRow[];
}

const SHOWN = 8;
const MINUTE = 60_000;

/** A log in from a CSV file, with every row that was not taken; and the readings out again. */
export function ReadingFile({ roast, readings, onReading }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  const [report, setReport] = useState<Report | null>(null);
  const inAtMs = Date.parse(roast.happened.inAt ?? "");
  const read = async (file: File): Promise<void> => {
    const { data } = Papa.parse<string[]>((await file.text()).replace(/^\uFEFF/, ""), { skipEmptyLines: "greedy" });
    const [header = [], ...rows] = data;
    const log = readLog(header, rows, { inAtMs });
    const known = new Set(readings.map(({ at, part }) => `${at} ${part}`));
    const fresh = log.readings
      .map(({ minute, part, celsius }: LoggedReading): RoastReading => {
        return { at: new Date(inAtMs + minute * MINUTE).toISOString(), part, celsius, source: "typed" };
      })
      .filter(({ at, part }) => !known.has(`${at} ${part}`));
    if (fresh.length > 0) await onReading(fresh);
    setReport({ file: file.name, taken: fresh.length, rejected: log.rejected });
  };
  const write = (): void => {
    const rows = readings.map(({ at, part, celsius }) => ({ at, [part]: celsius }));
    const columns = ["at", ...new Set(readings.map(({ part }) => part))];
    saveFile("readings.csv", "text/csv", `${Papa.unparse(rows, { columns })}\r\n`);
  };
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">A log as CSV: a time column, and breast, thigh or filling in °C or °F</p>
      <div className="flex flex-wrap gap-2">
        <Button onClick={() => picker.current?.click()}>Readings from a file</Button>
        {readings.length > 0 && <Button onClick={write}>Write them to one</Button>}
        <input
          ref={picker}
          type="file"
          accept="text/csv,.csv"
          aria-label="CSV file of readings"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.target.files?.[0];
            event.target.value = "";
            if (file) void read(file);
          }}
        />
      </div>
      <div role="status" className="text-sm">
        {report && (
          <p>
            {report.taken} readings taken in from {report.file}
            {report.rejected.length > 0 && `; ${report.rejected.length} rejected:`}
          </p>
        )}
        <ul className="list-disc pl-5 text-soft">
          {report?.rejected.slice(0, SHOWN).map(({ line, why }) => (
            <li key={`${line} ${why}`}>
              line {line}: {why}
            </li>
          ))}
          {report && report.rejected.length > SHOWN && <li>and {report.rejected.length - SHOWN} more</li>}
        </ul>
      </div>
    </div>
  );
}
