import { useEffect, useState } from "react";
import type { Drawing, DrawingView } from "../../core/bird/drawing";
import { birdForm, type FormChoice, formKey } from "../../core/bird/form";
import type { FormGeometry } from "../../core/bird/section";
import { simulations } from "../../workers/simulations";

const asked = new Map<string, Promise<unknown>>();
/** One lane makes them all, one after the other: a lane's newest request would push out those before it. */
const LANE = "outlines";
let line: Promise<unknown> = Promise.resolve();

function inLine<Made>(make: () => Promise<Made>): Promise<Made> {
  const made = line.then(make);
  // The next one is made whatever became of this one; who asked for it hears of a failure.
  line = made.catch(() => undefined);
  return made;
}

/** What is made once in a worker for all pictures, under its key; null until it is there. */
function useMadeOnce<Made>(key: string, make: () => Promise<Made>): Made | null {
  const [known, setKnown] = useState<{ key: string; made: Made } | null>(null);
  const [fault, setFault] = useState<Error | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the key stands for what is made
  useEffect(() => {
    let stopped = false;
    const making = (asked.get(key) as Promise<Made> | undefined) ?? inLine(make);
    asked.set(key, making);
    making.then(
      (made) => {
        if (!stopped) setKnown({ key, made });
      },
      (error: unknown) => setFault(error instanceof Error ? error : new Error(String(error))),
    );
    return () => {
      stopped = true;
    };
  }, [key]);
  // Without its outlines there is no picture: the screen's own fault page says so.
  if (fault) throw fault;
  return known?.key === key ? known.made : null;
}

/** Outlines and thermal centres of a form. */
export function useGeometry(choice: FormChoice): FormGeometry | null {
  const form = birdForm(choice);
  const key = `geometry of ${formKey(form)}`;
  return useMadeOnce(key, () => simulations.request<"geometry">(LANE, { kind: "geometry", form }));
}

/** A form drawn from one side. */
export function useDrawing(choice: FormChoice, view: DrawingView): Drawing | null {
  const form = birdForm(choice);
  const key = `drawing of ${formKey(form)} from its ${view}`;
  return useMadeOnce(key, () => simulations.request<"drawing">(LANE, { kind: "drawing", form, view }));
}
