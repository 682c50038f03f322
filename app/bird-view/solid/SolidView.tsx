import { type ReactNode, useMemo, useState } from "react";
import type { FormChoice } from "../../../core/bird/form";
import {
  CUTS_ALONG,
  type CutAlong,
  cutRange,
  keptBy,
  LOOKS,
  type Look,
  MOST_TILT_DEG,
  nearerTwin,
  nearestSide,
  offCut,
  type SolidCut,
  wholeBounds,
} from "../../../core/bird/look";
import { CENTRES, type CentreTemperatures } from "../../../core/bird/solid";
import { pointIn, type SolidGeometry } from "../../../core/bird/solidGeometry";
import type { VolumeLattice } from "../../../core/bird/volume";
import { formatTemperature, type UnitSystem } from "../../../core/units/quantity";
import { CUT_NAMES, PART_NAMES } from "../../../words/names";
import { CUT_ALONG_NAMES, cutPlaceWords, solidWords } from "../../../words/solid";
import { DragSlider } from "../../ui/DragSlider";
import { Segmented } from "../../ui/Segmented";
import { Select } from "../../ui/Select";
import { type BirdFrame, framesAround } from "../frames";
import { marksOf } from "../marks";
import { TemperatureKey } from "../TemperatureKey";
import { useSolid } from "../useGeometry";
import { momentAt } from "./moment";
import { SeenFrom } from "./SeenFrom";
import { SolidCanvas } from "./SolidCanvas";

interface Props {
  readonly form: FormChoice;
  readonly massKg: number;
  /** Where the frames' volumes lie. */
  readonly lattice: VolumeLattice;
  readonly frames: readonly BirdFrame[];
  readonly minute: number;
  readonly targetC: number;
  readonly units: UnitSystem;
  readonly centresC: CentreTemperatures;
  readonly coldestC: number;
  /** Of the pictures there are, this one: stands with what this one has to choose. */
  readonly choice: ReactNode;
}

/** A mark is told on a cut that passes it no further off, m. */
const NEAR_CUT_M = 0.012;

/** The bird itself, turned and cut at the moment under the scrubber. */
export default function SolidView(props: Props) {
  const geometry = useSolid(props.form, props.massKg);
  return geometry ? (
    <Solid {...props} geometry={geometry} />
  ) : (
    <p role="status" className="p-4 text-soft">
      Shaping the bird …
    </p>
  );
}

/** A cut goes first through the deepest point that is read. */
function firstCut(along: CutAlong, { centres, extent }: SolidGeometry): SolidCut {
  const [x = 0, y = 0, z = 0] = centres.breast ?? centres.thigh ?? [];
  const atM =
    along === "lengthwise" ? -x : along === "across" ? y - extent.low[1] : along === "level" ? z - extent.low[2] : 0;
  return { along, atM, tiltDeg: 0 };
}

function Solid({ geometry, ...props }: Props & { readonly geometry: SolidGeometry }) {
  const { form, lattice, frames, minute, targetC, units, centresC, coldestC } = props;
  const [look, setLook] = useState<Look>(LOOKS.side);
  const [cut, setCut] = useState<SolidCut>(() => firstCut("lengthwise", geometry));
  const [shows, setShows] = useState<"skin" | "inside">("skin");
  const inside = shows === "inside";
  const bounds = useMemo(() => wholeBounds(geometry.extent), [geometry]);
  const kept = useMemo(() => keptBy(cut, bounds, look), [cut, bounds, look]);
  const moment = useMemo(() => momentAt(frames, minute, lattice), [frames, minute, lattice]);
  const coldestAt = framesAround(frames, minute)?.to.coldestAt;
  const marks = useMemo(
    () =>
      marksOf({ centres: geometry.centres, centresC, coldestAt, coldestC, units })
        .map((mark) => ({ ...mark, at: nearerTwin(mark.at, kept, look) }))
        .filter((mark) => inside || (kept !== null && offCut(kept, mark.at) < NEAR_CUT_M)),
    [geometry, centresC, coldestC, coldestAt, units, kept, look, inside],
  );
  const range = cut.along === "none" ? null : cutRange(cut.along, bounds);
  const label = solidWords({
    bird: `${CUT_NAMES[form.cut]} ${form.species}`,
    from: nearestSide(look),
    cut,
    scale: geometry.scale,
    readC: CENTRES.flatMap((centre) => {
      const celsius = centresC[centre];
      return celsius === undefined ? [] : [[PART_NAMES[centre], celsius] as const];
    }),
    coldest: { celsius: coldestC, at: coldestAt ? pointIn(geometry, coldestAt) : null },
    units,
  });
  const place = cutPlaceWords(cut, geometry.scale, units);
  return (
    <div className="flex h-full min-h-0 flex-col gap-1">
      <div className="flex flex-wrap items-center justify-between gap-x-3 gap-y-1">
        {props.choice}
        <Segmented<"skin" | "inside">
          label="Of the bird is shown"
          value={shows}
          choices={[
            { value: "skin", label: "Skin" },
            { value: "inside", label: `Still under ${formatTemperature(targetC, units)}` },
          ]}
          onChange={setShows}
        />
      </div>
      <div className="min-h-56 grow lg:min-h-36">
        <SolidCanvas
          geometry={geometry}
          moment={moment}
          look={look}
          kept={kept}
          inside={inside}
          targetC={targetC}
          marks={marks}
          label={label}
          onLook={setLook}
        />
      </div>
      <div className="grid grid-cols-[auto_auto_1fr_4.5rem] items-center gap-x-2 max-sm:grid-cols-2">
        <SeenFrom look={look} onLook={setLook} />
        <Select
          label="Cut"
          value={cut.along}
          choices={CUTS_ALONG}
          names={CUT_ALONG_NAMES}
          onChange={(along) => setCut(firstCut(along, geometry))}
        />
        {range ? (
          <>
            <DragSlider
              label="Where it is cut"
              value={cut.atM}
              min={range[0]}
              max={range[1]}
              step={0.002}
              shown={place}
              onDrag={(atM) => setCut({ ...cut, atM })}
              onSettle={(atM) => setCut({ ...cut, atM })}
            />
            <DragSlider
              label="Tilt of the cut"
              value={cut.tiltDeg}
              min={-MOST_TILT_DEG}
              max={MOST_TILT_DEG}
              step={3}
              shown={`${cut.tiltDeg}°`}
              onDrag={(tiltDeg) => setCut({ ...cut, tiltDeg })}
              onSettle={(tiltDeg) => setCut({ ...cut, tiltDeg })}
            />
            <p className="col-span-4 text-xs text-soft max-sm:col-span-2">
              Cut {place}. Where it is cut, and its tilt, by the sliders; drag the bird to turn it.
            </p>
          </>
        ) : (
          <p className="col-span-2 text-xs text-soft">Drag the bird to turn it, or use the arrow keys.</p>
        )}
      </div>
      <TemperatureKey units={units} targetC={targetC} />
    </div>
  );
}
