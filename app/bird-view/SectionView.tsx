import { memo, useMemo } from "react";
import type { Vec3 } from "../../core/bird/sdf";
import { projectOn, type Section } from "../../core/bird/section";
import { BandCanvas, ROOM } from "./BandCanvas";
import type { BandScale } from "./bandScale";
import { pathInside } from "./isolines";
import { labelPlaces } from "./labels";
import type { BirdMark } from "./marks";

interface Props {
  readonly section: Section;
  /** Values at the section's samples. */
  readonly field: Float32Array;
  readonly bands: BandScale;
  readonly target?: number | undefined;
  readonly marks: readonly BirdMark[];
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
  bands,
  target,
  marks,
  cuts = [],
  label,
  textSize,
}: Props) {
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
  const box = `${-ROOM} ${-ROOM} ${columns - 1 + 2 * ROOM} ${rows - 1 + 2 * ROOM}`;
  const shown = marks.flatMap((mark) => {
    const place = projectOn(section.plane, mark.at);
    const isHere = place.offM <= NEAR_M || section.plane.id === "main";
    return isHere ? [{ mark, x: place.column, y: place.row, label: mark.label }] : [];
  });
  const labelled = labelPlaces(shown, textSize);
  return (
    <div className="relative h-full w-full">
      {silhouette && (
        <svg viewBox={box} className="absolute inset-0 h-full w-full" aria-hidden="true">
          <path
            d={silhouette}
            fill="var(--mist-2)"
            stroke="var(--line-strong)"
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        </svg>
      )}
      <BandCanvas plane={section.plane} field={field} bands={bands} target={target} outline={outline} />
      <svg viewBox={box} className="absolute inset-0 h-full w-full" role="img" aria-label={label}>
        <path
          d={outline}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
          strokeLinejoin="round"
          vectorEffect="non-scaling-stroke"
        />
        {limbs.map((limb) => (
          <g key={limb} fill="none">
            <path d={limb} stroke="var(--mist-1)" strokeWidth="3" vectorEffect="non-scaling-stroke" />
            <path d={limb} stroke="var(--ink)" strokeWidth="1" vectorEffect="non-scaling-stroke" />
          </g>
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
        {shown.map(({ mark, x, y }, n) => (
          <Mark key={mark.label} mark={mark} x={x} y={y} words={labelled[n] ?? { x, y }} size={textSize} />
        ))}
      </svg>
    </div>
  );
});

/** Light under dark, so that the cross is seen on every band. */
const CROSS_STROKES = [
  { colour: "var(--mist-1)", width: 6 },
  { colour: "var(--ink)", width: 2.5 },
] as const;

/** Words that stand further from their mark, against the size of their letters, are led to it by a line. */
const LED_FROM = 1.5;
/** Half of their height. */
const WORDS_HALF = 0.5;

/** A ring for a thermal centre, a cross for the coldest point; told apart by shape and word. */
function Mark({
  mark,
  x,
  y,
  words,
  size,
}: {
  readonly mark: BirdMark;
  readonly x: number;
  readonly y: number;
  readonly words: { readonly x: number; readonly y: number };
  readonly size: number;
}) {
  const arm = size * 0.42;
  const away = words.y - y;
  return (
    <g>
      {Math.abs(away) > LED_FROM * size && (
        <path
          d={`M${x},${y}L${words.x},${words.y - Math.sign(away) * WORDS_HALF * size}`}
          stroke="var(--ink)"
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
      )}
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
        CROSS_STROKES.map(({ colour, width }) => (
          <path
            key={colour}
            d={`M${x - arm},${y}H${x + arm}M${x},${y - arm}V${y + arm}`}
            stroke={colour}
            strokeWidth={width}
            strokeLinecap="round"
            vectorEffect="non-scaling-stroke"
          />
        ))
      )}
      <text
        x={words.x}
        y={words.y}
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
