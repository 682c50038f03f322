import { curveCatmullRom, line as lineOf } from "d3-shape";
import { useId, useMemo } from "react";
import { type Drawing, drawnAt } from "../../core/bird/drawing";
import type { Species } from "../../core/bird/species";
import type { Drawn } from "../../core/kitchen/cutGuides";
import { type Mark, sidesOf } from "../../core/kitchen/cutPlaces";
import type { StepWords } from "../../words/guides";
import { pathAbove, pathInside } from "./isolines";
import { useDrawing } from "./useGeometry";

/** Meaning is in the dashes and the ends too, not in the colour alone. */
const STROKES: Record<Mark, { readonly color: string; readonly dash?: string; readonly width: number }> = {
  cut: { color: "var(--ember)", dash: "3.2 2", width: 1.5 },
  string: { color: "var(--ink)", width: 1.3 },
  score: { color: "var(--ember)", width: 0.8 },
  press: { color: "var(--ink)", width: 1.1 },
  trim: { color: "var(--ember)", dash: "1 1.4", width: 1.3 },
  probe: { color: "var(--ink)", width: 1.6 },
};
/** Tones of the meat, from the outline inwards to where the light falls. */
const TONES = [
  { above: 0, fill: "var(--raw-1)" },
  { above: 0.42, fill: "var(--raw-2)" },
  { above: 0.78, fill: "var(--raw-3)" },
] as const;
const SHARP = lineOf<readonly [number, number]>().curve(curveCatmullRom.alpha(0.5));

interface Props {
  readonly step: Drawn;
  readonly words: StepWords;
  readonly species: Species;
}

/** One step at the board, drawn on the bird's own solid. */
export function CutDrawing({ step, words, species }: Props) {
  const drawing = useDrawing({ species, ...step.form }, step.view);
  return drawing ? (
    <Picture step={step} words={words} drawing={drawing} />
  ) : (
    <div className="aspect-[4/3] rounded-xl bg-mist-2" />
  );
}

function Picture({ step, words, drawing }: Omit<Props, "species"> & { readonly drawing: Drawing }) {
  const { columns, rows } = drawing;
  const clip = useId();
  const picture = useMemo(() => {
    const inside = drawing.light.map((light, n) => ((drawing.outlineM[n] as number) < 0 ? light : -1));
    return {
      outline: pathInside(drawing.outlineM, columns, rows),
      tones: TONES.map(({ above, fill }) => ({ fill, path: pathAbove(inside, columns, rows, above) })),
      parts: drawing.parts.map(({ name, seen }) => ({ name, path: pathAbove(seen, columns, rows, 0.5) })),
    };
  }, [drawing, columns, rows]);
  return (
    <svg viewBox={`0 0 ${columns} ${rows}`} role="img" aria-label={`${words.does}: ${words.how}`} className="w-full">
      {picture.tones.map(({ fill, path }) => (
        <path key={fill} d={path} fill={fill} />
      ))}
      {picture.parts.map(({ name, path }) => (
        <path key={name} d={path} fill="none" stroke="var(--raw-line)" strokeWidth={0.45} />
      ))}
      <path d={picture.outline} fill="none" stroke="var(--raw-line)" strokeWidth={0.9} />
      <clipPath id={clip}>
        <path d={picture.parts.find(({ name }) => name === "breast")?.path ?? ""} />
      </clipPath>
      {step.lines.map((line) => (
        // A blade that scores stays on the breast.
        <g key={JSON.stringify(line.points)} clipPath={line.mark === "score" ? `url(#${clip})` : undefined}>
          {sidesOf(line).map((points) => (
            <MarkPath
              key={JSON.stringify(points)}
              mark={line.mark}
              at={points.map((point) => drawnAt(drawing, point))}
            />
          ))}
        </g>
      ))}
    </svg>
  );
}

function MarkPath({ mark, at }: { readonly mark: Mark; readonly at: readonly (readonly [number, number])[] }) {
  const { color, dash, width } = STROKES[mark];
  const [first] = at;
  if (!first) return null;
  const stroke = {
    fill: "none",
    stroke: color,
    strokeWidth: width,
    strokeLinecap: "round",
    strokeLinejoin: "round",
  } as const;
  if (mark === "probe") return <ProbeMark at={at} />;
  if (at.length > 1) return <path d={SHARP([...at]) ?? ""} {...stroke} strokeDasharray={dash} />;
  const [x, y] = first;
  return mark === "trim" ? (
    <ellipse cx={x} cy={y} rx={7} ry={4} {...stroke} strokeDasharray={dash} />
  ) : (
    <g {...stroke}>
      <circle cx={x} cy={y} r={2.6} />
      <path d={`M${x},${y - 8} V${y - 3.4} m-1.6,-1.6 l1.6,1.6 l1.6,-1.6`} />
    </g>
  );
}

/** A stem: dashed where it is in the meat, a ring where it goes through the skin, a dot for its tip. */
function ProbeMark({ at }: { readonly at: readonly (readonly [number, number])[] }) {
  const [outside, entry, tip] = at;
  if (!outside || !entry || !tip) return null;
  const { color, width } = STROKES.probe;
  return (
    <g fill="none" stroke={color} strokeWidth={width} strokeLinecap="round">
      <path d={`M${outside.join()}L${entry.join()}`} strokeWidth={2 * width} />
      <path d={`M${entry.join()}L${tip.join()}`} strokeDasharray="2.4 2" />
      <circle cx={entry[0]} cy={entry[1]} r={1.9} fill="var(--mist-1)" />
      <circle cx={tip[0]} cy={tip[1]} r={1.7} fill={color} />
    </g>
  );
}
