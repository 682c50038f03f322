import { Slider } from "radix-ui";
import { useId } from "react";

interface Props {
  readonly label: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
  readonly step: number;
  /** The value as the cook reads it, unit included. */
  readonly shown: string;
  onDrag(value: number): void;
  /** The hand has let go. */
  onSettle(value: number): void;
}

/** A value under the hand: everything answers while it moves. */
export function DragSlider({ label, value, min, max, step, shown, onDrag, onSettle }: Props) {
  const id = useId();
  return (
    <div>
      <div id={id} className="sr-only">
        {label}
      </div>
      <Slider.Root
        value={[value]}
        min={min}
        max={max}
        step={step}
        onValueChange={([next]) => next !== undefined && onDrag(next)}
        onValueCommit={([next]) => next !== undefined && onSettle(next)}
        className="relative flex h-9 w-full touch-none select-none items-center"
      >
        <Slider.Track className="relative h-2.5 grow rounded-full border border-line-strong bg-mist-2" />
        <Slider.Thumb
          aria-labelledby={id}
          aria-valuetext={shown}
          className="block size-7 rounded-full border-[3px] border-ink bg-mist-1 shadow-card"
        />
      </Slider.Root>
    </div>
  );
}
