import { useMemo } from "react";
import type { CutGeometry, Section } from "../../core/bird/section";
import type { Cut } from "../../core/bird/shape";
import type { PictureFrame } from "../../core/forecast/planned";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { blend } from "./isolines";
import { type SectionMark, SectionView } from "./SectionView";
import { TemperatureKey } from "./TemperatureKey";
import { useGeometry } from "./useGeometry";

interface Props {
  readonly cut: Cut;
  readonly frames: readonly PictureFrame[];
  /** Minutes since the bird went in. */
  readonly minute: number;
  readonly targetC: number;
  readonly units: UnitSystem;
  readonly centresC: { readonly breast: number; readonly thigh: number; readonly coldest: number };
}

const NO_MARKS: readonly SectionMark[] = [];
const LETTERS = { breast: "A", thigh: "B" } as const;

/** The bird at one moment: the long cut that reads as a bird, and the two across breast and thigh. */
export function BirdView({ cut, ...rest }: Props) {
  const geometry = useGeometry(cut);
  return geometry ? <Drawn cut={cut} geometry={geometry} {...rest} /> : null;
}

function Drawn({
  cut,
  geometry,
  frames,
  minute,
  targetC,
  units,
  centresC,
}: Props & { readonly geometry: CutGeometry }) {
  const { sections, centres } = geometry;
  const after = Math.max(
    0,
    frames.findIndex((frame) => frame.minute >= minute),
  );
  const to = (minute > (frames.at(-1)?.minute ?? 0) ? frames.at(-1) : frames[after]) as PictureFrame;
  const from = (frames[after - 1] ?? to) as PictureFrame;
  const share = from === to ? 0 : (minute - from.minute) / (to.minute - from.minute);
  const fields = useMemo(
    () =>
      sections.map((_, n) =>
        blend(from.sections[n] as Float32Array, to.sections[n] as Float32Array, Math.min(1, Math.max(0, share))),
      ),
    [sections, from, to, share],
  );
  const marks = useMemo<SectionMark[]>(
    () => [
      { kind: "centre", label: `breast ${formatTemperature(centresC.breast, units)}`, at: centres.breast },
      { kind: "centre", label: `thigh ${formatTemperature(centresC.thigh, units)}`, at: centres.thigh },
      { kind: "coldest", label: `coldest ${formatTemperature(centresC.coldest, units)}`, at: to.coldestAt },
    ],
    [centres, centresC.breast, centresC.thigh, centresC.coldest, to, units],
  );
  const cuts = useMemo(() => cutLines(cut, sections), [cut, sections]);
  const [main, breast, thigh] = sections as [Section, Section, Section];
  const [mainField, breastField, thighField] = fields as [Float32Array, Float32Array, Float32Array];
  const stacked = cut === "whole";
  return (
    <div className="flex h-full min-h-0 flex-col gap-1">
      <div className={`grid min-h-0 grow gap-2 ${stacked ? "grid-cols-[2.4fr_1fr]" : "grid-cols-[1.35fr_1fr]"}`}>
        <figure className="flex min-h-0 flex-col">
          <div className="relative min-h-0 grow [&>div]:absolute [&>div]:inset-0">
            <SectionView
              section={main}
              field={mainField}
              targetC={targetC}
              marks={marks}
              cuts={cuts}
              textSize={cut === "whole" ? 4.4 : 5}
              label={mainLabel(cut, centresC, units)}
            />
          </div>
          <figcaption className="text-center text-sm text-soft">
            {cut === "whole"
              ? "Cut lengthwise through both thermal centres, neck to the left"
              : "Cut level, seen from above, neck at the top"}
          </figcaption>
        </figure>
        <div className="grid min-h-0 grid-rows-2 gap-1">
          {(
            [
              ["breast", breast, breastField],
              ["thigh", thigh, thighField],
            ] as const
          ).map(([part, section, field]) => (
            <figure key={part} className="flex min-h-0 flex-col">
              <div className="relative min-h-0 grow [&>div]:absolute [&>div]:inset-0">
                <SectionView
                  section={section}
                  field={field}
                  targetC={targetC}
                  marks={NO_MARKS}
                  textSize={8}
                  label={`Cut ${LETTERS[part]}, across the ${part}`}
                />
              </div>
              <figcaption className="text-center text-sm text-soft">
                <b className="text-ink">{LETTERS[part]}</b> across the {part}
              </figcaption>
            </figure>
          ))}
        </div>
      </div>
      <TemperatureKey units={units} targetC={targetC} />
    </div>
  );
}

function mainLabel(cut: Cut, { breast, thigh, coldest }: Props["centresC"], units: UnitSystem): string {
  const t = (celsius: number) => formatTemperature(celsius, units);
  return `${cut === "whole" ? "Whole" : "Spatchcocked"} turkey, cut open: breast ${t(breast)}, thigh ${t(thigh)}, coldest point ${t(coldest)}`;
}

/** The two cross cuts as lines on the long one. */
function cutLines(cut: Cut, sections: readonly Section[]) {
  return sections.slice(1).map(({ plane }) => {
    const y = plane.origin[1];
    const letter = LETTERS[plane.id as keyof typeof LETTERS];
    return cut === "whole"
      ? { letter, from: [0.014, y, 0.122] as const, to: [0.097, y, -0.095] as const }
      : { letter, from: [-0.21, y, 0] as const, to: [0.21, y, 0] as const };
  });
}
