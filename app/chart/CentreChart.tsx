import { scaleLinear } from "d3-scale";
import { line } from "d3-shape";
import { memo, useMemo } from "react";
import type { Centre } from "../../core/bird/solid";
import { constant } from "../../core/constants";
import type { HistoryPoint } from "../../core/processes/bird";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { MINUTE_MS } from "../../core/units/time";
import { ZONE } from "../../words/amounts";
import { PART_NAMES } from "../../words/names";
import { clockTime, hourTick } from "../../words/time";
import { useHabits } from "../shell/preferences";
import { temperatureTicks } from "../ui/temperatureTicks";
import { tickStepMin, wholeTicks } from "../ui/time";
import { AxisLabel } from "./AxisLabel";
import { spread } from "./spread";

interface Props {
  readonly history: readonly HistoryPoint[];
  readonly targetC: number;
  readonly pullMinute: number;
  /** Band of the pull, minutes. */
  readonly pullBand?: { readonly p10: number; readonly p90: number };
  readonly inAtMs: number;
  readonly zone: string;
  readonly units: UnitSystem;
  /** The moment under the scrubber. */
  readonly minute?: number;
  /** One curve more, by its name: what a thermometer somewhere else would show. */
  readonly beside?: { readonly name: string; readonly points: readonly { minute: number; celsius: number }[] };
  readonly width: number;
  readonly height: number;
}

const ZONE_C = { low: constant("zoneLowC"), high: constant("zoneHighC") };
const MARGIN = { left: 46, right: 64, top: 14, bottom: 26 };
const LABEL_APART = 17;
type Curve = Centre | "coldest";
const LINES: readonly { readonly key: Curve; readonly width: number; readonly dash: string | undefined }[] = [
  { key: "thigh", width: 2.5, dash: "9 4" },
  { key: "breast", width: 3, dash: undefined },
  { key: "filling", width: 2.5, dash: "4 3" },
  { key: "coldest", width: 1.75, dash: "2 4" },
];
const valueC = (point: HistoryPoint, key: Curve): number =>
  key === "coldest" ? point.coldestC : (point.centresC[key] ?? Number.NaN);

