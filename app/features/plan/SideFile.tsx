import { useState } from "react";
import { sidesFromCsv, sidesToCsv } from "../../../core/formats/sideList";
import { MOST_SIDES, type Plan } from "../../../core/plan/schema";
import type { UnitSystem } from "../../../core/units/quantity";
import { Button } from "../../ui/Button";
import { FilePicker } from "../../ui/FilePicker";
import { type ImportReport, RejectedRows } from "../../ui/RejectedRows";
import { saveText } from "../../ui/saveFile";
import { textOfTable } from "../../ui/tableFile";

interface Props {
  readonly plan: Plan;
  readonly units: UnitSystem;
  onAdd(sides: Plan["sides"]): void;
}

/** Dishes in from a CSV file, with a report of every line that was not taken; and out again. */
export function SideFile({ plan, units, onAdd }: Props) {
  const [report, setReport] = useState<ImportReport | null>(null);
  const read = async (file: File): Promise<void> => {
    const { dishes, rejected } = sidesFromCsv(await textOfTable(file), MOST_SIDES - plan.sides.length, units);
    if (dishes.length > 0) onAdd(dishes.map((dish) => ({ ...dish, id: crypto.randomUUID() })));
    setReport({ file: file.name, taken: dishes.length, rejected });
  };
  return (
    <>
      <div className="flex flex-wrap gap-1.5">
        <FilePicker label="CSV file of side dishes" accept="text/csv,.csv" size="small" onFile={read}>
          Dishes from a CSV file
        </FilePicker>
        {plan.sides.length > 0 && (
          <Button size="small" onClick={() => saveText("side-dishes.csv", "text/csv", sidesToCsv(plan.sides, units))}>
            Write them to one
          </Button>
        )}
      </div>
      <RejectedRows report={report} what={["dish", "dishes"]} />
    </>
  );
}
