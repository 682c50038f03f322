import { DragSlider } from "../../ui/DragSlider";
import { UnitField } from "../../ui/UnitField";

interface Props {
  /** Short, for the row; `name` says it in full to a screen reader. */
  readonly label: string;
  readonly name: string;
  readonly value: number;
  readonly shown: string;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  parse(text: string): number;
  onDrag(value: number): void;
  onSettle(value: number): void;
}

/** One value that can be typed in either unit or moved by hand. */
export function DragRow({ label, name, value, shown, min, max, step, parse, onDrag, onSettle }: Props) {
  return (
    <div className="grid grid-cols-[4.4rem_5.6rem_1fr] items-center gap-x-2.5">
      <span aria-hidden className="text-[0.9rem] leading-tight text-soft">
        {label}
      </span>
      <UnitField label={name} hideLabel shown={shown} parse={parse} onChange={onSettle} />
      <DragSlider
        label={`${name}, by hand`}
        value={value}
        min={min}
        max={max}
        step={step}
        shown={shown}
        onDrag={onDrag}
        onSettle={onSettle}
      />
    </div>
  );
}
