import { area, line } from "d3-shape";
import { useMemo } from "react";
import { CENTRES, type Centre } from "../../../../core/bird/solid";
import { type CurvePoint, curvesOf } from "../../../../core/forecast/curves";
import type { ShownPoint } from "../../../../core/log/relive";
import type { HistoryPoint } from "../../../../core/processes/bird";
import { PART_NAMES } from "../../../../words/names";
import { spread } from "../../../chart/spread";
import type { LookedBack } from "../useRecord";
import type { Axis } from "./layout";

const LABEL_APART = 16;
const DASH: Record<Centre, string | undefined> = { breast: undefined, thigh: "9 4", filling: "4 3" };

/** The meat as it was planned, the band of the birds that fit the readings, and the likeliest of them. */
export function MeatCurves({ axis: { x, y, toMin }, back }: { readonly axis: Axis; readonly back: LookedBack }) {
  const { cook, forecast, relived, outMin } = back;
  const bands = useMemo(
    () => (forecast ? curvesOf(forecast, forecast.aimC, { fromMin: 0, toMin: outMin, stepMin: 4 }) : {}),
    [forecast, outMin],
  );
  const band = area<CurvePoint>(
    (point) => x(point.minute),
    (point) => y(point.p10),
    (point) => y(point.p90),
  );
  const lineOf = <Point extends { readonly minute: number }>(
    points: readonly Point[],
    celsiusOf: (point: Point) => number,
  ) =>
    line<Point>(
      (point) => x(point.minute),
      (point) => y(celsiusOf(point)),
    )(points as Point[]) ?? "";
  const planned = (cook?.history ?? []).filter(({ minute }) => minute <= toMin);
  const parts = CENTRES.filter((part) => relived?.shown[0]?.shownC[part] !== undefined);
  const last = relived?.shown.at(-1);
  const names = spread(
    parts.map((part) => y(last?.shownC[part] ?? 0)),
    LABEL_APART,
  );
  return (
    <>
      {CENTRES.filter((part) => planned[0]?.centresC[part] !== undefined).map((part) => (
        <path
          key={part}
          d={lineOf<HistoryPoint>(planned, ({ centresC }) => centresC[part] ?? 0)}
          fill="none"
          stroke="var(--line-strong)"
          strokeWidth="1.75"
          strokeDasharray={DASH[part]}
        />
      ))}
      {CENTRES.map((part) => {
        const points = bands[part];
        return points && <path key={part} d={band(points as CurvePoint[]) ?? ""} fill="var(--ember)" opacity="0.22" />;
      })}
      {parts.map((part) => (
        <path
          key={part}
          d={lineOf<ShownPoint>(relived?.shown ?? [], ({ shownC }) => shownC[part] ?? 0)}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.25"
          strokeDasharray={DASH[part]}
        />
      ))}
      {parts.map((part, n) => (
        <text key={part} x={x(toMin) + 6} y={names[n]} fontSize="13" fontWeight="600" dominantBaseline="central">
          {PART_NAMES[part]}
        </text>
      ))}
    </>
  );
}
