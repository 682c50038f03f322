import { lazy, Suspense, useMemo } from "react";
import type { FormChoice } from "../../core/bird/form";
import { type FormGeometry, pointOn, type Section } from "../../core/bird/section";
import type { Centre, CentreTemperatures } from "../../core/bird/solid";
import type { VolumeLattice } from "../../core/bird/volume";
import type { Pictured } from "../../core/processes/picture";
import { formatTemperature, type UnitSystem } from "../../core/units/quantity";
import { CUT_NAMES, PART_NAMES } from "../../words/names";
import { Segmented } from "../ui/Segmented";
import { SALT_BANDS, TEMPERATURE_BANDS } from "./bandScale";
import { type BirdFrame, framesAround } from "./frames";
import { blend } from "./isolines";
import { type BirdMark, marksOf } from "./marks";
import { usePictured } from "./pictured";
import { SaltKey } from "./SaltKey";
import { SectionView } from "./SectionView";
import { TemperatureKey } from "./TemperatureKey";
import { useGeometry } from "./useGeometry";

interface Props {
  readonly form: FormChoice;
  readonly shows: "temperature" | "salt";
  readonly frames: readonly BirdFrame[];
  /** The moment shown, on the frames' own clock. */
  readonly minute: number;
  readonly targetC: number;
  readonly units: UnitSystem;
  /** Marked on the picture where they are known. */
  readonly centresC: CentreTemperatures;
  readonly coldestC: number;
  /** The bird can be turned too: its mass as bought, and where the frames' volumes lie. */
  readonly solid?: { readonly massKg: number; readonly lattice: VolumeLattice };
}

/** Large, and wanted only where the bird is turned. */
const SolidView = lazy(() => import("./solid/SolidView"));

const NO_MARKS: readonly BirdMark[] = [];
const LETTERS = ["A", "B", "C"] as const;
/** By how many cuts stand over one another; one by itself is no larger than one of two. */
const ROWS = ["grid-rows-[60%]", "grid-rows-2", "grid-rows-3"] as const;

/** The bird at one moment: the long cut that reads as a bird, and those across its thermal centres. */
export function BirdView({ solid, ...props }: Props) {
  const pictured = usePictured((chosen) => chosen.pictured);
  if (!solid || props.shows === "salt") return <Cuts {...props} />;
  const choice = (
    <Segmented<Pictured>
      label="The bird as"
      value={pictured}
      choices={[
        { value: "cuts", label: "Cut open" },
        { value: "solid", label: "Solid, to turn" },
      ]}
      onChange={(next) => usePictured.setState({ pictured: next })}
    />
  );
  if (pictured === "solid") {
    return (
      <Suspense fallback={choice}>
        <SolidView {...props} {...solid} choice={choice} />
      </Suspense>
    );
  }
  return (
    <div className="flex h-full min-h-0 flex-col gap-1">
      {choice}
      <div className="min-h-0 grow">
        <Cuts {...props} />
      </div>
    </div>
  );
}

function Cuts({ form, ...rest }: Omit<Props, "solid">) {
  const geometry = useGeometry(form);
  return geometry ? <Drawn form={form} geometry={geometry} {...rest} /> : null;
}

function Drawn(props: Omit<Props, "solid"> & { readonly geometry: FormGeometry }) {
  const { form, geometry, shows, frames, minute, targetC, units, centresC, coldestC } = props;
  const { sections, centres, view } = geometry;
  // A picture without a frame is not drawn: whoever shows one has some.
  const { from, to, share } = framesAround(frames, minute) as { from: BirdFrame; to: BirdFrame; share: number };
  const fields = useMemo(
    () => sections.map((_, n) => blend(from.sections[n] as Float32Array, to.sections[n] as Float32Array, share)),
    [sections, from, to, share],
  );
  const { coldestAt } = to;
  const marks = useMemo(
    () => (shows === "salt" ? NO_MARKS : marksOf({ centres, centresC, coldestAt, coldestC, units })),
    [shows, centres, centresC, coldestC, coldestAt, units],
  );
  const cuts = useMemo(() => cutLines(sections), [sections]);
  const [main, ...across] = sections as [Section, ...Section[]];
  const [mainField, ...acrossFields] = fields as [Float32Array, ...Float32Array[]];
  const acrossNamed = across.map((section) => ({ section, name: PART_NAMES[section.plane.id as Centre] }));
  const bands = shows === "salt" ? SALT_BANDS : TEMPERATURE_BANDS;
  const target = shows === "salt" ? undefined : targetC;
  return (
    <div className="flex h-full min-h-0 flex-col gap-1">
      <div
        className={`grid min-h-0 grow gap-2 ${view === "side" ? "grid-cols-[2.4fr_1fr]" : "grid-cols-[1.35fr_1fr]"}`}
      >
        <figure className="flex min-h-0 flex-col">
          <div className="relative min-h-0 grow [&>div]:absolute [&>div]:inset-0">
            <SectionView
              section={main}
              field={mainField}
              bands={bands}
              target={target}
              marks={marks}
              cuts={cuts}
              textSize={view === "side" ? 4.4 : 5}
              label={mainLabel(form, centresC, coldestC, units)}
            />
          </div>
          <figcaption className="text-center text-sm text-soft">
            {view === "side"
              ? `Cut lengthwise through ${Object.keys(centres).length > 1 ? "the deepest points" : "the deepest point"}${form.cut === "leg-roll" ? "" : ", neck to the left"}`
              : `Cut level, seen from above${form.cut === "spatchcock" ? ", neck at the top" : ""}`}
          </figcaption>
        </figure>
        <div className={`grid min-h-0 gap-1 ${ROWS[across.length - 1]}`}>
          {acrossNamed.map(({ section, name }, n) => (
            <figure key={section.plane.id} className="flex min-h-0 flex-col">
              <div className="relative min-h-0 grow [&>div]:absolute [&>div]:inset-0">
                <SectionView
                  section={section}
                  field={acrossFields[n] as Float32Array}
                  bands={bands}
                  target={target}
                  marks={NO_MARKS}
                  textSize={8}
                  label={`Cut ${LETTERS[n]}, across the ${name}`}
                />
              </div>
              <figcaption className="text-center text-sm text-soft">
                <b className="text-ink">{LETTERS[n]}</b> across the {name}
              </figcaption>
            </figure>
          ))}
        </div>
      </div>
      {shows === "salt" ? <SaltKey /> : <TemperatureKey units={units} targetC={targetC} />}
    </div>
  );
}

function mainLabel(form: FormChoice, centresC: CentreTemperatures, coldestC: number, units: UnitSystem): string {
  const t = (celsius: number) => formatTemperature(celsius, units);
  const read = (Object.entries(centresC) as [Centre, number][]).map(
    ([centre, celsius]) => `${PART_NAMES[centre]} ${t(celsius)}`,
  );
  return `${CUT_NAMES[form.cut]} ${form.species}, cut open: ${[...read, `coldest point ${t(coldestC)}`].join(", ")}`;
}

/** The cross cuts as lines on the long one: where its own raster has their y. */
function cutLines([main, ...across]: readonly Section[]) {
  if (!main) return [];
  const { plane } = main;
  const lengthwise = plane.across[1] !== 0;
  return across.map((section, n) => {
    const y = section.plane.origin[1];
    const place = (y - plane.origin[1]) / plane.stepM;
    const letter = LETTERS[n] as string;
    return lengthwise
      ? { letter, from: pointOn(plane, -place, 3), to: pointOn(plane, -place, plane.rows - 2) }
      : { letter, from: pointOn(plane, 3, -place), to: pointOn(plane, plane.columns - 2, -place) };
  });
}
