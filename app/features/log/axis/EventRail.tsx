import { keyOf, type LogEvent } from "../../../../core/log/events";
import { spread } from "../../../chart/spread";
import { AIR_TOP, type Axis, MAIN_END, MARGIN } from "./layout";

const MARK_APART = 19;

/** What was done, numbered on a rail, each with its line down to its moment. */
export function EventRail({ axis: { at }, events }: { readonly axis: Axis; readonly events: readonly LogEvent[] }) {
  const marks = spread(
    events.map(({ atMs }) => at(atMs)),
    MARK_APART,
  );
  return events.map((event, n) => (
    <g key={keyOf(event)}>
      <path
        d={`M${at(event.atMs)} ${MAIN_END}V${AIR_TOP}L${marks[n]} ${MARGIN.top + 18}`}
        fill="none"
        stroke={event.kind === "pulled" ? "var(--ember)" : "var(--line-strong)"}
        strokeWidth={event.kind === "pulled" || event.kind === "carved" ? 1.75 : 1}
      />
      <circle cx={marks[n]} cy={MARGIN.top + 9} r={9} fill="var(--mist-1)" stroke="var(--line-strong)" />
      <text x={marks[n]} y={MARGIN.top + 13} fontSize="11.5" fontWeight="600" textAnchor="middle">
        {n + 1}
      </text>
    </g>
  ));
}
