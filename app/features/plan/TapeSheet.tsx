import { useState } from "react";
import type { Species } from "../../../core/bird/species";
import { type ByTape, massByTape } from "../../../core/bird/tape";
import { formatMass, parseLengthCm, type UnitSystem } from "../../../core/units/quantity";
import { faultWords } from "../../../words/faults";
import { Button } from "../../ui/Button";
import { ClosesSheet, Sheet } from "../../ui/Sheet";

interface Props {
  readonly species: Species;
  readonly units: UnitSystem;
  onTake(mass: ByTape): void;
}

/** A bird without a label, by two measures of the tape. */
export function TapeSheet({ species, units, onTake }: Props) {
  const [typed, setTyped] = useState({ length: "", width: "" });
  const unit = units === "us" ? "in" : "cm";
  const cm = (text: string): number => parseLengthCm(text, units);
  let found: ByTape | null = null;
  let fault: string | null = null;
  if (typed.length !== "" && typed.width !== "") {
    try {
      found = massByTape(species, { lengthCm: cm(typed.length), widthCm: cm(typed.width) });
    } catch (error) {
      fault = faultWords(error, units);
    }
  }
  const field = "mt-1 block min-h-12 w-full rounded-xl border border-line-strong bg-mist-1 px-3 text-lg text-ink";
  return (
    <Sheet opens="No label? By tape" title="By tape">
      <p>
        The bird on its back, legs aside. A whole {species} of its kind's shape weighs with the cube of its length: the
        two measures together say how much, and how sure that is.
      </p>
      <label className="text-soft">
        From the end of the tail to the root of the neck, {unit}
        <input
          inputMode="decimal"
          value={typed.length}
          onChange={(event) => setTyped({ ...typed, length: event.target.value })}
          className={field}
        />
      </label>
      <label className="text-soft">
        Across both breasts at the widest, wings aside, {unit}
        <input
          inputMode="decimal"
          value={typed.width}
          onChange={(event) => setTyped({ ...typed, width: event.target.value })}
          className={field}
        />
      </label>
      <p role="alert" className="font-medium text-ember empty:hidden">
        {fault}
      </p>
      {found && (
        <>
          <p className="text-xl" role="status">
            About <b>{formatMass(found.massKg, units)}</b>, give or take {formatMass(found.offKg, units)}
          </p>
          <ClosesSheet>
            <Button tone="primary" className="self-start" onClick={() => found && onTake(found)}>
              Take this weight
            </Button>
          </ClosesSheet>
        </>
      )}
    </Sheet>
  );
}
