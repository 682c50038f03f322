import { useState } from "react";
import { centresOf } from "../../../core/bird/form";
import { probeOf } from "../../../core/bird/probe";
import { rowsIn, toCsv } from "../../../core/formats/csv";
import { readLog } from "../../../core/formats/readingLog";
import type { Roast, RoastReading } from "../../../core/plan/roast";
import { MINUTE_MS } from "../../../core/units/time";
import { Button } from "../../ui/Button";
import { FilePicker } from "../../ui/FilePicker";
import { type ImportReport, RejectedRows } from "../../ui/RejectedRows";
import { saveText } from "../../ui/saveFile";
import { textOfTable } from "../../ui/tableFile";

interface Props {
  readonly roast: Roast;
  readonly readings: readonly RoastReading[];
  onReading(readings: readonly RoastReading[]): Promise<void>;
}

/** A log in from a CSV file, with every row that was not taken; and the readings out again. */
export function ReadingFile({ roast, readings, onReading }: Props) {
  const [report, setReport] = useState<ImportReport | null>(null);
  const inAtMs = Date.parse(roast.happened.inAt ?? "");
  const read = async (file: File): Promise<void> => {
    const [header = [], ...rows] = rowsIn(await textOfTable(file));
    const log = readLog(header, rows, { inAtMs, zone: roast.plan.zone, centres: centresOf(roast.plan.bird) });
    const keyOf = (reading: RoastReading): string => `${reading.at} ${probeOf(reading)}`;
    const known = new Set(readings.map(keyOf));
    const fresh = log.readings
      .map(({ minute, ...logged }): RoastReading => {
        return { ...logged, at: new Date(inAtMs + minute * MINUTE_MS).toISOString(), source: "typed" };
      })
      .filter((reading) => !known.has(keyOf(reading)));
    if (fresh.length > 0) await onReading(fresh);
    setReport({ file: file.name, taken: fresh.length, rejected: log.rejected });
  };
  const write = (): void => {
    const rows = readings.map((reading) => ({ at: reading.at, [probeOf(reading)]: reading.celsius }));
    const columns = ["at", ...new Set(readings.map(probeOf))];
    saveText("readings.csv", "text/csv", toCsv(rows, columns));
  };
  return (
    <div className="grid gap-2">
      <p className="text-sm text-soft">A log as CSV: a time column, and breast, thigh or stuffing in °C or °F</p>
      <div className="flex flex-wrap gap-2">
        <FilePicker label="CSV file of readings" accept="text/csv,.csv" onFile={read}>
          Readings from a file
        </FilePicker>
        {readings.length > 0 && <Button onClick={write}>Write them to one</Button>}
      </div>
      <RejectedRows report={report} what={["reading", "readings"]} />
    </div>
  );
}