/** Both thermal centres and the coldest point over the cook; the growth zone hatched, the pull with its doubt. */
export const CentreChart = memo(function CentreChart(props: Props) {
  const reader = useHabits();
  const { history, targetC, pullMinute, pullBand, inAtMs, zone, units, minute, beside, width, height } = props;
  const end = history.at(-1);
  const last = end?.minute ?? 1;
  const x = useMemo(() => scaleLinear([0, last], [MARGIN.left, width - MARGIN.right]), [last, width]);
  const y = useMemo(() => scaleLinear([0, 90], [height - MARGIN.bottom, MARGIN.top]), [height]);
  // A crown has no thigh: only what this bird has is drawn.
  const lines = useMemo(
    () => LINES.filter(({ key }) => history[0] && !Number.isNaN(valueC(history[0], key))),
    [history],
  );
  const paths = useMemo(
    () =>
      lines.map(({ key }) =>
        line<HistoryPoint>(
          (point) => x(point.minute),
          (point) => y(valueC(point, key)),
        )(history as HistoryPoint[]),
      ),
    [history, x, y, lines],
  );
  const besidePath = useMemo(
    () =>
      beside &&
      line<{ minute: number; celsius: number }>(
        (point) => x(point.minute),
        (point) => y(point.celsius),
      )([...beside.points]),
    [beside, x, y],
  );
  const lastBesideC = beside?.points.at(-1)?.celsius;
  const ends = spread(
    [...lines.map(({ key }) => y(end ? valueC(end, key) : 0)), ...(lastBesideC === undefined ? [] : [y(lastBesideC)])],
    LABEL_APART,
  );
  const stepMin = tickStepMin(x(1) - x(0));
  // Ticks on the clock's own hours, not on hours since the bird went in.
  const hours = wholeTicks(inAtMs, inAtMs + last * MINUTE_MS, stepMin, zone).map((ms) => (ms - inAtMs) / MINUTE_MS);
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="h-full w-full"
      role="img"
      aria-label={`Temperatures over the cook; pulled at ${clockTime(inAtMs + pullMinute * MINUTE_MS, zone, reader)}`}
    >
      <defs>
        <pattern id="growth" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="1.2" height="7" fill="var(--line)" />
        </pattern>
        <linearGradient id="pull-mist">
          <stop offset="0" stopColor="var(--ember)" stopOpacity="0" />
          <stop offset=".5" stopColor="var(--ember)" stopOpacity=".32" />
          <stop offset="1" stopColor="var(--ember)" stopOpacity="0" />
        </linearGradient>
      </defs>
      <rect
        x={x(0)}
        width={x(last) - x(0)}
        y={y(ZONE_C.high)}
        height={y(ZONE_C.low) - y(ZONE_C.high)}
        fill="url(#growth)"
      />
      {temperatureTicks(0, 90, units).map(({ celsius, label }) => (
        <AxisLabel key={label} x={MARGIN.left - 8} y={y(celsius)}>
          {label}
        </AxisLabel>
      ))}
      {hours.map((min) => (
        <text
          key={min}
          x={x(min)}
          y={height - 8}
          fontSize="12.5"
          textAnchor="middle"
          style={{ fill: "var(--ink-soft)" }}
        >
          {hourTick(inAtMs + min * MINUTE_MS, zone, reader)}
        </text>
      ))}
      <line x1={x(0)} x2={x(last)} y1={y(0)} y2={y(0)} stroke="var(--line-strong)" />
      {pullBand && (
        <rect
          x={x(pullBand.p10)}
          width={Math.max(1, x(Math.min(last, pullBand.p90)) - x(pullBand.p10))}
          y={MARGIN.top}
          height={y(0) - MARGIN.top}
          fill="url(#pull-mist)"
        />
      )}
      <line x1={x(pullMinute)} x2={x(pullMinute)} y1={MARGIN.top} y2={y(0)} stroke="var(--ember)" strokeWidth="1.5" />
      {/* Below the curves, which have risen by then. */}
      <g textAnchor="end">
        <text x={x(pullMinute) - 5} y={y(0) - 8} fontSize="13" fontWeight="600">
          out {clockTime(inAtMs + pullMinute * MINUTE_MS, zone, reader)}
        </text>
        {[`${ZONE[units]}:`, "bacteria grow"].map((words, n) => (
          <text
            key={words}
            x={x(pullMinute) - 5}
            y={y(0) - 41 + 15 * n}
            fontSize="12"
            style={{ fill: "var(--ink-soft)" }}
          >
            {words}
          </text>
        ))}
      </g>
      <line
        x1={x(0)}
        x2={x(last)}
        y1={y(targetC)}
        y2={y(targetC)}
        stroke="var(--ink)"
        strokeWidth="1"
        strokeDasharray="5 3"
      />
      <text x={x(0) + 6} y={y(targetC) - 6} fontSize="12.5">
        target {formatTemperature(targetC, units)}
      </text>
      {paths.map((path, n) => (
        <path
          key={lines[n]?.key}
          d={path ?? ""}
          fill="none"
          stroke="var(--ink)"
          strokeWidth={lines[n]?.width}
          strokeDasharray={lines[n]?.dash}
          strokeLinecap="round"
        />
      ))}
      {lines.map(({ key }, n) => (
        <text key={key} x={x(last) + 7} y={ends[n]} fontSize="13.5" fontWeight="600" dominantBaseline="central">
          {key === "coldest" ? key : PART_NAMES[key]}
        </text>
      ))}
      {beside && (
        <>
          <path d={besidePath ?? ""} fill="none" stroke="var(--ember)" strokeWidth="3" strokeLinecap="round" />
          <text
            x={x(last) + 7}
            y={ends[lines.length]}
            fontSize="13.5"
            fontWeight="700"
            dominantBaseline="central"
            style={{ fill: "var(--ember)" }}
          >
            {beside.name}
          </text>
        </>
      )}
      {minute !== undefined && minute >= 0 && minute <= last && (
        <line x1={x(minute)} x2={x(minute)} y1={MARGIN.top} y2={y(0)} stroke="var(--ink)" strokeWidth="1.5" />
      )}
    </svg>
  );
});
