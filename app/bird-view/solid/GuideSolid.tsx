import { ArrowLeft, ArrowRight } from "lucide-react";
import { useMemo, useState } from "react";
import { draped } from "../../../core/bird/draped";
import type { DrawingView } from "../../../core/bird/drawing";
import { LOOKS, type Look } from "../../../core/bird/look";
import type { SolidGeometry } from "../../../core/bird/solidGeometry";
import { SPECIES_RECORDS, type Species } from "../../../core/bird/species";
import { volumeSample } from "../../../core/bird/volume";
import type { Drawn } from "../../../core/kitchen/cutGuides";
import { type Mark, sidesOf } from "../../../core/kitchen/cutPlaces";
import type { StepWords } from "../../../words/guides";
import { IconButton } from "../../ui/IconButton";
import { useSolid } from "../useGeometry";
import type { Moment } from "./blocks";
import type { SolidLine } from "./lines";
import { SolidCanvas } from "./SolidCanvas";

interface Props {
  readonly steps: readonly { readonly id: string; readonly step: Drawn; readonly words: StepWords }[];
  readonly species: Species;
  /** As it lies on the board: raw, or from the oven. */
  readonly roasted: boolean;
}

const LOOK_OF: Record<DrawingView, Look> = { breast: LOOKS.above, back: LOOKS.below, side: LOOKS.side };
const TONE_OF: Record<Mark, SolidLine["tone"]> = {
  cut: "ember",
  score: "ember",
  trim: "ember",
  string: "ink",
  press: "ink",
  probe: "ink",
};
const RADIUS_M = 0.0024;
const POINT_RADIUS_M = 0.005;

/** The same all through: golden from the oven. */
function evenly(celsius: number, browning: number): Moment {
  const even = volumeSample(celsius, browning);
  return { lattice: { size: [1, 1, 1], origin: [0, 0, 0], stepM: 1, mirrored: true }, from: even, to: even, share: 0 };
}
const RAW = evenly(4, 0);
const ROASTED = evenly(74, 1.1);

/** Steps at the board one at a time on the solid, turned to the side that the cook sees. */
export default function GuideSolid({ steps, species, roasted }: Props) {
  const [n, setN] = useState(0);
  const [turnedTo, setTurnedTo] = useState<{ readonly n: number; readonly look: Look } | null>(null);
  const current = steps[Math.min(n, steps.length - 1)];
  const form = current?.step.form ?? { cut: "whole" as const, legs: "tied" as const };
  const whole = form.cut === "whole" || form.cut === "spatchcock" || form.cut === "parts";
  const { referenceKg } = SPECIES_RECORDS[species].anatomy;
  const geometry = useSolid({ species, ...form }, whole ? referenceKg : 0.4 * referenceKg);
  const lines = useMemo(() => (geometry && current ? linesOf(current.step, geometry) : []), [geometry, current]);
  if (!current) return null;
  const look = turnedTo?.n === n ? turnedTo.look : LOOK_OF[current.step.view];
  return (
    <section aria-label="Step by step" className="grid gap-2">
      <div className="h-80 max-sm:h-72">
        {geometry ? (
          <SolidCanvas
            geometry={geometry}
            moment={roasted ? ROASTED : RAW}
            look={look}
            kept={null}
            inside={false}
            targetC={0}
            lines={lines}
            label={`${current.words.does}: ${current.words.how}`}
            onLook={(next) => setTurnedTo({ n, look: next })}
          />
        ) : (
          <p role="status" className="p-4 text-soft">
            Shaping the bird …
          </p>
        )}
      </div>
      <div className="grid grid-cols-[auto_1fr_auto] items-center gap-3">
        <IconButton label="The step before" icon={ArrowLeft} outlined atEnd={n === 0} onClick={() => setN(n - 1)} />
        <p className="text-center text-soft" role="status">
          Step {n + 1} of {steps.length}
        </p>
        <IconButton
          label="The next step"
          icon={ArrowRight}
          outlined
          atEnd={n === steps.length - 1}
          onClick={() => setN(n + 1)}
        />
      </div>
      <h3 className="font-display text-2xl font-semibold">{current.words.does}</h3>
      <p className="text-lg text-soft">{current.words.how}</p>
    </section>
  );
}

function linesOf({ view, lines }: Drawn, geometry: SolidGeometry): SolidLine[] {
  return lines.flatMap((line) =>
    // From the side the far one would only lie behind the bird.
    (view === "side" ? [line.points] : sidesOf(line)).map(
      (points): SolidLine => ({
        points: draped(points, view, geometry),
        radiusM: points.length > 1 ? RADIUS_M : POINT_RADIUS_M,
        tone: TONE_OF[line.mark],
        tipped: false,
      }),
    ),
  );
}
