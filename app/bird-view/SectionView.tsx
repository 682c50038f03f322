import { memo, useId, useMemo } from "react";
import type { Vec3 } from "../../core/bird/sdf";
import { projectOn, type Section } from "../../core/bird/section";
import { BAND_EDGES_C, bandColour, temperatureColour } from "../ui/temperatureScale";
import { pathAbove, pathInside } from "./contours";

export interface SectionMark {
  readonly kind: "centre" | "coldest";
  readonly label: string;
  readonly at: Vec3;
}

interface Props {
  readonly section: Section;
  /** Temperatures at the section's samples, °C. */
  readonly field: Float32Array;
  readonly targetC: number;
  readonly marks: readonly SectionMark[];
  /** Other planes seen edge on, with their letters. */
  readonly cuts?: readonly { readonly letter: string; readonly from: Vec3; readonly to: Vec3 }[];
  readonly label: string;
  readonly textSize: number;
}

/** How near a plane a point must lie to be marked on it. */
const NEAR_M = 0.025;

/** One cut through the bird: isotherm bands inside a crisp outline, the target's isotherm, and the marked points. */
export const SectionView = memo(function SectionView({
  section,
  field,
  targetC,
  marks,
  cuts = [],
  label,
  textSize,
}: Props) {
  const clip = useId();
  const { columns, rows } = section.plane;
  const outline = useMemo(() => pathInside(section.distanceM, columns, rows), [section, columns, rows]);
  const silhouette = useMemo(
    () => section.silhouetteM && pathInside(section.silhouetteM, columns, rows),
    [section, columns, rows],
  );
  const limbs = useMemo(
    () => (section.limbsM ?? []).map((limb) => pathInside(limb, columns, rows)),
    [section, columns, rows],
  );
  const bands = useMemo(() => {
    let least = Number.POSITIVE_INFINITY;
    let most = Number.NEGATIVE_INFINITY;
    for (const value of field) {
      if (value < least) least = value;
      if (value > most) most = value;
    }
    const first = BAND_EDGES_C.findLast((edge) => edge <= least) ?? (BAND_EDGES_C[0] as number);
    return {
      base: bandColour(first),
      paths: BAND_EDGES_C.filter((edge) => edge > least && edge <= most).map((edge) => ({
        colour: bandColour(edge),
        path: pathAbove(field, columns, rows, edge),
      })),
      target: least < targetC && most > targetC ? pathAbove(field, columns, rows, targetC) : null,
    };
  }, [field, columns, rows, targetC]);
  return (
    <svg viewBox={`-2 -2 ${columns + 3} ${rows + 3}`} className="h-full w-full" role="img" aria-label={label}>
      <defs>
        <clipPath id={clip}>
          <path d={outline} />
        </clipPath>
      </defs>
      {silhouette && (
        <path
          d={silhouette}
          fill="var(--mist-2)"
          stroke="var(--line-strong)"
          strokeWidth="1"
          vectorEffect="non-scaling-stroke"
        />
      )}
      <g clipPath={`url(#${clip})`}>
        <rect x="-2" y="-2" width={columns + 3} height={rows + 3} fill={bands.base} />
        {bands.paths.map(({ colour, path }) => (
          <path key={colour} d={path} fill={colour} />
        ))}
        {bands.target && (
          <>
            <path
              d={bands.target}
              fill="none"
              stroke="var(--mist-1)"
              strokeWidth="3.5"
              vectorEffect="non-scaling-stroke"
            />
            <path
              d={bands.target}
              fill="none"
              stroke={temperatureColour(110)}
              strokeWidth="1.5"
              strokeDasharray="5 3"
              vectorEffect="non-scaling-stroke"
            />
          </>
        )}
      </g>
      <path
        d={outline}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
        strokeLinejoin="round"
        vectorEffect="non-scaling-stroke"
      />
      {limbs.map((limb) => (
        <path
          key={limb}
          d={limb}
          fill="none"
          stroke="var(--mist-1)"
          strokeWidth="3"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {limbs.map((limb) => (
        <path key={limb} d={limb} fill="none" stroke="var(--ink)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
      ))}
      {cuts.map(({ letter, from, to }) => {
        const a = projectOn(section.plane, from);
        const b = projectOn(section.plane, to);
        return (
          <g key={letter}>
            <line
              x1={a.column}
              y1={a.row}
              x2={b.column}
              y2={b.row}
              stroke="var(--line-strong)"
              strokeWidth="1"
              strokeDasharray="2 4"
              vectorEffect="non-scaling-stroke"
            />
            <text
              x={a.column}
              y={a.row}
              fontSize={textSize}
              textAnchor="middle"
              dominantBaseline="central"
              fontWeight="700"
            >
              {letter}
            </text>
          </g>
        );
      })}
      {marks.map((mark) => {
        const place = projectOn(section.plane, mark.at);
        if (place.offM > NEAR_M && section.plane.id !== "main") return null;
        return <Mark key={mark.label} mark={mark} x={place.column} y={place.row} size={textSize} />;
      })}
    </svg>
  );
});

/** A ring for a thermal centre, a cross for the coldest point; told apart by shape and word. */
function Mark({
  mark,
  x,
  y,
  size,
}: {
  readonly mark: SectionMark;
  readonly x: number;
  readonly y: number;
  readonly size: number;
}) {
  const arm = size * 0.42;
  return (
    <g>
      {mark.kind === "centre" ? (
        <circle
          cx={x}
          cy={y}
          r={arm}
          fill="var(--mist-1)"
          stroke="var(--ink)"
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      ) : (
        <>
          <path
            d={`M${x - arm},${y}H${x + arm}M${x},${y - arm}V${y + arm}`}
            stroke="var(--mist-1)"
            strokeWidth="6"
            strokeLinecap="round"
            vectorEffect="non-scaling-stroke"
          />
          <path
            d={`M${x - arm},${y}H${x + arm}M${x},${y - arm}V${y + arm}`}
            stroke="var(--ink)"
            strokeWidth="2.5"
            strokeLinecap="round"
            vectorEffect="non-scaling-stroke"
          />
        </>
      )}
      <text
        x={x}
        y={y + (mark.kind === "centre" ? -size * 0.75 : size * 1.15)}
        fontSize={size * 0.92}
        textAnchor="middle"
        dominantBaseline="central"
        fontWeight="650"
        stroke="var(--mist-1)"
        strokeWidth={size * 0.24}
        paintOrder="stroke"
      >
        {mark.label}
      </text>
    </g>
  );
}
