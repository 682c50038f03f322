import { scaleLinear } from "d3-scale";
import { area, line } from "d3-shape";
import { type PointerEvent, useMemo } from "react";
import type { Centre, CentreTemperatures } from "../../core/bird/solid";
import { type CurvePoint, curvesOf } from "../../core/forecast/curves";
import type { Forecast } from "../../core/forecast/forecast";
import { binned, meanOf, type Reading } from "../../core/forecast/reading";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { MINUTE_MS } from "../../core/units/time";
import { PART_NAMES } from "../../words/names";
import { clockTime } from "../../words/time";
import { useHabits } from "../shell/preferences";
import { temperatureTicks } from "../ui/temperatureTicks";
import { tickStepMin, wholeTicks } from "../ui/time";
import { AxisLabel } from "./AxisLabel";
import { dotAt } from "./pickDot";
import { spread } from "./spread";
import { useSize } from "./useSize";

/** A reading that can be told from all others. */
type Keyed = Reading & { readonly key: string };

interface Props {
  readonly forecast: Forecast;
  /** Believed and not. */
  readonly readings: readonly Keyed[];
  /** A dot was tapped: the keys of the readings it stands for. */
  onPick(keys: readonly string[]): void;
  readonly goalsC: CentreTemperatures;
  readonly nowMin: number;
  readonly inAtMs: number;
  readonly zone: string;
  readonly units: UnitSystem;
}

const HEIGHT = 230;
const MARGIN = { left: 34, right: 58, top: 12, bottom: 24 };
const BACK_MIN = 60;
const DOT_MIN = 4;
const LABEL_APART = 17;
const BEYOND_MIN = 12;
const DASH: Record<Centre, string | undefined> = { breast: undefined, thigh: "9 4", filling: "4 3" };

