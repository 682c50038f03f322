import { useEffect, useState } from "react";
import type { Drawing, DrawingView } from "../../core/bird/drawing";
import { birdForm, type FormChoice, formKey } from "../../core/bird/form";
import { shownMassKg } from "../../core/bird/mass";
import type { FormGeometry } from "../../core/bird/section";
import type { SolidGeometry } from "../../core/bird/solidGeometry";
import { simulations } from "../../workers/simulations";

/** Kept for as long as the page is: a form is drawn once. */
const asked = new Map<string, Promise<unknown>>();

/** What is made once in a worker for all pictures, under its key; null until it is there. */
function useMadeOnce<Made>(key: string, make: () => Promise<Made>): Made | null {
  const [known, setKnown] = useState<{ key: string; made: Made } | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for what is made
  useEffect(() => {
    let stopped = false;
    const making = (asked.get(key) as Promise<Made> | undefined) ?? make();
    asked.set(key, making);
    making.then(
      (made) => {
        if (!stopped) setKnown({ key, made });
      },
      (error: unknown) => {
        // The picture stays away and everything else stands; asked again when it is next looked at.
        asked.delete(key);
        console.error(`${key} could not be made:`, error);
      },
    );
    return () => {
      stopped = true;
    };
  }, [key]);
  return known?.key === key ? known.made : null;
}

/** Outlines and thermal centres of a form. */
export function useGeometry(choice: FormChoice): FormGeometry | null {
  const form = birdForm(choice);
  return useMadeOnce(`geometry of ${formKey(form)}`, () => simulations.ask<"geometry">({ kind: "geometry", form }));
}

/** A bird's skin and bones, to be turned and cut. */
export function useSolid(choice: FormChoice, boughtKg: number): SolidGeometry | null {
  const form = birdForm(choice);
  const massKg = shownMassKg(form.species, form.cut, boughtKg);
  const sold = form.noGiblets ? ", sold without its giblets" : "";
  return useMadeOnce(`solid of ${formKey(form)} at ${massKg.toFixed(2)} kg${sold}`, () =>
    simulations.ask<"solid">({ kind: "solid", form, massKg }),
  );
}

/** A form drawn from one side. */
export function useDrawing(choice: FormChoice, view: DrawingView): Drawing | null {
  const form = birdForm(choice);
  return useMadeOnce(`drawing of ${formKey(form)} from its ${view}`, () =>
    simulations.ask<"drawing">({ kind: "drawing", form, view }),
  );
}
