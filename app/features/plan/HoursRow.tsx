import { requireBetween } from "../../../core/errors";
import { parseDurationS } from "../../../core/units/quantity";
import { DragRow } from "./DragRow";

interface Props {
  readonly label: string;
  readonly name: string;
  readonly hours: number;
  onDrag(hours: number): void;
  onSettle(hours: number): void;
}

const MOST_HOURS = 72;

/** A number of hours in the fridge; a bare number typed is hours. */
export function HoursRow({ label, name, hours, onDrag, onSettle }: Props) {
  return (
    <DragRow
      label={label}
      name={name}
      value={hours}
      shown={`${Number(hours.toFixed(1))} h`}
      min={0}
      max={48}
      step={1}
      parse={(text) => {
        const bare = /^\s*[\d.,]+\s*$/.test(text);
        return requireBetween(name.toLowerCase(), parseDurationS(bare ? `${text} h` : text) / 3600, 0, MOST_HOURS, "h");
      }}
      onDrag={onDrag}
      onSettle={onSettle}
    />
  );
}
