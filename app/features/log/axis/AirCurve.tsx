import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import type { HistoryPoint } from "../../../../core/processes/bird";
import { formatTemperature, type UnitSystem } from "../../../../core/units/quantity";
import { AxisLabel } from "../../../chart/AxisLabel";
import { AIR, AIR_TOP, type Axis, MARGIN } from "./layout";

interface Props {
  readonly axis: Axis;
  /** While it was in the heat. */
  readonly air: readonly HistoryPoint[];
  readonly units: UnitSystem;
}

/** The air around the bird, above the meat on a scale of its own. */
export function AirCurve({ axis: { x }, air, units }: Props) {
  const last = air.at(-1);
  if (air.length < 2 || !last) return null;
  const coolC = Math.min(...air.map(({ airC }) => airC));
  const hotC = Math.max(...air.map(({ airC }) => airC));
  const y = scaleLinear([Math.min(coolC, hotC - 40), hotC], [AIR_TOP + AIR - 2, AIR_TOP + 8]);
  const path = line<HistoryPoint>(
    (point) => x(point.minute),
    (point) => y(point.airC),
  );
  return (
    <g>
      <path d={path(air) ?? ""} fill="none" stroke="var(--ember)" strokeWidth="1.75" />
      <AxisLabel x={MARGIN.left - 8} y={y(air[0]?.airC ?? 0)}>
        {formatTemperature(last.airC, units).replace(/ °[CF]/, "°")}
      </AxisLabel>
      <text
        x={x(last.minute) + 6}
        y={y(last.airC)}
        fontSize="12.5"
        dominantBaseline="central"
        stroke="var(--mist-1)"
        strokeWidth="4"
        paintOrder="stroke"
        style={{ fill: "var(--ink-soft)" }}
      >
        air
      </text>
    </g>
  );
}
