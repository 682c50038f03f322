import { useState } from "react";
import { fieldTime, instantOf } from "./time";

interface Props {
  readonly label: string;
  readonly atMs: number;
  readonly zone: string;
  /** Taken once it is whole and the hand has let go of it: one step to be undone. */
  onChange(ms: number): void;
}

/** A day and a time. While it is typed it is half a date, or another one: nothing moves until it is left, or Enter. */
export function MomentField({ label, atMs, zone, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const take = (): void => {
    if (typed === null) return;
    const ms = instantOf(typed, zone);
    setTyped(null);
    if (!Number.isNaN(ms) && ms !== atMs) onChange(ms);
  };
  return (
    <label className="text-sm text-soft">
      {label}
      <input
        type="datetime-local"
        value={typed ?? fieldTime(atMs, zone)}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
          if (event.key === "Escape") setTyped(null);
        }}
        className="mt-1 block min-h-10 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-base text-ink"
      />
    </label>
  );
}
