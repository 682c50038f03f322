import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import { useMemo } from "react";
import { CENTRES, type Centre } from "../../../core/bird/solid";
import { type CurvePoint, curvesOf } from "../../../core/forecast/curves";
import { binned, meanOf } from "../../../core/forecast/reading";
import { keyOf, type LogEvent } from "../../../core/log/events";
import type { ShownPoint } from "../../../core/log/relive";
import { highestTargetC, type Plan } from "../../../core/plan/schema";
import type { HistoryPoint } from "../../../core/processes/bird";
import { formatTemperature } from "../../../core/units/quantity";
import { MINUTE_MS } from "../../../core/units/time";
import { PART_NAMES } from "../../../words/names";
import { hourTick } from "../../../words/time";
import { AxisLabel } from "../../chart/AxisLabel";
import { spread } from "../../chart/spread";
import { useSize } from "../../chart/useSize";
import { useHabits } from "../../shell/preferences";
import { temperatureTicks } from "../../ui/temperatureTicks";
import { tickStepMin, wholeTicks } from "../../ui/time";
import type { LookedBack } from "./useRecord";

interface Props {
  readonly back: LookedBack;
  readonly events: readonly LogEvent[];
  readonly plan: Plan;
  readonly inAtMs: number;
  /** The moment under the scrubber, minutes since it went in. */
  readonly minute: number;
}

const MARGIN = { left: 44, right: 66, top: 8 };
const RAIL = 26;
const AIR = 40;
const MAIN = 240;
const TICKS = 24;
const DISH = 17;
const LABEL_APART = 16;
const MARK_APART = 19;
const DOT_MIN = 4;
const DASH: Record<Centre, string | undefined> = { breast: undefined, thigh: "9 4", filling: "4 3" };