/** What was read, and where it is going: each centre's band from now to past its goal; set-aside readings crossed. */
export function ForecastChart({ forecast, readings, goalsC, nowMin, inAtMs, zone, units, onPick }: Props) {
  const reader = useHabits();
  const { ref, width } = useSize<HTMLDivElement>();
  const fromMin = Math.max(0, nowMin - BACK_MIN);
  const last = readings.reduce((latest, { minute }) => Math.max(latest, minute), 0);
  const toMin = Math.max(nowMin + 10, Math.min(forecast.pull.p90, nowMin + 360) + BEYOND_MIN);
  const curves = useMemo(
    () => curvesOf(forecast, goalsC, { fromMin: last, toMin: Math.max(last + 4, toMin) }),
    [forecast, goalsC, last, toMin],
  );
  const aside = new Set(forecast.setAside.map(({ reading }) => `${reading.part}${reading.side}${reading.minute}`));
  // Close enough for the eye; those that are set aside each by itself.
  const dotMin = aside.size > 0 ? 2 : DOT_MIN;
  const recent = binned(readings, dotMin)
    .map((bin) => ({ ...meanOf(bin), keys: bin.map(({ key }) => key) }))
    .filter(({ minute }) => minute >= fromMin);
  const lowestC = Math.min(60, ...recent.map(({ celsius }) => celsius));
  const x = scaleLinear([fromMin, toMin], [MARGIN.left, Math.max(MARGIN.left + 1, width - MARGIN.right)]);
  const y = scaleLinear([10 * Math.floor(lowestC / 10), 86], [HEIGHT - MARGIN.bottom, MARGIN.top]).clamp(true);
  const dots = recent.map((reading) => ({ reading, x: x(reading.minute), y: y(reading.celsius) }));
  const pick = (event: PointerEvent<SVGSVGElement>): void => {
    const { left, top } = event.currentTarget.getBoundingClientRect();
    const dot = dotAt(dots, event.clientX - left, event.clientY - top)?.reading;
    if (dot) onPick(dot.keys);
  };
  const band = area<CurvePoint>(
    ({ minute }) => x(minute),
    ({ p10 }) => y(p10),
    ({ p90 }) => y(p90),
  );
  const middle = line<CurvePoint>(
    ({ minute }) => x(minute),
    ({ p50 }) => y(p50),
  );
  const parts = Object.entries(curves) as [Centre, readonly CurvePoint[]][];
  const stepMin = tickStepMin(x(1) - x(0));
  const ticks = wholeTicks(inAtMs + fromMin * MINUTE_MS, inAtMs + toMin * MINUTE_MS, stepMin, zone).map(
    (ms) => (ms - inAtMs) / MINUTE_MS,
  );
  const ends = spread(
    parts.map(([, points]) => y(points.at(-1)?.p50 ?? 0)),
    LABEL_APART,
  );
  return (
    <figure className="rounded-3xl border border-line bg-mist-1 p-3">
      <figcaption className="grid gap-0.5 px-1 pb-1">
        {(Object.keys(goalsC) as Centre[]).map((part) => {
          const when = forecast.targets[part];
          const goal = goalsC[part];
          if (!when || goal === undefined) return null;
          return (
            <span key={part}>
              <b className="capitalize">{PART_NAMES[part]}</b>{" "}
              {Number.isFinite(when.p50)
                ? `${formatTemperature(goal, units)} at ${at(when.p50)}; eight times in ten between ${at(when.p10)} and ${Number.isFinite(when.p90) ? at(when.p90) : "much later"}`
                : `does not come to ${formatTemperature(goal, units)} as it is`}
            </span>
          );
        })}
      </figcaption>
      <div ref={ref}>
        {width > 0 && (
          <svg
            width={width}
            height={HEIGHT}
            role="img"
            aria-label="Readings so far and where they are going"
            onPointerUp={pick}
          >
            {temperatureTicks(Math.max(10, lowestC), 85, units).map(({ celsius, label }) => (
              <g key={label}>
                <line x1={x(fromMin)} x2={x(toMin)} y1={y(celsius)} y2={y(celsius)} stroke="var(--line)" />
                <AxisLabel x={MARGIN.left - 6} y={y(celsius)}>
                  {label}
                </AxisLabel>
              </g>
            ))}
            {ticks.map((minute) => (
              <text
                key={minute}
                x={x(minute)}
                y={HEIGHT - 6}
                fontSize="12.5"
                textAnchor="middle"
                style={{ fill: "var(--ink-soft)" }}
              >
                {at(minute)}
              </text>
            ))}
            <line
              x1={x(nowMin)}
              x2={x(nowMin)}
              y1={MARGIN.top}
              y2={HEIGHT - MARGIN.bottom}
              stroke="var(--line-strong)"
              strokeDasharray="2 4"
            />
            <text
              x={x(nowMin) - 4}
              y={MARGIN.top + 4}
              fontSize="12.5"
              textAnchor="end"
              style={{ fill: "var(--ink-soft)" }}
            >
              now
            </text>
            {parts.map(([part, points]) => (
              <g key={part}>
                <path d={band(points as CurvePoint[]) ?? ""} fill="var(--ember)" opacity="0.2" />
                <path
                  d={middle(points as CurvePoint[]) ?? ""}
                  fill="none"
                  stroke="var(--ink)"
                  strokeWidth="2.5"
                  strokeDasharray={DASH[part]}
                />
              </g>
            ))}
            {dots.map(({ reading, x: cx, y: cy }) => {
              const key = `${reading.part}${reading.side}${reading.minute}`;
              return aside.has(key) ? (
                <path key={key} d={`M${cx - 3.5} ${cy - 3.5}l7 7m0-7l-7 7`} stroke="var(--ember)" strokeWidth="1.5" />
              ) : (
                <circle
                  key={key}
                  cx={cx}
                  cy={cy}
                  r="2.2"
                  fill={reading.part === "breast" ? "var(--ink)" : "var(--mist-1)"}
                  stroke="var(--ink)"
                />
              );
            })}
            {parts.map(([part], n) => {
              const when = forecast.targets[part];
              const goal = goalsC[part];
              if (!when || goal === undefined || !Number.isFinite(when.p90) || when.p10 < fromMin) return null;
              const level = y(goal);
              return (
                <g key={part} stroke="var(--ember)" strokeWidth="2">
                  <line x1={x(when.p10)} x2={x(Math.min(toMin, when.p90))} y1={level} y2={level} />
                  <circle cx={x(when.p50)} cy={level} r="4" fill="var(--ember)" />
                  <text
                    x={x(toMin) + 6}
                    y={ends[n]}
                    fontSize="13.5"
                    fontWeight="600"
                    stroke="none"
                    dominantBaseline="central"
                    style={{ fill: "var(--ink)" }}
                  >
                    {PART_NAMES[part]}
                  </text>
                </g>
              );
            })}
          </svg>
        )}
      </div>
      {recent.length > 0 && (
        <p className="px-1 text-sm text-soft">
          {aside.size > 0 && "Crossed: set aside, since no meat jumps so. "}A tap on a dot puts its reading right.
        </p>
      )}
    </figure>
  );

  function at(minute: number): string {
    return clockTime(inAtMs + minute * MINUTE_MS, zone, reader);
  }
}
