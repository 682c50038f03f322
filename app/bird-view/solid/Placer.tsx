import type { Cut } from "../../../core/bird/form";
import { wholeBounds } from "../../../core/bird/look";
import { MOST_AIM_DEG, PLACED_FROM, type Placing, placingRange, STEM_M, squareFrom } from "../../../core/bird/placing";
import type { SolidGeometry } from "../../../core/bird/solidGeometry";
import type { UnitSystem } from "../../../core/units/quantity";
import { placedFromNames, placedLength, placingNames } from "../../../words/probing";
import { DragSlider } from "../../ui/DragSlider";
import { Select } from "../../ui/Select";

const MILLIMETRE_M = 0.001;

interface PlacerProps {
  readonly placing: Placing;
  readonly geometry: SolidGeometry;
  readonly cut: Cut;
  readonly units: UnitSystem;
  onPlace(change: Partial<Placing>): void;
}

/** A stem placed by steps of a millimetre and a few degrees: nothing has to be pointed at. */
export function Placer({ placing, geometry, cut, units, onPlace }: PlacerProps) {
  const bounds = wholeBounds(geometry.extent);
  const names = placingNames(placing.from, cut);
  const range = placingRange(placing.from, bounds);
  const isEnd = placing.from === "neck" || placing.from === "tail";
  const length = (m: number, sided: boolean): string => placedLength(100 * geometry.scale * m, units, sided);
  return (
    <div className="grid gap-1">
      <Select
        label="Pushed in"
        value={placing.from}
        choices={PLACED_FROM}
        names={placedFromNames(cut)}
        onChange={(from) => onPlace(squareFrom(from, placing.depthM, bounds))}
      />
      <Measure
        name={names.along}
        value={placing.alongM}
        range={range.along}
        step={MILLIMETRE_M}
        shown={length(placing.alongM, isEnd)}
        onMove={(alongM) => onPlace({ alongM })}
      />
      <Measure
        name={names.across}
        value={placing.acrossM}
        range={range.across}
        step={MILLIMETRE_M}
        shown={length(placing.acrossM, placing.from === "above")}
        onMove={(acrossM) => onPlace({ acrossM })}
      />
      <Measure
        name={names.down}
        value={placing.downDeg}
        range={[-MOST_AIM_DEG, MOST_AIM_DEG]}
        step={1}
        shown={`${Math.round(placing.downDeg)}°`}
        onMove={(downDeg) => onPlace({ downDeg })}
      />
      <Measure
        name={names.in}
        value={placing.inDeg}
        range={[-MOST_AIM_DEG, MOST_AIM_DEG]}
        step={1}
        shown={`${Math.round(placing.inDeg)}°`}
        onMove={(inDeg) => onPlace({ inDeg })}
      />
      <Measure
        name="Depth in the bird"
        value={placing.depthM}
        range={[0, STEM_M / geometry.scale]}
        step={MILLIMETRE_M}
        shown={length(placing.depthM, false)}
        onMove={(depthM) => onPlace({ depthM })}
      />
    </div>
  );
}

interface MeasureProps {
  readonly name: string;
  readonly value: number;
  readonly range: readonly [number, number];
  readonly step: number;
  readonly shown: string;
  onMove(value: number): void;
}

function Measure({ name, value, range: [low, high], step, shown, onMove }: MeasureProps) {
  return (
    <div className="grid grid-cols-[1fr_auto] items-baseline gap-x-3">
      <span aria-hidden className="text-sm text-soft">
        {name}
      </span>
      <span aria-hidden className="font-semibold tabular-nums">
        {shown}
      </span>
      <div className="col-span-2 -mt-1.5">
        <DragSlider
          label={name}
          value={Math.min(high, Math.max(low, value))}
          min={low}
          max={high}
          step={step}
          shown={shown}
          onDrag={onMove}
          onSettle={onMove}
        />
      </div>
    </div>
  );
}