/** What happened, on one axis of time: what was done, the oven's air, the readings, the birds that fit them, the plan. */
export function TimeAxis({ back, events, plan, inAtMs, minute }: Props) {
  const reader = useHabits();
  const { units } = reader;
  const { ref, width } = useSize<HTMLDivElement>();
  const { outMin, tableMin, observed, aside, cook, forecast, relived, sides } = back;
  const toMin = Math.max(tableMin, outMin + 20);
  const x = scaleLinear([0, toMin], [MARGIN.left, Math.max(MARGIN.left + 1, width - MARGIN.right)]);
  const at = (ms: number): number => x((ms - inAtMs) / MINUTE_MS);
  const airTop = MARGIN.top + RAIL;
  const mainTop = airTop + AIR + 8;
  const mainEnd = mainTop + MAIN;
  const dishes = sides.filter(({ endMs }) => endMs > inAtMs);
  const height = mainEnd + TICKS + (dishes.length > 0 ? dishes.length * DISH + 8 : 0);
  const y = scaleLinear([0, 95], [mainEnd, mainTop]).clamp(true);
  const air = (relived?.history ?? []).filter((point) => point.minute <= outMin);
  const [coolC, hotC] = [Math.min(...air.map(({ airC }) => airC)), Math.max(...air.map(({ airC }) => airC))];
  const airY = scaleLinear([Math.min(coolC, hotC - 40), hotC], [airTop + AIR - 2, airTop + 8]);
  const curves = useMemo(
    () => (forecast ? curvesOf(forecast, forecast.aimC, { fromMin: 0, toMin: outMin, stepMin: 4 }) : {}),
    [forecast, outMin],
  );
  const dots = useMemo(
    () =>
      binned(observed, aside.size > 0 ? 1 : DOT_MIN).map((bin) => ({
        ...meanOf(bin),
        isAside: bin.some(({ key }) => aside.has(key)),
      })),
    [observed, aside],
  );
  const parts = CENTRES.filter((part) => relived?.shown[0]?.shownC[part] !== undefined);
  const after = (part: Centre, points: readonly ShownPoint[]) =>
    line<ShownPoint>(
      (point) => x(point.minute),
      (point) => y(point.shownC[part] ?? 0),
    )(points as ShownPoint[]);
  const planned = (part: Centre, points: readonly HistoryPoint[]) =>
    line<HistoryPoint>(
      (point) => x(point.minute),
      (point) => y(point.centresC[part] ?? 0),
    )(points.filter((point) => point.minute <= toMin) as HistoryPoint[]);
  const band = area<CurvePoint>(
    (point) => x(point.minute),
    (point) => y(point.p10),
    (point) => y(point.p90),
  );
  const stepMin = tickStepMin(x(1) - x(0));
  const ticks = wholeTicks(inAtMs, inAtMs + toMin * MINUTE_MS, stepMin, plan.zone);
  const last = relived?.shown.at(-1);
  const names = spread(
    parts.map((part) => y(last?.shownC[part] ?? 0)),
    LABEL_APART,
  );
  const marks = spread(
    events.map(({ atMs }) => at(atMs)),
    MARK_APART,
  );
  const targetC = highestTargetC(plan);
  return (
    <div ref={ref} className="w-full">
      {width > 0 && (
        <svg
          width={width}
          height={height}
          role="img"
          aria-label="What happened on one axis of time: what was done, the air around the bird, what was read, and the bird that fits it"
        >
          {events.map((event, n) => (
            <g key={keyOf(event)}>
              <path
                d={`M${at(event.atMs)} ${mainEnd}V${airTop}L${marks[n]} ${MARGIN.top + 18}`}
                fill="none"
                stroke={event.kind === "pulled" ? "var(--ember)" : "var(--line-strong)"}
                strokeWidth={event.kind === "pulled" || event.kind === "carved" ? 1.75 : 1}
              />
              <circle cx={marks[n]} cy={MARGIN.top + 9} r={9} fill="var(--mist-1)" stroke="var(--line-strong)" />
              <text x={marks[n]} y={MARGIN.top + 13} fontSize="11.5" fontWeight="600" textAnchor="middle">
                {n + 1}
              </text>
            </g>
          ))}
          {air.length > 1 && (
            <g>
              <path
                d={
                  line<HistoryPoint>(
                    (point) => x(point.minute),
                    (point) => airY(point.airC),
                  )(air) ?? ""
                }
                fill="none"
                stroke="var(--ember)"
                strokeWidth="1.75"
              />
              <AxisLabel x={MARGIN.left - 8} y={airY(air[0]?.airC ?? 0)}>
                {formatTemperature(air.at(-1)?.airC ?? 0, units).replace(/ °[CF]/, "°")}
              </AxisLabel>
              <text
                x={x(outMin) + 6}
                y={airY(air.at(-1)?.airC ?? 0)}
                fontSize="12.5"
                dominantBaseline="central"
                style={{ fill: "var(--ink-soft)" }}
              >
                air
              </text>
            </g>
          )}
          {temperatureTicks(0, 90, units).map(({ celsius, label }) => (
            <g key={label}>
              <line x1={x(0)} x2={x(toMin)} y1={y(celsius)} y2={y(celsius)} stroke="var(--line)" />
              <AxisLabel x={MARGIN.left - 8} y={y(celsius)}>
                {label}
              </AxisLabel>
            </g>
          ))}
          {ticks.map((ms) => (
            <text
              key={ms}
              x={at(ms)}
              y={mainEnd + 17}
              fontSize="12.5"
              textAnchor="middle"
              style={{ fill: "var(--ink-soft)" }}
            >
              {hourTick(ms, plan.zone, reader)}
            </text>
          ))}
          <line x1={x(0)} x2={x(toMin)} y1={y(targetC)} y2={y(targetC)} stroke="var(--ink)" strokeDasharray="5 3" />
          {cook &&
            CENTRES.map((part) =>
              cook.history[0]?.centresC[part] === undefined ? null : (
                <path
                  key={part}
                  d={planned(part, cook.history) ?? ""}
                  fill="none"
                  stroke="var(--line-strong)"
                  strokeWidth="1.75"
                  strokeDasharray={DASH[part]}
                />
              ),
            )}
          {CENTRES.map((part) => {
            const points = curves[part];
            return (
              points && <path key={part} d={band(points as CurvePoint[]) ?? ""} fill="var(--ember)" opacity="0.22" />
            );
          })}
          {relived &&
            parts.map((part) => (
              <path
                key={part}
                d={after(part, relived.shown) ?? ""}
                fill="none"
                stroke="var(--ink)"
                strokeWidth="2.25"
                strokeDasharray={DASH[part]}
              />
            ))}
          {dots.map(({ part, side, minute: when, celsius, isAside }) => {
            const [cx, cy] = [x(when), y(celsius)];
            const key = `${part}${side}${when}`;
            return isAside ? (
              <path key={key} d={`M${cx - 3.5} ${cy - 3.5}l7 7m0-7l-7 7`} stroke="var(--ember)" strokeWidth="1.5" />
            ) : (
              <circle
                key={key}
                cx={cx}
                cy={cy}
                r="2.4"
                fill={part === "breast" ? "var(--ink)" : "var(--mist-1)"}
                stroke="var(--ink)"
              />
            );
          })}
          {parts.map((part, n) => (
            <text key={part} x={x(toMin) + 6} y={names[n]} fontSize="13" fontWeight="600" dominantBaseline="central">
              {PART_NAMES[part]}
            </text>
          ))}
          <line x1={x(minute)} x2={x(minute)} y1={airTop} y2={mainEnd} stroke="var(--ink)" strokeWidth="1.5" />
          {dishes.map(({ id, name, startMs, endMs }, n) => {
            const top = mainEnd + TICKS + 4 + n * DISH;
            const from = Math.max(x(0), at(startMs));
            return (
              <g key={id}>
                <rect
                  x={from}
                  y={top}
                  width={Math.max(2, Math.min(x(toMin), at(endMs)) - from)}
                  height={DISH - 4}
                  rx={4}
                  fill="var(--mist-2)"
                  stroke="var(--line-strong)"
                />
                <text x={from - 6} y={top + 10} fontSize="12" textAnchor="end" style={{ fill: "var(--ink-soft)" }}>
                  {name}
                </text>
              </g>
            );
          })}
        </svg>
      )}
    </div>
  );
}
