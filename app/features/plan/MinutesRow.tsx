import { parseMinutes } from "../../../core/units/quantity";
import { DragRow } from "./DragRow";

interface Props {
  readonly label: string;
  readonly name: string;
  /** As a fault names it. */
  readonly what: string;
  readonly minutes: number;
  /** Within the hand's reach, and what may be typed; the same where one is left out. */
  readonly min: number;
  readonly max: number;
  readonly least?: number;
  readonly most?: number;
  onDrag(minutes: number): void;
  onSettle(minutes: number): void;
}

/** A whole number of minutes. */
export function MinutesRow({ what, minutes, min, max, least = min, most = max, ...row }: Props) {
  return (
    <DragRow
      {...row}
      value={minutes}
      shown={`${minutes} min`}
      min={min}
      max={max}
      step={5}
      parse={(text) => parseMinutes(what, text, least, most)}
    />
  );
}
