import { useRef, useState } from "react";
import { MOST_SIDES, type Plan } from "../../../core/formats/roast";
import type { RejectedRow } from "../../../core/formats/sideList";
import type { UnitSystem } from "../../../core/units/quantity";
import { Button } from "../../ui/Button";
import { saveFile } from "../../ui/saveFile";
import { sidesFromCsv, sidesToCsv } from "./sideCsv";

interface Props {
  readonly plan: Plan;
  readonly units: UnitSystem;
  onAdd(sides: Plan["sides"]): void;
}

interface Report {
  readonly file: string;
  readonly taken: number;
  readonly rejected: readonly RejectedRow[];
}

/** Dishes in from a CSV file, with a report of every line that was not taken; and out again. */
export function SideFile({ plan, units, onAdd }: Props) {
  const picker = useRef<HTMLInputElement>(null);
  const [report, setReport] = useState<Report | null>(null);
  const read = async (file: File): Promise<void> => {
    const { dishes, rejected } = sidesFromCsv(await file.text(), MOST_SIDES - plan.sides.length, units);
    if (dishes.length > 0) onAdd(dishes.map((dish) => ({ ...dish, id: crypto.randomUUID() })));
    setReport({ file: file.name, taken: dishes.length, rejected });
  };
  return (
    <>
      <div className="flex flex-wrap gap-1.5">
        <Button size="small" onClick={() => picker.current?.click()}>
          Dishes from a CSV file
        </Button>
        {plan.sides.length > 0 && (
          <Button size="small" onClick={() => saveFile("side-dishes.csv", "text/csv", sidesToCsv(plan.sides, units))}>
            Write them to one
          </Button>
        )}
        <input
          ref={picker}
          type="file"
          accept="text/csv,.csv"
          aria-label="CSV file of side dishes"
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
            {report.taken} {report.taken === 1 ? "dish" : "dishes"} taken in from {report.file}
            {report.rejected.length > 0 && `; ${report.rejected.length} rejected:`}
          </p>
        )}
        <ul className="list-disc pl-5 text-soft">
          {report?.rejected.map(({ line, why }) => (
            <li key={line}>
              line {line}: {why}
            </li>
          ))}
        </ul>
      </div>
    </>
  );
}
