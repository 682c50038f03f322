import { Minus, Plus } from "lucide-react";
import { IconButton } from "./IconButton";

interface Props {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  onChange(value: number): void;
}

/** A small whole number, one tap a step. */
export function Stepper({ label, value, min, max, onChange }: Props) {
  const step = (by: number): void => onChange(Math.min(max, Math.max(min, value + by)));
  return (
    <div className="grid grid-cols-[auto_1fr_auto] items-center text-sm">
      <span className="col-span-3 text-soft">{label}</span>
      <IconButton label={`Fewer: ${label}`} icon={Minus} outlined atEnd={value <= min} onClick={() => step(-1)} />
      <output aria-label={label} className="text-center text-base font-semibold">
        {value}
      </output>
      <IconButton label={`More: ${label}`} icon={Plus} outlined atEnd={value >= max} onClick={() => step(1)} />
    </div>
  );
}
