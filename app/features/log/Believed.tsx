import { scaleLinear } from "d3-scale";
import { NEVER } from "../../../core/forecast/shares";
import { foretold } from "../../../core/plan/byTime";
import { minutesBetween } from "../../../core/units/time";
import type { Line } from "./line";

const SIZE = 260;
const EDGE = 34;
/** No scale is narrower: a single roast is no line. */
const LEAST_SPAN_MIN = 60;

interface Dot {
  readonly id: string;
  readonly saidMin: number;
  readonly lowMin: number;
  readonly highMin: number;
  readonly tookMin: number;
  readonly inBand: boolean;
}

const dotsOf = (lines: readonly Line[]): Dot[] =>
  lines.flatMap(({ id, inAt, outAt, inBand, roast }) => {
    const predicted = foretold(roast);
    if (!predicted || inBand === null) return [];
    const since = (iso: string): number => minutesBetween(inAt, iso);
    const [lowMin, saidMin, tookMin] = [since(predicted.pullP10At), since(predicted.pullP50At), since(outAt)];
    const late = predicted.pullP90At;
    return [
      {
        id,
        saidMin,
        lowMin,
        highMin: late === NEVER ? Math.max(saidMin, tookMin) : since(late),
        tookMin,
        inBand,
      },
    ];
  });

/** Minutes in the oven, said against taken; every bar is one roast's give or take. On the line: to the minute. */
export function Believed({ lines, says }: { readonly lines: readonly Line[]; readonly says: string }) {
  const dots = dotsOf(lines);
  if (dots.length < 2) return null;
  const all = dots.flatMap(({ lowMin, highMin, tookMin }) => [lowMin, highMin, tookMin]);
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const spare = Math.max(8, (LEAST_SPAN_MIN - (high - low)) / 2);
  const scale = scaleLinear([low - spare, high + spare], [0, SIZE]).nice(4);
  const ticks = scale.ticks(4);
  const x = (minutes: number): number => EDGE + scale(minutes);
  const y = (minutes: number): number => 10 + SIZE - scale(minutes);
  return (
    <figure className="max-w-full">
      <svg
        viewBox={`0 0 ${SIZE + EDGE + 12} ${SIZE + EDGE + 14}`}
        className="w-72 max-w-full"
        role="img"
        aria-label={says}
      >
        {ticks.map((minutes) => (
          <g key={minutes} className="text-[11px]">
            <line x1={x(minutes)} x2={x(minutes)} y1={10} y2={10 + SIZE} stroke="var(--line)" />
            <line x1={EDGE} x2={EDGE + SIZE} y1={y(minutes)} y2={y(minutes)} stroke="var(--line)" />
            <text x={x(minutes)} y={SIZE + 24} textAnchor="middle" fill="var(--ink-soft)">
              {minutes}
            </text>
            <text x={EDGE - 5} y={y(minutes) + 4} textAnchor="end" fill="var(--ink-soft)">
              {minutes}
            </text>
          </g>
        ))}
        <line x1={EDGE} y1={10 + SIZE} x2={EDGE + SIZE} y2={10} stroke="var(--line-strong)" strokeDasharray="5 4" />
        {dots.map(({ id, saidMin, lowMin, highMin, tookMin, inBand }) => (
          <g key={id}>
            <line
              x1={x(lowMin)}
              x2={x(highMin)}
              y1={y(tookMin)}
              y2={y(tookMin)}
              stroke="var(--line-strong)"
              strokeWidth={7}
              strokeLinecap="round"
              opacity={0.55}
            />
            {/* Inside its band a diamond, outside an open ring: the shape says it without the colour. */}
            {inBand ? (
              <rect
                x={x(saidMin) - 4.5}
                y={y(tookMin) - 4.5}
                width={9}
                height={9}
                transform={`rotate(45 ${x(saidMin)} ${y(tookMin)})`}
                fill="var(--ink)"
              />
            ) : (
              <circle cx={x(saidMin)} cy={y(tookMin)} r={6} fill="none" stroke="var(--ember)" strokeWidth={3} />
            )}
          </g>
        ))}
        <text x={EDGE + SIZE} y={SIZE + EDGE + 10} textAnchor="end" fill="var(--ink-soft)" className="text-[12px]">
          said, minutes in the heat →
        </text>
        <text x={EDGE + 6} y={22} fill="var(--ink-soft)" className="text-[12px]">
          ↑ taken
        </text>
      </svg>
    </figure>
  );
}
