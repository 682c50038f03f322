import type { RejectedRow } from "../../core/faults";
import { rowReason } from "../../words/incoming";
import { useHabits } from "../shell/preferences";

export interface ImportReport {
  readonly file: string;
  readonly taken: number;
  readonly rejected: readonly RejectedRow[];
}

const SHOWN = 12;

/** What came of a file: how many were taken, and every line that was not, with the reason. */
export function RejectedRows({
  report,
  what,
}: {
  readonly report: ImportReport | null;
  readonly what: readonly [one: string, more: string];
}) {
  const { units } = useHabits();
  return (
    <div role="status" className="text-sm">
      {report && (
        <p>
          {report.taken} {what[report.taken === 1 ? 0 : 1]} taken in from {report.file}
          {report.rejected.length > 0 && `; ${report.rejected.length} rejected:`}
        </p>
      )}
      <ul className="list-disc pl-5 text-soft">
        {report?.rejected.slice(0, SHOWN).map((row) => (
          <li key={`${row.line} ${row.where}`}>
            line {row.line}: {rowReason(row, units)}
          </li>
        ))}
        {report && report.rejected.length > SHOWN && <li>and {report.rejected.length - SHOWN} more</li>}
      </ul>
    </div>
  );
}
